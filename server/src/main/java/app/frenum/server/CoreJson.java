package app.frenum.server;

import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import java.util.Arrays;
import java.util.Optional;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

/**
 * How the core's values are written. A {@link Figure} is {@code {"value": 46.2}} or
 * {@code {"reason": "no nominal speed was given"}}; a {@link Quantity} has beside what was typed the value inside, so
 * that no reader needs a table of units.
 */
@Configuration(proxyBeanMethods = false)
class CoreJson {
    @Bean
    JacksonModule coreModule() {
        return new SimpleModule("core")
                .addSerializer(Quantity.class, new QuantityWriter())
                .addDeserializer(Quantity.class, new QuantityReader())
                .addSerializer(Figure.class, new FigureWriter())
                .addDeserializer(Figure.class, new FigureReader());
    }

    private static final class QuantityWriter extends StdSerializer<Quantity> {
        QuantityWriter() {
            super(Quantity.class);
        }

        @Override
        public void serialize(Quantity quantity, JsonGenerator to, SerializationContext context) {
            to.writeStartObject();
            to.writeNumberProperty("entered", quantity.entered());
            to.writeStringProperty("unit", quantity.unit().name());
            to.writeNumberProperty("inside", quantity.inside());
            to.writeEndObject();
        }
    }

    /** A quantity without its number must not be taken for nought. */
    private static final class QuantityReader extends StdDeserializer<Quantity> {
        QuantityReader() {
            super(Quantity.class);
        }

        @Override
        public Quantity deserialize(JsonParser from, DeserializationContext context) {
            JsonNode node = context.readTree(from);
            Optional<Unit> unit = Arrays.stream(Unit.values())
                    .filter(u -> u.name().equals(node.path("unit").asString("")))
                    .findFirst();
            if (!node.path("entered").isNumber() || unit.isEmpty()) {
                return context.reportInputMismatch(this, "a quantity is a number \"entered\" and a \"unit\"");
            }
            return new Quantity(node.get("entered").asDouble(), unit.get());
        }
    }

    private static final class FigureWriter extends StdSerializer<Figure> {
        FigureWriter() {
            super(Figure.class);
        }

        @Override
        public void serialize(Figure figure, JsonGenerator to, SerializationContext context) {
            to.writeStartObject();
            if (figure.isKnown()) {
                to.writeNumberProperty("value", figure.value());
            } else {
                to.writeStringProperty("reason", figure.reason());
            }
            to.writeEndObject();
        }
    }

    private static final class FigureReader extends StdDeserializer<Figure> {
        FigureReader() {
            super(Figure.class);
        }

        @Override
        public Figure deserialize(JsonParser from, DeserializationContext context) {
            JsonNode node = context.readTree(from);
            return node.has("value")
                    ? Figure.of(node.get("value").asDouble())
                    : Figure.unknown(node.path("reason").asString());
        }
    }
}
