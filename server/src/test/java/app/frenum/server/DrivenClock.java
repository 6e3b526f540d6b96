package app.frenum.server;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.concurrent.atomic.AtomicLong;

/** A clock that goes on when a test says so, and never by itself. */
public final class DrivenClock extends Clock {
    private final Instant from = Instant.now();
    private final AtomicLong nanos = new AtomicLong();
    private final SteadyClock steady = new SteadyClock(this, nanos::get);

    /** Lets so many seconds go by. */
    public void advance(double seconds) {
        nanos.addAndGet(Math.round(seconds * 1e9));
    }

    SteadyClock steady() {
        return steady;
    }

    @Override
    public Instant instant() {
        return from.plus(Duration.ofNanos(nanos.get()));
    }

    @Override
    public ZoneId getZone() {
        return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        throw new UnsupportedOperationException("it knows moments only");
    }
}
