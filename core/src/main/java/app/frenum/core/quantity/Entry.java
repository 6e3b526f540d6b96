package app.frenum.core.quantity;

/**
 * What there is to know of a figure that people enter.
 *
 * @param label what it is called
 * @param bounds between what it makes sense
 * @param help what to enter; empty where the label says it
 */
public record Entry(String label, Bounds bounds, String help) {}
