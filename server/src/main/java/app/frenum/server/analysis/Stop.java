package app.frenum.server.analysis;

import app.frenum.core.procedure.run.TyreState;
import app.frenum.core.stop.StopKind;
import app.frenum.server.Row;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

@Entity
class Stop extends Row {
    private UUID seriesId;
    private int number;
    private int position;
    private UUID recordingId;

    @JdbcTypeCode(SqlTypes.JSON)
    private String byHand;

    private String phase;
    private String pedalFeel;

    @Enumerated(EnumType.STRING)
    private @Nullable TyreState tyres;

    @Column(name = "late_s")
    private Double lateS;

    @Column(name = "nominal_mps")
    private Double nominalMps;

    @Enumerated(EnumType.STRING)
    private StopKind kind;

    private Integer cycle;
    private String loadState;
    private String surface;

    @JdbcTypeCode(SqlTypes.JSON)
    private String peaks;

    protected Stop() {}

    Stop(
            UUID id,
            UUID seriesId,
            StopKind kind,
            int number,
            int position,
            @Nullable UUID recordingId,
            @Nullable String byHand) {
        super(id);
        this.seriesId = seriesId;
        this.kind = kind;
        this.number = number;
        this.position = position;
        this.recordingId = recordingId;
        this.byHand = byHand;
    }

    void beside(StopService.Beside known) {
        phase = known.phase();
        pedalFeel = known.pedalFeel();
        tyres = known.tyres();
        lateS = known.lateS();
        nominalMps = known.nominalMps();
        cycle = known.cycle();
        loadState = known.load();
        surface = known.surface();
    }

    void peaked(String celsius) {
        peaks = celsius;
    }

    /** Its place in the order of driving within its series. */
    int position() {
        return position;
    }

    void place(int other) {
        position = other;
    }

    /** Whether it came to rest. */
    StopKind kind() {
        return kind;
    }

    /** The repeat of its procedure's cycle, from 1; null outside one. */
    @Nullable
    Integer cycle() {
        return cycle;
    }

    /** The vehicle's load in its phase; null where that is its series'. */
    @Nullable
    String loadState() {
        return loadState;
    }

    /** The surface of its phase; null where that is its series'. */
    @Nullable
    String surface() {
        return surface;
    }

    /** How hot its discs got after it had been assessed, by wheel, as JSON; null where nothing came later. */
    @Nullable
    String peaks() {
        return peaks;
    }

    /** The speed it was to begin at, m/s; null where that is the test's. */
    @Nullable
    Double nominalMps() {
        return nominalMps;
    }

    /** How long after rest its discs were read by hand, s; null when they were not. */
    @Nullable
    Double lateS() {
        return lateS;
    }

    /** Null when it was not driven in a run. */
    @Nullable
    String phase() {
        return phase;
    }

    /** How the pedal of a logged stop felt; null when nobody said. */
    @Nullable
    String pedalFeel() {
        return pedalFeel;
    }

    /** How the tyres of a logged stop were before it; null when nobody said. */
    @Nullable
    TyreState tyres() {
        return tyres;
    }

    UUID seriesId() {
        return seriesId;
    }

    int number() {
        return number;
    }

    /** Null for a stop measured by hand. */
    @Nullable
    UUID recordingId() {
        return recordingId;
    }

    /** The sheet's row as JSON; null for a logged stop. */
    @Nullable
    String byHand() {
        return byHand;
    }
}
