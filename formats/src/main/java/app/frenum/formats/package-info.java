/**
 * What the file formats share: refusals, and how a text file is opened. Logs are in {@code log}, hand-measured
 * stops in {@code sheet}.
 */
package app.frenum.formats;
