package app.frenum.core.finding;

import java.util.List;

/** One kind of thing that can be said. Enums implement it; their names are part of the API: add to them, rename none. */
public interface FindingCode {
    /** Of the constant. */
    String name();

    /** The names of its parameters, in order. */
    List<String> parameters();

    /** As the catalogue of words knows it: the kind of finding, and the code. */
    default String key() {
        return getClass().getSimpleName() + "." + name();
    }
}
