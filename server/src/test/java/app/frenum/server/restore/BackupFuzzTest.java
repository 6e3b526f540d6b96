package app.frenum.server.restore;

import static org.assertj.core.api.Assertions.assertThat;

import com.code_intelligence.jazzer.junit.FuzzTest;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.util.FileSystemUtils;

/** Whatever a backup of before says it holds, rows of named tables come out of it, or it is refused in words. */
class BackupFuzzTest {
    private static final Pattern NAME = Pattern.compile("[a-z][a-z0-9_]*");

    @FuzzTest(maxDuration = "60s")
    void dump(byte @Nullable [] bytes) throws IOException {
        Path folder = Files.createTempDirectory("frenum-fuzz-");
        try {
            Files.write(folder.resolve("dump.sql"), bytes == null ? new byte[0] : bytes);
            List<TableRows> rows = BackupRows.in(folder);
            assertThat(rows).allSatisfy(r -> assertThat(r.table()).matches(NAME));
        } catch (RefusedBackup refused) {
            assertThat(refused.getMessage()).isNotBlank();
        } finally {
            FileSystemUtils.deleteRecursively(folder);
        }
    }
}
