package app.frenum.server;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.function.LongSupplier;

/**
 * The clock that everything here goes by: it follows the machine's when that is set forward, and goes steadily on when it
 * is set back, so that what happens later never seems to have happened before.
 */
public final class SteadyClock extends Clock {
    /** The one that the application goes by. */
    public static final SteadyClock MACHINE = new SteadyClock(Clock.systemUTC(), System::nanoTime);

    /** What was stored from further ahead than this was stored under a clock that was plainly wrong. */
    private static final Duration BELIEVED = Duration.ofHours(36);

    private final Clock wall;
    private final LongSupplier nanos;
    private Instant last;
    private long lastNanos;

    /** @param nanos a counter that only ever rises, in ns */
    SteadyClock(Clock wall, LongSupplier nanos) {
        this.wall = wall;
        this.nanos = nanos;
        last = wall.instant();
        lastNanos = nanos.getAsLong();
    }

    @Override
    public synchronized Instant instant() {
        long now = nanos.getAsLong();
        Instant steady = last.plusNanos(now - lastNanos);
        Instant told = wall.instant();
        last = told.isAfter(steady) ? told : steady;
        lastNanos = now;
        return last;
    }

    /** Something was stored at this moment; no moment before it comes again. */
    public synchronized void notBefore(Instant stored) {
        Instant now = instant();
        if (stored.isAfter(now) && stored.isBefore(now.plus(BELIEVED))) {
            last = stored;
        }
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
