/**
 * The JSON bundle: vehicles, configurations and procedures to carry from one Frenum to another. Its schema stands beside
 * this package as {@code bundle.schema.json}. Start at {@link app.frenum.formats.bundle.BundleFile}.
 */
package app.frenum.formats.bundle;
