package app.frenum.server.recording;

import app.frenum.server.problem.Problem;
import java.util.UUID;

/**
 * A recording that is being written, as its writer and its device's connection know it. What is written is the writer's
 * own; what is expected next is guarded by this object. Once closed, because something of it could not be written or
 * because its device has come back on another connection, nothing more of it is taken or written before it was read anew.
 */
final class GrowingLog {
    final UUID id;
    /** Rows that are not in a block yet; the writer's. */
    Columns rows;
    /** Rows that are in blocks; the writer's. */
    int inBlocks;
    /** The last batch that is written; the writer's. */
    long writtenSeq;

    private long lastSeq;
    private double lastTime = Double.NEGATIVE_INFINITY;
    private volatile boolean closed;

    GrowingLog(UUID id, int columns) {
        this.id = id;
        rows = new Columns(columns);
    }

    /** From now on what comes is expected to follow what is written. */
    synchronized void expectAfter(double lastWrittenTime) {
        lastSeq = writtenSeq;
        lastTime = lastWrittenTime;
    }

    boolean isClosed() {
        return closed;
    }

    synchronized void close() {
        closed = true;
    }

    /**
     * Takes note of a batch that is about to be queued. The caller holds this object until it is queued.
     *
     * @return whether it is new; what came before is there already
     * @throws Problem when it cannot follow
     */
    boolean takes(long seq, double[] times) {
        if (closed) {
            throw Problem.conflict("The log is not open. Say hello again; it goes on after the last batch kept.");
        }
        if (seq <= lastSeq) {
            return false;
        }
        if (seq != lastSeq + 1) {
            throw Problem.invalid(
                    "seq",
                    "Batch %d is from the future: %d comes next. Number what is sent, not what was lost."
                            .formatted(seq, lastSeq + 1));
        }
        double before = lastTime;
        for (double t : times) {
            if (!(t > before)) {
                throw Problem.invalid(
                        "rows",
                        "Time %s s does not come after %s s. Times must rise from row to row.".formatted(t, before));
            }
            before = t;
        }
        lastSeq = seq;
        lastTime = before;
        return true;
    }
}
