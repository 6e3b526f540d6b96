package app.frenum.core.finding;

import java.util.List;

/** What was kept as words before findings were data: it is said as it was written. */
public enum AsWritten implements FindingCode {
    TEXT;

    /** Words of before, as a finding. */
    public static Finding of(String text) {
        return Finding.of(TEXT, Term.name(text));
    }

    @Override
    public List<String> parameters() {
        return List.of("text");
    }
}
