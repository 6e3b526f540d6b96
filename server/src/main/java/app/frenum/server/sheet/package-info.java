/**
 * Stops that are typed or pasted into a table: read while they are typed, with their verdict, and kept together. Start at
 * {@link app.frenum.server.sheet.SheetService}.
 */
@NullMarked
package app.frenum.server.sheet;

import org.jspecify.annotations.NullMarked;
