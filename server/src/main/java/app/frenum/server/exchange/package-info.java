/**
 * Carries vehicles, configurations and procedures in and out as one JSON bundle. Start at
 * {@link app.frenum.server.exchange.BundleService}.
 */
package app.frenum.server.exchange;
