package app.frenum.core.procedure;

import app.frenum.core.quantity.FieldProblem;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * Who takes which role. A small crew may share roles, but nobody drives and controls the lane at once.
 *
 * @param names by role; absent while nobody is named
 */
public record Crew(Map<CrewRole, String> names) {
    public static final Crew NOBODY = new Crew(Map.of());

    private static final int LONGEST_NAME = 100;

    public Crew {
        names = names.isEmpty() ? Map.of() : new EnumMap<>(names);
    }

    public List<FieldProblem> problems() {
        List<FieldProblem> found = new ArrayList<>();
        names.forEach((role, name) -> {
            if (name.isBlank() || name.length() > LONGEST_NAME) {
                found.add(new FieldProblem("crew." + role, "1 to %d characters, please.".formatted(LONGEST_NAME)));
            }
        });
        String driver = names.getOrDefault(CrewRole.DRIVER, "");
        if (!driver.isBlank()
                && driver.strip()
                        .equalsIgnoreCase(
                                names.getOrDefault(CrewRole.LANE_CONTROL, "").strip())) {
            found.add(new FieldProblem(
                    "crew.LANE_CONTROL", "Nobody drives and controls the lane at once; name somebody else."));
        }
        return found;
    }
}
