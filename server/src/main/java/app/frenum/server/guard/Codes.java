package app.frenum.server.guard;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.Locale;

/** Codes that are read off one screen and typed at another; only their digests are kept. */
public final class Codes {
    /** Without letters and figures that are taken for each other. */
    private static final String ALPHABET = "ABCDEFGHJKMNPQRSTUVWXYZ23456789";

    private static final int LENGTH = 12;
    private static final int GROUP = 4;
    private static final SecureRandom RANDOM = new SecureRandom();

    private Codes() {}

    /** Such as {@code K7QM-2VXD-9HRT}: 59 bits. */
    public static String made() {
        StringBuilder code = new StringBuilder();
        for (int i = 0; i < LENGTH; i++) {
            code.append(i > 0 && i % GROUP == 0 ? "-" : "").append(ALPHABET.charAt(RANDOM.nextInt(ALPHABET.length())));
        }
        return code.toString();
    }

    /** SHA-256 in hexadecimal, however its letters were typed. */
    public static String digest(String code) {
        try {
            String plain = code.strip().toUpperCase(Locale.ROOT);
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(plain.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
