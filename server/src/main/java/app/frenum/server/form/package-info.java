/** What can be entered, with labels, bounds and units, so that no interface has a list of its own. */
package app.frenum.server.form;
