/**
 * What every request must pass before a feature sees it: that it was meant for Frenum and sent by its own pages or by a
 * program, that its body comes within reason, and that its text can be shown. See docs/security.md.
 */
package app.frenum.server.guard;
