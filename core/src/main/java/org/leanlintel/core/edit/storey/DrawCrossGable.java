package org.leanlintel.core.edit.storey;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.roof.BuiltRoof;
import org.leanlintel.core.building.roof.PlateEdge;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.roof.RoofShape;

/**
 * Draws a gable across the slope over the nearest eaves of a storey, as far as its ridge dies in that slope. It is a roof of its own, made as the one it lies
 * across.
 *
 * @param at its middle, near the eaves
 * @param widthMm between the outer edges of its plates
 * @param outMm from the eaves' wall out to its front
 * @param vergeMm the overhang of its front
 */
public record DrawCrossGable(
        ElementId storey,
        ElementId layer,
        Vec at,
        double widthMm,
        double outMm,
        Pitch pitch,
        double overhangMm,
        double vergeMm)
        implements Edit {

    /** How far its roof runs on past where its ridge dies. */
    private static final double BEYOND_MM = 300;

    @Override
    public Set<ElementId> reads() {
        return Set.of(storey, layer);
    }

    /** An eaves, and how far along it the gable's middle lies. */
    private record Over(BuiltRoof roof, PlateEdge edge, double along, double away) {}

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        if (!(widthMm >= 300 && widthMm <= 100_000)) return Refusal.because("A gable is from 300 mm to 100 m wide.");
        if (!(outMm >= 0 && outMm <= 20_000)) return Refusal.because("A gable stands out by 20 m at most.");
        Over over = nearest(building);
        if (over == null) return Refusal.because("No roof of this storey has eaves that a gable could stand over.");
        double half = widthMm / 2,
                length = over.edge().from().distanceTo(over.edge().to());
        if (over.along() < half || over.along() > length - half)
            return Refusal.because(
                    "There is no room for so wide a gable there along the eaves of %s."
                            .formatted(over.roof().roof().mark()),
                    over.roof().roof().id());
        double dies =
                over.edge().facingMm() + half * pitch.tan() / over.edge().edge().tan();
        if (!liesUnder(over, dies))
            return Refusal.because(
                    "The gable would be higher than %s: make it narrower or flatter."
                            .formatted(over.roof().roof().mark()),
                    over.roof().roof().id());
        Roof main = over.roof().roof();
        Vec along = over.edge().direction(), in = over.edge().inwards();
        Vec middle = over.edge().from().along(along, over.along());
        double back = dies + BEYOND_MM;
        List<Vec> ring = List.of(
                middle.along(along, -half).along(in, -outMm),
                middle.along(along, half).along(in, -outMm),
                middle.along(along, half).along(in, back),
                middle.along(along, -half).along(in, back));
        Roof.Edge side = new Roof.Edge(
                new Roof.Eaves(pitch), overhangMm, over.edge().edge().raisedMm());
        Roof.Edge front = new Roof.Edge(new Roof.Verge(), vergeMm, 0),
                against = new Roof.Edge(new Roof.Against(), 0, 0);
        Roof made = new Roof(
                new NewIds(model).next(),
                storey,
                layer,
                Naming.nextMark(model, "R", 1),
                main.buildUp(),
                new Roof.OverRing(ring),
                main.plate(),
                main.heel(),
                front,
                List.of(
                        new Roof.OwnEdge(new Roof.OnSide(1), side),
                        new Roof.OwnEdge(new Roof.OnSide(2), against),
                        new Roof.OwnEdge(new Roof.OnSide(3), side)),
                main.trim(),
                main.under(),
                WorkState.NEW);
        return Change.to(model, "draw gable " + made.mark(), List.of(made), List.of());
    }

    private @Nullable Over nearest(Building building) {
        Over nearest = null;
        for (Roof r : building.model().all(Roof.class)) {
            if (!r.storey().equals(storey) || !(building.get(new BuiltRoof.Of(r.id())) instanceof BuiltRoof built))
                continue;
            for (PlateEdge e : built.plate()) {
                if (!(e.edge().rises() instanceof Roof.Eaves)) continue;
                double along = at.minus(e.from()).dot(e.direction()),
                        length = e.from().distanceTo(e.to());
                Vec on = e.from().along(e.direction(), Math.clamp(along, 0, length));
                double away = on.distanceTo(at);
                if (nearest == null || away < nearest.away()) nearest = new Over(built, e, along, away);
            }
        }
        return nearest;
    }

    /** Whether its ridge dies in the slope over the eaves. */
    private static boolean liesUnder(Over over, double dies) {
        if (!(over.roof().solution() instanceof RoofShape shape)) return false;
        Vec end = over.edge()
                .from()
                .along(over.edge().direction(), over.along())
                .along(over.edge().inwards(), dies);
        for (RoofShape.Face f : shape.faces())
            if (over.roof().plate(f.edge()) == over.edge() && f.plan().covers(end)) return true;
        return false;
    }
}
