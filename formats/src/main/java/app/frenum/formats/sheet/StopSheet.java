package app.frenum.formats.sheet;

import java.util.List;

/**
 * A sheet of hand-measured stops.
 *
 * @param stops in the order written
 * @param leftOut titles of columns that nobody here knows, and that were not read
 */
public record StopSheet(List<SheetStop> stops, List<String> leftOut) {}
