package app.frenum.standin;

import java.io.IOException;
import java.net.URI;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletionException;
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

    @Option(names = "--mast", required = true, description = "pairing code of the weather mast")
    private String mastCode;

    @Option(names = "--logger", required = true, description = "pairing code of the logger in the car")
    private String loggerCode;

    @Option(names = "--thermometer", required = true, description = "pairing code of the thermometer gun")
    private String thermometerCode;

    @Option(names = "--rollers", required = true, description = "pairing code of the roller tester")
    private String rollersCode;

    @Option(names = "--every", description = "seconds between the mast's readings", defaultValue = "10")
    private int everyS;

    @Option(names = "--control", description = "port on loopback that takes faults; 0 for none", defaultValue = "0")
    private int controlPort;

    @Option(names = "--wrong-clock", description = "the logger's clock is an hour ahead")
    private boolean wrongClock;

    @Option(names = "--seed", description = "another seed, other weather and another drive", defaultValue = "1")
    private long seed;

    public static void main(String[] arguments) {
        System.exit(new CommandLine(new Standin()).execute(arguments));
    }

    @Override
    public Integer call() throws InterruptedException, IOException {
        RehearsedCar car = wrongClock
                ? RehearsedCar.withWrongClock(server, loggerCode, seed)
                : new RehearsedCar(server, loggerCode, seed);
        DeviceLink mastLink = new DeviceLink(server, mastCode, card -> {});
        DeviceLink gunLink = new DeviceLink(server, thermometerCode, card -> {});
        DeviceLink rollersLink = new DeviceLink(server, rollersCode, card -> {});
        WeatherMast mast = new WeatherMast(seed);
        ThermometerGun gun = new ThermometerGun(gunLink, car, seed);
        RollerTester rollers = new RollerTester(rollersLink, car, seed);
        if (controlPort > 0) {
            Control.listen(controlPort, car);
        }
        double mastDueS = 0;
        double triedS = BETWEEN_TRIES_S;
        long last = System.nanoTime();
        while (!Thread.currentThread().isInterrupted()) {
            Thread.sleep(Math.round(TICK_S * 1000));
            double seconds = (System.nanoTime() - last) / 1e9;
            last = System.nanoTime();
            triedS += seconds;
            if (triedS >= BETWEEN_TRIES_S) {
                triedS = 0;
                List.of(mastLink, gunLink, rollersLink).forEach(Standin::reconnect);
            }
            car.advance(seconds);
            gun.advance(seconds);
            rollers.advance();
            mastDueS -= seconds;
            if (mastDueS <= 0 && mastLink.isConnected()) {
                mastDueS = everyS;
                mast.after(Duration.ofSeconds(everyS), Instant.now()).forEach(mastLink::send);
            }
        }
        return 0;
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
