/**
 * Sheets of hand-measured stops. Start at {@link app.frenum.formats.sheet.StopSheetReader}.
 */
package app.frenum.formats.sheet;
