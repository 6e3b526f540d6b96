package app.frenum.server.trial;

import app.frenum.core.trial.TrialField;
import app.frenum.core.trial.TrialKind;
import java.util.Arrays;
import java.util.List;

/**
 * A kind of trial and what is measured in it, so that the interface has no list of its own.
 *
 * @param fields of the vehicle
 * @param perWheel the field that there is one of for each wheel; empty for none
 */
record TrialPlace(TrialKind kind, String label, String caution, List<String> fields, List<String> perWheel) {
    static List<TrialPlace> all() {
        return Arrays.stream(TrialKind.values())
                .map(k -> new TrialPlace(k, k.label(), k.caution(), fields(k, false), fields(k, true)))
                .toList();
    }

    private static List<String> fields(TrialKind kind, boolean perWheel) {
        return Arrays.stream(TrialField.values())
                .filter(f -> f.kind() == kind && f.isPerWheel() == perWheel)
                .map(Enum::name)
                .toList();
    }
}
