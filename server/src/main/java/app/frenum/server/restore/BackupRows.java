package app.frenum.server.restore;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Finds the rows in an unpacked backup: a file per table, or, in those of before, the text of a whole dump. */
final class BackupRows {
    private static final String DUMP = "dump.sql";
    private static final String ENDING = ".copy";
    private static final Pattern NAME = Pattern.compile("[a-z][a-z0-9_]*");

    private BackupRows() {}

    static List<TableRows> in(Path folder) throws IOException, RefusedBackup {
        try {
            return find(folder);
        } catch (CharacterCodingException e) {
            throw new RefusedBackup("its rows are not text (UTF-8)");
        } catch (FileAlreadyExistsException e) {
            throw new RefusedBackup("it holds the rows of one table twice");
        }
    }

    private static List<TableRows> find(Path folder) throws IOException, RefusedBackup {
        Path tables = Files.createDirectories(folder.resolve("tables"));
        if (Files.exists(folder.resolve(DUMP))) {
            DumpText.split(folder.resolve(DUMP), tables);
        }
        List<TableRows> all = new ArrayList<>();
        try (Stream<Path> files = Files.list(tables)) {
            for (Path file : files.sorted().toList()) {
                rows(file).ifPresent(all::add);
            }
        }
        return all;
    }

    private static Optional<TableRows> rows(Path file) throws IOException, RefusedBackup {
        String name = file.getFileName().toString();
        String table = name.endsWith(ENDING) ? name.substring(0, name.length() - ENDING.length()) : "";
        if (!isName(table)) {
            throw new RefusedBackup("it holds \"%s\", which is no table".formatted(name));
        }
        try (BufferedReader reader = Files.newBufferedReader(file, StandardCharsets.UTF_8)) {
            String header = reader.readLine();
            if (header == null) {
                throw new RefusedBackup("the table %s has no line with its columns".formatted(table));
            }
            return isOwnToEachDatabase(table)
                    ? Optional.empty()
                    : Optional.of(new TableRows(table, List.of(header.split("\t")), file));
        }
    }

    /** Which migrations were run is known to the database itself; and nobody stays signed in by a backup. */
    private static boolean isOwnToEachDatabase(String table) {
        return table.equals("flyway_schema_history") || table.startsWith("spring_session");
    }

    static boolean isName(String text) {
        return NAME.matcher(text).matches();
    }
}
