package app.frenum.server.compare;

import app.frenum.core.compare.Look;
import app.frenum.core.compare.Margin;
import app.frenum.core.compare.Side;
import app.frenum.server.plan.TestDefinition;
import java.util.List;
import java.util.UUID;

/**
 * What the comparison of a test rests on.
 *
 * @param vehicle by name
 * @param configurationIds the baseline first
 * @param letters by which screens mark them
 * @param sides in the same order
 */
public record ComparedSides(
        TestDefinition test,
        String vehicle,
        List<UUID> configurationIds,
        List<String> letters,
        List<Side> sides,
        Margin margin,
        Look look) {}
