package app.frenum.server.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.frenum.core.finding.AsWritten;
import app.frenum.core.garage.ConfigurationSpec;
import app.frenum.core.garage.VehicleField;
import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.heat.AirFlow;
import app.frenum.core.heat.DiscReading;
import app.frenum.core.heat.PeakSource;
import app.frenum.core.log.Calibration;
import app.frenum.core.log.HealthFinding;
import app.frenum.core.log.SpeedLatency;
import app.frenum.core.log.SpeedSource;
import app.frenum.core.procedure.Phase;
import app.frenum.core.procedure.Procedure;
import app.frenum.core.procedure.SafetyCheck;
import app.frenum.core.procedure.run.Happening;
import app.frenum.core.procedure.run.PedalEffort;
import app.frenum.core.procedure.run.PedalFeel;
import app.frenum.core.procedure.run.RunScript;
import app.frenum.core.procedure.run.Step;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.core.series.HandEntry;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.PedalCurve;
import app.frenum.core.stop.WheelLimit;
import app.frenum.server.RunningServer;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What an earlier Frenum kept is read as what it meant, and what is kept now comes back as it was. */
class DocumentsTest {
    private static final Path SAMPLES = Path.of("src/test/resources/documents");

    private final Documents documents = RunningServer.shared().bean(Documents.class);

    private static String sample(String name) {
        try {
            return Files.readString(SAMPLES.resolve(name + ".json"));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private <T> T first(String name, Class<T> kind) {
        T read = documents.read(sample(name + "-1"), kind);
        assertThat(documents.read(documents.write(read), kind)).isEqualTo(read);
        return read;
    }

    @Test
    void aStopThatWasMeasuredBeforeItsPlusMinusWas() {
        MeasuredStop stop = first("measured-stop", MeasuredStop.class);
        assertThat(stop.distance().value()).isEqualTo(44.2);
        assertThat(stop.brake().nextOnsetS()).isInfinite();
        assertThat(stop.speedSource()).isEqualTo(SpeedSource.UNNAMED);
        assertThat(stop.uncertainty().shared().isKnown()).isFalse();
        assertThat(stop.brake().onsetUncertainty().reason()).contains("not computed when");
        assertThat(stop.uncertainty().reading().reason()).contains("not computed when");
        assertThat(stop.fused().distance().isKnown()).isFalse();
        assertThat(stop.pedal()).isEqualTo(PedalCurve.none());
        assertThat(stop.lockedAtS()).isEmpty();
        assertThat(stop.wheels()).isEqualTo(WheelLimit.NOT_LOGGED);
        assertThat(stop.flags().get(0).finding()).isEqualTo(AsWritten.of("locked: front left, front right"));
    }

    @Test
    void theReadingOfAStopStoodInItsDistance() {
        String between =
                sample("measured-stop-1").replaceFirst("\\{", "{\"uncertainty\": {\"distance\": {\"value\": 0.4}}, ");
        assertThat(documents
                        .read(between, MeasuredStop.class)
                        .uncertainty()
                        .reading()
                        .value())
                .isEqualTo(0.4);
    }

    @Test
    void healthWasABareList() {
        List<HealthFinding> health = documents.readList(sample("health-1"), HealthFinding.class);
        assertThat(health.get(0).finding()).isEqualTo(AsWritten.of("no rows for 1.2 s"));
        assertThat(documents.readList(documents.write(health), HealthFinding.class))
                .isEqualTo(health);
        assertThat(documents.readList(documents.write(List.of()), HealthFinding.class))
                .isEmpty();
    }

    @Test
    void aCalibrationOfBeforeDriftWasFollowedHasNone() {
        Calibration calibration = documents.read(sample("calibration-1"), Calibration.class);
        assertThat(calibration.offsets().frontDrift().drift()).isZero();
        assertThat(calibration.offsets().latency()).isEqualTo(SpeedLatency.NONE);
        assertThat(calibration.lateChannels()).isEmpty();
        Calibration again = documents.read(documents.write(calibration), Calibration.class);
        assertThat(again.offsets().frontBar()).isEqualTo(0.4);
        assertThat(again.restSpeedRms()).isEqualTo(0.03);
    }

    @Test
    void figuresOfTheGarageHadNoPlusMinus() {
        VehicleSpec vehicle = first("vehicle", VehicleSpec.class);
        assertThat(vehicle.figures().get(VehicleField.MASS_LADEN).inside()).isEqualTo(1620);
        assertThat(vehicle.uncertainties()).isEmpty();
        ConfigurationSpec configuration = first("configuration", ConfigurationSpec.class);
        assertThat(configuration.parts().values().iterator().next().uncertainties())
                .isEmpty();
    }

    @Test
    void whoSignedOrReadStoodInWhatWasSignedAndRead() {
        Happening.Signed signed = (Happening.Signed) first("happening", Happening.class);
        assertThat(signed.gate().seen()).containsExactlyInAnyOrder(SafetyCheck.FIRST_AID, SafetyCheck.RADIOS);
        DiscReading reading = first("disc-reading", DiscReading.class);
        assertThat(reading.value()).contains(new Quantity(284, Unit.FAHRENHEIT));
        assertThat(reading.face()).isEmpty();
        assertThat(first("air-flow", AirFlow.class).seen()).isEqualTo("They hang.");
    }

    @Test
    void aStopByHandWasARowOfASheet() {
        HandEntry entry = first("hand-entry", HandEntry.class);
        assertThat(entry.distance()).contains(new Quantity(145, Unit.FEET));
        assertThat(entry.pedal()).contains(PedalFeel.LONG_SOFT);
        assertThat(entry.effort()).contains(PedalEffort.HARD);
        assertThat(entry.readOn()).contains(PeakSource.BLACKENED);
        assertThat(entry.conditions().surface()).contains("damp");
        assertThat(entry.conditions().date()).contains("2026-03-14");
        assertThat(entry.secondsAfterRest()).isEmpty();
        assertThat(entry.note()).contains("wind");
    }

    @Test
    void everyPhaseWasEverybodysAndNoGroupWasRepeated() {
        Procedure procedure = first("procedure", Procedure.class);
        assertThat(procedure.phases()).extracting(Phase::whose).containsOnly(Phase.Whose.EVERY);
        assertThat(procedure.phases()).extracting(Phase::name).containsExactly("warming snubs", "stops");
        assertThat(procedure.cycle()).isEmpty();
        assertThat(procedure.limits().get(0).phase()).isEmpty();
        RunScript script = first("run-script", RunScript.class);
        assertThat(script.rules()).isEqualTo(1);
        assertThat(script.steps().get(0).phase().orElseThrow().whose()).isEqualTo(Phase.Whose.EVERY);
        assertThat(script.steps().get(0).cycle()).isZero();
    }

    @Test
    void aRunThatWasBegunBeforeStandingDiscsWereKnownHasThemUnknown() {
        RunScript script = new RunScript(
                List.of(new Step(Step.Kind.CHANGE_PARTS, 0, 1, Optional.empty(), 1, 0)),
                List.of(new RunScript.Side("A", Map.of())),
                Set.of(),
                25,
                1,
                3,
                15,
                120,
                Optional.of(300.0),
                Optional.empty(),
                Set.of(),
                RunScript.RULES);
        String before = documents
                .write(script)
                .replaceFirst("\"standingTauS\":[0-9.]+,", "")
                .replaceFirst("\"\\$version\":4", "\"was\":0")
                .replaceFirst("\"rules\":3", "\"were\":0");
        assertThat(before).doesNotContain("standingTauS").doesNotContain("version");
        assertThat(documents.read(before, RunScript.class).cooling().standingS())
                .isEmpty();
        assertThat(documents.read(before, RunScript.class).rules()).isEqualTo(1);
        assertThat(documents.read(documents.write(script), RunScript.class)).isEqualTo(script);
    }

    @Test
    void whatANewerFrenumWroteIsRefusedInWords() {
        String newer = sample("hand-entry-1").replaceFirst("\\{", "{\"\\$version\": 99, ");
        assertThatThrownBy(() -> documents.read(newer, HandEntry.class)).hasMessageContaining("newer Frenum");
    }

    @Test
    void everyKindThatChangedHasASampleOfBefore() {
        assertThat(History.changed())
                .as("add its sample, and a test that reads it")
                .hasSize(11);
    }
}
