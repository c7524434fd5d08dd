package org.leanlintel.core.note;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.body.BuiltFooting;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.building.feature.PieceEdges;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.roof.BuiltTruss;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Annotation;
import org.leanlintel.core.model.ConstructionLine;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.RoomLimit;
import org.leanlintel.core.model.Ruled;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.SpotLevel;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Tracing;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;

/** Where a thing stands on a plan, and its own directions: what is measured from it moves, turns and is handed with it. */
record Anchor(Vec at, Vec along, Vec out) {

    private static final Vec EAST = new Vec(1, 0);

    /** Null where it stands nowhere, or offers nothing to point at. */
    static @Nullable Anchor of(Element thing, Building building) {
        return switch (thing) {
            case Opening o -> opening(o, building);
            case OutsideSteps s ->
                building.model().find(s.opening()) instanceof Opening o ? opening(o, building) : null;
            case WallPiece p -> piece(p, building);
            case Fitting f -> fitting(building.get(new PlacedFitting.Of(f.id())));
            case Post p -> turned(p.at(), Vec.ofAngle(p.angle()));
            case Stair s -> turned(s.at(), Vec.ofAngle(s.angle()));
            case Room r -> turned(r.seed(), EAST);
            case Floor f ->
                switch (f.outline()) {
                    case Floor.Drawn d -> turned(d.ring().getFirst(), EAST);
                    case Floor.InsideShell s -> turned(s.seed(), EAST);
                };
            case FloorVoid v -> turned(v.ring().getFirst(), EAST);
            case RoofPart p -> turned(p.at(), EAST);
            case Truss t ->
                building.get(new BuiltTruss.Of(t.id())) instanceof BuiltTruss built
                        ? turned(built.plan(0, built.at().getFirst()), built.across())
                        : null;
            case Roof r ->
                switch (r.over()) {
                    case Roof.OverShell s -> turned(s.seed(), EAST);
                    case Roof.OverRing g -> turned(g.ring().getFirst(), EAST);
                };
            case Footing f ->
                building.get(new BuiltFooting.Of(f.id())) instanceof BuiltFooting built
                        ? turned(built.area().bounds().centre(), EAST)
                        : null;
            case SpotLevel l -> turned(l.at(), EAST);
            case Wall w -> null;
            case RoomLimit l -> null;
            case Ruled r -> null;
            case ConstructionLine l -> null;
            case SectionLine l -> null;
            case Annotation a -> null;
            case Corner c -> null;
            case Tracing t -> null;
            case Element.Apart a -> null;
        };
    }

    private static Anchor turned(Vec at, Vec along) {
        return new Anchor(at, along, along.left());
    }

    /** Its middle on the set-out line of its wall; outwards is outwards of the wall. */
    private static @Nullable Anchor opening(Opening opening, Building building) {
        WallSolid solid = building.solid(opening.wall());
        PlacedOpening placed = solid == null ? null : solid.opening(opening.id());
        return solid == null || placed == null ? null : onWall(solid.strip(), placed.middle());
    }

    private static @Nullable Anchor piece(WallPiece piece, Building building) {
        WallSolid solid = building.solid(piece.wall());
        List<Vec> side = PieceEdges.of(building, piece.id(), 0);
        if (solid == null || side.isEmpty()) return null;
        Vec middle = side.getFirst().plus(side.getLast()).times(0.5);
        Anchor there = onWall(solid.strip(), solid.strip().axis().s(middle));
        return new Anchor(middle, there.along(), there.out());
    }

    private static Anchor onWall(Strip strip, double s) {
        Vec along = strip.axis().directionAt(s);
        return new Anchor(
                strip.at(s, 0), along, along.left().times(strip.wall().outside().sign()));
    }

    private static @Nullable Anchor fitting(@Nullable PlacedFitting placed) {
        if (placed == null) return null;
        Vec along = placed.fitting().mirrored() ? placed.along().times(-1) : placed.along();
        return new Anchor(placed.middle(), along, placed.out());
    }

    /** Where something lies that is so far off in the thing's own directions. */
    Vec there(Vec off) {
        return at.along(along, off.x()).along(out, off.y());
    }

    /** The reverse of {@link #there}. */
    Vec off(Vec there) {
        Vec by = there.minus(at);
        return new Vec(by.dot(along), by.dot(out));
    }
}
