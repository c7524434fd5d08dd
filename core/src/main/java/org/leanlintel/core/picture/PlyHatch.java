package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Hatch;
import org.leanlintel.core.model.PenRole;

/** The hatch of one ply where it is cut. @param scale model millimetres to one on paper */
public record PlyHatch(Hatch hatch, double scale, Pens pens) {

    /** What fills an area, by the even-odd rule; lines run on through neighbours. */
    public void within(List<List<Vec>> rings) {
        List<Double> degrees =
                switch (hatch.pattern()) {
                    case DIAGONAL -> List.of(45.0);
                    case CROSSED -> List.of(45.0, -45.0);
                    case NONE, WAVE, ZIGZAG -> List.of();
                };
        if (!degrees.isEmpty()) pens.hatch(rings, degrees, hatch.pitchMm() * scale);
    }

    /** What runs from face to face. @param from and {@code to}: on one face; @param across from there to the other */
    public void between(Vec from, Vec to, Vec across) {
        double length = from.distanceTo(to), thickness = across.length();
        if (steps(thickness) > 0 && length > 0)
            pens.wave(from, to, across, halves(length, thickness), steps(thickness));
    }

    /** The same along an arc. @param place the point at s along and t across the ply, from 0 to 1 */
    void round(double from, double to, double thickness, BiFunction<Double, Double, Vec> place) {
        int steps = steps(thickness);
        if (steps == 0 || to <= from) return;
        int halves = halves(to - from, thickness);
        List<Vec> line = new ArrayList<>();
        for (int i = 0; i <= halves * steps; i++) {
            double part = (double) i / (halves * steps);
            line.add(place.apply(from + (to - from) * part, HatchLines.risen(part, halves)));
        }
        pens.line(PenRole.HATCH, line);
    }

    /** Zigzags rise at about 60 degrees. */
    private int halves(double length, double thickness) {
        double half = hatch.pattern() == Hatch.Pattern.WAVE ? thickness / 2 : thickness / Math.tan(Math.PI / 3);
        return Math.max(1, (int) Math.round(length / half));
    }

    /** Straight pieces of each half wave: one is a zigzag, more are as fine as paper shows; 0 for other patterns. */
    private int steps(double thickness) {
        return switch (hatch.pattern()) {
            case WAVE -> Math.clamp(Math.round(thickness / scale), 5, 16);
            case ZIGZAG -> 1;
            case NONE, DIAGONAL, CROSSED -> 0;
        };
    }
}
