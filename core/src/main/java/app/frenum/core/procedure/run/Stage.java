package app.frenum.core.procedure.run;

/** Where a run stands. */
public enum Stage {
    /** The safety gate is not signed. */
    UNSIGNED,
    /** Something is to be done that is not driven. */
    TASK,
    /** The next stop waits for its gate. */
    WAITING,
    /** The run-up, and braking. */
    APPROACH,
    /** The vehicle stands; readings are due. */
    AT_REST,
    /** The stop was judged; an operator says whether they go along. */
    JUDGED,
    STOPPED,
    DONE
}
