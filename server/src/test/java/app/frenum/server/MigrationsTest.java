package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.frenum.formats.verdict.VerdictFile;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Databases of every version so far come up to this one with all that is in them. */
class MigrationsTest {
    private static final Path TODAY = Path.of("src/main/resources/db/migration");
    private static final Path KEPT = Path.of("src/test/resources/migrations");
    private static final String SCHEMA = "select table_name, column_name, data_type, is_nullable"
            + " from information_schema.columns where table_schema = 'public'"
            + " and table_name <> 'flyway_schema_history' order by 1, 2";

    @TempDir
    private Path folder;

    private final String database = RunningServer.emptyDatabase();

    private Flyway flyway(Path migrations) {
        return Flyway.configure()
                .dataSource(database, null, null)
                .locations("filesystem:" + migrations)
                .load();
    }

    private List<String> ask(String url, String query) throws SQLException {
        try (Connection c = DriverManager.getConnection(url);
                Statement s = c.createStatement();
                ResultSet rows = s.executeQuery(query)) {
            List<String> all = new ArrayList<>();
            while (rows.next()) {
                StringBuilder row = new StringBuilder();
                for (int i = 1; i <= rows.getMetaData().getColumnCount(); i++) {
                    row.append(rows.getString(i)).append('|');
                }
                all.add(row.toString());
            }
            return all;
        }
    }

    private void say(String statement) throws SQLException {
        try (Connection c = DriverManager.getConnection(database);
                Statement s = c.createStatement()) {
            s.execute(statement);
        }
    }

    /** The first so many migrations, the sixth as it was once. */
    private Path upTo(int version, String sixth) throws IOException {
        try (Stream<Path> all = Files.list(TODAY)) {
            for (Path file : all.toList()) {
                String name = file.getFileName().toString();
                int own = Integer.parseInt(name.substring(1, name.indexOf('_')));
                if (own <= version) {
                    Files.copy(own == 6 && !sixth.isEmpty() ? KEPT.resolve(sixth) : file, folder.resolve(name));
                }
            }
        }
        return folder;
    }

    @Test
    void whatIsOnceCommittedStaysAsItIs() throws Exception {
        List<String> now = new ArrayList<>();
        for (String line : Files.readAllLines(KEPT.resolve("checksums.txt"))) {
            String name = line.substring(line.lastIndexOf(' ') + 1);
            byte[] bytes = Files.readAllBytes(TODAY.resolve(name));
            now.add(HexFormat.of()
                            .formatHex(MessageDigest.getInstance("SHA-256").digest(bytes)) + "  " + name);
        }
        assertThat(now)
                .as("a migration is never changed; add the next one, and its line to checksums.txt")
                .isEqualTo(Files.readAllLines(KEPT.resolve("checksums.txt")));
        try (Stream<Path> all = Files.list(TODAY)) {
            assertThat(all).hasSize(now.size());
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"V6__live_first.sql", "V6__live_second.sql", ""})
    void whicheverSixthADatabaseWasMadeWithItComesOutTheSame(String sixth) throws Exception {
        flyway(upTo(8, sixth)).migrate();
        say("insert into operator values (gen_random_uuid(), 'Marshal', now(), now(), 0)");
        new Migrations().migrate(flyway(TODAY));
        new Migrations().migrate(flyway(TODAY));
        assertThat(ask(database, SCHEMA)).isEqualTo(ask(RunningServer.shared().databaseUrl(), SCHEMA));
        assertThat(ask(database, "select name from person")).containsExactly("Marshal|");
    }

    static IntStream fromTheFifthOn() throws IOException {
        try (Stream<Path> all = Files.list(TODAY)) {
            return IntStream.range(5, (int) all.count());
        }
    }

    @ParameterizedTest
    @MethodSource("fromTheFifthOn")
    void everyRowOfEveryVersionIsKept(int version) throws Exception {
        flyway(upTo(version, "")).migrate();
        String vehicle = "00000000-0000-0000-0000-000000000001";
        say("insert into vehicle (id, name, description, spec, created_at, updated_at, version)"
                + " values ('%s', 'Estate', 'with 180 kg', '{}', now(), now(), 3)".formatted(vehicle));
        String people = ask(database, "select to_regclass('person')").get(0).startsWith("null") ? "operator" : "person";
        say("insert into %s values ('%s', 'Marshal', now(), now(), 0)".formatted(people, vehicle));
        List<String> tables = ask(
                database,
                "select table_name from information_schema.tables where table_schema = 'public'"
                        + " and table_name <> 'flyway_schema_history'");
        List<String> before =
                ask(database, "select id, name, description, spec::text, created_at, version from vehicle");
        new Migrations().migrate(flyway(TODAY));
        assertThat(ask(database, "select id, name, description, spec::text, created_at, version from vehicle"))
                .isEqualTo(before);
        assertThat(ask(database, "select name from person")).containsExactly("Marshal|");
        assertThat(ask(database, "select table_name from information_schema.tables where table_schema = 'public'"))
                .containsAll(tables.stream()
                        .map(t -> t.equals("operator|") ? "person|" : t)
                        .toList());
        assertThat(ask(database, SCHEMA)).isEqualTo(ask(RunningServer.shared().databaseUrl(), SCHEMA));
    }

    /** The demo as the program of then kept it, but for its samples, with a verdict that was signed in it. */
    @Test
    void whatWasKeptUnderTheTwentiethComesToTheSameToday() throws Exception {
        try (InputStream kept = new GZIPInputStream(Files.newInputStream(KEPT.resolve("V20__demo.sql.gz")))) {
            say(new String(kept.readAllBytes(), StandardCharsets.UTF_8));
        }
        try (RunningServer server = RunningServer.on(database)) {
            Map<String, Double> differences = Map.of(
                    "e2ba905b-f306-346f-aca2-23d3cb20e2cf", -17.70013569573848,
                    "9e688c58-a548-3b8e-af69-c9e1005ad0bf", -4.787712864256235,
                    "86666835-06aa-3d90-8bbd-5a74ac4edf68", -0.3349639232163);
            differences.forEach((test, metres) -> assertThat(server.get("/api/tests/%s/comparison".formatted(test))
                            .at("/comparisons/0/difference/value")
                            .asDouble())
                    .isCloseTo(metres, within(1e-9)));
            JsonNode verdict = server.get("/api/tests/9e688c58-a548-3b8e-af69-c9e1005ad0bf/verdicts")
                    .get(0);
            assertThat(verdict.get("changed").asBoolean()).isFalse();
            assertThat(verdict.at("/signature/fingerprint").isNull())
                    .as("of a time when there were checksums only")
                    .isTrue();
            assertThat(verdict.at("/signature/unaltered").asBoolean()).isTrue();
            byte[] file = server.bytes(
                    "/api/verdicts/%s/file".formatted(verdict.get("id").asString()));
            VerdictFile.Verified read = VerdictFile.read(new ByteArrayInputStream(file));
            assertThat(read.isUnaltered() && read.isReproduced()).isTrue();
            assertThat(read.key()).isEmpty();
            assertThat(server.get("/api/accounts")).hasSize(5);
        }
    }

    @Test
    void aDatabaseOfANewerProgramIsLeftAloneInWords() throws Exception {
        Path newer = upTo(99, "");
        Files.writeString(
                newer.resolve("V100__tomorrow.sql"), "create table tomorrow (id int);", StandardCharsets.UTF_8);
        flyway(newer).migrate();
        List<String> before = ask(database, "select * from flyway_schema_history");
        assertThatThrownBy(() -> new Migrations().migrate(flyway(TODAY)))
                .isInstanceOf(Migrations.NewerDatabase.class)
                .hasMessageContaining("made by a newer Frenum")
                .hasMessageContaining("100");
        assertThat(ask(database, "select * from flyway_schema_history")).isEqualTo(before);
    }
}
