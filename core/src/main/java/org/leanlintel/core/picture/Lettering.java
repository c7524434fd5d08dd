package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.picture.Item.Run;
import org.leanlintel.core.picture.Item.Text;

/**
 * Sets text in the drawing face: widths from a table of advances, fractions stacked on a slanting bar. Letter heights
 * are heights of capitals in paper millimetres (ISO 3098-1).
 *
 * @param advances width of each character, as a part of the type size; characters without one take {@code other}
 * @param strong the same of the strong face
 * @param capital height of capitals, as a part of the type size
 */
public record Lettering(Map<Integer, Double> advances, Map<Integer, Double> strong, double other, double capital) {

    /** Notes and dimensions. */
    public static final double NOTE_MM = 2.5;
    /** Names of rooms. */
    public static final double NAME_MM = 3.5;

    private static final Pattern FRACTION = Pattern.compile("(\\d+)/(\\d+)(?=\")");
    private static final double FRACTION_SIZE = 0.62;

    public Lettering {
        advances = Map.copyOf(advances);
        strong = Map.copyOf(strong);
    }

    public enum Align {
        LEFT,
        CENTRE,
        RIGHT
    }

    /** One line of text on a base line through {@code at}. */
    public Text set(String text, Vec at, double angle, double heightMm, Align align, boolean strong) {
        List<Run> runs = new ArrayList<>();
        double width = runs(text, heightMm, strong ? this.strong : advances, runs);
        double shift =
                switch (align) {
                    case LEFT -> 0;
                    case CENTRE -> -width / 2;
                    case RIGHT -> -width;
                };
        return new Text(
                text,
                at,
                angle,
                strong,
                runs.stream()
                        .map(r -> new Run(r.letters(), r.right() + shift, r.up(), r.height()))
                        .toList());
    }

    /** How wide {@code text} is set, in paper millimetres. */
    public double width(String text, double heightMm, boolean strong) {
        return runs(text, heightMm, strong ? this.strong : advances, new ArrayList<>());
    }

    private double runs(String text, double height, Map<Integer, Double> face, List<Run> runs) {
        Matcher fraction = FRACTION.matcher(text);
        double x = 0;
        int from = 0;
        while (fraction.find()) {
            x = plain(text.substring(from, fraction.start()).stripTrailing(), x, 0, height, face, runs);
            x = plain(
                    fraction.group(1),
                    x + height * 0.12,
                    height * (1 - FRACTION_SIZE),
                    height * FRACTION_SIZE,
                    face,
                    runs);
            x = plain("\u2044", x, 0, height, face, runs);
            x = plain(fraction.group(2), x, 0, height * FRACTION_SIZE, face, runs);
            from = fraction.end();
        }
        return plain(text.substring(from), x, 0, height, face, runs);
    }

    private double plain(
            String letters, double x, double up, double height, Map<Integer, Double> face, List<Run> runs) {
        if (letters.isEmpty()) return x;
        runs.add(new Run(letters, x, up, height));
        return x
                + letters.codePoints()
                                .mapToDouble(c -> face.getOrDefault(c, other))
                                .sum()
                        * height
                        / capital;
    }

    /** An angle or its opposite, radians, so that words along it are read from below or from the right. */
    public static double readable(double angle) {
        double turned = Math.IEEEremainder(angle, Math.PI);
        return turned <= -Math.PI / 2 + 1e-9 ? turned + Math.PI : turned;
    }

    /** Letters are told apart as objects: there are few, and whatever is drawn is known by the ones it is drawn in. */
    @Override
    public boolean equals(@Nullable Object other) {
        return this == other;
    }

    @Override
    public int hashCode() {
        return System.identityHashCode(this);
    }
}
