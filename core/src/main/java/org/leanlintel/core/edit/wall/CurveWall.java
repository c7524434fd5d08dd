package org.leanlintel.core.edit.wall;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.join.WallAxis;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;

/** Bends a wall between its two ends, which stay: through a third point, to a radius, or straight again. */
public record CurveWall(ElementId wall, Shape shape) implements Edit {

    /** How its set-out line is to run. */
    public sealed interface Shape {}

    /** As an arc through a point. */
    public record Through(Vec point) implements Shape {}

    /** As the lesser arc of a radius. @param bowsTo the side of the straight line between the ends on which it lies */
    public record Radius(double radiusMm, Side bowsTo) implements Shape {}

    public record Straight() implements Shape {}

    @Override
    public Set<ElementId> reads() {
        return Set.of(wall);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Wall known = model.get(wall, Wall.class);
        Vec start = WallAxis.storedPoint(model, known.start()), end = WallAxis.storedPoint(model, known.end());
        return switch (shape) {
            case Straight s -> bent(model, known, 0, "straighten ");
            case Through t -> through(model, known, start, end, t.point());
            case Radius r -> radius(model, known, start.distanceTo(end), r);
        };
    }

    /** The angle at the third point is the one the arc lacks to a whole turn, halved. */
    private static Outcome through(Model model, Wall known, Vec start, Vec end, Vec point) {
        Vec to = end.minus(point), from = start.minus(point);
        if (from.length() < Tolerance.SAME_MM || to.length() < Tolerance.SAME_MM)
            return Refusal.because("Pick a point away from the wall's ends.", known.id());
        double angle = Math.atan2(from.cross(to), from.dot(to));
        boolean onLine = Math.abs(from.cross(to)) < Tolerance.SAME_MM * start.distanceTo(end);
        if (onLine) return bent(model, known, 0, "straighten ");
        double half = Math.PI - Math.abs(angle);
        return bent(model, known, -Math.signum(angle) * Math.tan(half / 2), "curve ");
    }

    private static Outcome radius(Model model, Wall known, double chord, Radius asked) {
        if (!(asked.radiusMm >= chord / 2)) {
            LengthPrinter lengths = LengthPrinter.ofScreen(model.settings().units());
            return Refusal.because(
                    "A radius must be at least half the distance between the ends: %s."
                            .formatted(lengths.print(chord / 2)),
                    known.id());
        }
        double half = Math.asin(chord / 2 / asked.radiusMm);
        return bent(model, known, -asked.bowsTo.sign() * Math.tan(half / 2), "curve ");
    }

    private static Outcome bent(Model model, Wall known, double bulge, String verb) {
        return Change.to(model, verb + Naming.of(known), List.of(known.bent(bulge)), List.of());
    }
}
