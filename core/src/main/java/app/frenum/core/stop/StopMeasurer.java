package app.frenum.core.stop;

import app.frenum.core.log.Calibration;
import app.frenum.core.log.Drive;
import app.frenum.core.log.HealthFinding;
import app.frenum.core.log.Log;
import app.frenum.core.log.Signal;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import java.util.List;
import java.util.Map;

/** Measures one application of the brake: the formulas of docs/handbook.md, "One stop". */
final class StopMeasurer {
    /** What is read before the onset: the coasting level needs 2 s. */
    private static final double BEFORE_S = 4;
    /** What is read after the release: the roll-out, and the disc's peak behind a slow sensor. */
    private static final double AFTER_S = 12;

    private static final String NO_FRONT = "no front pressure was logged";
    private static final double IDLE_FROM_S = 2.0;
    private static final double IDLE_TO_S = 0.3;

    private final Log log;
    private final Calibration calibration;
    private final AnalysisOptions options;
    private final List<HealthFinding> health;

    StopMeasurer(Log log, Calibration calibration, AnalysisOptions options, List<HealthFinding> health) {
        this.log = log;
        this.calibration = calibration;
        this.options = options;
        this.health = health;
    }

    Drive read(double onset, double off) {
        return Drive.read(log, idleBefore(onset), onset - BEFORE_S, off + AFTER_S);
    }

    /** By deceleration alone a weak brake looks like an engine's. */
    double leastBrakingMps2(BrakeApplication brake) {
        return brake.source() == OnsetSource.DECELERATION ? AnalysisOptions.BRAKING_MPS2 : options.leastBrakingMps2();
    }

    /** The offsets, with the level that pressures had just before this stop: they drift. */
    private Drive.Offsets idleBefore(double onset) {
        Drive before = Drive.read(log, calibration.offsets(), onset - BEFORE_S, onset);
        return calibration.offsets().withIdle(idle(before.rawFront(), onset), idle(before.rawRear(), onset));
    }

    /** Median over the 2 s before the onset, less the last bit; 0 where the pedal was not free then. */
    private double idle(Signal pressure, double onset) {
        double level = DecelerationEdges.median(pressure, onset - IDLE_FROM_S, onset - IDLE_TO_S);
        return Math.abs(level) < BrakeFinder.LARGEST_IDLE_BAR ? level : 0;
    }

    /** @param source what says where the onset is: the signal that found the brake, or a hand */
    MeasuredStop measure(Drive drive, StopExtent extent, BrakeApplication brake, OnsetSource source) {
        return measured(OneBraking.of(log, drive, extent, brake, options, calibration), source);
    }

    private MeasuredStop measured(OneBraking b, OnsetSource source) {
        StopDistance of = new StopDistance(b);
        StopDeceleration slowing = new StopDeceleration(b);
        StopDoubt doubt = new StopDoubt(b);
        StopFlags flags = new StopFlags(b, health);
        StopPressures pressures = new StopPressures(b, flags);
        StopTemperatures discs = new StopTemperatures(b, flags);
        Figure start = b.whole().isKnown() ? of.windowStart() : b.whole();
        Figure distance = start.map(t -> b.source().slipFactor()
                * (b.drive().speed().integral(t, b.end()) + b.extent().tailM()));
        Figure time = start.map(t -> b.extent().endS() - t);
        Figure mfdd = mfdd(b).map(a -> a * b.source().slipFactor());
        Figure frontMean = pressures.plateauMean(b.drive().front(), NO_FRONT);
        Figure corrected = of.corrected(distance);
        Figure mean = of.meanDeceleration(start, distance);
        WheelLimit wheels = WheelLimit.of(b.drive(), b.slip().limitedShare());
        boolean gripLimited = wheels == WheelLimit.REACHED;
        flags.entry();
        flags.trace(gripLimited);
        flags.speed();
        flags.implausible(mean);
        Map<WheelPosition, Double> startTemperatures = discs.startTemperatures();
        Map<WheelPosition, Double> peakTemperatures = discs.peakTemperatures();
        PlateauWindow plateau = b.plateau();
        return new MeasuredStop(
                b.extent().kind(),
                options.basis(),
                b.onset(),
                b.extent().endS(),
                source,
                b.source(),
                Figure.of(b.v0()),
                Figure.of(b.v2()),
                distance,
                corrected,
                FootDelay.of(source).distance(distance, b.v0(), options.basis()),
                time,
                mfdd,
                plateau == null ? mfdd : Figure.of(plateau.startS()),
                plateau == null ? mfdd : Figure.of(plateau.endS()),
                mean,
                slowing.peakDeceleration(),
                slowing.buildUp(mfdd),
                of.lostTime(distance, mfdd),
                frontMean,
                pressures.plateauMean(b.drive().rear(), "no rear pressure was logged"),
                b.drive().front().isEmpty()
                        ? Figure.unknown(NO_FRONT)
                        : Figure.of(b.drive().front().max(b.onset(), b.end())),
                pressures.frontShare(),
                pressures.effectiveness(mfdd, frontMean, gripLimited),
                b.brake(),
                startTemperatures,
                peakTemperatures,
                PedalCurve.of(b.drive().front(), b.drive().travel(), b.onset(), b.end()),
                b.slip().locked(),
                doubt.uncertainty(distance, corrected, time, mfdd, slowing.mfddUncertainty(), source),
                FusedStop.of(
                        b.drive(),
                        b.brake(),
                        b.onset(),
                        calibration.restSpeedRms(),
                        calibration.offsets().latency().shiftS()),
                wheels,
                flags.all());
    }

    private static Figure mfdd(OneBraking b) {
        if (b.plateau() != null) {
            return b.plateau().mfdd();
        }
        return b.whole().isKnown() ? Figure.unknown("speed never falls through the plateau's window") : b.whole();
    }
}
