package app.frenum.core.stop;

import app.frenum.core.log.Drive;
import app.frenum.core.log.Signal;
import app.frenum.core.quantity.Figure;
import org.jspecify.annotations.Nullable;

/** What line pressure did in a stop, and what came of it. */
final class StopPressures {
    private static final double SHARE_ABOVE_BAR = 1;

    private final Drive drive;
    private final double onset;
    private final @Nullable PlateauWindow plateau;
    private final StopFlags flags;

    StopPressures(OneBraking b, StopFlags flags) {
        drive = b.drive();
        onset = b.extent().onsetS();
        plateau = b.plateau();
        this.flags = flags;
    }

    Figure plateauMean(Signal signal, String whyNot) {
        if (signal.isEmpty()) {
            return Figure.unknown(whyNot);
        }
        return plateau == null
                ? Figure.unknown("there is no plateau")
                : Figure.of(signal.mean(plateau.startS(), plateau.endS()));
    }

    Figure frontShare() {
        if (drive.front().isEmpty() || drive.rear().isEmpty()) {
            return Figure.unknown("front and rear pressure were not both logged");
        }
        if (plateau == null) {
            return Figure.unknown("there is no plateau");
        }
        double weighted = 0;
        double seconds = 0;
        Signal front = drive.front().between(plateau.startS(), plateau.endS());
        for (int i = 1; i < front.size(); i++) {
            double t = (front.t()[i] + front.t()[i - 1]) / 2;
            double f = drive.front().at(t);
            double r = drive.rear().at(t);
            if (f > SHARE_ABOVE_BAR && r > SHARE_ABOVE_BAR) {
                double dt = front.t()[i] - front.t()[i - 1];
                weighted += dt * f / (f + r);
                seconds += dt;
            }
        }
        return seconds > 0 ? Figure.of(weighted / seconds) : Figure.unknown("pressures were never both above 1 bar");
    }

    Figure effectiveness(Figure mfdd, Figure frontMean, boolean gripLimited) {
        if (gripLimited) {
            return Figure.unknown("tyres set the deceleration, not the brakes");
        }
        if (!mfdd.isKnown() || !frontMean.isKnown()) {
            return mfdd.isKnown() ? frontMean : mfdd;
        }
        if (frontMean.value() < SHARE_ABOVE_BAR) {
            return Figure.unknown("front pressure stayed below 1 bar");
        }
        double level = BrakeFinder.coastingLevel(drive.deceleration(), onset);
        if (Double.isNaN(level)) {
            flags.add(FlagFinding.NOTHING_BEFORE_ONSET);
        }
        double coasting = Double.isNaN(level) ? 0 : level;
        return Figure.of((mfdd.value() - coasting) / frontMean.value());
    }
}
