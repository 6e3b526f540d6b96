package app.frenum.core.heat;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.heat.KeptParts.Demand;
import app.frenum.core.heat.KeptParts.Fluid;
import app.frenum.core.heat.KeptParts.Pad;
import app.frenum.core.heat.KeptParts.Window;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class KeptPartsTest {
    private static final Demand ASKED = new Demand(90, 420, OptionalDouble.of(205));

    private static Pad pad(String name, double low, double high) {
        return new Pad(name, Optional.of(new Window(low, high)));
    }

    private static Ladder ladder(String name, double... celsius) {
        return new Ladder(
                name,
                Arrays.stream(celsius)
                        .mapToObj(c -> new Quantity(c, Unit.CELSIUS))
                        .toList());
    }

    private static List<String> codes(KeptParts kept) {
        return kept.against(ASKED).stream().map(f -> f.code().name()).toList();
    }

    @Test
    void aPadFitsFromTheColdestStartToTheHottestPeakAndNoOtherDoes() {
        KeptParts kept = new KeptParts(
                List.of(
                        pad("organic", 20, 330),
                        pad("semi-metallic", 60, 480),
                        pad("sintered", 200, 700),
                        pad("just so", 90, 420),
                        new Pad("from the shelf", Optional.empty())),
                List.of(),
                List.of());
        assertThat(codes(kept))
                .containsExactly(
                        "PAD_WORKED_TOO_HOT",
                        "PAD_FITS",
                        "PAD_BEGINS_TOO_COLD",
                        "PAD_FITS",
                        "PAD_WITHOUT_WINDOW",
                        "NO_FLUID_KNOWN");
        assertThat(codes(new KeptParts(List.of(pad("organic", 20, 330)), List.of(), List.of())))
                .contains("NO_PAD_FITS");
    }

    @Test
    void fluidsStandByWhereTheyBoilAndNoFigureIsClaimedForTheWork() {
        KeptParts kept = new KeptParts(
                List.of(), List.of(new Fluid("three years old", 155, true), new Fluid("fresh", 265, false)), List.of());
        List<Finding> told = kept.against(ASKED);
        assertThat(told.get(1).terms().get("fluid")).isEqualTo(Term.name("fresh"));
        assertThat(told.get(1).terms().get("beside"))
                .isEqualTo(Term.said(Finding.of(FitFinding.HIGHER, Term.temperatureApart(60))));
        assertThat(told.get(2).terms().get("beside"))
                .isEqualTo(Term.said(Finding.of(FitFinding.LOWER, Term.temperatureApart(50))));
        assertThat(told.get(3).code()).isEqualTo(FitFinding.NOTHING_READS_THE_FLUID);
    }

    @Test
    void paintTellsOnlyWhereItsStepsReach() {
        KeptParts kept = new KeptParts(
                List.of(),
                List.of(),
                List.of(ladder("low", 100, 250), ladder("right", 250, 350, 450), ladder("high", 500, 600)));
        assertThat(codes(kept)).endsWith("LADDER_ENDS_BELOW", "LADDER_COVERS", "LADDER_BEGINS_ABOVE");
    }
}
