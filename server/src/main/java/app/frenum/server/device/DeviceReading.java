package app.frenum.server.device;

import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.server.Row;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.util.UUID;

/** One stand-alone reading of a device. */
@Entity
class DeviceReading extends Row {
    private UUID deviceId;
    private long seq;
    private Instant takenAt;
    /** What the device's own clock said; kept beside, because it may be wrong. */
    @SuppressWarnings("UnusedVariable")
    private Instant saidAt;

    @Enumerated(EnumType.STRING)
    private ReadQuantity quantity;

    private double entered;

    @Enumerated(EnumType.STRING)
    private Unit unit;

    protected DeviceReading() {}

    DeviceReading(
            UUID id, UUID deviceId, long seq, Instant takenAt, Instant saidAt, ReadQuantity quantity, Quantity value) {
        super(id);
        this.deviceId = deviceId;
        this.seq = seq;
        this.takenAt = takenAt;
        this.saidAt = saidAt;
        this.quantity = quantity;
        this.entered = value.entered();
        this.unit = value.unit();
    }

    Instant takenAt() {
        return takenAt;
    }

    ReadQuantity quantity() {
        return quantity;
    }

    Quantity value() {
        return new Quantity(entered, unit);
    }

    double inside() {
        return unit.toInside(entered);
    }

    UUID deviceId() {
        return deviceId;
    }

    long seq() {
        return seq;
    }
}
