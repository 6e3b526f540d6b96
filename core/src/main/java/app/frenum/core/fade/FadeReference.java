package app.frenum.core.fade;

import java.util.List;
import java.util.stream.IntStream;

/** Against which stops fade is counted. */
public enum FadeReference {
    /** The first three whose start temperature is in the gate, by their median: one stop would carry its noise into every figure. */
    FIRST_THREE_IN_GATE {
        @Override
        List<Integer> choose(List<FadeStop> stops, FadeMeasure measure, StartGate gate) {
            return IntStream.range(0, stops.size())
                    .filter(i -> measure.of(stops.get(i)).isKnown() && gate.admits(stops.get(i)))
                    .limit(STOPS)
                    .boxed()
                    .toList();
        }
    },
    FIRST_STOP {
        @Override
        List<Integer> choose(List<FadeStop> stops, FadeMeasure measure, StartGate gate) {
            return IntStream.range(0, stops.size())
                    .filter(i -> measure.of(stops.get(i)).isKnown())
                    .limit(1)
                    .boxed()
                    .toList();
        }
    };

    static final int STOPS = 3;

    abstract List<Integer> choose(List<FadeStop> stops, FadeMeasure measure, StartGate gate);
}
