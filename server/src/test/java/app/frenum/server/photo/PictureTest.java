package app.frenum.server.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.frenum.server.problem.Problem;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is said to be taken is what is taken, and nothing of it but its pixels. */
class PictureTest {
    @TempDir
    private Path folder;

    private static byte[] written(String format) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertThat(ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), format, out))
                .isTrue();
        return out.toByteArray();
    }

    private byte[] madeAnew(byte[] sent) throws Exception {
        return Picture.madeAnew(Files.write(folder.resolve("sent"), sent));
    }

    @ParameterizedTest
    @ValueSource(strings = {"jpeg", "png"})
    void whatIsTakenComesOutAsAJpeg(String format) throws Exception {
        assertThat(madeAnew(written(format))).startsWith(0xFF, 0xD8);
    }

    @ParameterizedTest
    @ValueSource(strings = {"gif", "tiff", "bmp"})
    void whatTheJdkCouldOpenBesideIsRefused(String format) throws Exception {
        byte[] sent = written(format);
        assertThatThrownBy(() -> madeAnew(sent)).isInstanceOf(Problem.class).hasMessageContaining("JPEG or a PNG");
    }

    @Test
    void thePlaceItWasTakenAtIsNotKept() throws Exception {
        byte[] plain = written("jpeg");
        byte[] place = "Exif\0\0 GPS 54.000 N 3.200 W".getBytes(StandardCharsets.US_ASCII);
        ByteArrayOutputStream sent = new ByteArrayOutputStream();
        sent.write(plain, 0, 2);
        sent.write(new byte[] {(byte) 0xFF, (byte) 0xE1, 0, (byte) (place.length + 2)});
        sent.write(place);
        sent.write(plain, 2, plain.length - 2);
        assertThat(new String(madeAnew(sent.toByteArray()), StandardCharsets.ISO_8859_1))
                .doesNotContain("Exif", "GPS");
    }
}
