package app.frenum.server.photo;

import app.frenum.server.problem.Problem;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.FileImageInputStream;
import javax.imageio.stream.ImageInputStream;

/** Makes a picture anew, so that nothing but its pixels is kept: no place it was taken at, and nothing that runs. */
final class Picture {
    private static final int LONGEST_PX = 1600;
    /** A larger one is not opened at all: a small file can unpack to fill the memory. */
    private static final long MOST_PX = 80_000_000L;

    /** An open picture takes much memory; several at once could take all of it. */
    private static final Semaphore ONE_AT_A_TIME = new Semaphore(1, true);

    private static final int LONGEST_WAIT_S = 20;
    private static final Set<String> TAKEN = Set.of("jpeg", "png");

    private Picture() {}

    /**
     * The picture as a JPEG of at most 1600 pixels a side.
     *
     * @throws Problem when it is no picture, or too large a one, or when too many wait to be opened
     */
    static byte[] madeAnew(Path sent) {
        if (!waited()) {
            throw Problem.busy("Too many pictures came at once. Send this one again in a moment.");
        }
        try {
            return opened(sent);
        } finally {
            ONE_AT_A_TIME.release();
        }
    }

    private static boolean waited() {
        try {
            return ONE_AT_A_TIME.tryAcquire(LONGEST_WAIT_S, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private static byte[] opened(Path sent) {
        try (ImageInputStream in = new FileImageInputStream(sent.toFile())) {
            ImageReader reader = reader(in);
            try {
                reader.setInput(in, true, true);
                return jpeg(read(reader));
            } finally {
                reader.dispose();
            }
        } catch (Problem e) {
            throw e;
        } catch (IOException | RuntimeException e) {
            // Whatever a decoder throws at a file that was made to break it, it is no picture.
            throw noPicture();
        }
    }

    /** Of the kinds that are taken; the JDK could open others. */
    private static ImageReader reader(ImageInputStream in) throws IOException {
        Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
        while (readers.hasNext()) {
            ImageReader reader = readers.next();
            if (TAKEN.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                return reader;
            }
            reader.dispose();
        }
        throw noPicture();
    }

    private static Problem noPicture() {
        return Problem.invalid("photo", "This file is not a picture that can be opened. Send a JPEG or a PNG.");
    }

    private static BufferedImage read(ImageReader reader) throws IOException {
        long width = reader.getWidth(0);
        long height = reader.getHeight(0);
        if (width * height > MOST_PX) {
            throw Problem.tooLarge("The picture has %d x %d pixels; at most 80 million can be opened. Take it smaller."
                    .formatted(width, height));
        }
        ImageReadParam few = reader.getDefaultReadParam();
        int every = (int) Math.max(1, Math.max(width, height) / (2 * LONGEST_PX));
        few.setSourceSubsampling(every, every, 0, 0);
        return reader.read(0, few);
    }

    private static byte[] jpeg(BufferedImage read) throws IOException {
        double scale = Math.min(1, (double) LONGEST_PX / Math.max(read.getWidth(), read.getHeight()));
        int width = (int) Math.max(1, Math.round(read.getWidth() * scale));
        int height = (int) Math.max(1, Math.round(read.getHeight() * scale));
        BufferedImage plain = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = plain.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.drawImage(read, 0, 0, width, height, Color.WHITE, null);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(plain, "jpeg", out);
        return out.toByteArray();
    }
}
