package app.frenum.core.series;

import app.frenum.core.procedure.run.PedalEffort;
import app.frenum.core.procedure.run.PedalFeel;
import app.frenum.core.quantity.Figure;
import java.util.Optional;
import java.util.UUID;

/**
 * As what a stop was driven.
 *
 * @param id of the stop; any, where it is kept nowhere
 * @param number as counted at the lane
 * @param configuration which parts were on: the name of a configuration, or its key
 * @param block which block of its configuration, from 1
 * @param order place in the order of driving over the whole test, from 1; 0 where nobody knows it
 * @param nominalSpeed that it was to begin at, m/s
 * @param phase of the procedure, such as cold or hot; empty where none tells it from the test's others
 * @param surroundings under what
 * @param feel of the pedal, as the driver called it
 * @param effort how hard the pedal was pressed, as noted
 * @param struckOut why a person took it out; empty where nobody did
 */
public record Driven(
        UUID id,
        int number,
        String configuration,
        int block,
        int order,
        Figure nominalSpeed,
        Optional<String> phase,
        Surroundings surroundings,
        Optional<PedalFeel> feel,
        Optional<PedalEffort> effort,
        Optional<String> struckOut) {

    /** A stop of which nothing but its configuration, block and nominal speed is known. */
    public static Driven bare(int number, String configuration, int block, Figure nominalSpeed) {
        return new Driven(
                new UUID(0, number),
                number,
                configuration,
                block,
                0,
                nominalSpeed,
                Optional.empty(),
                Surroundings.UNKNOWN,
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** Struck out for a reason, or taken back. */
    public Driven struckOut(Optional<String> why) {
        return new Driven(
                id, number, configuration, block, order, nominalSpeed, phase, surroundings, feel, effort, why);
    }
}
