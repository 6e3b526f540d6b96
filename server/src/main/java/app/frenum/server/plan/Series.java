package app.frenum.server.plan;

import app.frenum.core.procedure.run.TyreState;
import app.frenum.server.Row;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.util.UUID;

@Entity
class Series extends Row {
    private UUID testId;
    private UUID configurationId;
    private int block;
    private String drivenOn;
    private String driver;
    private String loadState;
    private String surface;
    private String direction;

    @Column(name = "ambient_c")
    private Double ambientC;

    private Double tyrePressureFrontBar;

    @Enumerated(EnumType.STRING)
    private TyreState tyres;

    @Column(name = "tyre_c")
    private Double tyreC;

    @Column(name = "track_c")
    private Double trackC;

    private Double windMps;
    private Double humidity;
    private Instant begunAt;
    private Instant endedAt;

    protected Series() {}

    Series(SeriesView v) {
        super(v.id());
        testId = v.testId();
        configurationId = v.configurationId();
        block = v.block();
        drivenOn = v.conditions().drivenOn();
        driver = v.conditions().driver();
        loadState = v.conditions().load();
        surface = v.conditions().surface();
        direction = v.conditions().direction();
        ambientC = v.conditions().ambientC();
        tyrePressureFrontBar = v.conditions().tyrePressureFrontBar();
        tyres = v.conditions().tyres();
        tyreC = v.conditions().tyreC();
        trackC = v.conditions().trackC();
        windMps = v.conditions().windMps();
        humidity = v.conditions().humidity();
        begunAt = v.conditions().begunAt();
        endedAt = v.conditions().endedAt();
    }

    SeriesView view() {
        return new SeriesView(
                id(),
                testId,
                configurationId,
                block,
                new Conditions(
                        drivenOn,
                        driver,
                        loadState,
                        surface,
                        direction,
                        ambientC,
                        tyrePressureFrontBar,
                        tyres,
                        tyreC,
                        trackC,
                        windMps,
                        humidity,
                        begunAt,
                        endedAt));
    }
}
