package app.frenum.server.restore;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The data of a backup of before, as {@code pg_restore --data-only} writes it out as text. Its statements are recognised, and
 * never run.
 */
final class DumpText {
    private static final Pattern COPY =
            Pattern.compile("COPY public\\.([a-z][a-z0-9_]*) \\(([a-z0-9_, \"]+)\\) FROM stdin;");
    private static final Pattern HARMLESS = Pattern.compile(
            "|--.*|SET [a-z_]+ = [^;]*;|SELECT pg_catalog\\.set_config\\('search_path', '', false\\);"
                    + "|SELECT pg_catalog\\.setval\\('public\\.[a-z0-9_]+', \\d+, (true|false)\\);|\\\\(un)?restrict \\w+");
    private static final String END = "\\.";

    private DumpText() {}

    /** Writes the rows of each table into a file of its own. */
    static void split(Path dump, Path folder) throws IOException, RefusedBackup {
        try (BufferedReader text = Files.newBufferedReader(dump, StandardCharsets.UTF_8)) {
            for (String line = text.readLine(); line != null; line = text.readLine()) {
                Matcher copy = COPY.matcher(line);
                if (copy.matches()) {
                    table(copy, text, folder);
                } else if (!HARMLESS.matcher(line).matches()) {
                    throw new RefusedBackup("it holds something that is no row of a table: "
                            + line.substring(0, Math.min(80, line.length())));
                }
            }
        }
    }

    private static void table(Matcher copy, BufferedReader text, Path folder) throws IOException, RefusedBackup {
        List<String> columns = Arrays.stream(copy.group(2).split(", "))
                .map(c -> c.replace("\"", ""))
                .toList();
        try (Writer rows = Files.newBufferedWriter(
                folder.resolve(copy.group(1) + ".copy"), StandardCharsets.UTF_8, StandardOpenOption.CREATE_NEW)) {
            rows.append(String.join("\t", columns)).append('\n');
            for (String row = text.readLine(); !END.equals(row); row = text.readLine()) {
                if (row == null) {
                    throw new RefusedBackup("the rows of %s have no end".formatted(copy.group(1)));
                }
                rows.append(row).append('\n');
            }
        }
    }
}
