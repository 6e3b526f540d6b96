package app.frenum.core.compare;

import app.frenum.core.finding.FindingCode;
import java.util.List;

/** What each factor did over everything that was driven, in sentences. */
public enum FactorFinding implements FindingCode {
    SHORTENS("factor", "level", "reference", "change", "range"),
    LENGTHENS("factor", "level", "reference", "change", "range"),
    OPEN("factor", "level", "reference", "range"),
    BETWEEN("low", "high"),
    WITHOUT_CERTAINTY,
    ASSUMES_INDEPENDENCE,
    INSEPARABLE("names"),
    WITHIN_OTHERS("name"),
    LEVEL_NOT_TOLD("factor", "level", "reference", "why"),
    ALWAYS_WITH("other"),
    NEVER_ALONE,
    MISSING_RUN("with", "factor", "of"),
    OF_VEHICLE("name", "vehicle"),
    NOTHING_VARIES;

    private final List<String> parameters;

    FactorFinding(String... parameters) {
        this.parameters = List.of(parameters);
    }

    @Override
    public List<String> parameters() {
        return parameters;
    }
}
