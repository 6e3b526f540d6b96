package app.frenum.server;

import app.frenum.core.quantity.Figure;
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

/** How a {@link Figure} is written: {@code {"value": 46.2}} or {@code {"reason": "no nominal speed was given"}}. */
@Configuration(proxyBeanMethods = false)
class CoreJson {
    @Bean
    JacksonModule figureModule() {
        return new SimpleModule("figures")
                .addSerializer(Figure.class, new FigureWriter())
                .addDeserializer(Figure.class, new FigureReader());
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
