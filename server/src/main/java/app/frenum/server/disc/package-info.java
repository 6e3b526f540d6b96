/** What people read off discs and see of the air about them, beside what stops have of themselves. Start at {@link app.frenum.server.disc.DiscService}. */
package app.frenum.server.disc;
