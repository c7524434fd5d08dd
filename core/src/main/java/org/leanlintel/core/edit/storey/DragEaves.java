package org.leanlintel.core.edit.storey;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.building.roof.BuiltRoof;
import org.leanlintel.core.building.roof.PlateEdge;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.roof.RoofShape;

/**
 * Drags an eaves or a verge of a roof in a section or an elevation: what is seen end on goes out and in, an eaves that is seen along its
 * length goes up and down its slope. Overhangs come to whole 5 mm, or quarters of an inch.
 *
 * @param from where it is taken hold of, in the drawing; the nearest edge is meant
 * @param to where it is to be
 */
public record DragEaves(ElementId drawing, ElementId roof, Vec from, Vec to) implements Edit {

    /** Further from any edge nothing is taken hold of: tiles lie over it, and fascias hang below. */
    private static final double REACH_MM = 800;

    private static final double END_ON_MM = 50;
    private static final double STEP_MM = 5, STEP_INCHES = 0.25;

    /** An edge as it is seen. @param out how much further right it is seen for each millimetre further out; @param tan of its slope, 0 for a verge */
    private record Seen(PlateEdge edge, double low, double high, double heightMm, double out, double tan) {

        boolean isEndOn() {
            return high - low < END_ON_MM;
        }

        double distance(Vec p) {
            double aside = Math.max(0, Math.max(low - p.x(), p.x() - high));
            double over = tan > 0 || p.y() < heightMm ? p.y() - heightMm : 0;
            return Math.hypot(aside, over);
        }
    }

    @Override
    public Set<ElementId> reads() {
        return Set.of(drawing, roof);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Drawing seenIn = model.get(drawing, Drawing.class);
        Roof dragged = model.get(roof, Roof.class);
        if (seenIn.kind() != Drawing.Kind.ELEVATION && seenIn.kind() != Drawing.Kind.SECTION)
            return Refusal.because("An eaves is dragged in an elevation or a section.", drawing);
        BuiltRoof built = building.get(new BuiltRoof.Of(roof));
        if (built == null || built.shape() == null)
            return Refusal.because("The roof %s has no shape.".formatted(dragged.mark()), roof);
        Seen nearest = nearest(built, SectionFrame.of(seenIn, model));
        if (nearest == null)
            return Refusal.because("Take hold of an eaves or a verge of %s.".formatted(dragged.mark()), roof);
        double overhang = overhang(nearest, model.settings().units());
        List<Roof.OwnEdge> own = new ArrayList<>(dragged.own());
        own.removeIf(o -> nearest.edge.along().contains(o.along()));
        Roof.Edge was = nearest.edge.edge();
        for (Roof.Along along : nearest.edge.along())
            own.add(new Roof.OwnEdge(along, new Roof.Edge(was.rises(), overhang, was.raisedMm())));
        return Change.to(
                model, "drag an edge of " + dragged.mark(), List.of(dragged.over(dragged.over(), own)), List.of());
    }

    private double overhang(Seen seen, UnitSystem units) {
        Vec by = to.minus(from);
        double further = seen.isEndOn() ? by.x() / seen.out : -by.y() / seen.tan;
        double step = units == UnitSystem.METRIC ? STEP_MM : STEP_INCHES * UnitSystem.MM_PER_INCH;
        return Math.max(0, Math.rint((seen.edge.edge().overhangMm() + further) / step) * step);
    }

    private @Nullable Seen nearest(BuiltRoof built, SectionFrame frame) {
        Seen best = null;
        for (PlateEdge e : built.plate()) {
            Seen seen = seen(e, built, frame);
            if (seen != null && (best == null || seen.distance(from) < best.distance(from))) best = seen;
        }
        return best != null && best.distance(from) <= REACH_MM ? best : null;
    }

    /** Null for one that is not dragged there: without an overhang by its kind, or a verge that is not seen end on. */
    private static @Nullable Seen seen(PlateEdge edge, BuiltRoof built, SectionFrame frame) {
        if (edge.edge().rises() instanceof Roof.Against || edge.parapet() != null) return null;
        double over = edge.edge().overhangMm();
        Vec one = edge.from().along(edge.inwards(), -over), two = edge.to().along(edge.inwards(), -over);
        double a = frame.seen(one).x(), b = frame.seen(two).x();
        double out = -frame.seen(frame.at().plus(edge.inwards())).x();
        double height = height(edge, one.plus(two).times(0.5), built);
        Seen seen = new Seen(
                edge, Math.min(a, b), Math.max(a, b), height, out, edge.edge().tan());
        return seen.isEndOn() ? Math.abs(out) > 0.5 ? seen : null : seen.tan > 0 ? seen : null;
    }

    /** Of its slope there; of a verge, which has none of its own, of the plate. */
    private static double height(PlateEdge edge, Vec at, BuiltRoof built) {
        if (built.shape() instanceof RoofShape shape)
            for (RoofShape.Face f : shape.faces())
                if (edge.edge().tan() > 0 && f.band() == 0 && built.plate(f.edge()) == edge)
                    return f.plane().at(at);
        return built.plateMm() + edge.edge().raisedMm();
    }
}
