/**
 * What is driven: a vehicle with the figures known of it, and its brake configurations part by part. Start at
 * {@link app.frenum.core.garage.ConfigurationSpec} and {@link app.frenum.core.garage.Difference}.
 */
package app.frenum.core.garage;
