package org.leanlintel.formats.json;

import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;

/** What is wrong with JSON, as a sentence that names the place. */
public final class JsonErrors {

    private JsonErrors() {}

    public static String sentence(JacksonException error) {
        Throwable cause = error;
        while (cause.getCause() != null && cause.getCause() != cause) cause = cause.getCause();
        String why = cause instanceof JacksonException j ? j.getOriginalMessage() : String.valueOf(cause.getMessage());
        return place(error) + trimmed(why);
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
                .replaceAll("`?org\\.leanlintel\\.[\\w.$]*?([A-Za-z]\\w*)`?", "$1");
        return oneLine.length() > 300 ? oneLine.substring(0, 300) + "..." : oneLine;
    }
}
