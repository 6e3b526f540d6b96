package app.frenum.server.device;

import app.frenum.core.quantity.Quantity;
import app.frenum.server.guard.Guesses;
import app.frenum.server.problem.Problem;
import app.frenum.server.recording.LiveRecordings;
import app.frenum.server.recording.LogStart;
import app.frenum.server.stream.Serially;
import jakarta.annotation.PreDestroy;
import java.net.InetSocketAddress;
import java.time.Clock;
import java.time.Instant;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ThreadFactory;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.CloseStatus;
import org.springframework.web.socket.TextMessage;
import org.springframework.web.socket.WebSocketSession;
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
    private static final String CONVERSATION = "conversation";
    private static final int LARGEST_FRAME = 64 * 1024;

    private final DeviceService devices;
    private final DeviceLinks links;
    private final Guesses guesses;
    private final LiveRecordings recordings;
    private final ApplicationEventPublisher publisher;
    private final JsonMapper json;
    private final Clock clock;
    /** What one device says is heard in its order; another's is not held up by it. */
    private final Serially listeners = new Serially("device-listeners");
    /** Looking a whole log through takes a while, and nobody's stops wait for it. */
    private final ExecutorService endings = Executors.newSingleThreadExecutor(named("device-endings"));

    DeviceSocket(
            DeviceService devices,
            DeviceLinks links,
            Guesses guesses,
            LiveRecordings recordings,
            ApplicationEventPublisher publisher,
            JsonMapper json,
            Clock clock) {
        this.devices = devices;
        this.links = links;
        this.guesses = guesses;
        this.recordings = recordings;
        this.publisher = publisher;
        this.json = json;
        this.clock = clock;
    }

    private static ThreadFactory named(String name) {
        return task -> {
            Thread thread = new Thread(task, name);
            thread.setDaemon(true);
            return thread;
        };
    }

    /** A connection that has said hello. */
    private record Link(UUID device, Optional<OpenLog> log, Conversation with) {}

    @Override
    public void afterConnectionEstablished(WebSocketSession session) {
        session.setTextMessageSizeLimit(LARGEST_FRAME);
        session.getAttributes().put(CONVERSATION, new Conversation(session, json));
    }

    private static Conversation with(WebSocketSession session) {
        return (Conversation) Objects.requireNonNull(session.getAttributes().get(CONVERSATION));
    }

    @Override
    protected void handleTextMessage(WebSocketSession session, TextMessage message) {
        Frame frame;
        try {
            frame = json.readValue(message.getPayload(), Frame.class);
        } catch (JacksonException | IllegalArgumentException e) {
            with(session).refuse("This is not a frame of the device protocol.");
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
            link.get().log().ifPresent(log -> endings.execute(() -> end(link.get(), log.id())));
        } else {
            with(session).refuse("A device says hello first, then sends readings.");
        }
    }

    /** A device that is not told of the end comes back and says it again. */
    private void end(Link link, UUID log) {
        try {
            recordings.end(log);
            link.with().say(new Frame.Ended());
        } catch (RuntimeException e) {
            LOG.warn("log {} could not be ended yet", log, e);
            link.with().hangUp(CloseStatus.SERVER_ERROR);
        }
    }

    private void greet(WebSocketSession session, Frame.Hello hello) {
        Conversation with = with(session);
        if (hello.protocol() != Frame.PROTOCOL) {
            with.refuse("Protocol %d is spoken here, not %d.".formatted(Frame.PROTOCOL, hello.protocol()));
            return;
        }
        String address = address(session);
        if (guesses.areTooMany(address)) {
            with.refuse("Too many wrong codes came from this address. Wait a minute, then say the right one.");
            return;
        }
        String code = Objects.requireNonNullElse(hello.code(), "");
        Optional<DeviceView> known = devices.hello(code);
        if (known.isEmpty()) {
            guesses.wrong(address, code);
            with.refuse("No device has this code. Add the device in Frenum and give it the code shown there.");
            return;
        }
        welcome(session, with, known.get(), hello);
    }

    private static String address(WebSocketSession session) {
        InetSocketAddress remote = session.getRemoteAddress();
        return remote == null ? "" : remote.getAddress().getHostAddress();
    }

    private void welcome(WebSocketSession session, Conversation with, DeviceView device, Frame.Hello hello) {
        try {
            Optional<OpenLog> log = Optional.ofNullable(hello.log()).map(OpenLog::of);
            long lastBatch = log.map(l -> begin(device, l)).orElse(0L);
            session.getAttributes().put(LINK, new Link(device.id(), log, with));
            links.clockSaid(device.id(), hello.clock());
            links.opened(device.id(), with);
            with.say(new Frame.Welcome(device.name(), clock.instant(), devices.lastSeq(device.id()), lastBatch));
            tell(new Heard.Connected(device.id()));
        } catch (Problem e) {
            with.refuse(String.valueOf(e.getMessage()));
        }
    }

    private long begin(DeviceView device, OpenLog log) {
        recordings.endOthers(device.id(), log.id());
        return recordings.begin(new LogStart(log.id(), device.id(), device.name(), log.startedAt(), log.channels()));
    }

    private void take(Link link, Frame.Reading r) {
        Optional<String> missing = r.missing();
        if (missing.isPresent()) {
            link.with()
                    .say(new Frame.Refused(
                            Optional.of(r.seq()), "The reading has no \"%s\".".formatted(missing.get())));
            return;
        }
        try {
            ReadQuantity quantity = Objects.requireNonNull(r.quantity());
            Quantity value = new Quantity(Objects.requireNonNull(r.value()), Objects.requireNonNull(r.unit()));
            Optional<Instant> takenAt =
                    devices.keep(link.device(), r.seq(), Objects.requireNonNull(r.at()), quantity, value);
            link.with().say(new Frame.Acknowledged(r.seq()));
            takenAt.ifPresent(at -> tell(new Heard.Read(link.device(), at, quantity, value)));
        } catch (Problem | IllegalArgumentException e) {
            link.with().say(new Frame.Refused(Optional.of(r.seq()), String.valueOf(e.getMessage())));
        }
    }

    private void take(Link link, Frame.Samples samples) {
        if (link.log().isEmpty()) {
            link.with().refuse("A log is declared in the hello before its rows are sent.");
            return;
        }
        OpenLog log = link.log().get();
        try {
            double[][] columns = log.columns(samples.rows());
            CompletableFuture<Void> unused = recordings
                    .append(log.id(), samples.seq(), columns)
                    .whenComplete((kept, problem) -> {
                        if (problem != null) {
                            link.with().hangUp(CloseStatus.SERVER_ERROR);
                        } else {
                            link.with().say(new Frame.Kept(samples.seq()));
                            tell(new Heard.Logged(link.device(), log.id(), log.startedAt(), log.channels(), columns));
                        }
                    });
        } catch (Problem e) {
            link.with().refuse(String.valueOf(e.getMessage()));
        }
    }

    /** Whatever goes wrong with one thing heard, the next one is told. */
    private void tell(Heard what) {
        listeners.execute(what.deviceId(), () -> {
            try {
                publisher.publishEvent(what);
            } catch (Throwable e) {
                LOG.warn("what a device said was kept, but not understood further", e);
            }
        });
    }

    @Override
    public void afterConnectionClosed(WebSocketSession session, CloseStatus status) {
        with(session).isOver();
        if (session.getAttributes().get(LINK) instanceof Link link) {
            links.closed(link.device(), link.with());
            tell(new Heard.Lost(link.device()));
        }
    }

    @Override
    public void handleTransportError(WebSocketSession session, Throwable problem) {
        LOG.debug("a device's connection broke", problem);
    }

    @PreDestroy
    void stop() {
        listeners.close();
        endings.shutdownNow();
    }
}
