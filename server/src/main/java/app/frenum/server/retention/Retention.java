package app.frenum.server.retention;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** The one choice that there is. */
@Entity
class Retention extends Row {
    static final UUID ONLY = new UUID(0, 1);

    private @Nullable Integer months;
    private Instant chosenAt;

    protected Retention() {}

    Retention(Instant now) {
        super(ONLY);
        chosenAt = now;
    }

    /** After how many months samples are let go; null where they are kept for good. */
    @Nullable
    Integer months() {
        return months;
    }

    Instant chosenAt() {
        return chosenAt;
    }

    void choose(@Nullable Integer after, Instant now) {
        months = after;
        chosenAt = now;
    }
}
