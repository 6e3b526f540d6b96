package app.frenum.core.procedure.run;

/** Something that cannot happen in a run as it stands; the message says why, and what can. */
public final class OutOfTurn extends RuntimeException {
    private static final long serialVersionUID = 1L;

    OutOfTurn(String message) {
        super(message);
    }
}
