package app.frenum.core.stop;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.compare.CheckCode;
import app.frenum.core.compare.CheckFinding;
import app.frenum.core.compare.Comparisons;
import app.frenum.core.compare.GripFinding;
import app.frenum.core.compare.GripOrBrakes;
import app.frenum.core.compare.Margin;
import app.frenum.core.compare.Side;
import app.frenum.core.finding.FindingCode;
import app.frenum.core.quantity.Figure;
import app.frenum.core.series.Driven;
import app.frenum.core.series.DrivenStop;
import app.frenum.core.series.Fitted;
import app.frenum.core.series.LikeStops;
import app.frenum.core.series.StopByLogger;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

/** What set the deceleration, told from logs of another origin: see {@link OtherCar}. */
class OtherGripTest {
    private static Side side(String name, long seed, Consumer<OtherCar> setUp) {
        OtherCar car = new OtherCar(seed);
        setUp.accept(car);
        List<DrivenStop> stops = new ArrayList<>();
        for (MeasuredStop s : car.analysed()) {
            stops.add(new StopByLogger(
                    Driven.bare(stops.size() + 1, name, 1, Figure.of(car.cruiseMps)), UUID.randomUUID(), s));
        }
        return LikeStops.toCompare(stops).get(0).side(name, Fitted.named(name), Figure.of(0), false);
    }

    private static FindingCode told(Consumer<OtherCar> a, Consumer<OtherCar> b) {
        return GripOrBrakes.of(side("A", 7, a), side("B", 8, b), "A", "B").code();
    }

    private static CheckFinding check(Consumer<OtherCar> both) {
        Side a = side("A", 7, both);
        return Comparisons.of(a, List.of(side("B", 8, both)), Margin.DEFAULT).get(0).checks().stream()
                .filter(c -> c.code() == CheckCode.GRIP)
                .map(c -> (CheckFinding) c.evidence().code())
                .findFirst()
                .orElseThrow();
    }

    private static final Consumer<OtherCar> WHEELS = c -> c.wheels = true;
    private static final Consumer<OtherCar> LOCKED = WHEELS.andThen(c -> c.lockedToRestS = 0.6);
    private static final Consumer<OtherCar> PRESSURE = c -> c.pressure = true;

    @Test
    void tyresAreNamedWhereWheelsLockedAndNothingWhereNoneWasLogged() {
        assertThat(told(LOCKED, LOCKED)).isEqualTo(GripFinding.TYRES_BOTH);
        assertThat(told(WHEELS, LOCKED)).isEqualTo(GripFinding.TYRES_ONE);
        assertThat(told(PRESSURE, LOCKED)).isEqualTo(GripFinding.TYRES_ONE_OTHER_NOT_TOLD);
        assertThat(told(WHEELS, WHEELS.andThen(c -> c.plateau = 7))).isEqualTo(GripFinding.BRAKES);
        assertThat(told(PRESSURE, PRESSURE.andThen(c -> c.plateau = 7))).isEqualTo(GripFinding.WHEELS_NOT_KNOWN);
        assertThat(told(c -> {}, c -> c.plateau = 7)).isEqualTo(GripFinding.PRESSURE_NOT_KNOWN);
    }

    @Test
    void noWheelIsSaidToHaveTurnedThatNobodyLogged() {
        assertThat(check(WHEELS)).isEqualTo(CheckFinding.WHEELS_TURNED);
        assertThat(check(PRESSURE)).isEqualTo(CheckFinding.WHEELS_NOT_LOGGED);
        assertThat(check(LOCKED)).isEqualTo(CheckFinding.GRIP_SETS_IT);
    }
}
