package app.frenum.e2e;

import app.frenum.standin.Fault;
import app.frenum.standin.RehearsedCar;
import java.net.URI;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;

/** The stand-in's car, driven beside the test as its own process would drive it. */
final class DrivenCar implements AutoCloseable {
    private static final double TICK_S = 0.1;

    private final RehearsedCar car;
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor();

    private final ScheduledFuture<?> ticking;

    private DrivenCar(RehearsedCar car) {
        this.car = car;
        ticking = clock.scheduleAtFixedRate(
                () -> car.advance(TICK_S), 0, Math.round(TICK_S * 1000), TimeUnit.MILLISECONDS);
    }

    static DrivenCar at(String url, String code, long seed) {
        return new DrivenCar(new RehearsedCar(device(url), code, seed));
    }

    static DrivenCar withWrongClock(String url, String code, long seed) {
        return new DrivenCar(RehearsedCar.withWrongClock(device(url), code, seed));
    }

    private static URI device(String url) {
        return URI.create(url.replace("http", "ws") + "/device");
    }

    void does(Fault fault) {
        car.does(fault);
    }

    int waiting() {
        return car.waiting();
    }

    @Override
    public void close() {
        ticking.cancel(false);
        clock.shutdown();
        car.close();
    }
}
