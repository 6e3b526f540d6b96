package app.frenum.core.compare;

/**
 * One comparability check.
 *
 * @param code what was looked at
 * @param level what came of it
 * @param message the evidence, with figures
 */
public record Check(CheckCode code, Level level, String message) {
    /** Ordered from worst to best, as they are shown. */
    public enum Level {
        BLOCK,
        CAUTION,
        /** Nobody wrote down what it takes. */
        NOT_KNOWN,
        PASS
    }

    static Check pass(CheckCode code, String message) {
        return new Check(code, Level.PASS, message);
    }

    static Check notKnown(CheckCode code, String message) {
        return new Check(code, Level.NOT_KNOWN, message);
    }

    static Check caution(CheckCode code, String message) {
        return new Check(code, Level.CAUTION, message);
    }

    static Check block(CheckCode code, String message) {
        return new Check(code, Level.BLOCK, message);
    }
}
