package org.leanlintel.server.openapi;

import java.lang.reflect.AnnotatedParameterizedType;
import java.lang.reflect.AnnotatedType;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.formats.json.Kinds;

/**
 * JSON schemas of records and sealed families, as {@link org.leanlintel.formats.json.Json} reads and writes them. Kept
 * here because general generators read framework annotations, which core does without (docs/decisions/openapi.md).
 */
final class Schemas {

    private final Map<String, Object> named = new TreeMap<>();

    Map<String, Object> named() {
        return named;
    }

    Map<String, Object> of(AnnotatedType type) {
        Map<String, Object> schema = schema(type);
        if (!type.isAnnotationPresent(Nullable.class)) return schema;
        return Map.of("anyOf", List.of(schema, Map.of("type", "null")));
    }

    private Map<String, Object> schema(AnnotatedType annotated) {
        Type type = annotated.getType();
        if (type instanceof ParameterizedType p && annotated instanceof AnnotatedParameterizedType a) {
            AnnotatedType[] arguments = a.getAnnotatedActualTypeArguments();
            if (p.getRawType() == List.class) return Map.of("type", "array", "items", of(arguments[0]));
            if (p.getRawType() == Map.class) return Map.of("type", "object", "additionalProperties", of(arguments[1]));
        }
        return of((Class<?>) type);
    }

    Map<String, Object> of(Class<?> type) {
        if (type == String.class || type == ElementId.class) return Map.of("type", "string");
        if (type == UUID.class) return Map.of("type", "string", "format", "uuid");
        if (type == Instant.class) return Map.of("type", "string", "format", "date-time");
        if (type == LocalDate.class) return Map.of("type", "string", "format", "date");
        if (type == boolean.class) return Map.of("type", "boolean");
        if (type == int.class || type == Integer.class || type == long.class) return Map.of("type", "integer");
        if (type == double.class || type == Double.class) return Map.of("type", "number");
        if (type == Vec.class) {
            Map<String, Object> number = Map.of("type", "number");
            return Map.of("type", "array", "prefixItems", List.of(number, number), "minItems", 2, "maxItems", 2);
        }
        if (type.isEnum() || type.isRecord() || type.isSealed() || Kinds.FAMILIES.contains(type))
            return reference(type);
        throw new IllegalStateException("No schema for " + type);
    }

    private Map<String, Object> reference(Class<?> type) {
        String name = name(type);
        if (!named.containsKey(name)) {
            named.put(name, Map.of());
            named.put(name, type.isEnum() ? enumeration(type) : type.isRecord() ? record(type) : anyMember(type));
        }
        return Map.of("$ref", "#/components/schemas/" + name);
    }

    private static Map<String, Object> enumeration(Class<?> type) {
        return Map.of(
                "type",
                "string",
                "enum",
                Arrays.stream(type.getEnumConstants()).map(Object::toString).toList());
    }

    private Map<String, Object> record(Class<?> type) {
        Map<String, Object> properties = new LinkedHashMap<>();
        List<String> required = new ArrayList<>();
        if (Kinds.FAMILIES.stream().anyMatch(f -> Kinds.members(f).contains(type))) {
            properties.put(Kinds.FIELD, Map.of("type", "string", "const", Kinds.name(type)));
            required.add(Kinds.FIELD);
        }
        for (RecordComponent component : type.getRecordComponents()) {
            properties.put(component.getName(), of(component.getAnnotatedType()));
            required.add(component.getName());
        }
        return Map.of("type", "object", "properties", properties, "required", required);
    }

    private Map<String, Object> anyMember(Class<?> root) {
        return Map.of("oneOf", Kinds.members(root).stream().map(this::of).toList());
    }

    /** A nested type is named after what it stands in, but for the messages of the API. */
    private static String name(Class<?> type) {
        Class<?> outer = type.getEnclosingClass();
        boolean plain = outer == null || outer.getSimpleName().equals("Messages");
        return plain ? type.getSimpleName() : outer.getSimpleName() + type.getSimpleName();
    }
}
