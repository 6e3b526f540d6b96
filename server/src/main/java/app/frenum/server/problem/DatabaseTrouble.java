package app.frenum.server.problem;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.CannotCreateTransactionException;

/** What the database's own words mean for people (SQLSTATE, PostgreSQL manual, appendix A). */
public final class DatabaseTrouble {
    private DatabaseTrouble() {}

    /** Whether it failed only because the database does not answer just now, so that the same may be tried again. */
    public static boolean isAway(Throwable e) {
        return of(e).filter(p -> p.status() == HttpStatus.SERVICE_UNAVAILABLE).isPresent();
    }

    static Optional<Problem> of(Throwable e) {
        for (Throwable at = e; at != null; at = at.getCause()) {
            if (isLostConnection(at)) {
                return Optional.of(away());
            }
            if (at instanceof SQLException sql && sql.getSQLState() != null) {
                return meaning(sql.getSQLState());
            }
        }
        return Optional.empty();
    }

    /** The pool says in words, without a state, that the connection it had lent was lost. */
    private static boolean isLostConnection(Throwable e) {
        return e instanceof SQLTransientConnectionException
                || e instanceof CannotCreateTransactionException
                || e instanceof SQLException && "Connection is closed".equals(e.getMessage());
    }

    private static Optional<Problem> meaning(String state) {
        return switch (state.substring(0, 2)) {
            case "08", "57" -> Optional.of(away());
            case "53" -> Optional.of(state.equals("53100") ? Problem.diskFull() : away());
            case "22" -> Optional.of(unfit());
            case "23" ->
                Optional.of(
                        switch (state) {
                            case "23503" ->
                                Problem.conflict("What it belongs to is gone. Load it again and repeat the change.");
                            case "23505" ->
                                Problem.conflict(
                                        "Something else has this id or this name already. Load it again and repeat the change.");
                            default -> unfit();
                        });
            default -> Optional.empty();
        };
    }

    private static Problem away() {
        return Problem.busy(
                "The database does not answer just now. Nothing of this was kept, unless it says so when it "
                        + "is asked again. Try again in a moment.");
    }

    static Problem unfit() {
        return Problem.invalid("", "Something in it is missing, or is nothing that can be kept.");
    }
}
