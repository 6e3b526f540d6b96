package app.frenum.core.log;

/** Which of a disc's two rubbing faces. */
public enum DiscFace {
    OUTER,
    INNER
}
