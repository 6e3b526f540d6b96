package app.frenum.server.device;

import app.frenum.server.Row;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class Device extends Row {
    private String name;

    @Enumerated(EnumType.STRING)
    private DeviceKind kind;

    @Column(name = "code_sha256")
    private String codeSha256;

    private Instant lastSeenAt;

    protected Device() {}

    Device(UUID id, String name, DeviceKind kind, String codeSha256) {
        super(id);
        this.name = name;
        this.kind = kind;
        this.codeSha256 = codeSha256;
    }

    /** A digest that no code has. */
    void cut() {
        codeSha256 = "cut " + id();
    }

    boolean isCut() {
        return codeSha256.startsWith("cut ");
    }

    void seen(Instant when) {
        lastSeenAt = when;
    }

    DeviceView view(boolean connected, @Nullable Double clockAheadS) {
        return new DeviceView(id(), name, kind, lastSeenAt, connected, clockAheadS);
    }
}
