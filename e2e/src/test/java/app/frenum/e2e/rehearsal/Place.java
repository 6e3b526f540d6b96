package app.frenum.e2e.rehearsal;

import app.frenum.server.DrivenClock;
import app.frenum.server.RunningServer;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;

/** A server by a clock that only goes on when it is told to; it may be started again where it was. */
final class Place implements AutoCloseable {
    private final DrivenClock clock = new DrivenClock();
    private final String database = RunningServer.emptyDatabase();
    private RunningServer server = RunningServer.by(clock, database);

    RunningServer server() {
        return server;
    }

    void advance(double seconds) {
        clock.advance(seconds);
    }

    /** Stops the server and starts another on what it kept, at the same address. */
    void restart() {
        String port = server.url().replaceAll(".*:", "");
        server.close();
        server = RunningServer.by(clock, database, "--server.port=" + port);
    }

    /** Changes what is stored behind the server's back, as an earlier version would have left it. */
    void alter(String... statements) {
        try (Connection c = DriverManager.getConnection(database);
                Statement s = c.createStatement()) {
            for (String statement : statements) {
                s.execute(statement);
            }
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void close() {
        server.close();
    }
}
