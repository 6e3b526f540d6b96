package app.frenum.server.analysis;

import app.frenum.core.quantity.Figure;
import app.frenum.core.stop.AnalysisOptions;
import app.frenum.server.plan.TestDefinition;
import java.util.Optional;

/** How stops are measured. */
public final class StopOptions {
    private StopOptions() {}

    /** From the test's speed, on its basis. */
    public static AnalysisOptions of(TestDefinition test) {
        return from(test.nominalSpeed().inside(), test);
    }

    /** A stop of a run begins at its phase's speed, any other at the test's. */
    static AnalysisOptions of(Stop stop, TestDefinition test) {
        return from(
                Optional.ofNullable(stop.nominalMps())
                        .orElse(test.nominalSpeed().inside()),
                test);
    }

    private static AnalysisOptions from(double nominalMps, TestDefinition test) {
        return new AnalysisOptions(Figure.of(nominalMps), test.basis(), AnalysisOptions.DEFAULT_ENTRY_TOLERANCE);
    }
}
