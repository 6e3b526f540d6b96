package app.frenum.core.fade;

import app.frenum.core.finding.AmountKind;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.procedure.run.PedalFeel;
import app.frenum.core.quantity.Figure;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The cause of fade with its evidence: the late group against the reference group.
 *
 * @param cause what it reads as
 * @param relEffectiveness late over reference, of the measure the study goes by
 * @param relPressure late over reference, of peak line pressure
 * @param relTravel late over reference, of pedal travel at a common pressure
 * @param commonBar that pressure, bar
 * @param pressedLess whether the driver also pressed less hard
 * @param confidence how much there is to go by
 * @param evidence one line each
 */
public record CauseReading(
        FadeCause cause,
        Figure relEffectiveness,
        Figure relPressure,
        Figure relTravel,
        Figure commonBar,
        boolean pressedLess,
        Confidence confidence,
        List<Finding> evidence) {
    private static final double LONG_TRAVEL = 1.15;
    private static final double LESS_PRESSURE = 0.90;
    private static final double PAD_LOSS = 0.90;
    private static final double SLIGHT_LOSS = 0.95;
    private static final double PERCENT = 0.01;

    /** How much there is to go by. */
    public enum Confidence {
        /** Pressure and travel were logged, and say the same. */
        GOOD("pressure and pedal travel were logged"),
        /** Pressure only: the pedal's travel is not known. */
        FAIR("no pedal travel was logged, so vapour in the fluid cannot be ruled out"),
        /** Neither: only what people felt and how far it rolled. */
        WEAK("no line pressure was logged: pressing less hard looks the same");

        private final String label;

        Confidence(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /**
     * Everything the cause is read from.
     *
     * @param measure what relEffectiveness was taken from
     * @param worstFeel of the pedal in the late group
     * @param pressedAsHard as noted beside the stops, late against reference; empty where nobody noted it
     * @param gripLimited whether most stops of a group were the tyres'
     */
    public record Evidence(
            FadeMeasure measure,
            Figure relEffectiveness,
            Figure relPressure,
            Figure relTravel,
            Figure commonBar,
            Optional<PedalFeel> worstFeel,
            Optional<Boolean> pressedAsHard,
            boolean gripLimited) {}

    /** Reads the cause. */
    public static CauseReading of(Evidence e) {
        boolean longTravel = e.relTravel().orElse(0) >= LONG_TRAVEL;
        boolean softPedal = e.worstFeel().filter(PedalFeel::tellsOfTheFluid).isPresent();
        boolean fluid = longTravel || softPedal;
        boolean less = e.relPressure().orElse(1) < LESS_PRESSURE;
        FadeCause cause = cause(e, fluid, less);
        return new CauseReading(
                cause,
                e.relEffectiveness(),
                e.relPressure(),
                e.relTravel(),
                e.commonBar(),
                less
                        && cause != FadeCause.PRESSED_LESS
                        && cause != FadeCause.PRESSED_LESS_OR_FLUID
                        && cause != FadeCause.GRIP_LIMITED,
                confidence(e),
                words(e, less && fluid));
    }

    private static FadeCause cause(Evidence e, boolean fluid, boolean pressedLess) {
        double rel = e.relEffectiveness().orElse(Double.NaN);
        // Fluid comes before all else: nothing that is true beside it is as urgent.
        if (fluid) {
            return rel <= PAD_LOSS ? FadeCause.BOTH : FadeCause.FLUID;
        }
        if (e.gripLimited()) {
            return FadeCause.GRIP_LIMITED;
        }
        if (Double.isNaN(rel)) {
            return FadeCause.UNKNOWN;
        }
        return e.measure() == FadeMeasure.PER_BAR
                ? withPressure(rel, isPedalKnown(e), pressedLess)
                : withoutPressure(rel, e);
    }

    private static FadeCause withPressure(double rel, boolean pedalKnown, boolean pressedLess) {
        if (rel <= PAD_LOSS) {
            return pedalKnown ? FadeCause.PAD : FadeCause.PAD_OR_FLUID;
        }
        if (pressedLess && !pedalKnown) {
            return FadeCause.PRESSED_LESS_OR_FLUID;
        }
        if (rel <= SLIGHT_LOSS) {
            return FadeCause.SLIGHT;
        }
        if (pressedLess) {
            return FadeCause.PRESSED_LESS;
        }
        return pedalKnown ? FadeCause.NONE : FadeCause.NONE_SEEN;
    }

    /**
     * A hard pedal tells the pad; a firm one tells only that it is not the fluid, and the pad where it was noted to be
     * pressed as hard; without a word nothing is told.
     */
    private static FadeCause withoutPressure(double rel, Evidence e) {
        Optional<PedalFeel> feel = e.worstFeel();
        if (rel <= PAD_LOSS) {
            boolean less = e.pressedAsHard().filter(asHard -> !asHard).isPresent();
            boolean asHard = e.pressedAsHard().orElse(false)
                    || !less && feel.filter(f -> f == PedalFeel.HARD).isPresent();
            if (!asHard) {
                return FadeCause.FADE_OR_LESS_PRESSURE;
            }
            return feel.isPresent() ? FadeCause.PAD : FadeCause.PAD_OR_FLUID;
        }
        if (rel <= SLIGHT_LOSS) {
            return FadeCause.SLIGHT;
        }
        if (e.measure() == FadeMeasure.BY_DISTANCE) {
            return FadeCause.TYRES_MAY_HIDE;
        }
        return feel.isPresent() ? FadeCause.NONE : FadeCause.NONE_SEEN;
    }

    /** Unknown is not normal. */
    private static boolean isPedalKnown(Evidence e) {
        return e.relTravel().isKnown() || e.worstFeel().isPresent();
    }

    private static Confidence confidence(Evidence e) {
        if (e.measure() != FadeMeasure.PER_BAR) {
            return Confidence.WEAK;
        }
        return e.relTravel().isKnown() ? Confidence.GOOD : Confidence.FAIR;
    }

    private static List<Finding> words(Evidence e, boolean surer) {
        List<Finding> all = new ArrayList<>();
        all.add(relative(
                switch (e.measure()) {
                    case PER_BAR -> FadeFinding.DECELERATION_PER_BAR;
                    case BY_DECELERATION -> FadeFinding.DECELERATION;
                    case BY_DISTANCE -> FadeFinding.INVERSE_DISTANCE;
                },
                e.relEffectiveness()));
        all.add(relative(FadeFinding.PEAK_PRESSURE, e.relPressure()));
        all.add(relative(FadeFinding.PEDAL_TRAVEL, e.relTravel()));
        e.worstFeel().ifPresent(f -> all.add(Finding.of(FadeFinding.PEDAL_FELT, Term.name(f.label()))));
        e.pressedAsHard()
                .map(asHard -> asHard ? FadeFinding.PRESSED_AS_HARD : FadeFinding.PRESSED_LESS_HARD)
                .ifPresent(noted -> all.add(Finding.of(noted)));
        if (surer) {
            all.add(Finding.of(FadeFinding.PRESSURE_FELL_WITH_PEDAL));
        }
        return List.copyOf(all);
    }

    private static Finding relative(FadeFinding what, Figure rel) {
        Term of = new Term.Said(Finding.of(what));
        return rel.isKnown()
                ? Finding.of(FadeFinding.OF_REFERENCE, of, new Term.Amount(AmountKind.SHARE, rel.value(), PERCENT))
                : Finding.of(FadeFinding.NOT_KNOWN, of, Term.name(rel.reason()));
    }
}
