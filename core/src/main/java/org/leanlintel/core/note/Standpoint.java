package org.leanlintel.core.note;

import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.BuiltFooting;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.roof.BuiltRoof;
import org.leanlintel.core.building.roof.PlacedRoofPart;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.OnStorey;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;

/** Where a thing stands in the house: what is measured from there moves with it, sideways and in height. */
final class Standpoint {

    private Standpoint() {}

    /** Null where it stands nowhere, or offers nothing to point at. */
    static @Nullable Vec inPlan(Element thing, Building building) {
        if (thing instanceof Wall w)
            return building.strip(w.id()) instanceof Strip strip ? strip.at(strip.length() / 2, 0) : null;
        Anchor anchor = Anchor.of(thing, building);
        return anchor == null ? null : anchor.at();
    }

    /** Its foot above the project's zero, or what else of it lies at one height. */
    static double levelMm(Element thing, Building building) {
        return switch (thing) {
            case Opening o -> ofWall(o.wall(), building) + o.sillMm();
            case WallPiece p -> ofWall(p.wall(), building) + p.lowMm();
            case Fitting f -> fitting(f, building);
            case Roof r -> plate(r.id(), building);
            case Truss t -> plate(t.roof(), building);
            case RoofPart p ->
                building.get(new PlacedRoofPart.Of(p.id())) instanceof PlacedRoofPart placed
                        ? placed.roof().top(placed.face()).at(p.at())
                        : plate(p.roof(), building);
            case Footing f -> building.get(new BuiltFooting.Of(f.id())) instanceof BuiltFooting b ? b.topMm() : 0;
            case OnStorey s -> building.space(s.storey()).levelMm();
            default -> 0;
        };
    }

    private static double ofWall(ElementId wall, Building building) {
        return building.space(building.model().get(wall, Wall.class).storey()).levelMm();
    }

    private static double fitting(Fitting fitting, Building building) {
        double level = building.space(fitting.storey()).levelMm();
        return building.get(new PlacedFitting.Of(fitting.id())) instanceof PlacedFitting placed
                ? level + placed.symbol().lowMm()
                : level;
    }

    private static double plate(ElementId roof, Building building) {
        return building.get(new BuiltRoof.Of(roof)) instanceof BuiltRoof built ? built.plateMm() : 0;
    }
}
