package org.leanlintel.core.building.feature;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.body.BuiltFooting;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.roof.BuiltRoof;
import org.leanlintel.core.building.room.FloorAreas;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.GridLine;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Hold.AtLevel.Of;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;

/** What elements offer to hold to in drawings that show heights, and where that is in the house. */
public final class Features {

    /** Something to hold to. @param words as said beside the pointer */
    public record Named(String words, Hold hold) {}

    private Features() {}

    /** What an element offers. */
    public static List<Named> of(Element element, Building building) {
        return switch (element) {
            case Wall w -> ofWall(w, building);
            case Opening o -> ofOpening(o);
            case Storey s ->
                List.of(
                        level(s.name() + " floor", s.id(), Of.FLOOR),
                        level(s.name() + " ceiling", s.id(), Of.CEILING),
                        level(s.name() + " wall heads", s.id(), Of.HEADS));
            case Floor f ->
                List.of(level(f.mark() + " top", f.id(), Of.TOP), level(f.mark() + " underside", f.id(), Of.UNDERSIDE));
            case Roof r -> ofRoof(r, building);
            case Room r ->
                r.ceiling() instanceof Rise.Fixed
                        ? List.of(level("ceiling of " + r.name(), r.id(), Of.CEILING))
                        : List.of();
            case Footing f ->
                List.of(level(f.mark() + " top", f.id(), Of.TOP), level(f.mark() + " underside", f.id(), Of.UNDERSIDE));
            case GridLine l -> List.of(new Named("grid line " + l.mark(), new Hold.OnGrid(l.id())));
            case Site s -> List.of(level("ground", s.id(), Of.GROUND));
            case Post p -> sides(p.id(), "post " + p.mark(), 4);
            case WallPiece p -> sides(p.id(), p.mark(), 3);
            case Fitting f -> ofFitting(f);
            default -> List.of();
        };
    }

    private static List<Named> ofWall(Wall wall, Building building) {
        BuildUp buildUp = building.model().get(wall.buildUp(), BuildUp.class);
        int plies = buildUp.plies().size();
        List<Named> all = new ArrayList<>();
        for (int face : List.of(0, plies)) all.add(new Named(wall.mark() + " face", new Hold.OnFace(wall.id(), face)));
        if (buildUp.structureFrom() > 0)
            all.add(new Named(wall.mark() + " structure", new Hold.OnFace(wall.id(), buildUp.structureFrom())));
        if (buildUp.structureTo() < plies)
            all.add(new Named(wall.mark() + " structure", new Hold.OnFace(wall.id(), buildUp.structureTo())));
        return all;
    }

    private static List<Named> ofOpening(Opening o) {
        List<Named> all = new ArrayList<>();
        if (o.sillMm() > 0) all.add(level("sill of " + o.mark(), o.id(), Of.SILL));
        all.add(level("head of " + o.mark(), o.id(), Of.HEAD));
        for (End end : End.values()) all.add(new Named("edge of " + o.mark(), new Hold.AtJamb(o.id(), end)));
        all.add(new Named("middle of " + o.mark(), new Hold.AtCentre(o.id())));
        return all;
    }

    private static List<Named> ofFitting(Fitting f) {
        List<Named> all = new ArrayList<>();
        for (Hold.OnFitting.Edge edge : Hold.OnFitting.Edge.values())
            all.add(new Named(edge.said() + " of " + f.mark(), new Hold.OnFitting(f.id(), edge)));
        all.add(level("top of " + f.mark(), f.id(), Of.TOP));
        all.add(level("underside of " + f.mark(), f.id(), Of.UNDERSIDE));
        return all;
    }

    private static List<Named> sides(ElementId id, String mark, int count) {
        List<Named> all = new ArrayList<>();
        for (int edge = 0; edge < count; edge++) all.add(new Named(mark + " side", new Hold.OnPiece(id, edge)));
        return all;
    }

    private static Named level(String words, ElementId id, Of of) {
        return new Named(words, new Hold.AtLevel(id, of));
    }

    /** Where in the house that is which a point holds to; null where it has gone, and for a point of a drawing alone. */
    public static @Nullable Feature of(Hold hold, Building building) {
        return switch (hold) {
            case Hold.AtPoint p -> null;
            case Hold.Lost l -> null;
            case Hold.AtCorner c -> corner(c, building);
            case Hold.OnFace f -> face(f, building);
            case Hold.OnPiece p -> piece(p, building);
            case Hold.AtJamb j -> acrossOpening(j.opening(), o -> o.edge(j.edge()), building);
            case Hold.AtCentre c -> acrossOpening(c.opening(), PlacedOpening::middle, building);
            case Hold.OnGrid g -> grid(g, building);
            case Hold.OnFitting f -> fitting(f, building);
            case Hold.AtFittingCorner f -> fitting(f, building);
            case Hold.AtRiser r -> null;
            case Hold.BesideFlight b -> null;
            case Hold.AtLevel l -> level(l, building);
        };
    }

    /** Through all storeys there are. */
    private static @Nullable Feature grid(Hold.OnGrid hold, Building building) {
        if (!(building.model().find(hold.line()) instanceof GridLine line)) return null;
        double low = Double.POSITIVE_INFINITY, high = Double.NEGATIVE_INFINITY;
        for (Storey s : building.model().all(Storey.class)) {
            StoreySpace on = building.space(s.id());
            low = Math.min(low, on.levelMm() + on.footMm());
            high = Math.max(high, on.levelMm() + on.headMm());
        }
        return new Feature.Face(line.from(), line.to(), low, high);
    }

    private static @Nullable Feature corner(Hold.AtCorner hold, Building building) {
        if (!(building.model().find(hold.corner()) instanceof Corner corner)) return null;
        StoreySpace on = building.space(corner.storey());
        return new Feature.Edge(corner.at(), on.levelMm() + on.footMm(), on.levelMm() + on.headMm());
    }

    private static @Nullable Feature face(Hold.OnFace hold, Building building) {
        WallSolid solid = building.solid(hold.wall());
        if (solid == null) return null;
        Strip strip = solid.strip();
        double t = strip.offsetOfFace(hold.face());
        double level = building.space(strip.wall().storey()).levelMm();
        return new Feature.Face(
                strip.at(0, t), strip.at(strip.length(), t), level + solid.footMm(), level + solid.headMm());
    }

    private static @Nullable Feature piece(Hold.OnPiece hold, Building building) {
        List<Vec> edge = PieceEdges.of(building, hold.piece(), hold.edge());
        if (edge.isEmpty()) return null;
        return switch (building.model().get(hold.piece(), Element.class)) {
            case Post p -> {
                StoreySpace on = building.space(p.storey());
                yield new Feature.Face(
                        edge.getFirst(), edge.getLast(), on.levelMm() + on.footMm(), on.levelMm() + on.headMm());
            }
            case WallPiece p -> {
                Wall wall = building.model().get(p.wall(), Wall.class);
                double low = building.space(wall.storey()).levelMm() + p.lowMm();
                yield new Feature.Face(edge.getFirst(), edge.getLast(), low, low + p.heightMm());
            }
            default -> null;
        };
    }

    private static @Nullable Feature acrossOpening(
            ElementId opening, ToDoubleFunction<PlacedOpening> place, Building building) {
        if (!(building.model().find(opening) instanceof Opening o)) return null;
        WallSolid solid = building.solid(o.wall());
        PlacedOpening placed = solid == null ? null : solid.opening(o.id());
        if (solid == null || placed == null) return null;
        Strip strip = solid.strip();
        double level = building.space(strip.wall().storey()).levelMm();
        return new Feature.Edge(strip.at(place.applyAsDouble(placed), 0), level + o.sillMm(), level + o.headMm());
    }

    private static List<Named> ofRoof(Roof r, Building building) {
        List<Named> named = new ArrayList<>(List.of(
                level("plate of " + r.mark(), r.id(), Of.PLATE), level("eaves of " + r.mark(), r.id(), Of.EAVES)));
        if (building.get(new BuiltRoof.Of(r.id())) instanceof BuiltRoof built) {
            named.add(level(built.highest(), r.id(), Of.RIDGE));
            if (!built.parapetsMm().isEmpty()) named.add(level("parapet of " + r.mark(), r.id(), Of.PARAPET));
        }
        return named;
    }

    private static @Nullable Feature roof(Roof roof, Of level, Building building) {
        BuiltRoof built = building.get(new BuiltRoof.Of(roof.id()));
        if (built == null || built.shape() == null) return null;
        return switch (level) {
            case PLATE -> new Feature.Level(built.plateMm());
            case EAVES -> new Feature.Level(built.lowestEavesMm());
            case RIDGE -> new Feature.Level(built.ridgeMm());
            case PARAPET ->
                built.parapetsMm().isEmpty()
                        ? null
                        : new Feature.Level(built.parapetsMm().last());
            default -> null;
        };
    }

    private static @Nullable Feature level(Hold.AtLevel hold, Building building) {
        return switch (building.model().find(hold.of())) {
            case Storey s ->
                switch (hold.level()) {
                    case FLOOR -> new Feature.Level(s.levelMm());
                    case CEILING ->
                        new Feature.Level(s.levelMm() + building.space(s.id()).ceilingMm());
                    case HEADS ->
                        new Feature.Level(s.levelMm() + building.space(s.id()).headMm());
                    default -> null;
                };
            case Room r -> hold.level() == Of.CEILING ? ceiling(r, building) : null;
            case Site s -> hold.level() == Of.GROUND ? new Feature.Level(s.groundMm()) : null;
            case Floor f -> floor(f, hold.level(), building);
            case Footing f -> footing(f, hold.level(), building);
            case Roof r -> roof(r, hold.level(), building);
            case Opening o -> ledge(o, hold.level(), building);
            case Fitting f -> level(f, hold.level(), building);
            case null -> null;
            default -> null;
        };
    }

    private static @Nullable Feature fitting(Hold.OnFitting hold, Building building) {
        if (!(building.get(new PlacedFitting.Of(hold.fitting())) instanceof PlacedFitting placed)) return null;
        List<Vec> line = placed.line(hold.edge());
        double low = lowMm(placed, building);
        return new Feature.Face(
                line.getFirst(), line.getLast(), low, low + placed.symbol().heightMm());
    }

    private static @Nullable Feature fitting(Hold.AtFittingCorner hold, Building building) {
        if (!(building.get(new PlacedFitting.Of(hold.fitting())) instanceof PlacedFitting placed)) return null;
        double low = lowMm(placed, building);
        return new Feature.Edge(
                placed.corner(hold.corner()), low, low + placed.symbol().heightMm());
    }

    private static double lowMm(PlacedFitting placed, Building building) {
        return building.space(placed.fitting().storey()).levelMm()
                + placed.symbol().lowMm();
    }

    private static @Nullable Feature level(Fitting fitting, Of level, Building building) {
        if (!(building.get(new PlacedFitting.Of(fitting.id())) instanceof PlacedFitting placed)
                || level != Of.TOP && level != Of.UNDERSIDE) return null;
        double low = lowMm(placed, building);
        return new Feature.Ledge(
                placed.outline(), level == Of.TOP ? low + placed.symbol().heightMm() : low);
    }

    private static @Nullable Feature footing(Footing footing, Of level, Building building) {
        if (!(building.get(new BuiltFooting.Of(footing.id())) instanceof BuiltFooting built)) return null;
        return switch (level) {
            case TOP -> new Feature.Level(built.topMm());
            case UNDERSIDE -> new Feature.Level(built.lowMm());
            default -> null;
        };
    }

    /** Over its floor; nothing where nothing closes round it any more. */
    private static @Nullable Feature ceiling(Room room, Building building) {
        if (!(Rooms.in(building).of(room) instanceof RoomSpace space)) return null;
        StoreySpace on = building.space(room.storey());
        return new Feature.Ledge(space.bounds().corners(), on.levelMm() + room.ceilingMm(on));
    }

    private static @Nullable Feature floor(Floor floor, Of level, Building building) {
        Area area = FloorAreas.of(floor, building);
        if (area.isEmpty() || level != Of.TOP && level != Of.UNDERSIDE) return null;
        double top = building.space(floor.storey()).levelMm() + floor.stepMm();
        double thick = building.model().get(floor.buildUp(), BuildUp.class).thicknessMm();
        return new Feature.Ledge(area.bounds().corners(), level == Of.TOP ? top : top - thick);
    }

    private static @Nullable Feature ledge(Opening o, Of level, Building building) {
        WallSolid solid = building.solid(o.wall());
        PlacedOpening placed = solid == null ? null : solid.opening(o.id());
        if (solid == null || placed == null || level != Of.SILL && level != Of.HEAD) return null;
        Strip strip = solid.strip();
        List<Vec> over = List.of(
                strip.at(placed.from(), strip.lo()),
                strip.at(placed.to(), strip.lo()),
                strip.at(placed.to(), strip.hi()),
                strip.at(placed.from(), strip.hi()));
        double from = building.space(strip.wall().storey()).levelMm();
        return new Feature.Ledge(over, from + (level == Of.SILL ? o.sillMm() : o.headMm()));
    }
}
