package app.frenum.server.device;

import app.frenum.core.balance.LiveShare;
import app.frenum.core.log.Channel;
import app.frenum.core.log.Role;
import app.frenum.server.stream.EventStreams;
import app.frenum.server.who.ScreenCut;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Sends what a logger sends on to the browsers that watch it, as it comes. */
@Component
class LiveFeed {
    /** More rows of one batch than this are told by their extremes: more shows nothing more on a screen. */
    private static final int MOST_ROWS = 50;

    private final EventStreams streams = new EventStreams("rows");

    /** A channel in the inside unit of its role. */
    record Line(String name, Role role, List<Double> values) {}

    /** Front share of line pressure; see {@link LiveShare.Reading}. */
    record Share(boolean braking, @Nullable Double share, List<Double> last) {}

    /**
     * Rows that were just logged, s since the log began.
     *
     * @param share null where not both lines are logged
     */
    record Rows(
            UUID recordingId,
            List<Double> t,
            List<Line> lines,
            @Nullable Share share) {}

    private record Following(UUID recordingId, LiveShare share) {}

    /** By device; a device has one log at a time. */
    private final Map<UUID, Following> followed = new ConcurrentHashMap<>();

    SseEmitter watch(UUID deviceId, UUID screen) {
        return streams.watch(deviceId, screen);
    }

    @EventListener
    void cut(ScreenCut cut) {
        streams.close(cut.screen());
    }

    @EventListener
    void logged(Heard.Logged logged) {
        Share share = share(logged);
        if (streams.isWatched(logged.deviceId())) {
            streams.tell(logged.deviceId(), rows(logged, share));
        }
    }

    /** Followed also while nobody watches, so that whoever comes sees the last stops. */
    private @Nullable Share share(Heard.Logged logged) {
        List<Role> roles = logged.channels().stream().map(Channel::role).toList();
        int front = roles.indexOf(Role.PRESSURE_FRONT);
        int rear = roles.indexOf(Role.PRESSURE_REAR);
        if (front < 0 || rear < 0) {
            followed.remove(logged.deviceId());
            return null;
        }
        LiveShare live = followed.compute(
                        logged.deviceId(),
                        (id, known) -> known != null && known.recordingId().equals(logged.recordingId())
                                ? known
                                : new Following(logged.recordingId(), new LiveShare()))
                .share();
        double[][] columns = logged.columns();
        for (int i = 0; i < columns[0].length; i++) {
            live.add(
                    columns[0][i],
                    logged.channels().get(front).unit().toInside(columns[front + 1][i]),
                    logged.channels().get(rear).unit().toInside(columns[rear + 1][i]));
        }
        LiveShare.Reading now = live.reading();
        return new Share(now.braking(), now.share().isPresent() ? now.share().getAsDouble() : null, now.last());
    }

    private static Rows rows(Heard.Logged logged, @Nullable Share share) {
        double[] t = logged.columns()[0];
        int size = (2 * t.length + MOST_ROWS - 1) / MOST_ROWS;
        List<Line> lines = IntStream.range(0, logged.channels().size())
                .mapToObj(c -> line(logged.channels().get(c), logged.columns()[c + 1], size))
                .toList();
        List<Double> times = size <= 2
                ? DoubleStream.of(t).boxed().toList()
                : IntStream.iterate(0, from -> from < t.length, from -> from + size)
                        .boxed()
                        .flatMap(from -> Stream.of(t[from], t[Math.min(t.length - 1, from + size / 2)]))
                        .toList();
        return new Rows(logged.recordingId(), times, lines, share);
    }

    /** All values, or where there are too many the two extremes of every so many rows, in the order they came in. */
    private static Line line(Channel channel, double[] values, int size) {
        List<Double> inside = new ArrayList<>();
        if (size <= 2) {
            DoubleStream.of(values).forEach(x -> inside.add(shown(channel, x)));
        } else {
            for (int from = 0; from < values.length; from += size) {
                int[] ends = extremes(values, from, Math.min(values.length, from + size));
                inside.add(shown(channel, values[ends[0]]));
                inside.add(shown(channel, values[ends[1]]));
            }
        }
        return new Line(channel.name(), channel.role(), inside);
    }

    /** Where the lowest and the highest value are, the earlier first. */
    private static int[] extremes(double[] values, int from, int to) {
        int low = from;
        int high = from;
        for (int i = from + 1; i < to; i++) {
            low = Double.isNaN(values[low]) || values[i] < values[low] ? i : low;
            high = Double.isNaN(values[high]) || values[i] > values[high] ? i : high;
        }
        return new int[] {Math.min(low, high), Math.max(low, high)};
    }

    private static @Nullable Double shown(Channel channel, double value) {
        double x = channel.unit().toInside(value);
        return Double.isNaN(x) ? null : Double.valueOf(Math.round(x * 1e4) / 1e4);
    }
}
