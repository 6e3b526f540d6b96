package app.frenum.server.device;

import app.frenum.core.quantity.Quantity;
import app.frenum.server.problem.Problem;
import app.frenum.server.recording.LiveRecordings;
import app.frenum.server.recording.LogStart;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.time.Instant;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.CloseStatus;
import org.springframework.web.socket.TextMessage;
import org.springframework.web.socket.WebSocketSession;
import org.springframework.web.socket.handler.ConcurrentWebSocketSessionDecorator;
import org.springframework.web.socket.handler.TextWebSocketHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * One connection per device: a hello with its code, then readings and rows of its log, each acknowledged once it is
 * stored. What is wrong with one reading refuses that reading; a wrong code, a frame that is none or rows that cannot
 * follow close the connection, because nothing after them could be right.
 */
@Component
class DeviceSocket extends TextWebSocketHandler {
    private static final Logger LOG = LoggerFactory.getLogger(DeviceSocket.class);
    private static final String LINK = "link";
    private static final int LARGEST_FRAME = 64 * 1024;
    private static final int SEND_WITHIN_MS = 2000;
    private static final int MOST_UNSENT = 256 * 1024;

    private final DeviceService devices;
    private final DeviceLinks links;
    private final LiveRecordings recordings;
    private final ApplicationEventPublisher publisher;
    private final JsonMapper json;
    /** Answers are sent by others than the writer, which a device that does not listen must not hold up. */
    private final ExecutorService answers = Executors.newFixedThreadPool(2, named("device-answers"));
    /** Listeners hear one thing after another. */
    private final ExecutorService listeners = Executors.newSingleThreadExecutor(named("device-listeners"));

    DeviceSocket(
            DeviceService devices,
            DeviceLinks links,
            LiveRecordings recordings,
            ApplicationEventPublisher publisher,
            JsonMapper json) {
        this.devices = devices;
        this.links = links;
        this.recordings = recordings;
        this.publisher = publisher;
        this.json = json;
    }

    private static java.util.concurrent.ThreadFactory named(String name) {
        return task -> {
            Thread thread = new Thread(task, name);
            thread.setDaemon(true);
            return thread;
        };
    }

    /** A connection that has said hello. */
    private record Link(UUID device, Optional<OpenLog> log, WebSocketSession session) {}

    @Override
    public void afterConnectionEstablished(WebSocketSession session) {
        session.setTextMessageSizeLimit(LARGEST_FRAME);
    }

    @Override
    protected void handleTextMessage(WebSocketSession session, TextMessage message) throws IOException {
        Frame frame;
        try {
            frame = json.readValue(message.getPayload(), Frame.class);
        } catch (JacksonException | IllegalArgumentException e) {
            close(session, "This is not a frame of the device protocol.");
            return;
        }
        Optional<Link> link = Optional.ofNullable((Link) session.getAttributes().get(LINK));
        if (frame instanceof Frame.Hello hello) {
            greet(session, hello);
        } else if (frame instanceof Frame.Reading reading && link.isPresent()) {
            take(link.get(), reading);
        } else if (frame instanceof Frame.Samples samples && link.isPresent()) {
            take(link.get(), samples);
        } else if (frame instanceof Frame.End && link.isPresent()) {
            link.get()
                    .log()
                    .ifPresent(log -> listeners.execute(() -> {
                        recordings.end(log.id());
                        links.send(link.get().session(), new Frame.Ended());
                    }));
        } else {
            close(session, "A device says hello first, then sends readings.");
        }
    }

    private void greet(WebSocketSession session, Frame.Hello hello) throws IOException {
        if (hello.protocol() != Frame.PROTOCOL) {
            close(session, "Protocol %d is spoken here, not %d.".formatted(Frame.PROTOCOL, hello.protocol()));
            return;
        }
        Optional<DeviceView> known = devices.hello(Objects.requireNonNullElse(hello.code(), ""));
        if (known.isEmpty()) {
            close(session, "No device has this code. Add the device in Frenum and give it the code shown there.");
            return;
        }
        DeviceView device = known.get();
        WebSocketSession calm = new ConcurrentWebSocketSessionDecorator(session, SEND_WITHIN_MS, MOST_UNSENT);
        try {
            Optional<OpenLog> log = Optional.ofNullable(hello.log()).map(OpenLog::of);
            long lastBatch = log.map(l -> begin(device, l)).orElse(0L);
            session.getAttributes().put(LINK, new Link(device.id(), log, calm));
            links.clockSaid(device.id(), hello.clock());
            links.opened(device.id(), calm);
            links.send(calm, new Frame.Welcome(device.name(), Instant.now(), devices.lastSeq(device.id()), lastBatch));
            tell(new Heard.Connected(device.id()));
        } catch (Problem e) {
            close(session, e.getMessage());
        }
    }

    private long begin(DeviceView device, OpenLog log) {
        recordings.endOthers(device.id(), log.id());
        return recordings.begin(new LogStart(log.id(), device.id(), device.name(), log.startedAt(), log.channels()));
    }

    private void take(Link link, Frame.Reading r) {
        Optional<String> missing = r.missing();
        if (missing.isPresent()) {
            links.send(
                    link.session(),
                    new Frame.Refused(Optional.of(r.seq()), "The reading has no \"%s\".".formatted(missing.get())));
            return;
        }
        try {
            Quantity value = new Quantity(r.value(), r.unit());
            boolean isNew = devices.keep(link.device(), r.seq(), r.at(), r.quantity(), value);
            links.send(link.session(), new Frame.Acknowledged(r.seq()));
            if (isNew) {
                tell(new Heard.Read(link.device(), r.at(), r.quantity(), value));
            }
        } catch (Problem | IllegalArgumentException e) {
            links.send(link.session(), new Frame.Refused(Optional.of(r.seq()), e.getMessage()));
        }
    }

    private void take(Link link, Frame.Samples samples) throws IOException {
        if (link.log().isEmpty()) {
            close(link.session(), "A log is declared in the hello before its rows are sent.");
            return;
        }
        OpenLog log = link.log().get();
        try {
            double[][] columns = log.columns(samples.rows());
            CompletableFuture<Void> unused = recordings
                    .append(log.id(), samples.seq(), columns)
                    .whenComplete((kept, problem) -> {
                        if (problem != null) {
                            answers.execute(() -> DeviceLinks.close(link.session(), CloseStatus.SERVER_ERROR));
                        } else {
                            answers.execute(() -> links.send(link.session(), new Frame.Kept(samples.seq())));
                            tell(new Heard.Logged(link.device(), log.id(), log.startedAt(), log.channels(), columns));
                        }
                    });
        } catch (Problem e) {
            close(link.session(), e.getMessage());
        }
    }

    private void tell(Heard what) {
        listeners.execute(() -> {
            try {
                publisher.publishEvent(what);
            } catch (RuntimeException e) {
                LOG.warn("what a device said was kept, but not understood further", e);
            }
        });
    }

    private void close(WebSocketSession session, String reason) throws IOException {
        session.sendMessage(new TextMessage(json.writeValueAsString(new Frame.Refused(Optional.empty(), reason))));
        session.close(CloseStatus.POLICY_VIOLATION);
    }

    @Override
    public void afterConnectionClosed(WebSocketSession session, CloseStatus status) {
        if (session.getAttributes().get(LINK) instanceof Link link) {
            links.closed(link.device(), session);
            tell(new Heard.Lost(link.device()));
        }
    }

    @Override
    public void handleTransportError(WebSocketSession session, Throwable problem) {
        LOG.debug("a device's connection broke", problem);
    }

    @PreDestroy
    void stop() {
        answers.shutdownNow();
        listeners.shutdownNow();
    }
}
