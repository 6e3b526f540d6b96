package app.frenum.standin;

import java.net.URI;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletionException;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Runs made-up devices against a Frenum until it is stopped; a lost connection is taken up again. */
@Command(name = "standin", description = "Made-up devices that speak the public device protocol.")
public final class Standin implements Callable<Integer> {
    private static final Duration BETWEEN_TRIES = Duration.ofSeconds(2);

    @Option(names = "--server", required = true, description = "such as ws://127.0.0.1:8417/device")
    private URI server;

    @Option(names = "--mast", required = true, description = "pairing code of the weather mast")
    private String mastCode;

    @Option(names = "--every", description = "seconds between readings", defaultValue = "10")
    private int everyS;

    @Option(names = "--seed", description = "another seed, other weather", defaultValue = "1")
    private long seed;

    public static void main(String[] arguments) {
        System.exit(new CommandLine(new Standin()).execute(arguments));
    }

    @Override
    public Integer call() throws InterruptedException {
        Duration every = Duration.ofSeconds(everyS);
        WeatherMast mast = new WeatherMast(seed);
        DeviceLink link = new DeviceLink(server, mastCode);
        while (!Thread.currentThread().isInterrupted()) {
            if (link.isConnected() || reconnect(link)) {
                mast.after(every, Instant.now()).forEach(link::send);
                Thread.sleep(every.toMillis());
            } else {
                Thread.sleep(BETWEEN_TRIES.toMillis());
            }
        }
        return 0;
    }

    private static boolean reconnect(DeviceLink link) {
        try {
            link.connect();
            return true;
        } catch (CompletionException e) {
            return false;
        }
    }
}
