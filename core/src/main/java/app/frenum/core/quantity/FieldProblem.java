package app.frenum.core.quantity;

/**
 * One thing wrong with one field of something that was entered.
 *
 * @param field its path, such as {@code phases.2.gate.highest}
 * @param message what was read and what is possible, for people
 */
public record FieldProblem(String field, String message) {}
