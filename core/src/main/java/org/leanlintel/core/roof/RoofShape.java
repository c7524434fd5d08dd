package org.leanlintel.core.roof;

import java.util.List;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;

/** A roof as it comes out: its faces, which cover its outline once, and the lines where they meet. */
public record RoofShape(List<Face> faces, List<Line> lines) implements Solution {

    public RoofShape {
        faces = List.copyOf(faces);
        lines = List.copyOf(lines);
    }

    /**
     * One plane.
     *
     * @param edge the edge it rises from, by its place in the outline
     * @param band of that edge's profile, as it was given
     * @param plan what it covers in plan
     */
    public record Face(int edge, int band, Area plan, Plane plane) {

        public double tan() {
            return plane.slope().length();
        }

        /** Square millimetres along the slope. */
        public double trueMm2() {
            return plan.mm2() * Math.hypot(1, tan());
        }
    }

    /** What a line of a roof is. */
    public enum Kind {
        RIDGE,
        HIP,
        VALLEY,
        /** Beside an edge that is upright: a gable, or a wall. */
        VERGE,
        /** Between two slopes of one edge. */
        BREAK,
        /** Over an upright part of an edge, where it begins to slope. */
        UPPER_EAVES,
        /** Where a slope ends against something upright above it. */
        HEAD
    }

    /** @param edge one of the two it lies between; @param other the other, or the same where it is a break */
    public record Line(Kind kind, int edge, int other, Vec from, double fromMm, Vec to, double toMm) {

        /** Along the slope, millimetres. */
        public double trueMm() {
            return Math.hypot(from.distanceTo(to), toMm - fromMm);
        }
    }

    /** The height over a point; the lowest outside of it is none. @throws IllegalStateException where no face covers it */
    public double heightAt(Vec p) {
        for (Face f : faces) if (f.plan().covers(p)) return f.plane().at(p);
        throw new IllegalStateException("Not under this roof: " + p);
    }
}
