package app.frenum.formats.sheet;

import java.util.Optional;

/**
 * What cannot be taken as it is written.
 *
 * @param column empty where it is the whole row
 * @param problem with its cure
 */
public record CellFault(Optional<SheetColumn> column, String problem) {}
