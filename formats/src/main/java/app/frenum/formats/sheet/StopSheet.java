package app.frenum.formats.sheet;

import java.util.List;

/**
 * A sheet of hand-measured stops.
 *
 * @param stops in the order written
 * @param leftOut titles of columns that are not recognised, and were not read
 * @param summaries rows that sum the others up, and were not read: line and what each calls itself
 */
public record StopSheet(List<SheetStop> stops, List<String> leftOut, List<String> summaries) {}
