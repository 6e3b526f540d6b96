package app.frenum.server.device;

import app.frenum.core.quantity.Quantity;
import app.frenum.server.problem.Problem;
import java.io.IOException;
import java.time.Instant;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.CloseStatus;
import org.springframework.web.socket.TextMessage;
import org.springframework.web.socket.WebSocketSession;
import org.springframework.web.socket.handler.TextWebSocketHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * One connection per device: a hello with its code, then readings, each acknowledged once it is stored. What is wrong
 * with one reading refuses that reading; a wrong code or a frame that is none closes the connection.
 */
@Component
class DeviceSocket extends TextWebSocketHandler {
    private static final Logger LOG = LoggerFactory.getLogger(DeviceSocket.class);
    private static final String DEVICE = "device";
    private static final int LARGEST_FRAME = 64 * 1024;

    private final DeviceService devices;
    private final JsonMapper json;

    DeviceSocket(DeviceService devices, JsonMapper json) {
        this.devices = devices;
        this.json = json;
    }

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
        if (frame instanceof Frame.Hello hello) {
            greet(session, hello);
        } else if (frame instanceof Frame.Reading reading
                && session.getAttributes().get(DEVICE) instanceof UUID id) {
            take(session, id, reading);
        } else {
            close(session, "A device says hello first, then sends readings.");
        }
    }

    private void greet(WebSocketSession session, Frame.Hello hello) throws IOException {
        if (hello.protocol() != Frame.PROTOCOL) {
            close(session, "Protocol %d is spoken here, not %d.".formatted(Frame.PROTOCOL, hello.protocol()));
            return;
        }
        Optional<DeviceView> device = devices.hello(Objects.requireNonNullElse(hello.code(), ""));
        if (device.isEmpty()) {
            close(session, "No device has this code. Add the device in Frenum and give it the code shown there.");
            return;
        }
        session.getAttributes().put(DEVICE, device.get().id());
        send(
                session,
                new Frame.Welcome(
                        device.get().name(),
                        Instant.now(),
                        devices.lastSeq(device.get().id())));
    }

    private void take(WebSocketSession session, UUID device, Frame.Reading r) throws IOException {
        Optional<String> missing = r.missing();
        if (missing.isPresent()) {
            send(
                    session,
                    new Frame.Refused(Optional.of(r.seq()), "The reading has no \"%s\".".formatted(missing.get())));
            return;
        }
        try {
            devices.keep(device, r.seq(), r.at(), r.quantity(), new Quantity(r.value(), r.unit()));
            send(session, new Frame.Acknowledged(r.seq()));
        } catch (Problem | IllegalArgumentException e) {
            send(session, new Frame.Refused(Optional.of(r.seq()), e.getMessage()));
        }
    }

    private void close(WebSocketSession session, String reason) throws IOException {
        send(session, new Frame.Refused(Optional.empty(), reason));
        session.close(CloseStatus.POLICY_VIOLATION);
    }

    private void send(WebSocketSession session, Frame frame) throws IOException {
        session.sendMessage(new TextMessage(json.writeValueAsString(frame)));
    }

    @Override
    public void handleTransportError(WebSocketSession session, Throwable problem) {
        LOG.debug("a device's connection broke", problem);
    }
}
