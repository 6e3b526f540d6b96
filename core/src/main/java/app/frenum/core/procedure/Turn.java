package app.frenum.core.procedure;

/**
 * A phase in its place in a block, as the procedure is written out.
 *
 * @param repeats how many that count
 * @param cycle the repeat of the procedure's cycle that it belongs to, from 1; 0 for what stands outside
 */
public record Turn(Phase phase, int repeats, int cycle) {}
