package app.frenum.core;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.core.finding.Finding;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.reflect.RecordComponent;
import java.math.BigDecimal;
import java.math.MathContext;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Figures as they stand, every one of a result, a line each, in {@code src/test/resources/kept}. They are not true for
 * standing there: they make a change of any figure something that somebody decided, and can read in the difference. Written
 * anew by {@code -DargLine=-Dkept=write}.
 */
public final class Kept {
    private final StringBuilder lines = new StringBuilder();

    /** Adds a record, a collection or a map of them, a line for every figure in it. */
    public Kept add(String name, Object value) {
        write(name, value);
        return this;
    }

    /** Holds all that was added against what is kept under a name. */
    public void stands(String name) {
        Path file = Path.of("src/test/resources/kept", name + ".txt");
        try {
            if ("write".equals(System.getProperty("kept"))) {
                Files.createDirectories(file.getParent());
                Files.writeString(file, lines);
            }
            assertThat(lines.toString()).isEqualTo(Files.readString(file));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void write(String path, Object value) {
        if (value instanceof Finding finding) {
            write(path + ": " + finding.code().key(), finding.terms());
        } else if (value instanceof Record record) {
            for (RecordComponent part : record.getClass().getRecordComponents()) {
                write(path + "." + part.getName(), of(record, part));
            }
        } else if (value instanceof Collection<?> all) {
            int i = 0;
            for (Object one : all) {
                write(path + "[" + i++ + "]", one);
            }
        } else if (value instanceof double[] all) {
            write(path, Arrays.stream(all).boxed().toList());
        } else if (value instanceof Map<?, ?> map) {
            map.entrySet().stream()
                    .sorted(Comparator.comparing(e -> e.getKey().toString()))
                    .forEach(e -> write(path + "." + e.getKey(), e.getValue()));
        } else if (value instanceof Optional<?> optional) {
            optional.ifPresent(v -> write(path, v));
        } else if (value instanceof OptionalDouble optional) {
            optional.ifPresent(v -> write(path, v));
        } else {
            lines.append(path).append(" = ").append(told(value)).append('\n');
        }
    }

    /** Six digits, and nothing below a billionth: what a processor computes differently does not show. */
    private static String told(Object value) {
        if (value instanceof Double d && Math.abs(d) < 1e-9) {
            return "0";
        }
        return value instanceof Double d && Double.isFinite(d)
                ? new BigDecimal(d + 0.0)
                        .round(new MathContext(6))
                        .stripTrailingZeros()
                        .toString()
                : String.valueOf(value);
    }

    private static Object of(Record record, RecordComponent part) {
        try {
            part.getAccessor().setAccessible(true);
            return part.getAccessor().invoke(record);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
