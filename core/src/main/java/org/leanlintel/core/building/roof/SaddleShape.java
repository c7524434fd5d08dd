package org.leanlintel.core.building.roof;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.roof.RoofShape;

/**
 * The saddle behind a stack: from its upper corners two slopes rise to a ridge in its middle, which runs level until the roof comes up
 * to it.
 *
 * @param left of the ridge as one looks up the slope; empty where no roof lies there
 * @param lines its ridge and its two valleys in plan, as far as the slope goes
 * @param riseMm of its ridge over the roof at the stack; @param backMm how far that runs, level
 */
public record SaddleShape(Side left, Side right, List<List<Vec>> lines, double riseMm, double backMm) {

    /** One of its slopes, tops of its covering. */
    public record Side(Area plan, Plane top) {}

    public SaddleShape {
        lines = List.copyOf(lines);
    }

    /** Null where there is none. */
    static @Nullable SaddleShape of(RoofPart part, BuiltRoof roof, RoofShape.Face face) {
        if (!(part.make() instanceof RoofPart.Stack s) || !(s.behind() instanceof RoofPart.Saddle saddle)) return null;
        Vec up = face.plane().slope().unit(), aside = up.left();
        double half = part.widthMm() / 2, tan = saddle.pitch().tan();
        double rise = half * tan, back = rise / face.tan();
        Vec middle = part.at().along(up, part.lengthMm() / 2), end = middle.along(up, back);
        Vec left = middle.along(aside, half), right = middle.along(aside, -half);
        double foot = roof.top(face).at(middle);
        return new SaddleShape(
                new Side(
                        Area.of(List.of(left, middle, end)).and(face.plan()),
                        Plane.rising(left, foot, aside.times(-1), tan)),
                new Side(Area.of(List.of(right, end, middle)).and(face.plan()), Plane.rising(right, foot, aside, tan)),
                face.plan().inside(List.of(List.of(middle, end), List.of(left, end), List.of(right, end))),
                rise,
                back);
    }
}
