package org.leanlintel.core.building.feature;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Side;

/**
 * Where an upright cut stands, or the plane that an elevation is seen through. In its picture, x runs along it, as it is looked
 * at from left to right, and y is the height above the project's zero.
 *
 * @param at where x is 0
 * @param right the direction of x in plan, one long
 * @param startMm from which x on it is looked
 * @param endMm up to which
 * @param depthMm how far beyond it is looked
 */
public record SectionFrame(Vec at, Vec right, double startMm, double endMm, double depthMm) {

    /** Before anything that can be drawn, and as far beyond. */
    private static final double OUTSIDE_MM = 2_500_000;

    /** How far an elevation reaches beyond the corners of walls: for overhangs. */
    private static final double BESIDE_MM = 3000;

    /** Looked at so that what lies beyond is behind the picture. */
    public static SectionFrame of(SectionLine line) {
        boolean left = line.looking() == Side.LEFT;
        Vec from = left ? line.from() : line.to(), to = left ? line.to() : line.from();
        return new SectionFrame(from, to.minus(from).unit(), 0, from.distanceTo(to), line.depthMm());
    }

    /** Each stretch of a section's line by itself, from left to right, all with one x; that of an elevation alone. */
    public static List<SectionFrame> legs(Drawing drawing, Model model) {
        return drawing.subject() instanceof Drawing.One one
                        && model.find(one.element()) instanceof SectionLine line
                        && !line.steps().isEmpty()
                ? legs(line)
                : List.of(of(drawing, model));
    }

    private static List<SectionFrame> legs(SectionLine line) {
        SectionFrame whole = of(line);
        boolean left = line.looking() == Side.LEFT;
        List<SectionFrame> legs = new ArrayList<>();
        double from = 0, aside = 0;
        for (int i = 0; i <= line.steps().size(); i++) {
            double to = i < line.steps().size() ? line.steps().get(i).alongMm() : whole.endMm;
            legs.add(left ? whole.leg(from, to, aside) : whole.leg(whole.endMm - to, whole.endMm - from, -aside));
            if (i < line.steps().size()) aside = line.steps().get(i).leftMm();
            from = to;
        }
        return left ? legs : legs.reversed();
    }

    /** A part of it, so far behind it. */
    private SectionFrame leg(double from, double to, double behindMm) {
        return new SectionFrame(at.along(away(), behindMm), right, from, to, depthMm);
    }

    /** That of a section or an elevation; of a section that steps aside, as if it did not. */
    public static SectionFrame of(Drawing drawing, Model model) {
        return drawing.subject() instanceof Drawing.Facing f
                ? facing(f.angle(), model)
                : of(model.get(drawing.one(), SectionLine.class));
    }

    /** Outside of everything, looking at the faces that look that way; x is counted from the plan's origin. */
    private static SectionFrame facing(double angle, Model model) {
        Vec outwards = Vec.ofAngle(angle), right = outwards.left();
        List<Vec> points = new ArrayList<>();
        for (Corner c : model.all(Corner.class)) points.add(c.at());
        for (Post p : model.all(Post.class)) points.add(p.at());
        for (Roof r : model.all(Roof.class)) if (r.over() instanceof Roof.OverRing o) points.addAll(o.ring());
        double start = 0, end = 0;
        for (Vec p : points) {
            start = Math.min(start, p.dot(right));
            end = Math.max(end, p.dot(right));
        }
        return new SectionFrame(outwards.times(OUTSIDE_MM), right, start - BESIDE_MM, end + BESIDE_MM, 2 * OUTSIDE_MM);
    }

    /** Whether it stands outside of everything, as that of an elevation does. */
    public boolean isOutside() {
        return depthMm > OUTSIDE_MM;
    }

    /** The same without ends at its sides. */
    public SectionFrame endless() {
        return new SectionFrame(at, right, -OUTSIDE_MM, OUTSIDE_MM, depthMm);
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
