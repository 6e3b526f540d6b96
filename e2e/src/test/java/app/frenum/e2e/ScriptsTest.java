package app.frenum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The parts of {@code ./frenum} in a shell of their own, on machines as other people have them. */
class ScriptsTest {
    @TempDir
    private Path folder;

    @Test
    void theJdkIsTakenByItsVersionWhateverStandsFirst() throws Exception {
        jdk("wrong", "11.0.2");
        jdk("later", "26");
        jdk("right", "21.0.4");
        String found = shell("jdk_homes() { for j in wrong later right; do echo \"$PWD/$j\"; done; }; find_jdk");
        assertThat(found).isEqualTo(folder.resolve("right") + "\n");
    }

    @Test
    void aNodeThatIsTooOldIsPassedOver() throws Exception {
        program("old/node", "echo v18.20.4");
        program("new/node", "echo v20.19.2");
        program("new/npm", "echo 9.2.0");
        assertThat(shell("PATH=$PWD/old:$PWD/new:/usr/bin:/bin; find_node")).isEqualTo(folder.resolve("new") + "\n");
    }

    @ParameterizedTest
    @CsvSource({
        "17.0.15, 17.0.17+10-1~deb12u1, 'the JDK is 17.0.15, and Debian has 17.0.17'",
        "17.0.17, 17.0.17+10-1~deb12u1, ''",
        "21.0.9, 17.0.17+10-1~deb12u1, ''",
        "17.0.15, '', ''"
    })
    void anOldJdkIsSaidWithItsCure(String have, String candidate, String said) throws Exception {
        jdk("jdk", have);
        String policy = "apt-cache() { [[ $2 = openjdk-17-jdk-headless ]] && echo '  Candidate: %s' || true; }; "
                .formatted(candidate.isEmpty() ? "(none)" : candidate);
        String out = shell(policy + "JAVA_HOME=$PWD/jdk; say_if_jdk_is_old");
        if (said.isEmpty()) {
            assertThat(out).isEmpty();
        } else {
            assertThat(out).startsWith(said).contains("apt-get upgrade");
        }
    }

    @ParameterizedTest
    @CsvSource({
        "PKIX path building failed, certificate of the connection is not trusted",
        "HTTP/1.1 407 Proxy Authentication Required, the proxy wants a name and a password",
        "npm error code ENOTFOUND, no way to the package registry",
        "No space left on device, the disk is full"
    })
    void whatFailedIsSaidInOneLine(String log, String said) throws Exception {
        Files.writeString(folder.resolve("log"), log);
        assertThat(shell("(fetching_failed packages log) || true"))
                .contains(said)
                .contains("To mend it: ");
    }

    /** As clusters were made at first: no passwords, and the server's own role a superuser. */
    @Test
    void anOpenDatabaseOfBeforeIsClosedWithItsRows() throws Exception {
        String made = """
                data=$(database_folder); free_port >"$HOME_DIR/database.port"
                trap 'stop_database; rm -rf "$data"' EXIT
                mkdir -p "$data"; if [[ $(id -u) = 0 ]]; then chown postgres "$data"; fi
                run_as_postgres "$(postgres_bin)/initdb" -D "$data" -U frenum -A trust >/dev/null
                start_cluster
                sql() { "$(postgres_bin)/psql" -h 127.0.0.1 -p "$(cat "$HOME_DIR/database.port")" -w -Atq "$@"; }
                sql -U frenum -d postgres -c 'create database frenum'
                sql -U frenum -d frenum -c "create table stop (id serial, metres real); insert into stop (metres) values (41.5)"
                start_database
                sql -U frenum -d frenum -c 'select 1' 2>&1 | grep -o 'no password supplied' || true
                sql -d "${FRENUM_DB_URL#jdbc:}" -c 'insert into stop (metres) values (40.5); select metres from stop order by id' \\
                  | tr '\\n' ' '
                sql -d "${FRENUM_DB_URL#jdbc:}" -c "select rolsuper from pg_roles where rolname = 'frenum'"
                start_database
                """;
        assertThat(shell(made).lines().toList())
                .containsExactly("closing the database to all but Frenum, once", "no password supplied", "41.5 40.5 f");
    }

    /** Root's databases stand outside the clone: one that is made again in its place has lost their passwords. */
    @Test
    void aHomeThatIsMadeAgainFindsItsDatabaseWithItsRows() throws Exception {
        String made = """
                data=$(database_folder)
                [[ $data != $HOME_DIR/* ]] || { database_folder() { echo "$PWD/outside"; }; data=$(database_folder); }
                trap 'stop_database; rm -rf "$data"' EXIT
                sql() { "$(postgres_bin)/psql" -w -Atq -d "${FRENUM_DB_URL#jdbc:}" -c "$1"; }
                start_database >/dev/null
                sql 'create table stop (metres real); insert into stop values (41.5)'
                before=$FRENUM_DB_URL
                rm -rf "$HOME_DIR"; mkdir "$HOME_DIR"
                unset FRENUM_DB_URL FRENUM_DB_IS_PRIVATE; start_database
                sql 'insert into stop values (40.5); select metres from stop' | tr '\n' ' '
                "$(postgres_bin)/psql" -w -Atq -c 'select 1' "$(sed -E "s/:[0-9]+/:$(cat "$HOME_DIR/database.port")/" <<<"${before#jdbc:}")" 2>&1 \
                  | grep -o 'password authentication failed' || true
                unset FRENUM_DB_URL FRENUM_DB_IS_PRIVATE; start_database
                """;
        assertThat(shell(made).lines().map(line -> line.replaceAll("database in .* is kept", "database is kept")))
                .containsExactly(
                        "the database is kept, with all that is in it; it gets new passwords, since the old ones are gone",
                        "41.5 40.5 password authentication failed");
    }

    private void jdk(String name, String version) throws IOException {
        program(name + "/bin/javac", "true");
        Files.writeString(folder.resolve(name).resolve("release"), "JAVA_VERSION=\"%s\"%n".formatted(version));
    }

    private void program(String path, String does) throws IOException {
        Path file = folder.resolve(path);
        Files.createDirectories(file.getParent());
        Files.writeString(file, "#!/bin/sh\n" + does + "\n");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rwxr-xr-x"));
    }

    private String shell(String commands) throws Exception {
        return new Shell(folder).run(commands);
    }
}
