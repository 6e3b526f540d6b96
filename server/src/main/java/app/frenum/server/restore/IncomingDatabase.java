package app.frenum.server.restore;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.postgresql.PGConnection;

/** A database with Frenum's tables and nothing in them, that rows are put into. */
final class IncomingDatabase implements AutoCloseable {
    private static final String LOADER = "frenum_loader";

    private final Connection owner;
    private final String loaderUrl;

    IncomingDatabase(String url, String loaderUrl) throws SQLException {
        this.owner = DriverManager.getConnection(url);
        this.loaderUrl = loaderUrl;
    }

    /** All rows of all tables, or a refusal that says which are not as they must be. */
    void fill(List<TableRows> all) throws SQLException, IOException, RefusedBackup {
        for (TableRows rows : all) {
            requireColumns(rows);
        }
        List<String> references = strings("""
                select format('alter table %s add constraint %I %s', conrelid::regclass, conname, pg_get_constraintdef(oid))
                from pg_constraint where contype = 'f' and connamespace = 'public'::regnamespace""");
        // The order of the tables does not count: references are taken off, and held against all rows when they come
        // back.
        run(strings("""
                select format('alter table %s drop constraint %I', conrelid::regclass, conname)
                from pg_constraint where contype = 'f' and connamespace = 'public'::regnamespace"""));
        run(List.of("grant insert on all tables in schema public to " + LOADER));
        try (Connection loader = DriverManager.getConnection(loaderUrl)) {
            for (TableRows rows : all) {
                copy(loader, rows);
            }
        }
        run(List.of("revoke all on all tables in schema public from " + LOADER));
        run(references);
        run(strings("""
                select format('select setval(%L, (select coalesce(max(%I), 0) + 1 from %I), false)',
                  pg_get_serial_sequence(quote_ident(table_name), column_name), column_name, table_name)
                from information_schema.columns
                where table_schema = 'public' and (is_identity = 'YES' or column_default like 'nextval(%')"""));
    }

    private void requireColumns(TableRows rows) throws SQLException, RefusedBackup {
        List<String> known = strings(
                "select column_name from information_schema.columns where table_schema = 'public' and table_name = '%s'"
                        .formatted(rows.table()));
        if (known.isEmpty()) {
            throw new RefusedBackup(
                    "it holds a table \"%s\", which no Frenum of its version has".formatted(rows.table()));
        }
        for (String column : rows.columns()) {
            if (!known.contains(column)) {
                throw new RefusedBackup("its table %s has a column \"%s\", which no Frenum of its version has"
                        .formatted(rows.table(), column));
            }
        }
    }

    private static void copy(Connection loader, TableRows rows) throws SQLException, IOException, RefusedBackup {
        String columns = rows.columns().stream().map(c -> '"' + c + '"').collect(Collectors.joining(", "));
        String statement = "copy public.%s (%s) from stdin with (header match)".formatted(rows.table(), columns);
        try (InputStream in = Files.newInputStream(rows.file())) {
            loader.unwrap(PGConnection.class).getCopyAPI().copyIn(statement, in);
        } catch (SQLException e) {
            String why = String.valueOf(e.getMessage()).lines().findFirst().orElse("");
            throw new RefusedBackup("the rows of %s are not rows of it: %s".formatted(rows.table(), why));
        }
    }

    private List<String> strings(String query) throws SQLException {
        List<String> all = new ArrayList<>();
        try (Statement s = owner.createStatement();
                ResultSet rows = s.executeQuery(query)) {
            while (rows.next()) {
                all.add(rows.getString(1));
            }
        }
        return all;
    }

    private void run(List<String> statements) throws SQLException {
        try (Statement s = owner.createStatement()) {
            for (String statement : statements) {
                s.execute(statement);
            }
        }
    }

    @Override
    public void close() throws SQLException {
        owner.close();
    }
}
