package app.frenum.server.plan;

import app.frenum.core.people.Who;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.core.stop.DistanceBasis;
import app.frenum.server.Row;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class BrakeTest extends Row {
    private UUID vehicleId;
    private String question;
    private String lane;
    private Double grade;
    private double nominalSpeedEntered;

    @Enumerated(EnumType.STRING)
    private Unit nominalSpeedUnit;

    @Enumerated(EnumType.STRING)
    private DistanceBasis basis;

    private double marginSize;
    private boolean marginOfBaseline;
    private UUID baselineConfigurationId;
    private LocalDate drivenOn;
    private boolean rehearsal;
    private @Nullable Instant thrownAwayAt;

    @SuppressWarnings("UnusedVariable") // kept for whoever asks the database
    private @Nullable String thrownAwayBy;

    protected BrakeTest() {}

    BrakeTest(TestRequest r) {
        super(r.id());
        vehicleId = r.vehicleId();
        question = r.question();
        lane = r.lane();
        grade = r.grade();
        nominalSpeedEntered = r.nominalSpeed().value();
        nominalSpeedUnit = r.nominalSpeed().unit();
        basis = r.basis();
        marginSize = r.marginSize();
        marginOfBaseline = r.marginOfBaseline();
        drivenOn = r.drivenOn();
        rehearsal = r.rehearsal();
    }

    void setBaseline(UUID configurationId) {
        baselineConfigurationId = configurationId;
    }

    void rehearse() {
        rehearsal = true;
    }

    boolean isRehearsal() {
        return rehearsal;
    }

    /** Thrown away already, it stays so since then. */
    void throwAway(Instant when, Who who) {
        if (thrownAwayAt == null) {
            thrownAwayAt = when;
            thrownAwayBy = who.name();
        }
    }

    void takeBack() {
        thrownAwayAt = null;
        thrownAwayBy = null;
    }

    void setAim(Quantity speed, double marginM) {
        nominalSpeedEntered = speed.entered();
        nominalSpeedUnit = speed.unit();
        marginSize = marginM;
        marginOfBaseline = false;
    }

    TestDefinition definition() {
        return new TestDefinition(
                id(),
                vehicleId,
                question,
                lane,
                grade,
                new Quantity(nominalSpeedEntered, nominalSpeedUnit),
                basis,
                marginSize,
                marginOfBaseline,
                baselineConfigurationId,
                drivenOn,
                rehearsal);
    }
}
