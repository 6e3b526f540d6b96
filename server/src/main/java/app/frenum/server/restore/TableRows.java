package app.frenum.server.restore;

import java.nio.file.Path;
import java.util.List;

/**
 * The rows of one table, as PostgreSQL's {@code copy … with (header)} writes them.
 *
 * @param columns by the file's first line
 */
record TableRows(String table, List<String> columns, Path file) {}
