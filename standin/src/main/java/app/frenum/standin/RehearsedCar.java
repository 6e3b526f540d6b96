package app.frenum.standin;

import app.frenum.core.log.Channel;
import app.frenum.core.simulate.Approach;
import app.frenum.core.simulate.RehearsalCar;
import app.frenum.core.simulate.Sensors;
import app.frenum.core.simulate.SimulatedCar;
import app.frenum.core.simulate.TestDrive;
import java.net.URI;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletionException;
import tools.jackson.databind.JsonNode;

/**
 * A made-up car with a logger on board. It is driven as the run card asks: it makes its run when the run is started, is
 * given other parts when they are changed, and rolls to cool in between. It can be told to do things wrong.
 */
public final class RehearsedCar {
    private static final List<String> SWITCHES = List.of("anti-lock", "assist", "cooling spray", "all wheels driven");
    private static final double OVERSPEED = 1.06;
    private static final double WARMING_FROM = 0.6;
    private static final double WARMING_TO = 0.25;
    private static final Duration BROKEN = Duration.ofSeconds(5);
    private static final Duration WRONG_BY = Duration.ofHours(1);
    private static final double NOISY_BAR = 1.5;
    private static final double AT_START_C = 85;
    /** Numbers in a frame: it must stay under 64 KB. */
    private static final int MOST_ROWS = 200;

    private final DeviceLink link;
    private final Instant startedAt;
    private final List<double[]> rows = new ArrayList<>();
    private final RehearsalCar car;
    private final Set<Fault> faults = EnumSet.noneOf(Fault.class);
    private final Map<String, Boolean> switches = new HashMap<>();
    private SimulatedCar fitted = CarPhysics.of(Map.of());
    private Optional<JsonNode> card = Optional.empty();
    private int configuration;
    private int startedAttempt = -1;
    private double brokenForS;
    private double rate = 1;

    /** @param ahead how far the logger's clock is ahead */
    private RehearsedCar(URI server, String code, long seed, Duration ahead) {
        car = new RehearsalCar(
                fitted,
                CarPhysics.LANE,
                CarPhysics.DRIVER,
                Sensors.USUAL,
                AT_START_C,
                seed,
                (t, values) -> rows.add(row(t, values)));
        startedAt = Instant.now().plus(ahead);
        DeclaredLog log = new DeclaredLog(UUID.randomUUID(), startedAt, Sensors.USUAL.rateHz(), declared());
        link = new DeviceLink(server, code, Optional.of(log), this::clock, this::shown);
    }

    public RehearsedCar(URI server, String code, long seed) {
        this(server, code, seed, Duration.ZERO);
    }

    /** A car whose logger has its clock an hour ahead. */
    public static RehearsedCar withWrongClock(URI server, String code, long seed) {
        return new RehearsedCar(server, code, seed, WRONG_BY);
    }

    private static List<Map<String, String>> declared() {
        List<Map<String, String>> all = new ArrayList<>();
        for (Channel c : TestDrive.channels()) {
            all.add(Map.of(
                    "name",
                    c.name(),
                    "unit",
                    c.role().isSwitch() ? "" : c.unit().symbol()));
        }
        SWITCHES.forEach(s -> all.add(Map.of("name", s, "unit", "")));
        return all;
    }

    private double[] row(double t, double[] values) {
        double[] row = new double[1 + values.length + SWITCHES.size()];
        row[0] = t;
        System.arraycopy(values, 0, row, 1, values.length);
        if (faults.contains(Fault.NOISY_SENSOR)) {
            row[3] = Math.round((row[3] + NOISY_BAR * Math.sin(t * 977)) * 100) / 100.0;
        }
        if (faults.contains(Fault.DEAD_SENSOR)) {
            for (int w = 11; w < 15; w++) {
                row[w] = Double.NaN;
            }
        }
        for (int s = 0; s < SWITCHES.size(); s++) {
            boolean on = switches.getOrDefault(SWITCHES.get(s), false);
            row[1 + values.length + s] = on != faults.contains(Fault.FORGOTTEN_SWITCH) ? 1 : 0;
        }
        return row;
    }

    private Instant clock() {
        return startedAt.plusMillis(Math.round(car.timeS() * 1000));
    }

    /** Does something wrong from now on, or once. */
    public synchronized void does(Fault fault) {
        switch (fault) {
            case NONE -> {
                faults.clear();
                car.become(fitted);
            }
            case DROP_LINK -> {
                brokenForS = BROKEN.toSeconds();
                link.close();
            }
            case FADING_PADS -> car.become(CarPhysics.fading(fitted));
            case BOILING_FLUID -> car.become(CarPhysics.boiling(fitted));
            default -> faults.add(fault);
        }
    }

    /** Disc temperatures in the order of the wheels, °C; empty while it rolls. */
    synchronized Optional<double[]> discsAtRest() {
        return car.stands() ? Optional.of(car.discsC()) : Optional.empty();
    }

    synchronized double rate() {
        return rate;
    }

    synchronized int configuration() {
        return configuration;
    }

    /** What the run asked for when the car was last told, by the card's own names; empty before it was. */
    public synchronized String shownStage() {
        return card.map(c -> c.path("stage").asString()).orElse("");
    }

    /** How many stops and snubs the run had when the car was last told. */
    public synchronized int shownAttempt() {
        return card.map(c -> c.path("attempt").asInt()).orElse(-1);
    }

    /** Whether Frenum hears it. */
    public boolean isLinked() {
        return link.isConnected();
    }

    /** When it logged last, s from the log's beginning. */
    public synchronized double loggedS() {
        return car.timeS();
    }

    /** How many readings and batches are not acknowledged yet. */
    public int waiting() {
        return link.waiting();
    }

    private synchronized void shown(JsonNode now) {
        card = Optional.of(now);
        rate = now.path("rate").asDouble(1);
        now.path("switches")
                .properties()
                .forEach(e -> switches.put(e.getKey(), e.getValue().asBoolean()));
        SimulatedCar asked = CarPhysics.of(now);
        car.on(CarPhysics.lane(now));
        car.waitAtRest(CarPhysics.number(now, "rollM", 0) > 0);
        int other = now.path("configuration").asInt();
        if (other != configuration) {
            car.fit(asked);
        } else if (!asked.equals(fitted)) {
            car.become(asked);
        }
        configuration = other;
        fitted = asked;
    }

    /** Lets wall time go on: the car is driven, and what was logged is sent. */
    public void advance(double seconds) {
        synchronized (this) {
            drive();
            car.advance(seconds * rate);
            brokenForS -= seconds;
        }
        if (!link.isConnected() && brokenForS <= 0) {
            reconnect();
        }
        while (!rows.isEmpty()) {
            List<double[]> some = rows.subList(0, Math.min(MOST_ROWS, rows.size()));
            link.send(List.copyOf(some));
            some.clear();
        }
    }

    private void reconnect() {
        try {
            link.connect();
        } catch (CompletionException e) {
            brokenForS = 1;
        }
    }

    private void drive() {
        if (card.isEmpty()) {
            return;
        }
        JsonNode now = card.get();
        int attempt = now.path("attempt").asInt();
        switch (now.path("stage").asString()) {
            case "APPROACH" -> {
                if (attempt != startedAttempt) {
                    startedAttempt = attempt;
                    car.run(asked(now));
                }
            }
            case "WAITING" -> {
                waveOff(attempt);
                if (now.path("instruction").asString().startsWith("Warm") && !car.isUnderWay()) {
                    double from = now.path("fromMps").asDouble();
                    car.run(new Approach(WARMING_FROM * from, WARMING_TO * from, 0, Approach.Event.NONE));
                }
            }
            case "STOPPED" -> {
                waveOff(attempt);
                car.park();
            }
            default -> {}
        }
    }

    private void waveOff(int attempt) {
        if (startedAttempt == attempt) {
            startedAttempt = -1;
            car.giveUp();
        }
    }

    private Approach asked(JsonNode now) {
        double from = now.path("fromMps").asDouble();
        Approach run = new Approach(
                faults.remove(Fault.OVERSPEED) ? OVERSPEED * from : from,
                now.path("toMps").asDouble(),
                0,
                faults.remove(Fault.WHEEL_LOCK) ? Approach.Event.LOCK : Approach.Event.NONE,
                now.path("holdMps2").asDouble(0),
                CarPhysics.number(now, "rollM", 0));
        if (faults.remove(Fault.REAR_LOCK)) {
            car.become(CarPhysics.rearHeavy(fitted));
        }
        return run;
    }

    public void close() {
        link.close();
    }
}
