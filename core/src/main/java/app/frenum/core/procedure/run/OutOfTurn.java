package app.frenum.core.procedure.run;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;

/** Something that cannot happen in a run as it stands; the finding says why, and what can. */
public final class OutOfTurn extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Finding finding;

    OutOfTurn(Finding finding) {
        super(finding.toString());
        this.finding = finding;
    }

    static OutOfTurn because(RunRefusal what, Term... terms) {
        return new OutOfTurn(Finding.of(what, terms));
    }

    public Finding finding() {
        return finding;
    }
}
