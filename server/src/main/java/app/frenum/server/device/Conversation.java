package app.frenum.server.device;

import app.frenum.server.stream.Outbox;
import java.io.IOException;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.web.socket.CloseStatus;
import org.springframework.web.socket.TextMessage;
import org.springframework.web.socket.WebSocketSession;
import org.springframework.web.socket.adapter.standard.StandardWebSocketSession;
import tools.jackson.databind.json.JsonMapper;

/** What Frenum says on one connection. A device that does not listen is hung up on, and holds nobody up. */
final class Conversation {
    private static final Logger LOG = LoggerFactory.getLogger(Conversation.class);
    private static final int MOST_UNSENT = 512;
    private static final long SEND_WITHIN_MS = 2000;
    /** Under this name Tomcat looks for how long one frame may take. */
    private static final String SEND_LIMIT = "org.apache.tomcat.websocket.BLOCKING_SEND_TIMEOUT";

    /** A frame, and whether it is the last. */
    private record Said(Frame frame, @Nullable CloseStatus thenClose) {}

    private final WebSocketSession session;
    private final Outbox<Said> outbox;
    private volatile CloseStatus whenLetGo = CloseStatus.SESSION_NOT_RELIABLE;

    Conversation(WebSocketSession session, JsonMapper json) {
        this.session = session;
        if (session instanceof StandardWebSocketSession standard) {
            standard.getNativeSession().getUserProperties().put(SEND_LIMIT, SEND_WITHIN_MS);
        }
        outbox = new Outbox<>(
                MOST_UNSENT,
                said -> {
                    session.sendMessage(new TextMessage(json.writeValueAsString(said.frame())));
                    if (said.thenClose() != null) {
                        close(said.thenClose());
                    }
                },
                () -> close(whenLetGo));
    }

    void say(Frame frame) {
        outbox.put(new Said(frame, null));
    }

    /** Says why, and hangs up. */
    void refuse(String reason) {
        outbox.put(new Said(new Frame.Refused(Optional.empty(), reason), CloseStatus.POLICY_VIOLATION));
    }

    /** Hangs up without a word, and without waiting for it. */
    void hangUp(CloseStatus why) {
        whenLetGo = why;
        outbox.close();
    }

    /** The other side has hung up. */
    void isOver() {
        outbox.close();
    }

    private void close(CloseStatus why) {
        try {
            session.close(why);
        } catch (IOException | RuntimeException e) {
            LOG.debug("a device's connection was gone already", e);
        }
    }
}
