package org.leanlintel.core.building.feature;

import java.util.List;
import java.util.function.ToDoubleFunction;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Ruled;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.stair.StairPlan;

/**
 * What points hold to, as a plan shows it.
 *
 * @param toUnits whether an edge of an opening is that of the unit in it
 */
public record InPlan(Building building, boolean toUnits) {

    /** As a drawing shows them, by its lens. */
    public static InPlan of(Drawing drawing, Building building) {
        Lens lens = building.model().get(drawing.lens(), Lens.class);
        return new InPlan(building, lens.openings() == Lens.OpeningEdges.UNIT);
    }

    /** Whether it is a point, not a line or a level. */
    public static boolean isPoint(Hold hold) {
        return hold instanceof Hold.AtPoint
                || hold instanceof Hold.AtCorner
                || hold instanceof Hold.AtFittingCorner
                || hold instanceof Hold.Lost;
    }

    /** One point, or the two ends of a line; none where there is no such thing. An arc is given as a line between its ends. */
    public List<Vec> of(Hold hold) {
        return switch (hold) {
            case Hold.AtPoint p -> List.of(p.at());
            case Hold.Lost l -> List.of(l.at());
            case Hold.AtCorner c ->
                building.model().find(c.corner()) instanceof Corner corner ? List.of(corner.at()) : List.of();
            case Hold.OnFace f -> face(f);
            case Hold.OnPiece p -> PieceEdges.of(building, p.piece(), p.edge());
            case Hold.AtJamb j -> acrossOpening(j.opening(), o -> o.edge(j.edge(), toUnits));
            case Hold.AtCentre c -> acrossOpening(c.opening(), PlacedOpening::middle);
            case Hold.OnGrid g ->
                building.model().find(g.line()) instanceof Ruled line ? List.of(line.from(), line.to()) : List.of();
            case Hold.OnFitting f -> fitting(f);
            case Hold.AtFittingCorner f ->
                building.get(new PlacedFitting.Of(f.fitting())) instanceof PlacedFitting placed
                        ? List.of(placed.corner(f.corner()))
                        : List.of();
            case Hold.AtRiser r -> riser(r);
            case Hold.BesideFlight b -> beside(b);
            case Hold.AtLevel l -> List.of();
        };
    }

    private List<Vec> fitting(Hold.OnFitting hold) {
        return building.get(new PlacedFitting.Of(hold.fitting())) instanceof PlacedFitting placed
                ? placed.line(hold.edge())
                : List.of();
    }

    private List<Vec> riser(Hold.AtRiser hold) {
        if (!(building.get(new BuiltStair.Of(hold.stair())) instanceof BuiltStair built)) return List.of();
        for (StairPlan.Riser r : built.plan().risers())
            if (r.number() == hold.riser()) return List.of(r.left(), r.right());
        return List.of();
    }

    private List<Vec> beside(Hold.BesideFlight hold) {
        if (!(building.get(new BuiltStair.Of(hold.stair())) instanceof BuiltStair built)
                || hold.flight() >= built.plan().flights().size()) return List.of();
        StairPlan.Flight flight = built.plan().flights().get(hold.flight());
        double across = hold.side() == Side.LEFT ? 0 : built.stair().widthMm();
        return List.of(flight.at(0, across), flight.at(flight.lengthMm(), across));
    }

    private List<Vec> face(Hold.OnFace face) {
        if (!(building.solid(face.wall()) instanceof WallSolid solid)) return List.of();
        Strip strip = solid.strip();
        double t = strip.offsetOfFace(face.face());
        return List.of(strip.at(0, t), strip.at(strip.length(), t));
    }

    private List<Vec> acrossOpening(ElementId opening, ToDoubleFunction<PlacedOpening> place) {
        if (!(building.model().find(opening) instanceof Opening o)
                || !(building.solid(o.wall()) instanceof WallSolid solid)
                || !(solid.opening(opening) instanceof PlacedOpening placed)) return List.of();
        double s = place.applyAsDouble(placed);
        return List.of(
                solid.strip().at(s, solid.strip().lo()),
                solid.strip().at(s, solid.strip().hi()));
    }
}
