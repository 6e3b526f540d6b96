/**
 * Streams logs from CSV into blocks. Start at {@link app.frenum.formats.log.LogCsvReader}.
 */
package app.frenum.formats.log;
