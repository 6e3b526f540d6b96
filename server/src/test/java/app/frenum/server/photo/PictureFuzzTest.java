package app.frenum.server.photo;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.problem.Problem;
import com.code_intelligence.jazzer.junit.FuzzTest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.jspecify.annotations.Nullable;

/** Whatever bytes come as a picture, a JPEG is made of them or they are refused in words. */
class PictureFuzzTest {
    @FuzzTest(maxDuration = "60s")
    void picture(byte @Nullable [] bytes) throws IOException {
        Path file = Files.createTempFile("frenum-fuzz-", ".sent");
        try {
            Files.write(file, bytes == null ? new byte[0] : bytes);
            assertThat(Picture.madeAnew(file))
                    .startsWith(0xFF, 0xD8)
                    .doesNotContain("Exif".getBytes(StandardCharsets.US_ASCII));
        } catch (Problem refused) {
            assertThat(refused.getMessage()).isNotBlank();
        } finally {
            Files.deleteIfExists(file);
        }
    }
}
