package app.frenum.standin;

import java.io.IOException;
import java.net.URI;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletionException;
import java.util.function.Function;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Runs made-up devices against a Frenum until it is stopped; a lost connection is taken up again. */
@Command(name = "standin", description = "Made-up devices that speak the public device protocol.")
public final class Standin implements Callable<Integer> {
    private static final double TICK_S = 0.1;
    private static final double BETWEEN_TRIES_S = 2;

    @Option(names = "--server", required = true, description = "such as ws://127.0.0.1:8417/device")
    private URI server;

    @Option(names = "--mast", description = "with a weather mast")
    private boolean withMast;

    @Option(names = "--logger", description = "with a logger in the car")
    private boolean withLogger;

    @Option(names = "--thermometer", description = "with a thermometer gun; needs the logger")
    private boolean withThermometer;

    @Option(names = "--rollers", description = "with a roller tester; needs the logger")
    private boolean withRollers;

    @Option(names = "--every", description = "seconds between the mast's readings", defaultValue = "10")
    private int everyS;

    @Option(names = "--control", description = "port on loopback that takes faults; 0 for none", defaultValue = "0")
    private int controlPort;

    @Option(names = "--wrong-clock", description = "the logger's clock is an hour ahead")
    private boolean wrongClock;

    @Option(names = "--seed", description = "another seed, other weather and another drive", defaultValue = "1")
    private long seed;

    private final Function<String, String> secrets;

    /** @param secrets what the environment says, by name; null for nothing */
    public Standin(Function<String, String> secrets) {
        this.secrets = secrets;
    }

    public static void main(String[] arguments) {
        System.exit(new CommandLine(new Standin(System::getenv)).execute(arguments));
    }

    /** Something that goes on in time. */
    private interface Ticking {
        void advance(double seconds);
    }

    @Override
    public Integer call() throws InterruptedException, IOException {
        List<Ticking> devices = new ArrayList<>();
        if (withMast) {
            devices.add(mast(linked(code("M"), devices)));
        }
        if (withLogger) {
            RehearsedCar car = wrongClock
                    ? RehearsedCar.withWrongClock(server, code("L"), seed)
                    : new RehearsedCar(server, code("L"), seed);
            devices.add(car::advance);
            if (withThermometer) {
                devices.add(new ThermometerGun(linked(code("T"), devices), car, seed)::advance);
            }
            if (withRollers) {
                RollerTester rollers = new RollerTester(linked(code("R"), devices), car, seed);
                devices.add(seconds -> rollers.advance());
            }
            if (controlPort > 0) {
                Control.listen(controlPort, secret("FRENUM_STANDIN_KEY"), car);
            }
        }
        long last = System.nanoTime();
        while (!Thread.currentThread().isInterrupted()) {
            Thread.sleep(Math.round(TICK_S * 1000));
            double seconds = (System.nanoTime() - last) / 1e9;
            last = System.nanoTime();
            devices.forEach(d -> d.advance(seconds));
        }
        return 0;
    }

    /** A device's pairing code: its own, or the one that all share with its letter. */
    private String code(String letter) {
        String own = secrets.apply("FRENUM_STANDIN_CODE_" + letter);
        return own == null ? secret("FRENUM_STANDIN_CODE") + "-" + letter : own;
    }

    /** Secrets come in the environment: arguments stand in every list of processes. */
    private String secret(String name) {
        String value = secrets.apply(name);
        if (value == null || value.isBlank()) {
            throw new IllegalStateException(name + " is not set; ./frenum demo sets it");
        }
        return value;
    }

    /** A link that is taken up, and taken up again whenever it is lost. */
    private DeviceLink linked(String code, List<Ticking> devices) {
        DeviceLink link = new DeviceLink(server, code, card -> {});
        double[] untilTryS = {0};
        devices.add(seconds -> {
            untilTryS[0] -= seconds;
            if (untilTryS[0] <= 0) {
                untilTryS[0] = BETWEEN_TRIES_S;
                reconnect(link);
            }
        });
        return link;
    }

    private Ticking mast(DeviceLink link) {
        WeatherMast mast = new WeatherMast(seed);
        double[] untilDueS = {0};
        return seconds -> {
            untilDueS[0] -= seconds;
            if (untilDueS[0] <= 0 && link.isConnected()) {
                untilDueS[0] = everyS;
                mast.after(Duration.ofSeconds(everyS), Instant.now()).forEach(link::send);
            }
        };
    }

    private static void reconnect(DeviceLink link) {
        try {
            if (!link.isConnected()) {
                link.connect();
            }
        } catch (CompletionException e) {
            // Nobody answers yet; it is tried again.
        }
    }
}
