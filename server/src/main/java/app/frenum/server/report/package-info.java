/**
 * Papers to print: made from one template each, as a page and as PDF. Start at
 * {@link app.frenum.server.report.RunCardService}.
 */
package app.frenum.server.report;
