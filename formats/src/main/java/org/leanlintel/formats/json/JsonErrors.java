package org.leanlintel.formats.json;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.exc.InputCoercionException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidNullException;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** What is wrong with JSON, as a sentence that names the place. */
public final class JsonErrors {

    private JsonErrors() {}

    public static String sentence(JacksonException error) {
        Throwable cause = error;
        while (cause.getCause() != null && cause.getCause() != cause) cause = cause.getCause();
        return place(error) + why(cause);
    }

    private static String why(Throwable cause) {
        return switch (cause) {
            case InvalidFormatException f -> why(f);
            case InvalidTypeIdException t -> why(t);
            case InvalidNullException n -> "null cannot stand here.";
            case MismatchedInputException m -> why(m);
            case InputCoercionException n -> "the number is too large, or no whole number, which stands here.";
            case NullPointerException n -> "null cannot stand here.";
            case JacksonException j -> trimmed(j.getOriginalMessage());
            default -> trimmed(String.valueOf(cause.getMessage()));
        };
    }

    private static String why(InvalidFormatException wrong) {
        Class<?> type = wrong.getTargetType();
        if (type.isEnum()) return "\"%s\" is none of %s.".formatted(wrong.getValue(), valuesOf(type));
        return switch (type.getSimpleName()) {
            case "int", "long", "Integer", "Long" -> "a whole number is written here.";
            case "boolean", "Boolean" -> "true or false is written here.";
            case "UUID" -> "a UUID is written here.";
            default -> trimmed(wrong.getOriginalMessage());
        };
    }

    private static String why(InvalidTypeIdException wrong) {
        String kind = kind(wrong.getBaseType().getRawClass());
        return wrong.getTypeId() == null
                ? "its type is missing: it says which %s it is.".formatted(kind)
                : "there is no %s called \"%s\".".formatted(kind, wrong.getTypeId());
    }

    private static String why(MismatchedInputException wrong) {
        if (wrong instanceof UnrecognizedPropertyException u)
            return "\"%s\" is not known here.".formatted(u.getPropertyName());
        if (wrong.getOriginalMessage().startsWith("Missing")) return "it is missing.";
        return wrong.getTargetType() == null
                ? trimmed(wrong.getOriginalMessage())
                : "%s expected here.".formatted(kind(wrong.getTargetType()));
    }

    private static String valuesOf(Class<?> type) {
        return Arrays.stream(type.getEnumConstants()).map(Object::toString).collect(Collectors.joining(", "));
    }

    /** A class as words: "stair rules". */
    private static String kind(Class<?> type) {
        return type.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", " ").toLowerCase(Locale.ROOT);
    }

    private static String place(JacksonException error) {
        StringBuilder path = new StringBuilder();
        for (JacksonException.Reference step : error.getPath()) {
            if (step.getPropertyName() != null)
                path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
            else path.append('[').append(step.getIndex()).append(']');
        }
        TokenStreamLocation at = error.getLocation();
        String line = at == null || at.getLineNr() < 1 ? "" : "line " + at.getLineNr() + ", column " + at.getColumnNr();
        if (path.isEmpty()) return line.isEmpty() ? "" : "At " + line + ": ";
        return "At " + path + (line.isEmpty() ? "" : " (" + line + ")") + ": ";
    }

    private static String trimmed(String why) {
        String oneLine = why.lines()
                .findFirst()
                .orElse("it cannot be read.")
                .replaceFirst("^Cannot deserialize value of type \\S+ from \\w+ (\".*?\"|\\S+): ", "")
                .replaceAll("`?org\\.leanlintel\\.[\\w.$]*?([A-Za-z]\\w*)`?", "$1");
        if (oneLine.startsWith("Cannot coerce empty")) return "an empty text cannot stand here.";
        if (oneLine.contains("`") || oneLine.contains("java.")) return "this cannot stand here.";
        return oneLine.length() > 300 ? oneLine.substring(0, 300) + "..." : oneLine;
    }
}
