package app.frenum.server.device;

import app.frenum.core.log.Channel;
import app.frenum.core.log.Role;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.stream.IntStream;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Sends what a logger sends on to the browsers that watch it, as it comes. */
@Component
class LiveFeed {
    private static final long AN_HOUR_MS = 3_600_000;
    /** More rows of one batch than this show nothing more on a screen. */
    private static final int MOST_ROWS = 50;

    private final Map<UUID, List<SseEmitter>> byDevice = new ConcurrentHashMap<>();

    /** A channel in the inside unit of its role. */
    record Line(String name, Role role, List<Double> values) {}

    /** Rows that were just logged, s since the log began. */
    record Rows(UUID recordingId, List<Double> t, List<Line> lines) {}

    SseEmitter watch(UUID deviceId) {
        SseEmitter emitter = new SseEmitter(AN_HOUR_MS);
        List<SseEmitter> own = byDevice.computeIfAbsent(deviceId, k -> new CopyOnWriteArrayList<>());
        emitter.onCompletion(() -> own.remove(emitter));
        emitter.onTimeout(emitter::complete);
        emitter.onError(e -> own.remove(emitter));
        own.add(emitter);
        return emitter;
    }

    @EventListener
    void logged(Heard.Logged logged) {
        List<SseEmitter> watching = byDevice.getOrDefault(logged.deviceId(), List.of());
        if (watching.isEmpty()) {
            return;
        }
        Rows rows = rows(logged);
        watching.forEach(e -> send(e, rows));
    }

    private static Rows rows(Heard.Logged logged) {
        double[] t = logged.columns()[0];
        int every = Math.max(1, t.length / MOST_ROWS);
        int[] kept = IntStream.range(0, t.length).filter(i -> i % every == 0).toArray();
        List<Line> lines = IntStream.range(0, logged.channels().size())
                .mapToObj(c -> line(logged.channels().get(c), logged.columns()[c + 1], kept))
                .toList();
        return new Rows(
                logged.recordingId(), IntStream.of(kept).mapToObj(i -> t[i]).toList(), lines);
    }

    private static Line line(Channel channel, double[] values, int[] kept) {
        List<Double> inside = new java.util.ArrayList<>();
        for (int i : kept) {
            double x = channel.unit().toInside(values[i]);
            inside.add(Double.isNaN(x) ? null : Math.round(x * 1e4) / 1e4);
        }
        return new Line(channel.name(), channel.role(), inside);
    }

    private static void send(SseEmitter emitter, Rows rows) {
        try {
            emitter.send(SseEmitter.event().name("rows").data(rows, MediaType.APPLICATION_JSON));
        } catch (IOException | IllegalStateException e) {
            emitter.completeWithError(e);
        }
    }
}
