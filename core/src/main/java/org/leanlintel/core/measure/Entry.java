package org.leanlintel.core.measure;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What was typed into the entry line: a length, two of them ({@code 3600 x 2700}), an angle ({@code at 30}), or a length
 * and the angle it runs at ({@code 3200 at 30}).
 *
 * @param degrees counter-clockwise from the axis that runs across
 * @param fault why the angle cannot be read; a length says so itself
 */
public record Entry(
        @Nullable LengthReading length,
        @Nullable LengthReading second,
        @Nullable Double degrees,
        @Nullable String fault) {

    private static final Pattern ANGLE = Pattern.compile("^(?<length>.*?)\\s*\\bat\\s+(?<angle>.*)$");
    private static final Pattern TWO = Pattern.compile("^(?<first>.+?)\\s*(?:x|\u00D7|\\bby\\b)\\s*(?<second>.+)$");
    private static final Pattern DEGREES =
            Pattern.compile("(?<n>[-\u2212]?\\d+(?:[.,]\\d+)?)\\s*(?:\u00B0|deg|degrees)?");

    public static Entry read(String typed, UnitSystem units) {
        String text = LengthReader.spaced(typed);
        if (LengthReader.isTooLong(text)) return new Entry(null, null, null, LengthReader.TOO_LONG);
        Matcher angle = ANGLE.matcher(text);
        if (angle.matches())
            return withAngle(angle.group("length"), angle.group("angle").strip(), units);
        Matcher two = TWO.matcher(text);
        if (two.matches())
            return new Entry(
                    LengthReader.read(two.group("first"), units),
                    LengthReader.read(two.group("second"), units),
                    null,
                    null);
        return new Entry(LengthReader.read(text, units), null, null, null);
    }

    private static Entry withAngle(String length, String angle, UnitSystem units) {
        LengthReading read = length.isBlank() ? null : LengthReader.read(length, units);
        Matcher m = DEGREES.matcher(angle);
        if (!m.matches())
            return new Entry(
                    read, null, null, angle.isEmpty() ? "Type the angle in degrees behind \"at\"." : notAnAngle(angle));
        double degrees = Double.parseDouble(m.group("n").replace('\u2212', '-').replace(',', '.'));
        boolean within = Math.abs(degrees) <= 360;
        return within
                ? new Entry(read, null, degrees, null)
                : new Entry(read, null, null, "An angle lies between -360 and 360 degrees.");
    }

    private static String notAnAngle(String angle) {
        return "\"%s\" is not an angle: type degrees, as in \"at 30\" or \"at 22.5\".".formatted(angle);
    }
}
