package app.frenum.server.problem;

/** Work that is given up because whoever asked for it has left. */
public class Abandoned extends RuntimeException {
    private static final long serialVersionUID = 1L;
}
