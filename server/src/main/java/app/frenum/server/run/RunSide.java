package app.frenum.server.run;

import app.frenum.core.garage.BrakeSwitch;
import app.frenum.core.procedure.run.RunScript;
import app.frenum.core.procedure.run.RunState;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A configuration as the run card shows it.
 *
 * @param switches that have to be on or off for its stops
 * @param stopsEach measured stops that it is to have of the phase that is driven now
 */
record RunSide(String name, List<Switch> switches, int stopsEach) {
    /**
     * A switch as it is asked for.
     *
     * @param name as it is sent back with readings
     * @param label for people
     * @param proof what shows how it stands
     */
    record Switch(BrakeSwitch name, String label, String proof, boolean on) {}

    static List<RunSide> of(RunState run) {
        RunScript script = run.script();
        return IntStream.range(0, script.sides().size())
                .mapToObj(c -> of(script.sides().get(c), script.measuredStops(c, run.measuredPhase())))
                .toList();
    }

    private static RunSide of(RunScript.Side side, int stopsEach) {
        return new RunSide(
                side.name(),
                side.switches().entrySet().stream()
                        .map(s -> new Switch(
                                s.getKey(), s.getKey().label(), s.getKey().proof(), s.getValue()))
                        .sorted((a, b) -> a.name().compareTo(b.name()))
                        .toList(),
                stopsEach);
    }
}
