package app.frenum.core.stop;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;

/**
 * One thing to be said about a stop.
 *
 * @param code which rule spoke
 * @param finding with the figures it spoke on
 */
public record Flag(FlagCode code, Finding finding) {
    public static Flag of(FlagFinding what, Term... terms) {
        return new Flag(what.code(), Finding.of(what, terms));
    }
}
