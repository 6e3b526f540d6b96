package app.frenum.core.log;

/**
 * How long after another channel speed shows one braking.
 *
 * @param seconds lag, s
 * @param doubtS what the shape of this braking leaves open of it (k = 1), s
 * @param isSlow whether speed bends so slowly that a filter may be in it
 */
record BrakingLag(double seconds, double doubtS, boolean isSlow) {}
