/**
 * Puts the rows of a backup into tables that Frenum's own migrations made. Nothing of a backup is ever run: what it holds beside
 * rows is refused. Start at {@link app.frenum.server.restore.RestoreCommand}.
 */
package app.frenum.server.restore;
