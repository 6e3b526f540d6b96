package app.frenum.server.analysis;

import app.frenum.core.people.Who;
import app.frenum.server.Row;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** What a logged stop measures between its edges: the automatic ones first, then each that a person set. */
@Entity
class Measurement extends Row {
    private UUID stopId;
    private int sequence;

    @Column(name = "hand_onset_s")
    private Double handOnsetS;

    @Column(name = "hand_end_s")
    private Double handEndS;

    private String movedBy;
    private String why;

    @JdbcTypeCode(SqlTypes.JSON)
    private String figures;

    @JdbcTypeCode(SqlTypes.JSON)
    private String calibration;

    protected Measurement() {}

    private Measurement(UUID id, UUID stopId, String figures, @Nullable String calibration) {
        super(id);
        this.stopId = stopId;
        this.figures = figures;
        this.calibration = calibration;
    }

    /** Between the edges that were found. */
    static Measurement automatic(UUID stopId, String figures, String calibration) {
        return new Measurement(UUID.randomUUID(), stopId, figures, calibration);
    }

    /** Between edges of which a person set one or both. */
    static Measurement moved(
            UUID stopId, int sequence, Edges edges, Who who, String figures, @Nullable String calibration) {
        Measurement m = new Measurement(edges.requestId(), stopId, figures, calibration);
        m.sequence = sequence;
        m.handOnsetS = edges.onsetS();
        m.handEndS = edges.endS();
        m.movedBy = who.name();
        m.why = edges.why();
        return m;
    }

    /** What it was measured with, as JSON; null of those that were kept before that was. */
    @Nullable
    String calibration() {
        return calibration;
    }

    /** Between the edges that were found, in place of figures that were not those of the stop. */
    static Measurement restored(UUID stopId, int sequence, Who who, String why, String figures, String calibration) {
        Measurement m = new Measurement(UUID.randomUUID(), stopId, figures, calibration);
        m.sequence = sequence;
        m.movedBy = who.name();
        m.why = why;
        return m;
    }

    /** The newest of a stop's measurements between edges that were found. */
    static Measurement automaticOf(List<Measurement> ofOneStop) {
        return ofOneStop.stream()
                .filter(m -> !m.isByHand())
                .reduce((older, newer) -> newer)
                .orElseThrow();
    }

    /** Whether a person set one of its edges, or both. */
    boolean isByHand() {
        return handOnsetS != null || handEndS != null;
    }

    UUID stopId() {
        return stopId;
    }

    int sequence() {
        return sequence;
    }

    OptionalDouble handOnset() {
        return handOnsetS == null ? OptionalDouble.empty() : OptionalDouble.of(handOnsetS);
    }

    OptionalDouble handEnd() {
        return handEndS == null ? OptionalDouble.empty() : OptionalDouble.of(handEndS);
    }

    String figures() {
        return figures;
    }

    EdgeMove move() {
        return new EdgeMove(handOnsetS, handEndS, movedBy, why, createdAt());
    }
}
