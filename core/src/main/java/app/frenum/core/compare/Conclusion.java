package app.frenum.core.compare;

import static app.frenum.core.compare.ConclusionFinding.*;
import static app.frenum.core.finding.Term.said;

import app.frenum.core.finding.AmountKind;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Interval;
import app.frenum.core.statistics.SampleSize;
import app.frenum.core.stop.DistanceBasis;
import java.util.Arrays;
import java.util.Optional;

/**
 * What a comparison comes to, to be said in so many sentences wherever it is shown.
 *
 * @param sentence the verdict, with the doubt that matters most
 * @param howSure in one fixed scale
 * @param range of the difference, and how often chance alone would bring it about
 * @param next what to do next
 */
public record Conclusion(Finding sentence, Finding howSure, Finding range, Finding next) {

    /**
     * @param a what the baseline is called
     * @param b what the candidate is called
     * @param baseline its stops: what was measured, and from what speed
     */
    public static Conclusion of(Comparison c, String a, String b, Side baseline, Side candidate) {
        int fewer = Math.min(baseline.values().length, candidate.values().length);
        return new Writing(c, Term.name(a), Term.name(b), baseline, fewer).conclusion();
    }

    /** One comparison being put into findings. */
    private static final class Writing {
        private static final double DISTANCE_STEP_M = 0.1;
        private static final double DECELERATION_STEP_MPS2 = 0.01;
        private static final double RARE = 0.001;
        private static final double PLAIN_LEVEL = 0.9501;

        private final Comparison c;
        private final Term a;
        private final Term b;
        private final Side side;
        private final boolean timed;
        private final int fewer;

        Writing(Comparison c, Term a, Term b, Side side, int fewer) {
            this.c = c;
            this.a = a;
            this.b = b;
            this.side = side;
            timed = side.basis() == DistanceBasis.TIME_ONLY;
            this.fewer = fewer;
        }

        Conclusion conclusion() {
            return new Conclusion(sentence(), Finding.of(c.howSure()), range(), next());
        }

        private Finding sentence() {
            if (c.verdict() == Verdict.NOT_COMPARABLE || c.test().isEmpty()) {
                return c.checks().stream()
                        .filter(k -> k.level() == Check.Level.BLOCK)
                        .findFirst()
                        .map(k -> Finding.of(NO_VERDICT, said(Finding.of(k.code())), said(k.evidence())))
                        .orElse(Finding.of(NO_COMPARISON));
            }
            double d = c.test().get().difference();
            return switch (c.verdict()) {
                case GAIN_SHOWN, LOSS_SHOWN -> Finding.of(SHOWN, b, said(does(d)), a, from(), doubt());
                case NO_WORTHWHILE_DIFFERENCE -> Finding.of(ALIKE, a, b, from(), doubt());
                default -> Finding.of(NOT_SETTLED, b, said(was(d)), a, from(), said(Finding.of(unsettled(d))), doubt());
            };
        }

        private Finding does(double d) {
            return Finding.of(
                    timed ? d > 0 ? SLOWS_HARDER : SLOWS_LESS_HARD : d < 0 ? STOPS_SHORTER : STOPS_LONGER, size(d));
        }

        private Finding was(double d) {
            return Finding.of(timed ? d > 0 ? HARDER : LESS_HARD : d < 0 ? SHORTER : LONGER, size(d));
        }

        private Term size(double x) {
            return timed
                    ? new Term.Amount(AmountKind.DECELERATION, Math.abs(x), DECELERATION_STEP_MPS2)
                    : Term.distance(Math.abs(x), DISTANCE_STEP_M);
        }

        private Term from() {
            return said(
                    side.nominalSpeed().isKnown()
                            ? Finding.of(FROM, Term.speed(side.nominalSpeed().value()))
                            : Finding.of(NOTHING));
        }

        /** Why a difference that was seen is not shown. */
        private ConclusionFinding unsettled(double d) {
            if (!c.instrumentFloor().isKnown()
                    || Math.abs(d) < c.instrumentFloor().value()) {
                return BELOW_INSTRUMENTS;
            }
            return c.interval().filter(i -> !i.excludesZero()).isPresent() ? CHANCE_COULD : LOOKED_SO_OFTEN;
        }

        /** An order that could have made the difference, else the first of the cautions. */
        private Term doubt() {
            Optional<CheckCode> caution = couldBeDrift()
                    ? Optional.of(CheckCode.ORDER)
                    : c.checks().stream()
                            .filter(k -> k.level() == Check.Level.CAUTION && k.code() != CheckCode.ORDER)
                            .map(Check::code)
                            .findFirst();
            Finding doubt = Finding.of(caution.flatMap(Writing::doubtOf).orElse(NOTHING));
            return said(
                    c.look().isExtended(fewer)
                            ? Finding.of(BOTH, said(doubt), said(Finding.of(PAST_ITS_PLAN)))
                            : doubt);
        }

        private boolean couldBeDrift() {
            return c.order().filter(DrivingOrder::couldBeDrift).isPresent();
        }

        private static Optional<ConclusionFinding> doubtOf(CheckCode code) {
            return Arrays.stream(ConclusionFinding.values())
                    .filter(f -> f.name().equals("DOUBT_" + code.name()))
                    .findFirst();
        }

        private Finding range() {
            if (c.interval().isEmpty() || c.verdict() == Verdict.NOT_COMPARABLE) {
                return Finding.of(NOTHING_CLAIMED);
            }
            ConclusionFinding wider = wider();
            double step = wider == NOTHING ? 0.01 : 0.001;
            return Finding.of(
                    RANGE,
                    new Term.Amount(AmountKind.SHARE, c.level(), step),
                    said(of(c.interval().get())),
                    said(Finding.of(wider)),
                    said(byChance(c.chance())));
        }

        /** The smaller end first; each end with its own direction where they differ. */
        private Finding of(Interval range) {
            if (!range.excludesZero()) {
                return Finding.of(ACROSS, said(was(range.low())), said(was(range.high())));
            }
            boolean lowIsNear = Math.abs(range.low()) < Math.abs(range.high());
            double near = lowIsNear ? range.low() : range.high();
            double far = lowIsNear ? range.high() : range.low();
            return Finding.of(WITHIN, size(near), said(was(far)));
        }

        private ConclusionFinding wider() {
            if (c.look().isEarly(fewer)) {
                return WIDER_EARLY;
            }
            if (c.look().isExtended(fewer)) {
                return WIDER_EXTENDED;
            }
            return c.level() > PLAIN_LEVEL ? WIDER_ON_THE_WAY : NOTHING;
        }

        /** By chance alone, once in so many tries: never the chance that there is no gain. */
        private static Finding byChance(Figure p) {
            if (!p.isKnown()) {
                return Finding.of(CHANCE_NOT_KNOWN);
            }
            if (p.value() < RARE) {
                return Finding.of(LESS_THAN_ONCE);
            }
            return p.value() > 0.5
                    ? Finding.of(MORE_OFTEN_THAN_NOT)
                    : Finding.of(ONCE_IN, Term.count(Math.round(1 / p.value())));
        }

        private Finding next() {
            return switch (c.verdict()) {
                case NOT_COMPARABLE -> Finding.of(MEND_BLOCK);
                case NOT_SETTLED -> toSettle();
                default -> shown();
            };
        }

        /** What is only leant towards is nowhere called settled. */
        private Finding shown() {
            if (couldBeDrift()) {
                return Finding.of(RETURN, a, smallest());
            }
            if (c.howSure() == HowSure.LEANING) {
                return Finding.of(ONLY_LEANING, b, a, smallest());
            }
            return c.verdict() == Verdict.NO_WORTHWHILE_DIFFERENCE
                    ? Finding.of(KEEP_CHEAPER, b, a, smallest())
                    : Finding.of(SETTLED, b, a, worth(), smallest());
        }

        private Finding toSettle() {
            if (!c.stopsToSettle().isKnown()) {
                boolean otherInstruments = c.checks().stream()
                        .anyMatch(k -> k.code() == CheckCode.INSTRUMENTS && k.level() == Check.Level.CAUTION);
                return Finding.of(otherInstruments ? NO_NUMBER_INSTRUMENTS : NO_NUMBER_SPEEDS);
            }
            long more = Math.round(c.stopsToSettle().value());
            return more == 0
                    ? Finding.of(STOPS_ENOUGH, margin(), smallest())
                    : Finding.of(MORE_STOPS, Term.count(more), margin(), smallest());
        }

        private Term margin() {
            return size(c.margin().orElse(0));
        }

        private Term worth() {
            if (c.worthwhile()) {
                return said(Finding.of(ALL_WORTH, margin()));
            }
            boolean small = c.margin().isKnown()
                    && c.interval().filter(i -> i.isWithin(c.margin().value())).isPresent();
            return said(Finding.of(small ? NOT_WORTH : WORTH_OPEN, margin()));
        }

        private Term smallest() {
            return said(c.test()
                    .map(t -> SampleSize.smallestDifference(fewer, t.pooledSd()))
                    .filter(Double::isFinite)
                    .map(x -> Finding.of(CAN_BE_SEEN, size(x)))
                    .orElse(Finding.of(NOTHING)));
        }
    }
}
