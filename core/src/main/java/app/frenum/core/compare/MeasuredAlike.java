package app.frenum.core.compare;

import static app.frenum.core.compare.CheckFinding.AGAINST;
import static app.frenum.core.compare.CheckFinding.BOTH;
import static app.frenum.core.compare.CheckFinding.BY_INSTRUMENTS;
import static app.frenum.core.compare.CheckFinding.LATENCY_NOT_KNOWN;
import static app.frenum.core.compare.CheckFinding.NO_NOMINAL_SPEED;
import static app.frenum.core.compare.CheckFinding.NO_SPEED;
import static app.frenum.core.compare.CheckFinding.SPEED_SOURCES;
import static app.frenum.core.compare.CheckFinding.WHEELS_ON_BOTH_SIDES;
import static app.frenum.core.compare.CheckFinding.WHEELS_ON_ONE_SIDE;

import app.frenum.core.finding.AmountKind;
import app.frenum.core.finding.Term;
import app.frenum.core.log.SpeedSource;
import app.frenum.core.quantity.Unit;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.FlagCode;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Whether both sides were measured from the same point, at the same speed, with the same instruments. */
final class MeasuredAlike {
    private static final double SAME_SPEED = 0.005;

    private MeasuredAlike() {}

    static List<Check> basis(Side a, Side b) {
        if (a.basis() != b.basis()) {
            return List.of(Check.block(
                    CheckCode.BASIS,
                    AGAINST,
                    Term.name(a.basis().label()),
                    Term.name(b.basis().label())));
        }
        List<Check> all = new ArrayList<>();
        all.add(Check.pass(CheckCode.BASIS, BOTH, Term.name(a.basis().label())));
        if (a.basis() == DistanceBasis.ONSET_TO_REST) {
            all.addAll(DrivenAlike.same(CheckCode.ONSET_SOURCE, "onset", ComparedStop.Circumstances::onsetSource)
                    .of(a, b));
        }
        return all;
    }

    static List<Check> nominalSpeed(Side a, Side b) {
        if (!a.nominalSpeed().isKnown() || !b.nominalSpeed().isKnown()) {
            boolean noSpeed = a.basis() == DistanceBasis.ONSET_TO_REST && !hasSpeed(a) && !hasSpeed(b);
            if (noSpeed) {
                return List.of(Check.block(CheckCode.NOMINAL_SPEED, NO_SPEED));
            }
            return List.of(Check.notKnown(CheckCode.NOMINAL_SPEED, NO_NOMINAL_SPEED));
        }
        double va = a.nominalSpeed().value();
        double vb = b.nominalSpeed().value();
        return List.of(
                Math.abs(va - vb) > SAME_SPEED * va
                        ? Check.block(CheckCode.NOMINAL_SPEED, AGAINST, speed(va), speed(vb))
                        : Check.pass(CheckCode.NOMINAL_SPEED, BOTH, speed(va)));
    }

    private static boolean hasSpeed(Side side) {
        return side.nominalSpeed().isKnown() || side.known(ComparedStop::entrySpeed).length > 0;
    }

    static Term speed(double mps) {
        return new Term.Amount(AmountKind.SPEED, mps, Unit.KILOMETRES_PER_HOUR.toInside(0.1));
    }

    static List<Check> instruments(Side a, Side b) {
        Set<Instrument> ia = a.instruments();
        Set<Instrument> ib = b.instruments();
        if (ia.isEmpty() || ib.isEmpty()) {
            return List.of();
        }
        if (!a.speedSources().equals(b.speedSources())) {
            return List.of(Check.caution(CheckCode.INSTRUMENTS, SPEED_SOURCES, sources(a), sources(b)));
        }
        return List.of(
                ia.equals(ib)
                        ? Check.pass(CheckCode.INSTRUMENTS, BY_INSTRUMENTS, labels(ia))
                        : Check.caution(CheckCode.INSTRUMENTS, AGAINST, labels(ia), labels(ib)));
    }

    private static Term sources(Side side) {
        return Term.names(side.speedSources().stream().map(SpeedSource::label).toList());
    }

    private static Term labels(Set<Instrument> instruments) {
        return Term.names(instruments.stream().map(Instrument::label).toList());
    }

    static List<Check> reference(Side a, Side b) {
        boolean bridgedA = isBridged(a);
        boolean bridgedB = isBridged(b);
        if (bridgedA != bridgedB) {
            return List.of(Check.caution(
                    CheckCode.REFERENCE, WHEELS_ON_ONE_SIDE, Term.name((bridgedA ? a : b).configuration())));
        }
        return bridgedA ? List.of(Check.caution(CheckCode.REFERENCE, WHEELS_ON_BOTH_SIDES)) : List.of();
    }

    private static boolean isBridged(Side side) {
        return side.anyFlag(FlagCode.REFERENCE_BRIDGED) || side.anyFlag(FlagCode.WHEEL_LOCK);
    }

    static List<Check> latency(Side a, Side b) {
        boolean unknownA = a.anyFlag(FlagCode.SPEED_LATE_UNKNOWN);
        boolean unknownB = b.anyFlag(FlagCode.SPEED_LATE_UNKNOWN);
        boolean alike = unknownA == unknownB && (!unknownA || a.speedSources().equals(b.speedSources()));
        return alike
                ? List.of()
                : List.of(Check.block(
                        CheckCode.SPEED_LATENCY, LATENCY_NOT_KNOWN, Term.name((unknownA ? a : b).configuration())));
    }
}
