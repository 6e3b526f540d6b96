/** Who changed what, when, at which screen: every row that people keep, before and after. */
package app.frenum.server.history;
