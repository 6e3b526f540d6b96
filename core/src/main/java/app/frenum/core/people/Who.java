package app.frenum.core.people;

/**
 * Who did or said something: a person or a device, by the name that was given on the day. It is kept as it was written.
 *
 * @param name blank where nobody gave one
 */
public record Who(String name) {
    public static final int LONGEST = 100;

    /** Somebody who gave no name. */
    public static final Who UNNAMED = new Who("");

    public boolean isNamed() {
        return !name.isBlank();
    }

    @Override
    public String toString() {
        return name;
    }
}
