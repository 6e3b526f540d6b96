package app.frenum.server.analysis;

import app.frenum.server.Row;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.util.OptionalDouble;
import java.util.UUID;

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
    private String figures;

    protected Measurement() {}

    Measurement(
            UUID id,
            UUID stopId,
            int sequence,
            Double handOnsetS,
            Double handEndS,
            String movedBy,
            String why,
            String figures) {
        super(id);
        this.stopId = stopId;
        this.sequence = sequence;
        this.handOnsetS = handOnsetS;
        this.handEndS = handEndS;
        this.movedBy = movedBy;
        this.why = why;
        this.figures = figures;
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
