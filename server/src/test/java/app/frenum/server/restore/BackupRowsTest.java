package app.frenum.server.restore;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BackupRowsTest {
    @TempDir
    private Path folder;

    private Path tables;

    @BeforeEach
    void aTable() throws Exception {
        tables = Files.createDirectory(folder.resolve("tables"));
        Files.writeString(tables.resolve("lane.copy"), "id\tname\n1\tMarrow Flats\n");
        Files.writeString(tables.resolve("flyway_schema_history.copy"), "version\n1\n");
        Files.writeString(tables.resolve("spring_session.copy"), "session_id\nstolen\n");
    }

    @Test
    void everyTableIsFoundByItsNameButThoseThatAreEachDatabasesOwn() throws Exception {
        assertThat(BackupRows.in(folder))
                .containsExactly(new TableRows("lane", List.of("id", "name"), tables.resolve("lane.copy")));
    }

    @Test
    void theTextOfADumpGivesTheSame() throws Exception {
        Files.delete(tables.resolve("lane.copy"));
        Files.writeString(folder.resolve("dump.sql"), """
                SET lock_timeout = 0;
                COPY public.lane (id, "name") FROM stdin;
                1\tMarrow Flats
                \\.
                """);
        everyTableIsFoundByItsNameButThoseThatAreEachDatabasesOwn();
        assertThat(Files.readString(tables.resolve("lane.copy"))).isEqualTo("id\tname\n1\tMarrow Flats\n");
    }

    @Test
    void whatIsNoTableIsRefusedByName() throws Exception {
        Files.writeString(tables.resolve("UP.copy"), "id\n");
        assertThatThrownBy(() -> BackupRows.in(folder))
                .isInstanceOf(RefusedBackup.class)
                .hasMessageContaining("UP.copy");
        Files.delete(tables.resolve("UP.copy"));
        Files.writeString(folder.resolve("dump.sql"), "create function harm() returns void language sql as ''");
        assertThatThrownBy(() -> BackupRows.in(folder))
                .isInstanceOf(RefusedBackup.class)
                .hasMessageContaining("create function harm");
    }
}
