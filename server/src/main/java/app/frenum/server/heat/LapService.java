package app.frenum.server.heat;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.finding.UnitSystem;
import app.frenum.core.garage.VehicleField;
import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.heat.Cooling;
import app.frenum.core.heat.DiscRise;
import app.frenum.core.heat.HeatFinding;
import app.frenum.core.heat.LapHeat;
import app.frenum.core.heat.LapLength;
import app.frenum.core.heat.MeasuredLaps;
import app.frenum.core.log.Log;
import app.frenum.core.log.Role;
import app.frenum.core.log.Signal;
import app.frenum.core.quantity.Figure;
import app.frenum.core.series.DrivenStop;
import app.frenum.core.series.StopByLogger;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.StopKind;
import app.frenum.formats.words.Wording;
import app.frenum.server.analysis.DrivenTest;
import app.frenum.server.analysis.StopReader;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.plan.SeriesView;
import app.frenum.server.recording.LetGo;
import app.frenum.server.recording.RecordingService;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds laps in the recordings of a test. It reads their samples, and so stands beside the heat itself. */
@Service
@Transactional(readOnly = true)
class LapService {
    /** Fewer brakings than this are no laps worth looking for. */
    private static final int FEWEST_BRAKINGS = 6;

    private final StopReader stops;
    private final GarageService garage;
    private final RecordingService recordings;

    LapService(StopReader stops, GarageService garage, RecordingService recordings) {
        this.stops = stops;
        this.garage = garage;
        this.recordings = recordings;
    }

    LapsView laps(UUID testId) {
        DrivenTest driven = stops.driven(testId);
        LetGo letGo = recordings.letGoOf(driven.stops());
        VehicleSpec vehicle = garage.vehicle(driven.test().vehicleId()).spec();
        List<LapsView.DrivenLaps> all = new ArrayList<>();
        for (ConfigurationView c : driven.configurations()) {
            for (SeriesView series : driven.seriesOf(c)) {
                brakings(driven.of(series), letGo).forEach((recording, brakings) -> {
                    if (isTrack(brakings)) {
                        all.add(driven(recording, series, c.label(), brakings, vehicle));
                    }
                });
            }
        }
        return new LapsView(all);
    }

    private static Map<UUID, List<MeasuredStop>> brakings(List<DrivenStop> series, LetGo letGo) {
        return series.stream()
                .filter(s -> !s.isStruckOut() && !letGo.isOf(s))
                .filter(StopByLogger.class::isInstance)
                .map(StopByLogger.class::cast)
                .collect(Collectors.groupingBy(
                        StopByLogger::recordingId,
                        LinkedHashMap::new,
                        Collectors.mapping(StopByLogger::measured, Collectors.toList())));
    }

    /** A car that mostly comes to rest is on a test lane, not on a circuit. */
    private static boolean isTrack(List<MeasuredStop> brakings) {
        long snubs = brakings.stream().filter(m -> m.kind() == StopKind.SNUB).count();
        return brakings.size() >= FEWEST_BRAKINGS && snubs > 0.9 * brakings.size();
    }

    private LapsView.DrivenLaps driven(
            UUID recordingId, SeriesView series, String name, List<MeasuredStop> brakings, VehicleSpec vehicle) {
        Log log = recordings.open(recordingId).log();
        Signal speed = log.signal(Role.SPEED, 0, log.durationS());
        Signal driven = LapLength.driven(speed);
        Figure mass = vehicle.mass(load(series));
        List<MeasuredLaps.Braking> all = brakings.stream()
                .filter(m -> m.entrySpeed().isKnown() && m.exitSpeed().isKnown())
                .map(m -> new MeasuredLaps.Braking(
                        m.onsetS(),
                        m.entrySpeed().value(),
                        m.exitSpeed().value(),
                        m.startTemperatures(),
                        m.peakTemperatures()))
                .toList();
        MeasuredLaps laps = MeasuredLaps.of(all, driven, LapLength.of(speed, driven), mass);
        List<LapHeat.Event> events = laps.events();
        Figure frontDisc = vehicle.figure(VehicleField.FRONT_DISC_MASS);
        Figure share = vehicle.brakeForceShare();
        UUID configuration = series.configurationId();
        if (events.isEmpty() || !mass.isKnown() || !frontDisc.isKnown() || !share.isKnown()) {
            Finding why =
                    Finding.of(events.isEmpty() ? HeatFinding.NO_LAPS_SEEN : HeatFinding.VEHICLE_NOT_KNOWN_WELL_ENOUGH);
            Figure none = Figure.unknown(Wording.in(UnitSystem.METRIC).text(why));
            return new LapsView.DrivenLaps(recordingId, configuration, name, laps, none, List.of(), why);
        }
        LapHeat heat = new LapHeat(mass.value(), events);
        double tau = vehicle.figure(VehicleField.COOLING_TIME).orElse(Cooling.USUAL_TAU_S);
        Double ambient = series.conditions().ambientC();
        Cooling cooling = new Cooling(tau, ambient == null ? Cooling.USUAL_AMBIENT_C : ambient);
        DiscRise disc = new DiscRise(mass.value(), share.value(), frontDisc.value(), vehicle.discs(true));
        double fromC = front(all.get(0)).orElse(cooling.ambientC());
        List<LapHeat.LapSwing> swings = heat.swings(laps.laps(), fromC, cooling, disc);
        Optional<Finding> impossible = LapHeat.whyNot(swings);
        Finding by = Finding.of(
                HeatFinding.LAPS_PREDICTED_BY,
                Term.count(laps.laps()),
                Term.temperature(fromC),
                Term.seconds(tau),
                Term.count(heat.settle(cooling, disc).laps()));
        return new LapsView.DrivenLaps(
                recordingId,
                configuration,
                name,
                laps,
                Figure.of(heat.lapKwh()),
                impossible.isPresent() ? List.of() : swings,
                impossible.orElse(by));
    }

    private static VehicleSpec.Load load(SeriesView series) {
        return "light".equals(series.conditions().load()) ? VehicleSpec.Load.LIGHT : VehicleSpec.Load.LADEN;
    }

    private static OptionalDouble front(MeasuredLaps.Braking braking) {
        return braking.troughC().entrySet().stream()
                .filter(e -> e.getKey().isFront())
                .mapToDouble(Map.Entry::getValue)
                .average();
    }
}
