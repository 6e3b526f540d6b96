package app.frenum.server.heat;

import app.frenum.core.garage.Part;
import app.frenum.core.garage.PartField;
import app.frenum.core.garage.Slot;
import app.frenum.core.garage.VehicleField;
import app.frenum.core.garage.VehicleSpec;
import app.frenum.core.heat.Beside;
import app.frenum.core.heat.CoolDowns;
import app.frenum.core.heat.Cooling;
import app.frenum.core.heat.DuctOpening;
import app.frenum.core.heat.HeatAnswer;
import app.frenum.core.heat.HeatStudy;
import app.frenum.core.heat.Ladder;
import app.frenum.core.heat.PadWindow;
import app.frenum.core.heat.Regimes;
import app.frenum.core.heat.SpeedCooling;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.procedure.Phase;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.series.DrivenStop;
import app.frenum.core.series.LikeStops;
import app.frenum.core.statistics.Summary;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.core.stop.Validity;
import app.frenum.server.analysis.DrivenTest;
import app.frenum.server.analysis.Letters;
import app.frenum.server.analysis.StopReader;
import app.frenum.server.disc.DiscReadingView;
import app.frenum.server.disc.DiscService;
import app.frenum.server.disc.LadderView;
import app.frenum.server.garage.ConfigurationView;
import app.frenum.server.garage.GarageService;
import app.frenum.server.plan.PlanRequest;
import app.frenum.server.plan.PlanService;
import app.frenum.server.plan.ProcedureService;
import app.frenum.server.plan.SeriesView;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads every configuration of a test for heat. */
@Service
@Transactional(readOnly = true)
public class HeatService {
    /** Where cooling is shown for: standing, and the speeds that laps and lanes are driven at. */
    private static final List<Double> SPEEDS_MPS = List.of(0.0, 50 / 3.6, 100 / 3.6, 150 / 3.6);

    private final StopReader stops;
    private final GarageService garage;
    private final PlanService plans;
    private final DiscTraces traces;
    private final DiscService discs;
    private final ProcedureService procedures;
    private final PartsKept kept;

    HeatService(
            StopReader stops,
            GarageService garage,
            PlanService plans,
            DiscTraces traces,
            DiscService discs,
            ProcedureService procedures,
            PartsKept kept) {
        this.stops = stops;
        this.garage = garage;
        this.plans = plans;
        this.traces = traces;
        this.discs = discs;
        this.procedures = procedures;
        this.kept = kept;
    }

    /**
     * The heat of a test.
     *
     * @param wantedTroughC for the answer of how far to open the duct; null for none
     */
    HeatView heat(UUID testId, Double wantedTroughC) {
        DrivenTest driven = stops.driven(testId);
        VehicleSpec vehicle = garage.vehicle(driven.test().vehicleId()).spec();
        Optional<PlanRequest> plan = Optional.ofNullable(plans.plan(testId).plan());
        LikeStops like = driven.throughPhases().get(0);
        Set<UUID> averaged = like.stops().stream()
                .filter(s -> !s.isStruckOut() && !s.isAtAnotherSpeed())
                .map(s -> s.driven().id())
                .collect(Collectors.toSet());
        Optional<HeatView.StartWindow> gate = plan.flatMap(this::gate);
        OptionalDouble hottestStart =
                gate.map(HeatView.StartWindow::hottestC).map(OptionalDouble::of).orElse(OptionalDouble.empty());
        List<HeatView.HeatSide> views = IntStream.range(
                        0, driven.configurations().size())
                .mapToObj(i -> view(i, driven, averaged, vehicle, plan, hottestStart))
                .toList();
        long counted = driven.stops().stream().filter(s -> !s.isStruckOut()).count();
        return new HeatView(
                HeatAnswer.together(
                        views.stream().map(HeatView.HeatSide::answer).toList(),
                        views.stream().map(HeatView.HeatSide::readyAgain).toList()),
                traces.letGo(driven.stops()).orElse(null),
                besideTheFirst(views),
                discs.airFlows(driven.configurations().stream()
                        .map(ConfigurationView::id)
                        .toList()),
                vehicle.discNames(),
                plan.flatMap(PlanRequest::limit).map(Quantity::inside).orElse(null),
                gate.orElse(null),
                HeatAnswer.averaged(
                        like.nominalSpeed().value(), like.load().orElse(""), (int) counted - averaged.size()),
                duct(driven.configurations(), views, wantedTroughC),
                kept.against(
                        views.stream()
                                .flatMap(v -> v.study().frontPadWork().stream())
                                .toList(),
                        driven.configurations(),
                        ladders().values()));
    }

    /** The gate of the procedure's first stops that have one; warming snubs have their own, which is nobody's question. */
    private Optional<HeatView.StartWindow> gate(PlanRequest plan) {
        return procedures.procedure(plan.procedureId()).procedure().phases().stream()
                .filter(p -> p.kind() == Phase.Kind.STOP)
                .map(Phase::gate)
                .filter(g -> g.coldest().isPresent() || g.hottest().isPresent())
                .map(g -> new HeatView.StartWindow(
                        g.coldest().map(Quantity::inside).orElse(null),
                        g.hottest().map(Quantity::inside).orElse(null)))
                .findFirst();
    }

    private HeatView.HeatSide view(
            int index,
            DrivenTest driven,
            Set<UUID> averaged,
            VehicleSpec vehicle,
            Optional<PlanRequest> plan,
            OptionalDouble gateC) {
        ConfigurationView configuration = driven.configurations().get(index);
        List<DrivenStop> counted = driven.counted(configuration);
        Map<WheelPosition, HeatView.CoolingView> cooling = new LinkedHashMap<>();
        List<CoolDowns.CoolDown> downs = new ArrayList<>();
        List<HeatView.TraceView> drawn = new ArrayList<>();
        List<SeriesView> series = driven.seriesOf(configuration);
        for (SeriesView one : series) {
            traces.read(one, driven.of(one), drawn, downs);
        }
        Map<WheelPosition, HeatView.CoolingView> standing = new LinkedHashMap<>();
        for (WheelPosition w : WheelPosition.values()) {
            fit(downs, d -> d.wheel() == w && !d.stood()).ifPresent(c -> cooling.put(w, c));
            fit(downs, d -> d.wheel() == w && d.stood()).ifPresent(c -> standing.put(w, c));
        }
        Figure mass = mass(vehicle, plan);
        Map<UUID, List<DiscReadingView>> beside =
                discs.of(counted.stream().map(s -> s.driven().id()).toList());
        HeatStops reader = new HeatStops(
                mass, new Regimes(tau(cooling, vehicle), front(standing)), ambient(series), beside, ladders());
        HeatStudy study = HeatStudy.of(
                counted.stream()
                        .map(s -> reader.of(s, averaged.contains(s.driven().id())))
                        .toList(),
                new HeatStudy.Layout(
                        vehicle.figure(VehicleField.FRONT_DISC_MASS),
                        vehicle.figure(VehicleField.REAR_DISC_MASS),
                        vehicle.brakeForceShare()));
        Optional<HeatView.Band> band = band(configuration);
        HeatAnswer answer = HeatAnswer.of(study, Letters.of(index), top(band));
        Optional<HeatView.CoolingView> front =
                ofFront(cooling).filter(c -> c.tauS().isKnown());
        Figure entered = vehicle.figure(VehicleField.COOLING_TIME);
        Figure none = Figure.unknown(
                traces.letGo(counted).isPresent()
                        ? "the samples that a cool-down would be read off were let go"
                        : "no cool-down was logged");
        SpeedCooling law = SpeedCooling.ofFronts(downs);
        return new HeatView.HeatSide(
                configuration.id(),
                configuration.label(),
                band.orElse(null),
                fluid(configuration).orElse(null),
                band.map(b -> PadWindow.of(study.frontPadWork(), b.fromC(), b.toC()))
                        .orElse(null),
                study,
                cooling,
                standing,
                SPEEDS_MPS.stream().map(law::at).toList(),
                drawn,
                counted.stream()
                        .map(s -> new HeatView.StopRef(
                                s.driven().id(),
                                s.driven().number(),
                                !s.isStop(),
                                s.driven().block()))
                        .toList(),
                readings(counted, beside),
                stopping(
                        counted.stream()
                                .filter(s -> averaged.contains(s.driven().id()))
                                .toList(),
                        study),
                answer,
                answer.readyAgain(
                        Letters.of(index),
                        gateC,
                        ambient(series),
                        front.map(HeatView.CoolingView::tauS).orElse(entered),
                        front.map(HeatView.CoolingView::lowS).orElse(none),
                        front.map(HeatView.CoolingView::highS).orElse(none)),
                null,
                null);
    }

    /** Each but the first with what it did beside that. */
    private static List<HeatView.HeatSide> besideTheFirst(List<HeatView.HeatSide> sides) {
        return IntStream.range(0, sides.size())
                .mapToObj(i -> i == 0 ? sides.get(0) : besideFirst(sides.get(i), told(sides.get(0))))
                .toList();
    }

    private static HeatView.HeatSide besideFirst(HeatView.HeatSide side, Beside first) {
        Beside own = told(side);
        return side.beside(own.against(first), own.unlike(first).orElse(null));
    }

    private static Beside told(HeatView.HeatSide side) {
        Figure none = Figure.unknown("it was not measured");
        Optional<HeatView.CoolingView> cooling = ofFront(side.cooling());
        HeatView.StoppingView stops = side.stopping();
        return new Beside(
                cooling.map(HeatView.CoolingView::tauS).orElse(none),
                cooling.map(HeatView.CoolingView::lowS).orElse(none),
                cooling.map(HeatView.CoolingView::highS).orElse(none),
                ofFront(side.study().corners()).map(HeatStudy.Corner::hottestC).orElse(none),
                stops.meanM(),
                stops.halfWidthM(),
                stops.entryMps(),
                stops.energyJ());
    }

    private static <T> Optional<T> ofFront(Map<WheelPosition, T> of) {
        return Optional.ofNullable(of.get(WheelPosition.FRONT_LEFT))
                .or(() -> Optional.ofNullable(of.get(WheelPosition.FRONT_RIGHT)));
    }

    private Map<UUID, Ladder> ladders() {
        return discs.ladders().stream().collect(Collectors.toMap(LadderView::id, LadderView::ladder));
    }

    private static List<HeatView.ReadingView> readings(
            List<DrivenStop> counted, Map<UUID, List<DiscReadingView>> beside) {
        return counted.stream()
                .flatMap(s -> beside.getOrDefault(s.driven().id(), List.of()).stream()
                        .map(r -> new HeatView.ReadingView(
                                r.id(), s.driven().id(), s.driven().number(), r.reading(), r.by())))
                .toList();
    }

    private static HeatView.StoppingView stopping(List<DrivenStop> counted, HeatStudy study) {
        List<DrivenStop> stopped = counted.stream()
                .filter(s -> s.validity() != Validity.REPEAT && s.isStop() && s.basis() != DistanceBasis.TIME_ONLY)
                .toList();
        Summary distances = summary(stopped.stream().map(DrivenStop::value));
        return new HeatView.StoppingView(
                distances.n(),
                distances.mean(),
                distances.halfWidth95(),
                summary(stopped.stream().map(DrivenStop::entrySpeed)).mean(),
                summary(study.stops().stream().filter(HeatStudy.Stop::averaged).map(HeatStudy.Stop::energyJ))
                        .mean());
    }

    private static Summary summary(Stream<Figure> figures) {
        return Summary.of(
                figures.filter(Figure::isKnown).mapToDouble(Figure::value).toArray());
    }

    private static Figure mass(VehicleSpec vehicle, Optional<PlanRequest> plan) {
        boolean light = plan.filter(p -> p.load() == VehicleSpec.Load.LIGHT).isPresent();
        return vehicle.figure(light ? VehicleField.MASS_LIGHT : VehicleField.MASS_LADEN);
    }

    private static Optional<HeatView.CoolingView> fit(
            List<CoolDowns.CoolDown> downs, Predicate<CoolDowns.CoolDown> which) {
        List<CoolDowns.CoolDown> own = downs.stream().filter(which).toList();
        return own.isEmpty() ? Optional.empty() : Optional.of(FittedCooling.of(own));
    }

    /** The front discs' own time constant where a cool-down gave one. */
    private static Optional<Double> front(Map<WheelPosition, HeatView.CoolingView> fitted) {
        return fitted.entrySet().stream()
                .filter(e -> e.getKey().isFront())
                .map(e -> e.getValue().tauS())
                .filter(Figure::isKnown)
                .findFirst()
                .map(Figure::value);
    }

    private static double tau(Map<WheelPosition, HeatView.CoolingView> fitted, VehicleSpec vehicle) {
        return front(fitted).orElse(vehicle.figure(VehicleField.COOLING_TIME).orElse(Cooling.USUAL_TAU_S));
    }

    private static double ambient(List<SeriesView> series) {
        Double measured = series.get(0).conditions().ambientC();
        return measured == null ? Cooling.USUAL_AMBIENT_C : measured;
    }

    private static Optional<HeatView.Band> band(ConfigurationView configuration) {
        Optional<Part> pads = Optional.ofNullable(configuration.spec().parts().get(Slot.PADS_FRONT));
        Optional<Double> low =
                pads.map(p -> p.figures().get(PartField.PAD_WINDOW_LOW)).map(Quantity::inside);
        Optional<Double> high =
                pads.map(p -> p.figures().get(PartField.PAD_WINDOW_HIGH)).map(Quantity::inside);
        return high.map(h -> new HeatView.Band(low.orElse(0.0), h));
    }

    private static OptionalDouble top(Optional<HeatView.Band> band) {
        return band.map(HeatView.Band::toC).map(OptionalDouble::of).orElse(OptionalDouble.empty());
    }

    /** Where its fluid boils. */
    private static Optional<HeatView.FluidView> fluid(ConfigurationView configuration) {
        return Stream.ofNullable(configuration.spec().parts().get(Slot.FLUID))
                .flatMap(PartsKept::fluid)
                .map(f -> new HeatView.FluidView(f.boilsC(), f.wet()))
                .findFirst();
    }

    /** Of the configurations whose ducts have an opening of their own. */
    private static HeatView.@Nullable Duct duct(
            List<ConfigurationView> sides, List<HeatView.HeatSide> views, @Nullable Double wantedC) {
        List<DuctOpening.Driven> driven = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            HeatStudy study = views.get(i).study();
            Optional.ofNullable(sides.get(i).spec().parts().get(Slot.DUCTS))
                    .map(ducts -> ducts.figures().get(PartField.OPENING))
                    .ifPresent(opening -> driven.add(new DuctOpening.Driven(opening.inside(), study)));
        }
        return DuctOpening.of(driven, Optional.ofNullable(wantedC))
                .map(d -> new HeatView.Duct(d.worth(), d.wanted().orElse(null)))
                .orElse(null);
    }
}
