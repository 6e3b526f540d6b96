package app.frenum.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import java.util.List;
import org.junit.jupiter.api.Test;

class LapHeatTest {
    private static final Cooling COOLING = new Cooling(180, 15);

    private static LapHeat.Settled settled(double discKg, double gapS) {
        LapHeat lap = new LapHeat(1500, List.of(new LapHeat.Event(50, 20, gapS), new LapHeat.Event(40, 15, gapS)));
        return lap.settle(COOLING, new DiscRise(1500, 0.7, discKg, 2));
    }

    /** A closed loop gives off in a lap what it takes in: E = m c (peak − trough) of each braking. */
    @Test
    void aSettledLapRepeatsItself() {
        List<LapHeat.LapSwing> swings = settled(9, 40).swings();
        LapHeat.LapSwing last = swings.get(1);
        assertThat(COOLING.after(last.peakC(), 40)).isCloseTo(swings.get(0).troughC(), within(0.5));
        assertThat(LapHeat.whyNot(swings)).isEmpty();
    }

    @Test
    void whatNoDiscLastsIsNotGivenAsATemperature() {
        assertThat(LapHeat.whyNot(settled(9, 3).swings()))
                .contains(Finding.of(HeatFinding.NO_DISC_LASTS, Term.temperature(1000)));
        assertThat(LapHeat.whyNot(settled(0.5, 40).swings())).isPresent();
    }

    /** By hand: ½·1300·(55² − 15²)·0.35·0.95/9 kg, less 9.7 % drag, into iron of 450 + 0.5·(T − 20) J/(kg·K). */
    @Test
    void hotIronTakesMoreHeatAndTheAirBrakesToo() {
        DiscRise disc = new DiscRise(1300, 0.7, 9, 2);
        double joulesPerKg = 0.5 * 1300 * (55 * 55 - 15 * 15) * 0.35 * 0.95 / 9;
        double drag = (0.42 / 1300 * (55 * 55 + 15 * 15) / 2 + 0.12) / 8;
        double rise = disc.from(300, 55, 15);
        double taken = 450 * rise + 0.25 * (Math.pow(300 + rise - 20, 2) - Math.pow(300 - 20, 2));
        assertThat(taken).isCloseTo(joulesPerKg * (1 - drag), within(1e-6 * joulesPerKg));
        assertThat(disc.from(600, 55, 15)).isLessThan(rise);
    }
}
