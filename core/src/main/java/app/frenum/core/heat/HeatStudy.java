package app.frenum.core.heat;

import app.frenum.core.finding.Finding;
import app.frenum.core.finding.Term;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.quantity.Figure;
import app.frenum.core.statistics.Summary;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.DoubleStream;

/**
 * A series of stops read for heat: how hot each disc began and ended, what share of it went where, and what looks odd.
 *
 * @param stops in the order driven
 * @param corners per disc, over the series
 * @param share how the heat was divided
 * @param frontRear how much hotter the front discs were
 * @param bareBelowC how far bare metal read below a blackened patch or a probe, where both were read
 * @param remarks differences between discs, as things to look at
 * @param alike what was held against each other and found alike; empty where nothing could be
 */
public record HeatStudy(
        List<Stop> stops,
        Map<WheelPosition, Corner> corners,
        Share share,
        FrontRear frontRear,
        Summary bareBelowC,
        List<Finding> remarks,
        List<Finding> alike) {
    /** Discs of one axle further apart than this in the mean of their peaks are worth a look, °C. */
    private static final double SIDE_TO_SIDE_C = 25;
    /** And this share of their mean rise. */
    private static final double SIDE_TO_SIDE_SHARE = 0.15;

    private static final double OFF_FROM = 0.6;
    private static final double OFF_TO = 1.4;

    /**
     * One disc in one stop.
     *
     * @param troughC at the onset
     * @param peak the hottest it was, by all that tells of it
     */
    public record Disc(Figure troughC, PeakBelief peak) {
        Figure peakC() {
            return peak.peakC();
        }

        Figure rise() {
            return troughC.isKnown() ? peakC().map(p -> p - troughC.value()) : troughC;
        }
    }

    /**
     * One stop.
     *
     * @param number as counted at the lane
     * @param energyJ what the brakes took out of the vehicle
     * @param averaged whether it is one of the like stops that means are taken over; the others only heat the discs
     */
    public record Stop(int number, Figure energyJ, boolean averaged, Map<WheelPosition, Disc> discs) {
        public Stop {
            discs = discs.isEmpty() ? Map.of() : new EnumMap<>(discs);
        }

        /** Start of the front discs that are known, their mean, °C. */
        Figure frontTroughC() {
            return frontMean(Disc::troughC);
        }

        /** Peak of the front discs that are known, their mean, °C. */
        Figure frontPeakC() {
            return frontMean(Disc::peakC);
        }

        /** Peak of the hottest front disc that is known, °C. */
        Figure frontHottestC() {
            OptionalDouble hottest = discs.entrySet().stream()
                    .filter(e -> e.getKey().isFront() && e.getValue().peakC().isKnown())
                    .mapToDouble(e -> e.getValue().peakC().value())
                    .max();
            return hottest.isPresent() ? Figure.of(hottest.getAsDouble()) : Figure.unknown("no front disc is known");
        }

        private Figure frontMean(Function<Disc, Figure> which) {
            OptionalDouble mean = discs.entrySet().stream()
                    .filter(e -> e.getKey().isFront())
                    .map(e -> which.apply(e.getValue()))
                    .filter(Figure::isKnown)
                    .mapToDouble(Figure::value)
                    .average();
            return mean.isPresent() ? Figure.of(mean.getAsDouble()) : Figure.unknown("no front disc is known");
        }
    }

    /** What the front pads did in each stop whose energy and discs are known. */
    public List<PadWindow.Work> frontPadWork() {
        return stops.stream()
                .filter(s -> s.energyJ().isKnown()
                        && s.frontTroughC().isKnown()
                        && s.frontHottestC().isKnown())
                .map(s -> new PadWindow.Work(
                        s.energyJ().value(),
                        s.frontTroughC().value(),
                        s.frontHottestC().value()))
                .toList();
    }

    /** The newest stop among those that are averaged. */
    Optional<Stop> lastAveraged() {
        return stops.stream().filter(Stop::averaged).reduce((first, last) -> last);
    }

    /**
     * One disc over the series.
     *
     * @param n stops whose rise is known
     * @param hottestC of all peaks
     * @param lastTroughC the newest start
     * @param meanRiseC per stop
     * @param riseHalfC half-width of its 95 % interval
     * @param predictedRiseC by the layout, for the mean energy
     * @param ratio measured over predicted; outside 0.6 to 1.4 it is worth a look
     * @param innerOverC how much hotter the inner face peaked than the outer, in the mean of the stops where both were
     *     read
     */
    public record Corner(
            int n,
            Figure hottestC,
            Figure lastTroughC,
            Figure meanRiseC,
            Figure riseHalfC,
            Figure predictedRiseC,
            Figure ratio,
            Summary innerOverC) {}

    /**
     * How heat was divided between the axles.
     *
     * @param measuredFront share of the heat that the front discs took, by their rises and masses
     * @param measuredU its standard uncertainty, from the spread of the stops
     * @param layoutFront the share of brake force that the layout gives the front
     */
    public record Share(Figure measuredFront, Figure measuredU, Figure layoutFront) {}

    /**
     * How much hotter the front discs were than the rear, by the means of each axle, stop by stop.
     *
     * @param peakC over the stops where both peaks are known
     * @param troughC over the stops where both starts are
     */
    public record FrontRear(Summary peakC, Summary troughC) {}

    /**
     * What the prediction goes by; unknown figures leave it out.
     *
     * @param frontDiscKg one disc
     * @param brakeForceShare front, 0 to 1
     */
    public record Layout(Figure frontDiscKg, Figure rearDiscKg, Figure brakeForceShare) {}

    /** Reads a series. */
    public static HeatStudy of(List<Stop> stops, Layout layout) {
        List<Stop> like = stops.stream().filter(Stop::averaged).toList();
        Map<WheelPosition, Corner> corners = new EnumMap<>(WheelPosition.class);
        for (WheelPosition w : WheelPosition.values()) {
            if (stops.stream().anyMatch(s -> s.discs().containsKey(w))) {
                corners.put(w, corner(stops, like, w, layout));
            }
        }
        return new HeatStudy(
                List.copyOf(stops),
                corners,
                share(like, layout),
                new FrontRear(frontOverRear(like, Disc::peakC), frontOverRear(like, Disc::troughC)),
                ClueDifferences.bareBelow(beliefs(stops, WheelPosition.values())),
                remarks(like, corners),
                alike(like, corners));
    }

    private static List<PeakBelief> beliefs(List<Stop> stops, WheelPosition... wheels) {
        return Arrays.stream(wheels)
                .flatMap(w -> stops.stream()
                        .flatMap(s -> Optional.ofNullable(s.discs().get(w)).stream()))
                .map(Disc::peak)
                .toList();
    }

    private static DoubleStream rises(List<Stop> stops, WheelPosition wheel) {
        return stops.stream()
                .flatMap(s -> Optional.ofNullable(s.discs().get(wheel)).stream())
                .map(Disc::rise)
                .filter(Figure::isKnown)
                .mapToDouble(Figure::value);
    }

    private static Figure figure(OptionalDouble value, String whyNot) {
        return value.isPresent() ? Figure.of(value.getAsDouble()) : Figure.unknown(whyNot);
    }

    private static Corner corner(List<Stop> stops, List<Stop> like, WheelPosition wheel, Layout layout) {
        List<Disc> own = stops.stream()
                .flatMap(s -> Optional.ofNullable(s.discs().get(wheel)).stream())
                .toList();
        double[] peaks = known(own.stream().map(Disc::peakC).toList());
        double[] troughs = known(own.stream().map(Disc::troughC).toList());
        Summary rises = Summary.of(rises(like, wheel).toArray());
        Figure mean = rises.n() == 0 ? Figure.unknown("no stop has both its start and its peak") : rises.mean();
        Figure predicted = predicted(like, wheel, layout);
        return new Corner(
                rises.n(),
                figure(Arrays.stream(peaks).max(), "no peak is known"),
                troughs.length == 0 ? Figure.unknown("no start is known") : Figure.of(troughs[troughs.length - 1]),
                mean,
                rises.halfWidth95(),
                predicted,
                mean.isKnown() && predicted.isKnown()
                        ? Figure.of(mean.value() / predicted.value())
                        : mean.isKnown() ? predicted : mean,
                ClueDifferences.innerOver(beliefs(stops, wheel)));
    }

    private static double[] known(List<Figure> figures) {
        return figures.stream()
                .filter(Figure::isKnown)
                .mapToDouble(Figure::value)
                .toArray();
    }

    /** The mean rise that the energies of the stops would give a disc. */
    private static Figure predicted(List<Stop> stops, WheelPosition wheel, Layout layout) {
        Figure mass = wheel.isFront() ? layout.frontDiscKg() : layout.rearDiscKg();
        double[] energies = known(stops.stream().map(Stop::energyJ).toList());
        if (!mass.isKnown() || !layout.brakeForceShare().isKnown() || energies.length == 0) {
            return Figure.unknown("disc mass, brake-force share or the vehicle's mass is not known");
        }
        double front = layout.brakeForceShare().value();
        double share = (wheel.isFront() ? front : 1 - front) / 2 * DiscRise.INTO_DISC;
        double joules = Arrays.stream(energies).average().orElseThrow();
        return Figure.of(share * joules / (mass.value() * DiscRise.GREY_IRON));
    }

    private static Share share(List<Stop> stops, Layout layout) {
        if (!layout.frontDiscKg().isKnown() || !layout.rearDiscKg().isKnown()) {
            Figure unknown = Figure.unknown("the discs' masses are not known");
            return new Share(unknown, unknown, layout.brakeForceShare());
        }
        double[] shares = stops.stream()
                .mapToDouble(s -> frontShare(s, layout))
                .filter(x -> !Double.isNaN(x))
                .toArray();
        if (shares.length < 2) {
            Figure few = Figure.unknown("rises of front and rear discs are needed in two stops or more");
            return new Share(few, few, layout.brakeForceShare());
        }
        double mean = Arrays.stream(shares).average().orElseThrow();
        double squares = Arrays.stream(shares).map(x -> (x - mean) * (x - mean)).sum();
        double u = Math.sqrt(squares / (shares.length - 1) / shares.length);
        return new Share(Figure.of(mean), Figure.of(u), layout.brakeForceShare());
    }

    private static double frontShare(Stop stop, Layout layout) {
        double front = axleRise(stop, true) * layout.frontDiscKg().value();
        double rear = axleRise(stop, false) * layout.rearDiscKg().value();
        return front / (front + rear);
    }

    private static Summary frontOverRear(List<Stop> stops, Function<Disc, Figure> which) {
        return Summary.of(stops.stream()
                .mapToDouble(s -> axle(s, true, which) - axle(s, false, which))
                .filter(x -> !Double.isNaN(x))
                .toArray());
    }

    private static double axleRise(Stop stop, boolean front) {
        return axle(stop, front, Disc::rise);
    }

    private static double axle(Stop stop, boolean front, Function<Disc, Figure> which) {
        return stop.discs().entrySet().stream()
                .filter(e -> e.getKey().isFront() == front)
                .map(e -> which.apply(e.getValue()))
                .filter(Figure::isKnown)
                .mapToDouble(Figure::value)
                .average()
                .orElse(Double.NaN);
    }

    private static List<Finding> remarks(List<Stop> stops, Map<WheelPosition, Corner> corners) {
        List<Finding> all = new ArrayList<>();
        side(stops, WheelPosition.FRONT_LEFT, WheelPosition.FRONT_RIGHT).ifPresent(all::add);
        side(stops, WheelPosition.REAR_LEFT, WheelPosition.REAR_RIGHT).ifPresent(all::add);
        corners.forEach((wheel, c) -> {
            double ratio = c.ratio().orElse(1);
            if (ratio < OFF_FROM || ratio > OFF_TO) {
                all.add(Finding.of(HeatFinding.RISE_UNLIKE_LAYOUT, Term.name(wheel.label()), Term.times(ratio)));
            }
            faces(wheel, c.innerOverC()).ifPresent(all::add);
        });
        return List.copyOf(all);
    }

    private static List<Finding> alike(List<Stop> stops, Map<WheelPosition, Corner> corners) {
        List<Finding> all = new ArrayList<>();
        if (isAlike(stops, WheelPosition.FRONT_LEFT, WheelPosition.FRONT_RIGHT)) {
            all.add(Finding.of(HeatFinding.FRONTS_AGREE));
        }
        if (isAlike(stops, WheelPosition.REAR_LEFT, WheelPosition.REAR_RIGHT)) {
            all.add(Finding.of(HeatFinding.REARS_AGREE));
        }
        List<Double> ratios = corners.values().stream()
                .map(Corner::ratio)
                .filter(Figure::isKnown)
                .map(Figure::value)
                .toList();
        if (!ratios.isEmpty() && ratios.stream().allMatch(r -> r >= OFF_FROM && r <= OFF_TO)) {
            all.add(Finding.of(HeatFinding.RISES_AS_LAID_OUT));
        }
        return List.copyOf(all);
    }

    private static boolean isAlike(List<Stop> stops, WheelPosition left, WheelPosition right) {
        return sideDifferences(stops, left, right).length >= 2
                && side(stops, left, right).isEmpty();
    }

    private static Optional<Finding> faces(WheelPosition wheel, Summary innerOver) {
        double c = innerOver.mean().orElse(0);
        return Math.abs(c) <= SIDE_TO_SIDE_C
                ? Optional.empty()
                : Optional.of(Finding.of(
                        HeatFinding.FACE_HOTTER,
                        Term.name(c > 0 ? "inner" : "outer"),
                        Term.name(wheel.label()),
                        Term.temperatureApart(Math.abs(c)),
                        Term.name(c > 0 ? "outer" : "inner")));
    }

    /** Discs of one axle that differ by more than chance would have them. */
    private static Optional<Finding> side(List<Stop> stops, WheelPosition left, WheelPosition right) {
        double[] differences = sideDifferences(stops, left, right);
        double mean = Arrays.stream(differences).average().orElse(0);
        double rise = (rises(stops, left).average().orElse(0)
                        + rises(stops, right).average().orElse(0))
                / 2;
        boolean odd = differences.length >= 2 && Math.abs(mean) > Math.max(SIDE_TO_SIDE_C, SIDE_TO_SIDE_SHARE * rise);
        return odd
                ? Optional.of(Finding.of(
                        HeatFinding.SIDE_HOTTER,
                        Term.name((mean > 0 ? left : right).label()),
                        Term.temperatureApart(Math.abs(mean)),
                        Term.name((mean > 0 ? right : left).label())))
                : Optional.empty();
    }

    private static double[] sideDifferences(List<Stop> stops, WheelPosition left, WheelPosition right) {
        return stops.stream()
                .filter(s -> s.discs().containsKey(left) && s.discs().containsKey(right))
                .map(s -> new Figure[] {
                    s.discs().get(left).peakC(), s.discs().get(right).peakC()
                })
                .filter(p -> p[0].isKnown() && p[1].isKnown())
                .mapToDouble(p -> p[0].value() - p[1].value())
                .toArray();
    }
}
