package org.leanlintel.core.model;

import java.util.List;

/** The ways that sides of a house look, by the nearest of eight. */
public final class Compass {

    private static final List<String> POINTS =
            List.of("North", "North-east", "East", "South-east", "South", "South-west", "West", "North-west");

    private Compass() {}

    /** @param angle the way, radians counter-clockwise from the right of plans; @param north likewise */
    public static String words(double angle, double north) {
        long eighth = Math.round((north - angle) / (Math.PI / 4));
        return POINTS.get(Math.floorMod(eighth, POINTS.size()));
    }

    /** The first letters: SE. */
    public static String letters(double angle, double north) {
        StringBuilder letters = new StringBuilder();
        for (String part : words(angle, north).split("-")) letters.append(Character.toUpperCase(part.charAt(0)));
        return letters.toString();
    }
}
