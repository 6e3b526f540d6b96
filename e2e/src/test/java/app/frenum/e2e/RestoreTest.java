package app.frenum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What was backed up comes back, and nothing in a backup but its rows ever counts, whoever made it. */
class RestoreTest {
    private static final String WORDS = """
            FRENUM_BUILT=true; unpack_server() { :; }; app_jar() { server_jar; }
            sql() { (start_database; frenum_sql "$1"); }
            row() { sql "insert into retention values (gen_random_uuid(), $1, now(), now(), now(), null, 0)"; }
            months() { sql 'select months from retention order by months' | tr '\\n' ' '; }
            seal() { (cd in; find . -type f ! -name SHA256SUMS -printf '%P\\n' | sort | xargs sha256sum >SHA256SUMS); tar -C in -cf "$1" $(ls in); }
            first_line() { sed -n 1p | sed "s#$PWD/##g"; }
            refused() { (restore "$1" 2>&1 || true) | first_line; }
            """;

    /** Frenum's own tables in a database of all these tests. */
    private static final String TABLES = """
            mkdir -p in/tables in/uploads in/keys; printf 'frenum-backup 2\\nschema %s\\nmade now\\n' "$(schema_of_this)" >in/about
            (start_database); seal first; (restore first) >/dev/null
            """;

    /** One row, one upload, one key; and the backup "kept" of that. */
    private static final String KEPT = """
            sql 'delete from retention'; rm -rf in kept "$HOME_DIR/uploads" "$HOME_DIR/keys" "$HOME_DIR/backups"
            row 41; mkdir -p "$HOME_DIR/uploads" "$HOME_DIR/keys"; echo raw >"$HOME_DIR/uploads/a"; echo key >"$HOME_DIR/keys/signing.json"
            (backup kept) >/dev/null
            """;

    @TempDir
    private static Path folder;

    @BeforeAll
    static void makeTables() throws Exception {
        new Shell(folder).run(WORDS + TABLES);
    }

    @AfterAll
    static void clearAway() throws Exception {
        new Shell(folder).run("stop_database; rm -rf \"$(database_folder)\"");
    }

    private static List<String> shell(String commands) throws Exception {
        return new Shell(folder).run(WORDS + KEPT + commands).lines().toList();
    }

    @Test
    void whatWasBackedUpComesBackAndWhatWasThereMeanwhileIsABackupOfItsOwn() throws Exception {
        assertThat(shell("""
                row 99; echo other >"$HOME_DIR/uploads/b"; echo new >"$HOME_DIR/keys/signing.json"
                (restore kept) 2>/dev/null | grep -c '^restored'
                months; ls "$HOME_DIR/uploads"; cat "$HOME_DIR/keys/signing.json"
                latest=$(ls -t "$HOME_DIR"/backups/before-restore-* | head -1); (restore "$latest") >/dev/null 2>&1
                months; ls "$HOME_DIR/uploads" | tr '\n' ' '; cat "$HOME_DIR/keys/signing.json"
                stat -c '%a' kept
                """)).containsExactly("1", "41 a", "key", "41 99 a b new", "600");
    }

    @Test
    void whatIsNotWholeIsRefusedAndChangesNothing() throws Exception {
        assertThat(shell("""
                ((backup kept) || true) | first_line
                head -c 3000 kept >short; refused short
                mkdir in; tar -C in -xf kept
                pack() { tar -C in -cf "$1" about SHA256SUMS tables uploads keys; }
                echo changed >>in/uploads/a; pack changed; refused changed
                echo raw >in/uploads/a; ln -s /etc/passwd in/uploads/link; pack linked; refused linked; rm in/uploads/link
                echo more >in/uploads/more; pack more; refused more; rm in/uploads/more
                sed -i 's/^schema .*/schema 999/' in/about; seal newer; refused newer
                refused nowhere
                months; ls "$HOME_DIR/uploads"
                """))
                .containsExactly(
                        "kept is there already, and is not overwritten",
                        "short cannot be unpacked",
                        "changed is damaged: a checksum does not hold",
                        "linked holds something that is neither file nor folder",
                        "more holds other files than it names",
                        "newer is of a newer Frenum (schema 999)",
                        "there is no file nowhere",
                        "41 a");
    }

    /** With right checksums, by somebody who means harm: in the form of before, which could hold anything. */
    @Test
    void whatADumpHoldsBesideRowsIsRefusedByNameAndTheDumpOfBeforeComesBack() throws Exception {
        assertThat(shell("""
                dump() { (start_database; PGPASSWORD=$(secret "$HOME_DIR/database.password") "$(postgres_bin)/pg_dump" -h 127.0.0.1 \\
                  -p "$(cat "$HOME_DIR/database.port")" -U frenum -Fc --no-owner --no-privileges -f in/database.dump frenum); }
                rm -rf in; mkdir -p in/uploads; printf 'frenum-backup 1\\nschema %s\\nmade now\\n' "$(schema_of_this)" >in/about
                dump; seal before
                sql "create function harm() returns trigger language plpgsql as
                  \\$\\$ begin execute 'alter role frenum set default_transaction_read_only = on'; return new; end \\$\\$"
                sql 'create trigger harms before insert on retention for each row execute function harm()'
                dump; seal harmful
                sql 'drop trigger harms on retention; drop function harm'
                row 99
                refused harmful
                months; echo
                (restore before) 2>/dev/null | grep -c '^restored'
                months; row 7; months
                """))
                .containsExactly(
                        "harmful holds what no backup of Frenum has: FUNCTION public harm() frenum;TRIGGER public retention harms frenum",
                        "41 99 ",
                        "1",
                        "41 7 41 ");
    }

    @Test
    void whatIsNoRowOfAFrenumTableIsRefusedByNameAndNothingIsChanged() throws Exception {
        assertThat(shell("""
                rm -rf in whole; mkdir in; tar -C in -xf kept; cp -a in whole
                says() { (restore "$1" 2>&1 || true) | grep -oE 'refused, and nothing was changed: .*' | cut -d : -f 2- | cut -c 1-100; rm -rf in; cp -a whole in; }
                printf 'a\\n1\\n' >in/tables/harm.copy; seal table; says table
                sed -i "1s/months/months) from program 'touch harmed' --/" in/tables/retention.copy; seal program; says program
                months; [[ ! -e harmed ]] && ls "$HOME_DIR/uploads"
                sql "select count(*) from pg_roles where rolname = 'frenum_loader'"
                sql "select count(*) from pg_database where datname like 'frenum\\_%'"
                """))
                .containsExactly(
                        " it holds a table \"harm\", which no Frenum of its version has",
                        " its table retention has a column \"months) from program 'touch harmed' --\", which no Frenum of its v",
                        "41 a",
                        "0",
                        "0");
    }

    @Test
    void aRestoreThatWasCutOffIsUndoneAtTheNextStart() throws Exception {
        assertThat(shell("""
                row 99
                (forget_before() { exit 0; }; restore kept) >/dev/null 2>&1 || true
                [[ -f $HOME_DIR/restore.going ]] && echo cut off
                months; ls "$HOME_DIR/uploads"
                [[ ! -f $HOME_DIR/restore.going ]] && echo mended
                """))
                .containsExactly(
                        "cut off", "a restore was cut off; what was there before it is back 41 99 a", "mended");
    }

    @Test
    void aServerThatDoesNotStartWithWhatWasRestoredHasBackWhatWasThere() throws Exception {
        assertThat(shell("""
                row 99; echo new >"$HOME_DIR/keys/signing.json"
                ((n=0; resume_server() { n=$((n + 1)); ((n > 1)); }; restore kept) || true) | grep -o 'what was there before is back'
                months; ls "$HOME_DIR/uploads"; cat "$HOME_DIR/keys/signing.json"
                """)).containsExactly("what was there before is back", "41 99 a", "new");
    }

    @Test
    void aBackupWithAPassphraseIsOpenedByNoOtherAndNotWhenItWasChanged() throws Exception {
        assertThat(shell("""
                export FRENUM_BACKUP_PASSPHRASE_FILE=$PWD/words
                echo 'short' >words; ((backup locked --encrypt) || true) | first_line
                echo 'four wet cones at dusk' >words; (backup locked --encrypt) | grep -c encrypted
                tar -tf locked >/dev/null 2>&1 || echo unreadable
                row 99; (restore locked) 2>/dev/null | grep -c '^restored'; months; echo
                cp locked changed; printf 'x' | dd of=changed bs=1 seek=900 conv=notrunc status=none; refused changed
                echo 'four wet cones at dawn' >words; refused locked
                """))
                .containsExactly(
                        "the passphrase is shorter than 12 characters",
                        "1",
                        "unreadable",
                        "1",
                        "41 ",
                        "changed cannot be decrypted",
                        "locked cannot be decrypted");
    }

    /** The process list is everybody's to read. */
    @Test
    void noPasswordStandsInTheProcessListThroughABackupAndARestore() throws Exception {
        assertThat(shell("""
                cat "$HOME_DIR/database.keeper" "$HOME_DIR/database.password" | tr -s '\\n' >secrets; echo >>secrets; sed -i '/^$/d' secrets
                grep -c . secrets
                looks=0; : >looks; : >seen
                (while [[ ! -f done ]]; do cat /proc/[0-9]*/cmdline 2>/dev/null | tr '\\0' '\\n' | grep -F -f secrets >>seen || true; echo >>looks; done) &
                (stop_database; make_database; backup again; restore again) >/dev/null 2>&1 || true
                touch done; wait
                (($(wc -l <looks) > 20)) && echo "looked often"
                wc -l <seen
                """)).contains("looked often").last().isEqualTo("0");
    }
}
