package app.frenum.server;

import app.frenum.core.finding.AmountKind;
import app.frenum.core.finding.AsWritten;
import app.frenum.core.finding.Finding;
import app.frenum.core.finding.FindingCode;
import app.frenum.core.finding.Term;
import app.frenum.core.finding.UnitSystem;
import app.frenum.core.people.Who;
import app.frenum.core.quantity.Figure;
import app.frenum.core.quantity.Quantity;
import app.frenum.core.quantity.Unit;
import app.frenum.formats.words.Catalogue;
import app.frenum.formats.words.Wording;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
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
 * that no reader needs a table of units. A {@link Finding} has its words beside it.
 */
@Configuration(proxyBeanMethods = false)
class CoreJson {
    @Bean
    JacksonModule coreModule() {
        return new SimpleModule("core")
                .addSerializer(Finding.class, new FindingWriter())
                .addDeserializer(Finding.class, new FindingReader())
                .setMixInAnnotation(Who.class, ByName.class)
                .addSerializer(Quantity.class, new QuantityWriter())
                .addDeserializer(Quantity.class, new QuantityReader())
                .addSerializer(Figure.class, new FigureWriter())
                .addDeserializer(Figure.class, new FigureReader());
    }

    /** Code and terms for programs, and the words for people in both systems of units, so that a reader may change theirs. */
    private static final class FindingWriter extends StdSerializer<Finding> {
        FindingWriter() {
            super(Finding.class);
        }

        @Override
        public void serialize(Finding finding, JsonGenerator to, SerializationContext context) {
            to.writeStartObject();
            to.writeStringProperty("code", finding.code().key());
            to.writeName("terms");
            to.writeStartObject();
            finding.terms().forEach((name, term) -> {
                to.writeName(name);
                write(term, to, context);
            });
            to.writeEndObject();
            to.writeName("text");
            to.writeStartObject();
            to.writeStringProperty("metric", Wording.in(UnitSystem.METRIC).text(finding));
            to.writeStringProperty("imperial", Wording.in(UnitSystem.IMPERIAL).text(finding));
            to.writeEndObject();
            to.writeEndObject();
        }

        private void write(Term term, JsonGenerator to, SerializationContext context) {
            to.writeStartObject();
            if (term instanceof Term.Amount amount) {
                to.writeStringProperty("kind", amount.kind().name());
                to.writeNumberProperty("inside", amount.inside());
                to.writeNumberProperty("step", amount.step());
                amount.plusMinus().ifPresent(half -> to.writeNumberProperty("plusMinus", half));
            } else if (term instanceof Term.Count count) {
                to.writeNumberProperty("count", count.n());
            } else if (term instanceof Term.Name name) {
                to.writeStringProperty("name", name.text());
            } else if (term instanceof Term.Said said) {
                to.writeName("finding");
                serialize(said.finding(), to, context);
            } else if (term instanceof Term.All all) {
                to.writeName("all");
                to.writeStartArray();
                all.terms().forEach(t -> write(t, to, context));
                to.writeEndArray();
            }
            to.writeEndObject();
        }
    }

    /** Whoever did something is written as the name, as it always was. */
    interface ByName {
        @JsonValue
        String name();
    }

    /** Code and terms; the words of before as they were written. */
    private static final class FindingReader extends StdDeserializer<Finding> {
        FindingReader() {
            super(Finding.class);
        }

        @Override
        public Finding deserialize(JsonParser from, DeserializationContext context) {
            return finding(context.readTree(from));
        }

        private static Finding finding(JsonNode node) {
            if (node.isString()) {
                return AsWritten.of(node.asString());
            }
            Optional<FindingCode> code = Catalogue.code(node.path("code").asString(""));
            if (code.isEmpty()) {
                return AsWritten.of(node.path("text").path("metric").asString(""));
            }
            Map<String, Term> terms = new LinkedHashMap<>();
            code.get()
                    .parameters()
                    .forEach(name -> terms.put(name, term(node.path("terms").path(name))));
            return new Finding(code.get(), terms);
        }

        private static Term term(JsonNode node) {
            if (node.has("kind")) {
                return new Term.Amount(
                        AmountKind.valueOf(node.get("kind").asString()),
                        node.get("inside").asDouble(),
                        node.get("step").asDouble(),
                        node.has("plusMinus")
                                ? OptionalDouble.of(node.get("plusMinus").asDouble())
                                : OptionalDouble.empty());
            }
            if (node.has("count")) {
                return new Term.Count(node.get("count").asLong());
            }
            if (node.has("finding")) {
                return new Term.Said(finding(node.get("finding")));
            }
            if (node.has("all")) {
                return new Term.All(
                        node.get("all").valueStream().map(FindingReader::term).toList());
            }
            return new Term.Name(node.path("name").asString(""));
        }
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
            if (quantity.decimals().isPresent()) {
                to.writeNumberProperty("decimals", quantity.decimals().getAsInt());
            }
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
            JsonNode decimals = node.path("decimals");
            return new Quantity(
                    node.get("entered").asDouble(),
                    unit.get(),
                    decimals.isInt() ? OptionalInt.of(decimals.asInt()) : OptionalInt.empty());
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
