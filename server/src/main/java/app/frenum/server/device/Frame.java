package app.frenum.server.device;

import app.frenum.core.quantity.Unit;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What goes over the wire, one JSON object in one text frame. See docs/device-protocol.md. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Frame.Hello.class, name = "hello"),
    @JsonSubTypes.Type(value = Frame.Welcome.class, name = "welcome"),
    @JsonSubTypes.Type(value = Frame.Reading.class, name = "reading"),
    @JsonSubTypes.Type(value = Frame.Samples.class, name = "samples"),
    @JsonSubTypes.Type(value = Frame.Kept.class, name = "kept"),
    @JsonSubTypes.Type(value = Frame.End.class, name = "end"),
    @JsonSubTypes.Type(value = Frame.Ended.class, name = "ended"),
    @JsonSubTypes.Type(value = Card.class, name = "card"),
    @JsonSubTypes.Type(value = Frame.Acknowledged.class, name = "ack"),
    @JsonSubTypes.Type(value = Frame.Refused.class, name = "refused")
})
sealed interface Frame
        permits Frame.Hello,
                Frame.Welcome,
                Frame.Reading,
                Frame.Samples,
                Frame.Kept,
                Frame.End,
                Frame.Ended,
                Frame.Acknowledged,
                Frame.Refused,
                Card {
    /** The version of the protocol that is spoken here. */
    int PROTOCOL = 1;

    /**
     * Device to Frenum, first: who it is.
     *
     * @param log what a logger is about to send; absent for devices that send readings only
     */
    record Hello(
            int protocol,
            String code,
            Instant clock,
            @Nullable DeclaredLog log) implements Frame {}

    /**
     * A log as a device declares it.
     *
     * @param id made by the device each time it is switched on; the same id goes on with the same log
     * @param startedAt what the device's clock said when the log's time was 0
     * @param rateHz rows per second; a slower channel leaves the rows between empty
     */
    record DeclaredLog(
            @Nullable UUID id,
            @Nullable Instant startedAt,
            double rateHz,
            @Nullable List<DeclaredChannel> channels) {}

    /**
     * @param name as in a log's header
     * @param unit as in a log's header; empty for a switch
     */
    record DeclaredChannel(String name, @Nullable String unit) {}

    /**
     * Frenum to device: it is known.
     *
     * @param name that people gave it
     * @param clock Frenum's
     * @param lastSeq the last reading that is kept; the device goes on after it
     * @param lastBatch the last batch of its log that is kept
     */
    record Welcome(String name, Instant clock, long lastSeq, long lastBatch) implements Frame {}

    /**
     * Device to Frenum: rows of its log.
     *
     * @param seq counted from 1 within the log, without holes
     * @param rows each the time since the log began, s, then one number per channel, null where it was not sampled
     */
    record Samples(long seq, @Nullable Double[][] rows) implements Frame {}

    /** Frenum to device: every batch up to this one is kept and survives a power cut. */
    record Kept(long seq) implements Frame {}

    /** Device to Frenum: its log is over. */
    record End() implements Frame {}

    /** Frenum to device: the log is closed and looked through. */
    record Ended() implements Frame {}

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
