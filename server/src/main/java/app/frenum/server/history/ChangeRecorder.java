package app.frenum.server.history;

import app.frenum.server.Row;
import app.frenum.server.SteadyClock;
import app.frenum.server.who.CurrentWho;
import jakarta.persistence.EntityManagerFactory;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import org.hibernate.engine.spi.SessionFactoryImplementor;
import org.hibernate.engine.spi.SharedSessionContractImplementor;
import org.hibernate.event.service.spi.EventListenerRegistry;
import org.hibernate.event.spi.EventType;
import org.hibernate.event.spi.PostDeleteEvent;
import org.hibernate.event.spi.PostDeleteEventListener;
import org.hibernate.event.spi.PostInsertEvent;
import org.hibernate.event.spi.PostInsertEventListener;
import org.hibernate.event.spi.PostUpdateEvent;
import org.hibernate.event.spi.PostUpdateEventListener;
import org.hibernate.persister.entity.EntityPersister;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Writes down every change in the transaction that makes it: it is kept with the change, or not at all. What machines send and
 * what is only computed anew is left out; it changes nothing that anybody said.
 */
@Component
class ChangeRecorder implements PostInsertEventListener, PostUpdateEventListener, PostDeleteEventListener {
    private static final long serialVersionUID = 1L;

    /** By the name of their class; raw samples, readings as devices send them, and what follows from others. */
    private static final Set<String> LEFT_OUT = Set.of(
            "SampleBlockRow",
            "LiveBatchRow",
            "DeviceReading",
            "StagedImport",
            "KeptVerdict",
            "JoiningCode",
            "LoggerRoles");
    /** Of those it is only what somebody gave a reason for: edges that a person moved, figures that were put right. */
    private static final Set<String> WITH_A_REASON = Set.of("Measurement");

    private static final String REASON = "why";
    /** What every row carries, told in columns of its own. */
    private static final Set<String> OF_EVERY_ROW =
            Set.of("createdAt", "updatedAt", "changedBy", "version", "lastSeenAt", "lastUsedAt", "signatures");
    /** Of a recording, what grows while it is written; of that and of a measurement, what is worked out. */
    private static final Set<String> WORKED_OUT =
            Set.of("blockStarts", "calibration", "health", "rateHz", "rowCount", "durationS", "lastSeq", "figures");
    /** That it changed is told, and not to what. */
    private static final Set<String> SECRET = Set.of("passwordHash", "codeSha256");

    private static final String HIDDEN = "(not shown)";
    private static final String NEW_HIDDEN = "(a new one, not shown)";
    private static final String WRITE =
            "insert into change (at, who, screen, of_what, row_id, test_id, kind, before, after)"
                    + " values (?, ?, ?, ?, ?, coalesce(cast(? as uuid), (select test_id from series where id = cast(? as uuid)),"
                    + " (select s.test_id from stop join series s on s.id = stop.series_id where stop.id = cast(? as uuid))),"
                    + " ?, cast(? as jsonb), cast(? as jsonb))";

    /** Those whose own id is that of their test. */
    private static final Set<String> AS_THE_TEST = Set.of("BrakeTest", "TestPlan", "Run");

    private final transient CurrentWho who;
    private final transient SteadyClock clock;
    private final transient JsonMapper json;

    ChangeRecorder(EntityManagerFactory factory, CurrentWho who, SteadyClock clock, JsonMapper json) {
        this.who = who;
        this.clock = clock;
        this.json = json;
        EventListenerRegistry listeners = Objects.requireNonNull(factory.unwrap(SessionFactoryImplementor.class)
                .getServiceRegistry()
                .getService(EventListenerRegistry.class));
        listeners.appendListeners(EventType.POST_INSERT, this);
        listeners.appendListeners(EventType.POST_UPDATE, this);
        listeners.appendListeners(EventType.POST_DELETE, this);
    }

    /** By what a row is of a test: known, or found by the series or the stop that it is of. */
    private record Of(
            @Nullable UUID test,
            @Nullable UUID series,
            @Nullable UUID stop) {}

    private enum Kind {
        ADDED,
        CHANGED,
        TAKEN_OUT
    }

    @Override
    public void onPostInsert(PostInsertEvent event) {
        write(event.getSession(), event.getPersister(), event.getEntity(), Kind.ADDED, null, event.getState());
    }

    @Override
    public void onPostUpdate(PostUpdateEvent event) {
        write(
                event.getSession(),
                event.getPersister(),
                event.getEntity(),
                Kind.CHANGED,
                event.getOldState(),
                event.getState());
    }

    @Override
    public void onPostDelete(PostDeleteEvent event) {
        write(
                event.getSession(),
                event.getPersister(),
                event.getEntity(),
                Kind.TAKEN_OUT,
                event.getDeletedState(),
                null);
    }

    @Override
    public boolean requiresPostCommitHandling(EntityPersister persister) {
        return false;
    }

    private void write(
            SharedSessionContractImplementor session,
            EntityPersister persister,
            Object entity,
            Kind kind,
            @Nullable Object @Nullable [] before,
            @Nullable Object @Nullable [] after) {
        if (!(entity instanceof Row row) || LEFT_OUT.contains(entity.getClass().getSimpleName())) {
            return;
        }
        List<String> names = Arrays.asList(persister.getPropertyNames());
        if (WITH_A_REASON.contains(entity.getClass().getSimpleName()) && isWithout(REASON, names, after)) {
            return;
        }
        Map<String, String> was = new TreeMap<>();
        Map<String, String> is = new TreeMap<>();
        for (int i = 0; i < names.size(); i++) {
            Object old = before == null ? null : before[i];
            Object now = after == null ? null : after[i];
            if (isTold(names.get(i)) && !Objects.equals(old, now)) {
                was.putAll(told(names.get(i), old, HIDDEN));
                is.putAll(told(names.get(i), now, NEW_HIDDEN));
            }
        }
        Set<Map.Entry<String, String>> same = new HashSet<>(was.entrySet());
        same.retainAll(is.entrySet());
        was.entrySet().removeAll(same);
        is.entrySet().removeAll(same);
        if (was.isEmpty() && is.isEmpty()) {
            return;
        }
        Function<String, @Nullable UUID> id = name -> {
            int at = names.indexOf(name);
            Object[] known = after == null ? before : after;
            return at < 0 || known == null ? null : (UUID) known[at];
        };
        String what = entity.getClass().getSimpleName().replaceFirst("Row$", "");
        UUID test = AS_THE_TEST.contains(what) ? row.id() : id.apply(names.contains("runId") ? "runId" : "testId");
        Of of = new Of(test, id.apply("seriesId"), id.apply("stopId"));
        session.doWork(connection -> insert(connection, row.id(), of, what, kind, was, is));
    }

    private static boolean isWithout(String name, List<String> names, @Nullable Object @Nullable [] state) {
        return state == null || state[names.indexOf(name)] == null;
    }

    private static boolean isTold(String name) {
        return !OF_EVERY_ROW.contains(name) && !WORKED_OUT.contains(name);
    }

    private Map<String, String> told(String name, @Nullable Object value, String hidden) {
        return SECRET.contains(name) && value != null ? Map.of(name, hidden) : Leaves.of(json, name, value);
    }

    private void insert(
            Connection connection,
            UUID row,
            Of of,
            String what,
            Kind kind,
            Map<String, String> was,
            Map<String, String> is)
            throws SQLException {
        try (PreparedStatement s = connection.prepareStatement(WRITE)) {
            s.setTimestamp(1, Timestamp.from(clock.instant()));
            s.setString(2, who.getCurrentAuditor().orElse(""));
            s.setString(3, who.screen().orElse(""));
            s.setString(4, what);
            s.setObject(5, row);
            s.setObject(6, of.test());
            s.setObject(7, of.series());
            s.setObject(8, of.stop());
            s.setString(9, kind.name());
            s.setString(10, json.writeValueAsString(was));
            s.setString(11, json.writeValueAsString(is));
            s.executeUpdate();
        }
    }
}
