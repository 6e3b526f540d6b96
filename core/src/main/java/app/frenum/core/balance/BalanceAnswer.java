package app.frenum.core.balance;

import static app.frenum.core.balance.BalanceFinding.*;

import app.frenum.core.balance.AdjusterLine.Advice;
import app.frenum.core.balance.AxleLoads.Axle;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Unit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * What line pressures come to beside the ideal, in sentences. A share of line pressure is held against the ideal share of
 * brake force only by way of {@link PressureToForce}; where that is not known nothing is said of which axle locks first.
 *
 * @param loads how the weight lies, or empty
 * @param toForce from line pressure to brake force, or empty
 * @param whyNot what is missing for either; empty when nothing is
 * @param moved the same once for each of the vehicle's figures that is known to a standard uncertainty, moved by that
 */
public record BalanceAnswer(
        Optional<AxleLoads> loads, Optional<PressureToForce> toForce, String whyNot, List<BalanceAnswer> moved) {
    private static final double STEP = 0.001;
    /** Of 95 %, in standard uncertainties. */
    private static final double COVERAGE = 2;
    /** On a damp or wet lane so much of the grip is left. */
    private static final double DAMP = 0.6;

    /** With the vehicle's figures taken to be as entered. */
    public BalanceAnswer(Optional<AxleLoads> loads, Optional<PressureToForce> toForce, String whyNot) {
        this(loads, toForce, whyNot, List.of());
    }

    /** The front share of line pressure that would use both axles' grip alike at a deceleration, m/s². */
    public Figure ideal(double slowingMps2) {
        return loads.isPresent() && toForce.isPresent()
                ? Figure.of(toForce.get().pressureShare(Math.min(1, loads.get().idealShare(slowingMps2))))
                : Figure.unknown(whyNot);
    }

    /** Half-width of the 95 % interval of {@link #ideal}, as far as the vehicle's figures were entered with a ±. */
    public double idealHalfWidth(double slowingMps2) {
        return halfWidth(ideal(slowingMps2), a -> a.ideal(slowingMps2));
    }

    /** The same of the ideal front share of brake force. */
    public double forceHalfWidth(double slowingMps2) {
        return halfWidth(force(slowingMps2), a -> a.force(slowingMps2));
    }

    private Figure force(double slowingMps2) {
        return loads.map(l -> Figure.of(l.idealShare(slowingMps2))).orElse(Figure.unknown(whyNot));
    }

    private double halfWidth(Figure stands, Function<BalanceAnswer, Figure> moves) {
        double squares = moved.stream()
                .map(moves)
                .filter(m -> m.isKnown() && stands.isKnown())
                .mapToDouble(m -> Math.pow(m.value() - stands.value(), 2))
                .sum();
        return COVERAGE * Math.sqrt(squares);
    }

    /**
     * One configuration.
     *
     * @param side what it is called
     * @param share mean over its stops, with the half-width of its 95 % interval
     * @param through lowest and highest tenth through the plateau, mean over its stops
     * @param slowingMps2 its mean plateau deceleration
     */
    public Finding share(String side, Figure share, Figure half, Figure[] through, Figure slowingMps2) {
        if (!share.isKnown() || !slowingMps2.isKnown()) {
            return Finding.of(NOT_LOGGED);
        }
        return Finding.of(
                SHARE,
                Term.name(side),
                Term.share(share.value()).within(half).step(STEP),
                Term.deceleration(slowingMps2.value()),
                amount(through[0].orElse(share.value())),
                amount(through[1].orElse(share.value())),
                Term.said(beside(share.value(), half.orElse(0), slowingMps2.value())));
    }

    private Finding beside(double share, double half, double slowing) {
        Figure ideal = ideal(slowing);
        if (!ideal.isKnown()) {
            return Finding.of(IDEAL_NOT_KNOWN, Term.name(ideal.reason()));
        }
        double idealHalf = idealHalfWidth(slowing);
        Term told = told(ideal.value(), idealHalf);
        if (Math.abs(share - ideal.value()) <= Math.hypot(half, idealHalf)) {
            return Finding.of(NEAR_IDEAL, told);
        }
        return Finding.of(share > ideal.value() ? FRONT_FIRST : REAR_FIRST, told);
    }

    /** Which axle was seen to lock first, in the stops of one configuration; nothing where none locked. */
    public static Optional<Finding> locked(String side, List<LockOrder> seen) {
        if (seen.isEmpty()) {
            return Optional.empty();
        }
        // The dangerous order is told, however seldom it was.
        boolean rear = seen.stream().anyMatch(l -> l.first() == Axle.REAR);
        List<LockOrder> those =
                seen.stream().filter(l -> (l.first() == Axle.REAR) == rear).toList();
        return Optional.of(Finding.of(
                LOCKED_FIRST,
                Term.name(side),
                Term.said(Finding.of(rear ? REAR : FRONT)),
                Term.count(those.size()),
                Term.said(margin(those))));
    }

    /** The least that any of them left to the other axle. */
    private static Finding margin(List<LockOrder> those) {
        Optional<LockOrder> soonest = those.stream()
                .filter(l -> l.marginS().isKnown())
                .min(Comparator.comparingDouble(l -> l.marginS().value()));
        if (soonest.isPresent()) {
            Term time = Term.seconds(soonest.get().marginS().value(), 0.01);
            Figure slowing = soonest.get().marginMps2();
            return slowing.isKnown()
                    ? Finding.of(BEFORE_AND_HARDER, time, inG(slowing.value()))
                    : Finding.of(BEFORE, time);
        }
        return those.stream()
                .filter(l -> l.heldToMps2().isKnown())
                .map(l -> l.heldToMps2().value())
                .min(Double::compare)
                .map(a -> Finding.of(HELD, inG(a)))
                .orElse(Finding.of(SEEN));
    }

    private static Term inG(double mps2) {
        return Term.times(mps2 / Unit.G, 0.01);
    }

    /** What a turn does. */
    public static Finding aTurn(AdjusterLine adjuster) {
        Figure slope = adjuster.line().slope();
        if (!slope.isKnown()) {
            return Finding.of(NO_LINE, Term.name(slope.reason()));
        }
        return Finding.of(
                A_TURN,
                amount(slope.value()),
                amount(adjuster.line().slopeLow().value()),
                amount(adjuster.line().slopeHigh().value()),
                Term.said(
                        adjuster.play().isKnown()
                                ? Finding.of(PLAY, Term.times(adjuster.play().value(), 0.1))
                                : Finding.of(PLAY_NOT_KNOWN)));
    }

    /**
     * Which way to turn for a wanted share. What could let the rear lock first, within its ±, is blocked, and so is what
     * cannot be looked at; to turn towards the front is always let through.
     *
     * @param hardestMps2 the hardest that was slowed in the test
     */
    public Finding turn(
            AdjusterLine adjuster,
            List<AdjusterLine.Tried> tried,
            double fromTurns,
            double wanted,
            double hardestMps2) {
        Figure turns = adjuster.turnsFor(fromTurns, wanted);
        Term asked = amount(wanted);
        if (!turns.isKnown()) {
            return Finding.of(OUT_OF_REACH, asked, Term.name(turns.reason()));
        }
        if (turns.value() == 0) {
            return Finding.of(LEAVE, asked);
        }
        Advice advice = adjuster.after(fromTurns, turns.value(), tried);
        boolean toFront = advice.share() > adjuster.line().at(fromTurns).value();
        double low = advice.share() - advice.halfWidth();
        Figure ideal = ideal(hardestMps2);
        if (!toFront && !ideal.isKnown()) {
            return Finding.of(BLOCKED_NOT_KNOWN, asked, Term.name(ideal.reason()));
        }
        double least = ideal.orElse(0) + idealHalfWidth(hardestMps2);
        if (!toFront && low < least) {
            return Finding.of(BLOCKED_REAR_FIRST, asked, amount(low), amount(least), Term.deceleration(hardestMps2));
        }
        return Finding.of(
                TURN,
                asked,
                Term.times(Math.abs(turns.value()), 0.01),
                Term.said(Finding.of(toFront ? TO_FRONT : TO_REAR)),
                amount(advice.share()),
                amount(low),
                amount(advice.share() + advice.halfWidth()));
    }

    /** Why a damp or wet lane asks for another share, and why to leave it. */
    public Finding lessGrip(double hardestMps2) {
        double wet = DAMP * hardestMps2;
        Figure ideal = ideal(wet);
        return ideal.isKnown()
                ? Finding.of(
                        LESS_GRIP,
                        Term.deceleration(wet),
                        amount(ideal.value()),
                        amount(ideal(hardestMps2).value()))
                : Finding.of(NOTHING);
    }

    private static Term told(double share, double half) {
        return half > 0 ? Term.share(share).within(Figure.of(half)).step(STEP) : amount(share);
    }

    private static Term amount(double share) {
        return Term.share(share).step(STEP);
    }
}
