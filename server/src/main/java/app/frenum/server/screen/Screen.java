package app.frenum.server.screen;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A phone or laptop at which people are signed in. */
@Entity
class Screen extends Row {
    private String name;

    @SuppressWarnings("UnusedVariable") // told in the history
    private @Nullable Instant cutAt;

    protected Screen() {}

    Screen(UUID id, String name) {
        super(id);
        this.name = name;
    }

    String name() {
        return name;
    }

    void cut(Instant at) {
        cutAt = at;
    }
}
