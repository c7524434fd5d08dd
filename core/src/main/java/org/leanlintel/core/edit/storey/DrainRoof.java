package org.leanlintel.core.edit.storey;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.roof.BeforeOpenings;
import org.leanlintel.core.building.roof.BuiltRoof;
import org.leanlintel.core.building.roof.Dammed;
import org.leanlintel.core.building.roof.Gutter;
import org.leanlintel.core.building.roof.JoinedRoof;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Marks;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Rules;
import org.leanlintel.core.model.WorkState;

/**
 * Places the downpipes a roof lacks by the project's rule on drainage: at the ends of its gutters first, then evenly between, beside
 * openings and not before them. In each slope that runs down to a parapet and has none, an outlet before that. Those that are there stay.
 *
 * @param widthMm of each along the wall, @param depthMm away from it
 */
public record DrainRoof(ElementId roof, ElementId layer, double widthMm, double depthMm, ElementId material)
        implements Edit {

    /** From corners, and from openings; how far it is moved at a time to stand beside one. */
    private static final double FROM_CORNER_MM = 150, FROM_OPENING_MM = 100, STEP_MM = 100;
    /** Nearer than that to another it is the same downpipe. */
    private static final double APART_MM = 600;

    @Override
    public Set<ElementId> reads() {
        return Set.of(roof, layer, material);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Roof of = model.get(roof, Roof.class);
        JoinedRoof built = building.get(new JoinedRoof.Of(roof));
        Rules rules = model.find(Rules.ID, Rules.class);
        if (built == null || rules == null)
            return Refusal.because("%s has no shape that could be drained.".formatted(of.mark()), roof);
        List<Dammed> dammed = Dammed.of(built);
        if (of.trim().gutterMm() == 0 && dammed.isEmpty())
            return Refusal.because("%s has no gutters. Say first how wide they are.".formatted(of.mark()), roof);
        if (of.trim().gutterMm() > 0 && rules.drainage().perPipeM2(of.trim().gutterMm()) == null)
            return Refusal.because(
                    "The rule says nothing of gutters as narrow as those of %s.".formatted(of.mark()), roof);
        NewIds ids = new NewIds(model);
        Marks marks = new Marks(model);
        List<Element> put = new ArrayList<>();
        for (Gutter gutter : Gutter.of(built))
            for (Gutter.Spot spot : missing(gutter, built, rules.drainage(), building))
                put.add(new RoofPart(
                        ids.next(),
                        roof,
                        layer,
                        marks.next("DP"),
                        spot.at(depthMm),
                        widthMm,
                        depthMm,
                        new RoofPart.Downpipe(material),
                        WorkState.NEW));
        int pipes = put.size();
        for (Dammed slope : dammed)
            if (slope.outlets(building).isEmpty())
                put.add(new RoofPart(
                        ids.next(),
                        roof,
                        layer,
                        marks.next("RO"),
                        slope.low(widthMm),
                        widthMm,
                        widthMm,
                        new RoofPart.Outlet(material),
                        WorkState.NEW));
        if (put.isEmpty())
            return Refusal.because(
                    "%s has the %s it needs.".formatted(of.mark(), dammed.isEmpty() ? "downpipes" : "outlets"), roof);
        return Change.to(
                model, "place %s on %s".formatted(words(pipes, put.size() - pipes), of.mark()), put, List.of());
    }

    private static String words(int pipes, int outlets) {
        String first = pipes == 0 ? "" : pipes == 1 ? "a downpipe" : pipes + " downpipes";
        String second = outlets == 0 ? "" : outlets == 1 ? "an outlet" : outlets + " outlets";
        return first + (pipes > 0 && outlets > 0 ? " and " : "") + second;
    }

    private List<Gutter.Spot> missing(Gutter gutter, JoinedRoof built, Rules.Drainage rule, Building building) {
        List<Double> there = gutter.downpipes(built, building);
        int lacks = gutter.needs(rule) - there.size();
        List<Gutter.Spot> made = new ArrayList<>();
        double length = gutter.lengthMm();
        for (int parts = Math.max(1, lacks); lacks > made.size() && parts < 100; parts++)
            for (int i = 0; i <= parts && made.size() < lacks; i++) {
                if (gutter.closed() && i == parts) continue;
                Gutter.Spot spot = beside(gutter.spot(length * i / parts), building);
                Double at = spot == null ? null : gutter.along(spot);
                if (spot == null || at == null || there.stream().anyMatch(t -> Math.abs(t - at) < APART_MM)) continue;
                there.add(at);
                made.add(spot);
            }
        return made;
    }

    /** The nearest place along the same eaves that stands off corners and before no opening; null where there is none. */
    private Gutter.@Nullable Spot beside(Gutter.Spot wished, Building building) {
        double edge = FROM_CORNER_MM + widthMm / 2;
        double first = wished.run().fromMm() + edge, last = wished.run().toMm() - edge, length = last - first;
        if (length < 0) return null;
        double from = Math.clamp(wished.alongMm(), first, last);
        for (double off = 0; off <= length; off += STEP_MM)
            for (double along : new double[] {from + off, from - off}) {
                if (along < first || along > last) continue;
                Gutter.Spot spot = new Gutter.Spot(wished.roof(), wished.run(), along);
                if (!isBeforeAnOpening(spot, building) && !isOverARoof(spot, building)) return spot;
            }
        return null;
    }

    /** Whether it would run down through a lower roof, as a porch's. */
    private boolean isOverARoof(Gutter.Spot spot, Building building) {
        Vec at = spot.at(depthMm);
        double reach = widthMm / 2 + FROM_OPENING_MM;
        Bounds round = new Bounds(at.x() - reach, at.y() - reach, at.x() + reach, at.y() + reach);
        for (Roof other : building.model().all(Roof.class))
            if (!other.id().equals(roof)
                    && building.get(new BuiltRoof.Of(other.id())) instanceof BuiltRoof lower
                    && lower.plateMm() < spot.roof().plateMm()
                    && lower.covered().meets(round)) return true;
        return false;
    }

    private boolean isBeforeAnOpening(Gutter.Spot spot, Building building) {
        double reach = widthMm / 2 + FROM_OPENING_MM;
        return BeforeOpenings.first(spot.at(depthMm), spot.run().plate().direction(), reach, building) != null;
    }
}
