package app.frenum.server.restore;

/** A backup that holds something that no backup of Frenum has; the message names it. */
final class RefusedBackup extends Exception {
    private static final long serialVersionUID = 1L;

    RefusedBackup(String message) {
        super(message);
    }
}
