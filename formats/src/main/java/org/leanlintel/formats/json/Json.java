package org.leanlintel.formats.json;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.Nulls;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.KeyDeserializer;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.module.SimpleModule;

/** The mapper. Reading is strict: nothing may be missing, null, unknown or of another type. */
public final class Json {

    /** Characters: a file to trace from, in a project file, written to base 64. */
    private static final int LONGEST_TEXT = 80_000_000;

    private static final JsonMapper MAPPER = build();

    private Json() {}

    public static JsonMapper mapper() {
        return MAPPER;
    }

    private static JsonMapper build() {
        SimpleModule module = new SimpleModule();
        module.addSerializer(Vec.class, new VecWriter());
        module.addDeserializer(Vec.class, new VecReader());
        module.addSerializer(ElementId.class, new IdWriter());
        module.addDeserializer(ElementId.class, new IdReader());
        module.addKeyDeserializer(ElementId.class, new IdKeyReader());
        Bounded.addTo(module);
        JsonMapper.Builder builder = JsonMapper.builder(JsonFactory.builder()
                        .streamReadConstraints(StreamReadConstraints.builder()
                                .maxStringLength(LONGEST_TEXT)
                                .build())
                        .build())
                .addModule(module)
                .changeDefaultVisibility(v -> v.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE))
                .changeDefaultNullHandling(n -> n.withContentNulls(Nulls.FAIL))
                .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS);
        for (Class<?> family : Kinds.FAMILIES) {
            builder.addMixIn(family, Typed.class);
            for (Class<?> member : Kinds.members(family))
                builder.registerSubtypes(new NamedType(member, Kinds.name(member)));
        }
        return builder.build();
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = Kinds.FIELD)
    private interface Typed {}

    private static final class VecWriter extends ValueSerializer<Vec> {
        @Override
        public void serialize(Vec v, JsonGenerator out, SerializationContext context) {
            out.writeStartArray();
            write(v.x(), out);
            write(v.y(), out);
            out.writeEndArray();
        }

        private static void write(double value, JsonGenerator out) {
            if (value == Math.rint(value) && Math.abs(value) < 1e15) out.writeNumber((long) value);
            else out.writeNumber(value);
        }
    }

    private static final class VecReader extends ValueDeserializer<Vec> {
        @Override
        public Vec deserialize(JsonParser in, DeserializationContext context) {
            if (in.currentToken() != JsonToken.START_ARRAY) throw wrong(context);
            double x = number(in, context), y = number(in, context);
            if (in.nextToken() != JsonToken.END_ARRAY) throw wrong(context);
            return new Vec(x, y);
        }

        private static double number(JsonParser in, DeserializationContext context) {
            if (!in.nextToken().isNumeric()) throw wrong(context);
            return Bounded.point(in.getDoubleValue(), context);
        }

        private static RuntimeException wrong(DeserializationContext context) {
            return context.weirdStringException("", Vec.class, "A point is written as two numbers: [x, y].");
        }
    }

    private static final class IdWriter extends ValueSerializer<ElementId> {
        @Override
        public void serialize(ElementId id, JsonGenerator out, SerializationContext context) {
            out.writeString(id.value());
        }
    }

    private static final class IdReader extends ValueDeserializer<ElementId> {
        @Override
        public ElementId deserialize(JsonParser in, DeserializationContext context) {
            if (in.currentToken() != JsonToken.VALUE_STRING)
                throw context.weirdStringException("", ElementId.class, "An id is written as text.");
            return new ElementId(in.getString());
        }
    }

    private static final class IdKeyReader extends KeyDeserializer {
        @Override
        public Object deserializeKey(String key, DeserializationContext context) {
            return new ElementId(key);
        }
    }
}
