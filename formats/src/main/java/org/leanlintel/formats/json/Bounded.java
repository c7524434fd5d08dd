package org.leanlintel.formats.json;

import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * Bounds of everything that comes from outside, whatever it is for: a house fits in a kilometre, so that no number and no point
 * lies further than two from nothing; and text is text that can be kept and printed. Narrower bounds are the elements' own.
 */
final class Bounded {

    private static final double MOST = 2 * Tolerance.FURTHEST_MM;

    private Bounded() {}

    static void addTo(SimpleModule module) {
        for (Class<?> type : new Class<?>[] {double.class, Double.class}) add(module, type);
        module.addDeserializer(String.class, new TextReader());
    }

    @SuppressWarnings("unchecked")
    private static void add(SimpleModule module, Class<?> type) {
        module.addDeserializer((Class<Double>) type, new NumberReader());
    }

    /** A coordinate of a point. */
    static double point(double mm, DeserializationContext context) {
        if (!(Math.abs(mm) <= MOST))
            throw context.weirdNumberException(mm, Vec.class, "A point lies within 2 km of the drawing's origin.");
        return mm;
    }

    private static final class NumberReader extends ValueDeserializer<Double> {
        @Override
        public Double deserialize(JsonParser in, DeserializationContext context) {
            JsonToken token = in.currentToken();
            if (token == null || !token.isNumeric())
                throw context.weirdStringException("", Double.class, "A number is written here.");
            double value = in.getDoubleValue();
            if (!(Math.abs(value) <= MOST))
                throw context.weirdNumberException(
                        value, Double.class, "No length is more than 2 km, and no other number more than 2,000,000.");
            return value;
        }

        @Override
        public Double getNullValue(DeserializationContext context) {
            throw context.weirdStringException("", Double.class, "A number is written here.");
        }
    }

    private static final class TextReader extends ValueDeserializer<String> {
        @Override
        public String deserialize(JsonParser in, DeserializationContext context) {
            if (in.currentToken() != JsonToken.VALUE_STRING)
                throw context.weirdStringException("", String.class, "Text is written here.");
            String text = in.getString();
            String fault = faultOf(text);
            if (fault != null) throw context.weirdStringException("", String.class, fault);
            return text;
        }
    }

    /** Why a text can't be kept; null where it can. */
    private static @Nullable String faultOf(String text) {
        int i = 0;
        while (i < text.length()) {
            char c = text.charAt(i++);
            if (c == 0) return "Text can't have a character of no kind (U+0000) in it.";
            if (!Character.isSurrogate(c)) continue;
            boolean whole =
                    Character.isHighSurrogate(c) && i < text.length() && Character.isLowSurrogate(text.charAt(i));
            if (!whole) return "Text can't have half a character in it.";
            i++;
        }
        return null;
    }
}
