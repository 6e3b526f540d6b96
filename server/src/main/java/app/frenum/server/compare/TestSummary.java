package app.frenum.server.compare;

import app.frenum.core.compare.Verdict;
import app.frenum.server.plan.TestDefinition;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A line of the list of tests.
 *
 * @param verdict of the first candidate that is settled, else of the first; null while there is nothing to compare
 * @param told what came of it; null while there is nothing to compare
 * @param fluidShown the configurations that showed vapour in their fluid; null where none did
 */
public record TestSummary(
        TestDefinition test,
        String vehicle,
        List<String> configurations,
        long stops,
        @Nullable Verdict verdict,
        @Nullable String candidate,
        @Nullable Told told,
        @Nullable String fluidShown) {}
