package app.frenum.core.procedure.run;

import app.frenum.core.heat.Motion;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.AbortRule;
import app.frenum.core.procedure.SafetyGate;
import app.frenum.core.stop.Validity;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;

/** What can happen in a run. Each knows what it makes of a run, or why it is out of turn. */
public sealed interface Happening {
    /**
     * The run after it.
     *
     * @throws OutOfTurn when it cannot happen now, with what can
     */
    RunState in(RunState run, RunEvent event);

    /** Whether it judges, signs or releases, and does not only say what happened. */
    default boolean judges() {
        return false;
    }

    /** Somebody signed the safety gate. */
    record Signed(SafetyGate gate) implements Happening {
        @Override
        public boolean judges() {
            return true;
        }

        @Override
        public RunState in(RunState run, RunEvent event) {
            return Waiting.signed(run, gate, event);
        }
    }

    /** Discs were read before a stop. */
    record DiscsRead(Map<WheelPosition, Double> celsius) implements Happening {
        public DiscsRead {
            celsius = celsius.isEmpty() ? Map.of() : new EnumMap<>(celsius);
        }

        @Override
        public RunState in(RunState run, RunEvent event) {
            return Waiting.discsRead(run, celsius, event);
        }
    }

    /** The car was parked, or rolls on to cool its discs. */
    record CarMoves(Motion motion) implements Happening {
        @Override
        public RunState in(RunState run, RunEvent event) {
            return Waiting.moves(run, motion, event);
        }
    }

    /** The lane was called clear, or not clear. */
    record LaneCalled(boolean clear) implements Happening {
        @Override
        public RunState in(RunState run, RunEvent event) {
            return Waiting.laneCalled(run, clear, event);
        }
    }

    /** The run-up began. */
    record Started() implements Happening {
        @Override
        public RunState in(RunState run, RunEvent event) {
            return Waiting.started(run, event);
        }
    }

    /** The vehicle stands, or for a snub has let go of the brake. */
    record AtRest() implements Happening {
        @Override
        public RunState in(RunState run, RunEvent event) {
            return Driving.atRest(run, event);
        }
    }

    /** The approach was given up before braking. */
    record WavedOff(String reason) implements Happening {
        @Override
        public RunState in(RunState run, RunEvent event) {
            return Waiting.wavedOff(run);
        }
    }

    /** The readings of a stop were entered, and are judged at once. */
    record Entered(HandReadings readings) implements Happening {
        @Override
        public RunState in(RunState run, RunEvent event) {
            return Driving.entered(run, readings, event);
        }
    }

    /** The logger saw a stop or snub come to its end; it is judged at once. */
    record Logged(LoggedStop stop) implements Happening {
        @Override
        public RunState in(RunState run, RunEvent event) {
            return Driving.logged(run, stop, event);
        }
    }

    /**
     * The logger went on, and saw how hot the discs got after a stop: they are hottest seconds after the vehicle stands.
     *
     * @param stop that they were heated by
     * @param celsius the peak of each, °C
     */
    record DiscsPeaked(UUID stop, Map<WheelPosition, Double> celsius) implements Happening {
        public DiscsPeaked {
            celsius = celsius.isEmpty() ? Map.of() : new EnumMap<>(celsius);
        }

        @Override
        public RunState in(RunState run, RunEvent event) {
            return Driving.discsPeaked(run, stop, celsius);
        }
    }

    /**
     * An operator went along with the rules, or overruled them with a reason.
     *
     * @param stop that they saw; empty, as it was once, for the last
     */
    record Decided(Validity validity, String reason, Optional<UUID> stop) implements Happening {
        public Decided {
            // Decisions of before named no stop.
            stop = Objects.requireNonNullElse(stop, Optional.empty());
        }

        @Override
        public boolean judges() {
            return true;
        }

        @Override
        public RunState in(RunState run, RunEvent event) {
            return Deciding.decided(run, this, event);
        }
    }

    /** Those who had judged a stop differently have talked about it; what stands, stands. */
    record Settled(UUID stop) implements Happening {
        @Override
        public boolean judges() {
            return true;
        }

        @Override
        public RunState in(RunState run, RunEvent event) {
            return Deciding.settled(run, stop);
        }
    }

    /**
     * Something that is not driven was done.
     *
     * @param note what was put on, seen, or why it was left out
     * @param step whose task its maker saw; empty, as it was once, for the current one
     */
    record TaskDone(String note, Optional<Integer> step) implements Happening {
        public TaskDone {
            // What was done before named no step.
            step = Objects.requireNonNullElse(step, Optional.empty());
        }

        @Override
        public RunState in(RunState run, RunEvent event) {
            return Deciding.taskDone(run, this, event);
        }
    }

    /** Faces of discs were looked at for cracks. */
    record CracksSeen(List<CrackSeen> faces) implements Happening {
        public CracksSeen {
            faces = List.copyOf(faces);
        }

        @Override
        public RunState in(RunState run, RunEvent event) {
            return Halting.cracksSeen(run, faces, event);
        }
    }

    /** Testing was stopped, by a rule or by anybody's word. */
    record Stopped(Optional<AbortRule> rule, String words) implements Happening {
        @Override
        public RunState in(RunState run, RunEvent event) {
            return Halting.stopped(run, rule, words, event);
        }
    }

    /** Testing was released again, after what was inspected. */
    record Released(String inspected) implements Happening {
        @Override
        public boolean judges() {
            return true;
        }

        @Override
        public RunState in(RunState run, RunEvent event) {
            return Halting.released(run, inspected, event);
        }
    }
}
