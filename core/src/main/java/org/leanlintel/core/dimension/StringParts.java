package org.leanlintel.core.dimension;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.feature.HeldPoints.Held;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;

/**
 * What a string says between each two of its points. Positions are rounded, not parts, so the parts add up to the overall;
 * strings along the model's axes share its origin as their datum, so every tier tells the same story.
 */
public final class StringParts {

    /** From a point of a string to its next. @param saidMm what is printed between them */
    public record Part(Held from, Held to, double saidMm) {

        public double middle() {
            return (from.position() + to.position()) / 2;
        }

        public double lengthMm() {
            return to.position() - from.position();
        }
    }

    private StringParts() {}

    /** @param points in their order along the string */
    public static List<Part> of(List<Held> points, Vec direction, LengthPrinter lengths) {
        List<Part> parts = new ArrayList<>();
        if (points.isEmpty()) return parts;
        boolean along =
                Math.abs(direction.x()) < Tolerance.PARALLEL_SINE || Math.abs(direction.y()) < Tolerance.PARALLEL_SINE;
        double datum = along ? 0 : points.getFirst().position();
        for (int i = 1; i < points.size(); i++) {
            Held from = points.get(i - 1), to = points.get(i);
            double said = lengths.rounded(to.position() - datum) - lengths.rounded(from.position() - datum);
            parts.add(new Part(from, to, said));
        }
        return parts;
    }
}
