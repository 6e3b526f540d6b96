package app.frenum.server.run;

import app.frenum.server.Row;
import jakarta.persistence.Entity;
import java.util.UUID;

/** A run; it has its test's id. */
@Entity
class Run extends Row {
    private String script;
    private String plan;

    protected Run() {}

    Run(UUID testId, String script, String plan) {
        super(testId);
        this.script = script;
        this.plan = plan;
    }

    String script() {
        return script;
    }

    /** The plan it was made from. */
    String plan() {
        return plan;
    }
}
