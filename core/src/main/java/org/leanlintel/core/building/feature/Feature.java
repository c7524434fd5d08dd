package org.leanlintel.core.building.feature;

import java.util.List;
import org.leanlintel.core.geometry.Vec;

/** The shape of what a point holds to, in the house: each drawing shows it its own way. Heights are above the project's zero. */
public sealed interface Feature {

    /** An upright line: a corner, the edge of an opening. */
    record Edge(Vec at, double lowMm, double highMm) implements Feature {}

    /** An upright face over a line of the plan. */
    record Face(Vec from, Vec to, double lowMm, double highMm) implements Feature {}

    /** A level edge over part of the plan: a sill, a head. @param over corners of that part */
    record Ledge(List<Vec> over, double mm) implements Feature {
        public Ledge {
            over = List.copyOf(over);
        }
    }

    /** A level of the whole house. */
    record Level(double mm) implements Feature {}
}
