package org.leanlintel.core.building;

import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Side;

/**
 * Where an upright cut stands. In its picture, x runs along it from its start, as it is looked at from left to right, and y
 * is the height above the project's zero.
 *
 * @param at where x is 0
 * @param right the direction of x in plan, one long
 * @param lengthMm how far the cut goes
 * @param depthMm how far beyond it is looked
 */
public record SectionFrame(Vec at, Vec right, double lengthMm, double depthMm) {

    /** Looked at so that what lies beyond is behind the picture. */
    public static SectionFrame of(SectionLine line) {
        boolean left = line.looking() == Side.LEFT;
        Vec from = left ? line.from() : line.to(), to = left ? line.to() : line.from();
        return new SectionFrame(from, to.minus(from).unit(), from.distanceTo(to), line.depthMm());
    }

    /** Left of the line of the cut, as it runs from left to right, lies what is looked at. */
    public Vec away() {
        return right.left();
    }

    /** A point of the plan as the cut sees it: x along it, y away from it. */
    public Vec seen(Vec plan) {
        Vec from = plan.minus(at);
        return new Vec(from.dot(right), from.dot(away()));
    }

    /** A point of the plan that the cut sees there. */
    public Vec plan(Vec seen) {
        return at.along(right, seen.x()).along(away(), seen.y());
    }
}
