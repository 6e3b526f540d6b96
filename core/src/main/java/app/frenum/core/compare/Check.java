package app.frenum.core.compare;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;

/**
 * One comparability check.
 *
 * @param code what was looked at
 * @param level what came of it
 * @param evidence what was found, with its figures
 */
public record Check(CheckCode code, Level level, Finding evidence) {
    /** Ordered from worst to best, as they are shown. */
    public enum Level {
        BLOCK,
        CAUTION,
        /** Nobody wrote down what it takes. */
        NOT_KNOWN,
        PASS
    }

    static Check pass(CheckCode code, CheckFinding found, Term... terms) {
        return new Check(code, Level.PASS, Finding.of(found, terms));
    }

    static Check notKnown(CheckCode code, CheckFinding found, Term... terms) {
        return new Check(code, Level.NOT_KNOWN, Finding.of(found, terms));
    }

    static Check caution(CheckCode code, CheckFinding found, Term... terms) {
        return new Check(code, Level.CAUTION, Finding.of(found, terms));
    }

    static Check block(CheckCode code, CheckFinding found, Term... terms) {
        return new Check(code, Level.BLOCK, Finding.of(found, terms));
    }
}
