/**
 * Files on their way in: staged, looked at, corrected, then saved in one go or not at all. Start at
 * {@link app.frenum.server.intake.ImportService}.
 */
package app.frenum.server.intake;
