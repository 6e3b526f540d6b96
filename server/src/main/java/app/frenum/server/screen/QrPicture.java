package app.frenum.server.screen;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/**
 * A text as a camera reads it.
 *
 * @param size of its side, in modules
 * @param path of its dark modules, as an SVG path in modules
 */
record QrPicture(int size, String path) {
    private static final int QUIET = 2;

    static QrPicture of(String text) {
        try {
            BitMatrix bits = new QRCodeWriter()
                    .encode(
                            text,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(
                                    EncodeHintType.MARGIN,
                                    QUIET,
                                    EncodeHintType.ERROR_CORRECTION,
                                    ErrorCorrectionLevel.M));
            StringBuilder path = new StringBuilder();
            for (int y = 0; y < bits.getHeight(); y++) {
                for (int x = 0; x < bits.getWidth(); x++) {
                    if (bits.get(x, y)) {
                        path.append("M%d %dh1v1h-1z".formatted(x, y));
                    }
                }
            }
            return new QrPicture(bits.getWidth(), path.toString());
        } catch (WriterException e) {
            throw new IllegalStateException(e);
        }
    }
}
