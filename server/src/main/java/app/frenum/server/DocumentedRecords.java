package app.frenum.server;

import app.frenum.core.procedure.run.Happening;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.annotations.media.Schema.RequiredMode;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.AnnotatedArrayType;
import java.lang.reflect.AnnotatedParameterizedType;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Documents records as they are written: every component is there, and only an optional one may be null. Maps by an enum
 * name their keys.
 */
@Component
class DocumentedRecords implements ModelConverter {
    private final Map<String, Class<?>> names = new ConcurrentHashMap<>();
    private final Set<Schema<?>> completed = Collections.newSetFromMap(new IdentityHashMap<>());

    @Override
    public @Nullable Schema<?> resolve(
            AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        if (!chain.hasNext()) {
            return null;
        }
        Class<?> raw = Json.mapper().constructType(type.getType()).getRawClass();
        if (raw == Happening.class) {
            return oneOf(raw, context);
        }
        Schema<?> resolved = chain.next().resolve(type, context, chain);
        if (raw.isRecord() && resolved != null) {
            String name = Optional.ofNullable(resolved.get$ref())
                    .map(ref -> ref.substring(ref.lastIndexOf('/') + 1))
                    .orElse(resolved.getName());
            claim(name, raw);
            Optional.ofNullable(context.getDefinedModels().get(name))
                    .filter(completed::add)
                    .ifPresent(model -> complete(raw, model));
        }
        return resolved;
    }

    /** Two records of one name would be documented as one of them. */
    private void claim(String name, Class<?> raw) {
        Class<?> other = names.putIfAbsent(name, raw);
        if (other != null && other != raw) {
            throw new IllegalStateException(
                    "%s and %s are both documented as %s; rename one".formatted(other, raw, name));
        }
    }

    private static void complete(Class<?> raw, Schema<?> model) {
        // A record of several kinds comes as a part of their common kind, which has no properties.
        if (model.getAllOf() != null) {
            for (Schema<?> part : model.getAllOf()) {
                properties(part).forEach(model::addProperty);
            }
            model.setAllOf(null);
            model.setTypes(Set.of("object"));
        }
        for (RecordComponent component : raw.getRecordComponents()) {
            Schema<?> property = properties(model).get(component.getName());
            if (property == null) {
                continue;
            }
            if (isAlwaysThere(component) && !required(model).contains(component.getName())) {
                model.addRequiredItem(component.getName());
            }
            if (component.getType() == OptionalDouble.class) {
                property = new Schema<>().types(Set.of("number")).format("double");
            }
            Schema<?> documented = byConstant(component, withItems(component.getAnnotatedType(), property));
            model.addProperty(component.getName(), isOptional(component) ? orNull(documented) : documented);
        }
    }

    private static List<String> required(Schema<?> model) {
        return Optional.ofNullable(model.getRequired()).orElse(List.of());
    }

    private static Map<String, Schema<?>> properties(Schema<?> model) {
        Map<String, Schema<?>> all = new LinkedHashMap<>();
        if (model.getProperties() != null) {
            model.getProperties().forEach(all::put);
        }
        return all;
    }

    private static boolean isAlwaysThere(RecordComponent component) {
        io.swagger.v3.oas.annotations.media.Schema said =
                component.getAccessor().getAnnotation(io.swagger.v3.oas.annotations.media.Schema.class);
        return said == null || said.requiredMode() != RequiredMode.NOT_REQUIRED;
    }

    private static boolean isOptional(RecordComponent component) {
        return component.getType().getName().startsWith("java.util.Optional")
                || component.getAnnotatedType().isAnnotationPresent(Nullable.class);
    }

    /** Of several kinds of record, each of which says by "type" which it is. */
    private static Schema<?> oneOf(Class<?> kind, ModelConverterContext context) {
        Schema<?> several = new Schema<>();
        for (Class<?> one : kind.getPermittedSubclasses()) {
            several.addOneOfItem(context.resolve(new AnnotatedType(one).resolveAsRef(true)));
            Schema<?> model = Objects.requireNonNull(context.getDefinedModels().get(one.getSimpleName()));
            String name = one.getSimpleName();
            Schema<String> type = new Schema<>();
            type.setTypes(Set.of("string"));
            type.setEnum(List.of(name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1)));
            if (!properties(model).containsKey("type")) {
                model.addProperty("type", type);
                model.addRequiredItem("type");
            }
        }
        context.defineModel(kind.getSimpleName(), several);
        return new Schema<>().$ref("#/components/schemas/" + kind.getSimpleName());
    }

    /** Elements of an array or a list may be null as well. */
    private static Schema<?> withItems(java.lang.reflect.AnnotatedType of, Schema<?> property) {
        java.lang.reflect.AnnotatedType element = of instanceof AnnotatedArrayType array
                ? array.getAnnotatedGenericComponentType()
                : of instanceof AnnotatedParameterizedType several ? last(several) : of;
        Schema<?> items = property.getItems();
        if (items != null && element != of) {
            Schema<?> inner = withItems(element, items);
            property.setItems(element.isAnnotationPresent(Nullable.class) ? orNull(inner) : inner);
        } else if (property.getAdditionalProperties() instanceof Schema<?> values && element != of) {
            property.setAdditionalProperties(withItems(element, values));
        }
        return property;
    }

    private static java.lang.reflect.AnnotatedType last(AnnotatedParameterizedType several) {
        java.lang.reflect.AnnotatedType[] all = several.getAnnotatedActualTypeArguments();
        return all[all.length - 1];
    }

    private static Schema<?> orNull(Schema<?> schema) {
        return new Schema<>().anyOf(List.of(schema, new Schema<>().types(Set.of("null"))));
    }

    /** A map whose keys are an enum's has one property for each of them. */
    private static Schema<?> byConstant(RecordComponent component, Schema<?> property) {
        if (component.getType() != Map.class
                || !(component.getAnnotatedType() instanceof AnnotatedParameterizedType map)
                || !(map.getAnnotatedActualTypeArguments()[0].getType() instanceof Class<?> key)
                || !key.isEnum()
                || !(property.getAdditionalProperties() instanceof Schema<?> value)) {
            return property;
        }
        Schema<?> object = new Schema<>();
        object.setTypes(Set.of("object"));
        Arrays.stream(key.getEnumConstants())
                .map(constant -> ((Enum<?>) constant).name())
                .forEach(constant -> object.addProperty(constant, value));
        object.setAdditionalProperties(false);
        return object;
    }
}
