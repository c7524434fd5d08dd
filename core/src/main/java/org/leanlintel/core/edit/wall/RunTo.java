package org.leanlintel.core.edit.wall;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.edit.Steps;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Relations.WallEndRef;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;

/**
 * Lengthens a straight wall to another, or cuts it there: its end comes to stand on the other's side. Where the other
 * stood on it, the two share a corner; where two in line stood on it from either side, these become one that it stands on.
 */
public record RunTo(ElementId wall, End end, ElementId target, WallEnd.Reach reach) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(wall, target);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Wall moved = model.get(wall, Wall.class), met = model.get(target, Wall.class);
        Strip strip = building.strip(wall), host = building.strip(target);
        if (wall.equals(target))
            return Refusal.because("Pick another wall for %s to run to.".formatted(moved.mark()), wall);
        if (strip == null || host == null || !moved.isStraight() || !met.isStraight())
            return Refusal.because("Only straight walls can be run to each other so far.", wall, target);
        if (moved.at(end) instanceof WallEnd.OnSide s && s.wall().equals(target))
            return Refusal.because("%s stands on %s already.".formatted(moved.mark(), met.mark()), wall, target);
        Line line = strip.axis().chord(), other = host.axis().chord();
        if (!(line.meets(other) instanceof Double along))
            return Refusal.because(
                    "%s runs beside %s and never meets it.".formatted(moved.mark(), met.mark()), wall, target);
        Refusal refusal = missed(model, host, other.along(line.at(along)), moved, met);
        if (refusal == null) refusal = behind(strip, along, moved, met);
        if (refusal != null) return refusal;
        for (End foot : End.values()) if (standsOn(met, foot, wall)) return turned(building, met, foot, line.at(along));
        return change(model, moved, met, strip, line.at(along), along);
    }

    private static boolean standsOn(Wall standing, End foot, ElementId host) {
        return standing.at(foot) instanceof WallEnd.OnSide s && s.wall().equals(host);
    }

    /** The other stood on this wall: now it is this one that ends there. */
    private Outcome turned(Building building, Wall met, End foot, Vec at) {
        Model model = building.model();
        Wall moved = model.get(wall, Wall.class);
        String name = "cut %s to %s".formatted(moved.mark(), met.mark());
        Steps steps = new Steps(building);
        for (WallEndRef ref : model.relations().endsOn(wall)) {
            if (ref.wall().equals(met) || !(building.strip(ref.wall().id()) instanceof Strip mate)) continue;
            boolean opposite = mate.axis().at(ref.end()).distanceTo(at) < Tolerance.SHORTEST_WALL_MM;
            if (!opposite
                    || steps.then(new JoinInLine(List.of(target, ref.wall().id()))) != null) continue;
            ElementId joined = steps.now().strip(target) == null ? ref.wall().id() : target;
            Wall now = steps.now().model().get(wall, Wall.class);
            Wall ended = now.withEnd(end, new WallEnd.OnSide(joined, at, reach));
            steps.then(Change.to(steps.now().model(), name, List.of(ended), bare(model, moved)));
            return steps.as(name);
        }
        Corner corner = Corner.at(new NewIds(model).next(), moved.storey(), at);
        WallEnd there = new WallEnd.AtCorner(corner.id());
        List<Element> put = List.of(corner, moved.withEnd(end, there), met.withEnd(foot, there));
        return Change.to(model, name, put, bare(model, moved));
    }

    /** The corner that nothing is left at once the end has gone. */
    private List<ElementId> bare(Model model, Wall moved) {
        return moved.at(end) instanceof WallEnd.AtCorner c
                        && model.relations().endsAt(c.corner()).size() == 1
                ? List.of(c.corner())
                : List.of();
    }

    private @Nullable Refusal missed(Model model, Strip host, double place, Wall moved, Wall met) {
        double past = Math.max(-place, place - host.length());
        if (past <= Tolerance.SAME_MM) return null;
        String printed = LengthPrinter.ofScreen(model.settings().units()).print(past);
        return Refusal.because(
                "%s would pass %s %s beyond its end.".formatted(moved.mark(), met.mark(), printed), wall, target);
    }

    private @Nullable Refusal behind(Strip strip, double along, Wall moved, Wall met) {
        boolean behind = end == End.END ? along <= 0 : along >= strip.length();
        return behind
                ? Refusal.because(
                        "%s lies behind the other end of %s: point at that end instead."
                                .formatted(met.mark(), moved.mark()),
                        wall,
                        target)
                : null;
    }

    private Outcome change(Model model, Wall moved, Wall met, Strip strip, Vec at, double along) {
        boolean longer = end == End.END ? along > strip.length() : along < 0;
        List<Element> put = List.of(moved.withEnd(end, new WallEnd.OnSide(target, at, reach)));
        String name = "%s %s to %s".formatted(longer ? "extend" : "cut", moved.mark(), met.mark());
        return Change.to(model, name, put, bare(model, moved));
    }
}
