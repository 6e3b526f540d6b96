package app.frenum.server.device;

import app.frenum.core.quantity.Unit;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What goes over the wire, one JSON object in one text frame. See docs/device-protocol.md. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Frame.Hello.class, name = "hello"),
    @JsonSubTypes.Type(value = Frame.Welcome.class, name = "welcome"),
    @JsonSubTypes.Type(value = Frame.Reading.class, name = "reading"),
    @JsonSubTypes.Type(value = Frame.Acknowledged.class, name = "ack"),
    @JsonSubTypes.Type(value = Frame.Refused.class, name = "refused")
})
sealed interface Frame {
    /** The version of the protocol that is spoken here. */
    int PROTOCOL = 1;

    /** Device to Frenum, first: who it is. */
    record Hello(int protocol, String code, Instant clock) implements Frame {}

    /**
     * Frenum to device: it is known.
     *
     * @param name that people gave it
     * @param clock Frenum's
     * @param lastSeq the last reading that is kept; the device goes on after it
     */
    record Welcome(String name, Instant clock, long lastSeq) implements Frame {}

    /** Device to Frenum: one stand-alone reading. */
    record Reading(
            long seq,
            @Nullable Instant at,
            @Nullable ReadQuantity quantity,
            @Nullable Double value,
            @Nullable Unit unit)
            implements Frame {
        /** What the device left out, if anything. */
        Optional<String> missing() {
            return at == null
                    ? Optional.of("at")
                    : quantity == null
                            ? Optional.of("quantity")
                            : value == null
                                    ? Optional.of("value")
                                    : unit == null ? Optional.of("unit") : Optional.empty();
        }
    }

    /** Frenum to device: the reading is kept and survives a power cut. */
    record Acknowledged(long seq) implements Frame {}

    /**
     * Frenum to device: it was not taken.
     *
     * @param seq of the reading; absent when it is about the connection, which is then closed
     * @param reason what was wrong
     */
    record Refused(Optional<Long> seq, String reason) implements Frame {}
}
