package app.frenum.server.problem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.springframework.http.ProblemDetail;

/** A disk that takes no more is said as that, whether Frenum's own files or the database's meet it. */
class FullDiskTest {
    private final ProblemAdvice advice = new ProblemAdvice();

    /** /dev/full refuses every byte with the very error of a full disk. */
    @Test
    @EnabledOnOs(OS.LINUX)
    void aFileThatDoesNotFitIsAnsweredWithItsCauseAndCure() throws Exception {
        IOException full = catchThrowableOfType(IOException.class, () -> {
            try (OutputStream out = Files.newOutputStream(Path.of("/dev/full"), StandardOpenOption.WRITE)) {
                out.write(new byte[1 << 16]);
            }
        });
        assertSaysFull(advice.full(full));
    }

    @Test
    void theDatabasesFullDiskIsSaidInTheSameWords() throws Exception {
        SQLException full = new SQLException("could not extend file \"base/16384/2619\"", "53100");
        assertSaysFull(
                advice.known(DatabaseTrouble.of(new IllegalStateException(full)).orElseThrow()));
    }

    private static void assertSaysFull(ProblemDetail said) {
        assertThat(said.getStatus()).isEqualTo(507);
        assertThat(said.getTitle()).isEqualTo("The disk is full");
        assertThat(said.getDetail()).contains("Nothing of this was kept").contains("Make room");
    }
}
