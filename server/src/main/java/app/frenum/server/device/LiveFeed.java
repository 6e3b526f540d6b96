package app.frenum.server.device;

import app.frenum.core.log.Channel;
import app.frenum.core.log.Role;
import app.frenum.server.stream.EventStreams;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
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

    /** Rows that were just logged, s since the log began. */
    record Rows(UUID recordingId, List<Double> t, List<Line> lines) {}

    SseEmitter watch(UUID deviceId) {
        return streams.watch(deviceId);
    }

    @EventListener
    void logged(Heard.Logged logged) {
        if (streams.isWatched(logged.deviceId())) {
            streams.tell(logged.deviceId(), rows(logged));
        }
    }

    private static Rows rows(Heard.Logged logged) {
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
        return new Rows(logged.recordingId(), times, lines);
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
