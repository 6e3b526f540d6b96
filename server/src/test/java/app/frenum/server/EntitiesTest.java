package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import jakarta.persistence.Transient;
import jakarta.persistence.Version;
import jakarta.persistence.metamodel.EntityType;
import java.lang.reflect.Constructor;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every row comes back from its table as it was saved, with no field at its default: what no column keeps is found. */
class EntitiesTest {
    private static final RunningServer SERVER = RunningServer.on(RunningServer.emptyDatabase());
    private static final EntityManagerFactory ENTITIES = SERVER.bean(EntityManagerFactory.class);

    /** PostgreSQL keeps microseconds. */
    private static final Comparator<Instant> TO_THE_MICROSECOND =
            (a, b) -> Math.abs(ChronoUnit.NANOS.between(a, b)) < 1000 ? 0 : a.compareTo(b);

    private static final Map<Class<?>, Supplier<Object>> SAMPLES = Map.ofEntries(
            Map.entry(UUID.class, UUID::randomUUID),
            Map.entry(String.class, () -> "Tarn's “ö”"),
            Map.entry(int.class, () -> 7),
            Map.entry(Integer.class, () -> 8),
            Map.entry(long.class, () -> 9_000_000_000L),
            Map.entry(double.class, () -> 0.1 + 0.2),
            Map.entry(Double.class, () -> -1.0 / 3),
            Map.entry(boolean.class, () -> true),
            Map.entry(byte[].class, () -> new byte[] {0, -1, 127}),
            Map.entry(double[].class, () -> new double[] {0, 0.1, 1e9}),
            Map.entry(LocalDate.class, () -> LocalDate.of(2026, 3, 29)),
            Map.entry(Instant.class, () -> Instant.parse("2026-03-29T01:59:59.123456Z")));

    @AfterAll
    static void stop() {
        SERVER.close();
    }

    static Stream<Class<?>> entities() throws SQLException {
        dropTies();
        return ENTITIES.getMetamodel().getEntities().stream().<Class<?>>map(EntityType::getJavaType);
    }

    /** One row alone shall be kept: what it points to is not there. */
    private static void dropTies() throws SQLException {
        try (Connection c = DriverManager.getConnection(SERVER.databaseUrl());
                Statement s = c.createStatement()) {
            List<String> drops = new ArrayList<>();
            try (ResultSet ties = s.executeQuery(
                    "select format('alter table %s drop constraint %I', conrelid::regclass, conname)"
                            + " from pg_constraint where contype in ('f', 'c') and connamespace = 'public'::regnamespace")) {
                while (ties.next()) {
                    drops.add(ties.getString(1));
                }
            }
            for (String drop : drops) {
                s.execute(drop);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("entities")
    void comesBackAsItWasSaved(Class<?> kind) throws ReflectiveOperationException {
        Object saved = sample(kind);
        inTransaction(em -> {
            em.persist(saved);
            return saved;
        });
        Object id = ENTITIES.getPersistenceUnitUtil().getIdentifier(saved);
        Object read = inTransaction(em -> em.find(kind, id));
        assertThat(read)
                .usingRecursiveComparison()
                .withComparatorForType(TO_THE_MICROSECOND, Instant.class)
                .isEqualTo(saved);
    }

    private static Object inTransaction(Function<EntityManager, Object> work) {
        try (EntityManager em = ENTITIES.createEntityManager()) {
            em.getTransaction().begin();
            Object result = work.apply(em);
            em.getTransaction().commit();
            return result;
        }
    }

    private static Object sample(Class<?> kind) throws ReflectiveOperationException {
        if (kind.isRecord()) {
            return ofRecord(kind);
        }
        Constructor<?> empty = kind.getDeclaredConstructor();
        empty.setAccessible(true);
        Object made = empty.newInstance();
        for (Class<?> c = kind; c != Object.class; c = c.getSuperclass()) {
            for (Field field : c.getDeclaredFields()) {
                if (isKept(field)) {
                    field.setAccessible(true);
                    field.set(made, valueOf(field));
                }
            }
        }
        return made;
    }

    /** All but what is not kept, and the version, which says whether a row is new. */
    private static boolean isKept(Field field) {
        return !Modifier.isStatic(field.getModifiers())
                && !field.isSynthetic()
                && !field.isAnnotationPresent(Transient.class)
                && !field.isAnnotationPresent(Version.class);
    }

    private static Object ofRecord(Class<?> kind) throws ReflectiveOperationException {
        RecordComponent[] parts = kind.getRecordComponents();
        Class<?>[] types = Arrays.stream(parts).map(RecordComponent::getType).toArray(Class<?>[]::new);
        Object[] values = new Object[parts.length];
        for (int i = 0; i < parts.length; i++) {
            values[i] = valueOf(types[i]);
        }
        Constructor<?> whole = kind.getDeclaredConstructor(types);
        whole.setAccessible(true);
        return whole.newInstance(values);
    }

    private static Object valueOf(Field field) throws ReflectiveOperationException {
        JdbcTypeCode code = field.getAnnotation(JdbcTypeCode.class);
        if (field.getType() == String.class && code != null && code.value() == SqlTypes.JSON) {
            return "{\"%s\": [1.5, \"ö\", null]}".formatted(field.getName());
        }
        if (field.getType() == List.class) {
            Type element = ((ParameterizedType) field.getGenericType()).getActualTypeArguments()[0];
            return new ArrayList<>(List.of(valueOf((Class<?>) element)));
        }
        return valueOf(field.getType());
    }

    private static Object valueOf(Class<?> type) throws ReflectiveOperationException {
        if (type.isEnum()) {
            Object[] all = type.getEnumConstants();
            return all[all.length - 1];
        }
        Supplier<Object> known = SAMPLES.get(type);
        return known != null ? known.get() : sample(type);
    }
}
