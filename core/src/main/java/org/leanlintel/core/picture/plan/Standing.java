package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.body.Balustrade;
import org.leanlintel.core.building.body.BuiltFooting;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.building.feature.InPlan;
import org.leanlintel.core.building.roof.BuiltTruss;
import org.leanlintel.core.building.roof.JoinedRoof;
import org.leanlintel.core.building.roof.PlacedRoofPart;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Annotation;
import org.leanlintel.core.model.BoundaryLine;
import org.leanlintel.core.model.ConstructionLine;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.GridLine;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.RoomLimit;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.SpotLevel;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Tracing;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.picture.Catch;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.PlanOf;
import org.leanlintel.core.picture.TakenBoxes;
import org.leanlintel.core.picture.Undrawn;
import org.leanlintel.core.picture.annotate.AnnotationPainter;
import org.leanlintel.core.picture.annotate.BoundaryPainter;
import org.leanlintel.core.picture.annotate.GridPainter;
import org.leanlintel.core.picture.annotate.PartFrame;
import org.leanlintel.core.picture.annotate.SectionLinePainter;
import org.leanlintel.core.picture.annotate.SheetLinks;
import org.leanlintel.core.picture.annotate.SignPainter;
import org.leanlintel.core.picture.wall.DrawnWall;
import org.leanlintel.core.picture.wall.PiecePainter;

/** What stands on a plan where it stands, and cannot give way. */
final class Standing {

    /** How far an endless line runs on beyond its points: as wide as a house may be. */
    private static final double ENDLESS_MM = 200_000;

    private final PlanOf plan;
    private final Building building;
    private final Model model;
    private final Look look;
    private final Undrawn undrawn;

    Standing(PlanOf plan, Building building) {
        this.plan = plan;
        this.building = building;
        model = building.model();
        look = plan.look(building);
        undrawn = new Undrawn(look, plan.lettering());
    }

    Shows of(@Nullable Element element) {
        return switch (element) {
            case Wall w -> wall(w);
            case Post p -> barred(PiecePainter.of(p, model, look), Bounds.of(p.corners()));
            case Fitting f -> fitting(f);
            case RoomLimit l -> alone(limit(l), List.of());
            case ConstructionLine l -> alone(construction(l), List.of());
            case Tracing t -> alone(traced(t), List.of());
            case Floor f -> f.outline() instanceof Floor.Drawn d ? floor(f, d) : Shows.NOTHING;
            case FloorVoid v -> hole(v);
            case RoofPart p -> roofPart(p);
            case Truss t -> truss(t);
            case Footing f -> footing(f);
            case SpotLevel l -> spotLevel(l);
            case Roof r -> roof(r);
            case Stair s -> new Shows(List.of(), stair(s), List.of());
            case SectionLine l -> marked(SectionLinePainter.of(l, sheetOf(l), look, plan.lettering()));
            case BoundaryLine l -> boundary(l);
            case GridLine l -> marked(GridPainter.of(l, look, plan.lettering()));
            case Annotation a -> annotation(a);
            case Room r -> ceiling(r);
            case Opening o -> Shows.NOTHING;
            case WallPiece p -> Shows.NOTHING;
            case OutsideSteps s -> Shows.NOTHING;
            case Corner c -> Shows.NOTHING;
            case Drawing d -> part(d);
            case Element.Apart a -> Shows.NOTHING;
            case null -> Shows.NOTHING;
        };
    }

    /** What its openings and pieces take; it is drawn with its mark. */
    private Shows wall(Wall wall) {
        DrawnWall drawn = building.get(new DrawnWall.Of(plan, wall.id()));
        return drawn == null ? Shows.NOTHING : new Shows(List.of(), drawn.leaves(), drawn.texts());
    }

    /** Of the room whose label its area has, where a lens asks for it. */
    private Shows ceiling(Room room) {
        if (!look.marks(Lens.MarkOf.CEILINGS)
                || !(Rooms.in(building).of(room) instanceof RoomSpace space)
                || Rooms.in(building).named(space).getFirst() != room) return Shows.NOTHING;
        return lined(
                undrawn.orMark(room.id(), room.layer(), room.name(), space.net().middle(), () -> new CeilingPainter(
                                room, space, building, look, plan.lettering())
                        .paint()));
    }

    /** Neither labels nor their leaders stand on it. */
    private static Shows barred(Group group, Bounds box) {
        return new Shows(List.of(group), List.of(), List.of(box));
    }

    private static Shows alone(Group group, List<Bounds> things) {
        return new Shows(List.of(group), things, List.of());
    }

    /** Labels keep clear of its words. */
    private Shows marked(Group group) {
        return alone(group, TakenBoxes.marks(List.of(group), look.drawing().scale()));
    }

    /** Labels keep clear of its words and of its lines. */
    private Shows lined(Group group) {
        List<Group> all = List.of(group);
        double scale = look.drawing().scale();
        return new Shows(all, TakenBoxes.lines(all), TakenBoxes.texts(all, scale));
    }

    /** The frame of a drawing that shows a part of this one, with its name. */
    private Shows part(Drawing drawing) {
        Group frame = PartFrame.of(drawing, look, model, plan.lettering(), List.of());
        return frame == null ? Shows.NOTHING : marked(frame);
    }

    private Shows fitting(Fitting fitting) {
        PlacedFitting placed = building.get(new PlacedFitting.Of(fitting.id()));
        if (placed == null) return Shows.NOTHING;
        Group group = undrawn.orMark(
                fitting.id(),
                fitting.layer(),
                fitting.mark(),
                placed.outline().getFirst(),
                () -> FittingPainter.of(placed, InPlan.of(look.drawing(), building), look, plan.lettering()));
        Bounds box = TakenBoxes.lines(List.of(group)).stream().reduce(Bounds.of(placed.outline()), Bounds::with);
        return barred(group, box);
    }

    /** The number of the first sheet that shows the section along a line; empty where none does. */
    private String sheetOf(SectionLine line) {
        Sheet sheet = SheetLinks.sheetOf(line.id(), model);
        return sheet == null ? "" : sheet.number();
    }

    private Group limit(RoomLimit limit) {
        Pens pens = new Pens(look.lens());
        pens.line(PenRole.ROOM, limit.from(), limit.to());
        return new Group(limit.id(), limit.layer(), pens.items(), List.of());
    }

    /** As far as anything can lie, where it is endless; its points are caught, and the whole of it. */
    private Group construction(ConstructionLine line) {
        Vec along = line.to().minus(line.from());
        Vec beyond = along.times(ENDLESS_MM / along.length());
        Vec from = line.endless() ? line.from().minus(beyond) : line.from();
        Vec to = line.endless() ? line.to().plus(beyond) : line.to();
        Pens pens = new Pens(look.lens());
        pens.line(PenRole.CONSTRUCTION, from, to);
        List<Catch> catches = List.of(
                new Catch("construction line", new Hold.AtPoint(line.from()), from, to),
                new Catch("end of construction line", new Hold.AtPoint(line.from()), line.from(), line.from()),
                new Catch("end of construction line", new Hold.AtPoint(line.to()), line.to(), line.to()));
        return new Group(line.id(), line.layer(), pens.items(), catches);
    }

    private static Group traced(Tracing t) {
        Item item = new Item.Traced(t.file(), t.page(), t.at(), t.widthMm(), t.heightMm(), t.angle(), t.strength());
        return new Group(t.id(), t.id(), List.of(item), List.of());
    }

    private Shows floor(Floor floor, Floor.Drawn drawn) {
        return marked(undrawn.orMark(
                floor.id(),
                floor.layer(),
                floor.mark(),
                drawn.ring().getFirst(),
                () -> FloorPainter.floor(floor, drawn, building, look, plan.lettering())));
    }

    private Shows roofPart(RoofPart part) {
        Roof roof = model.get(part.roof(), Roof.class);
        PlacedRoofPart placed = building.get(new PlacedRoofPart.Of(part.id()));
        boolean passes = part.make() instanceof RoofPart.Downpipe
                && look.lens().roofs() != Lens.Roofs.NONE
                && building.space(roof.storey()).levelMm()
                        >= building.space(look.storey()).levelMm();
        if (placed == null || !passes && !RoofPainter.shows(roof, look)) return Shows.NOTHING;
        Group group = RoofPartPainter.of(placed, look, plan.lettering());
        return look.marks(Lens.MarkOf.CEILINGS) ? lined(group) : marked(group);
    }

    private Shows truss(Truss truss) {
        BuiltTruss built = building.get(new BuiltTruss.Of(truss.id()));
        if (built == null || look.lens().roofs() != Lens.Roofs.FROM_ABOVE) return Shows.NOTHING;
        if (!model.get(truss.roof(), Roof.class).storey().equals(look.storey())) return Shows.NOTHING;
        return marked(TrussPainter.of(built, look, plan.lettering()));
    }

    /** Dashed under the walls, where a lens asks for it. */
    private Shows footing(Footing footing) {
        BuiltFooting built = building.get(new BuiltFooting.Of(footing.id()));
        if (built == null || !look.marks(Lens.MarkOf.FOOTINGS)) return Shows.NOTHING;
        return marked(undrawn.orMark(
                footing.id(),
                footing.layer(),
                footing.mark(),
                built.area().bounds().centre(),
                () -> FootingPainter.of(built, look, plan.lettering(), building)));
    }

    /** In plans of the lowest storey. */
    private Shows spotLevel(SpotLevel spot) {
        return isOnTheGround() && look.marks(Lens.MarkOf.SPOT_LEVELS)
                ? marked(SignPainter.spotLevel(spot, look, plan.lettering()))
                : Shows.NOTHING;
    }

    /** In these, and in plans of roofs. */
    private Shows boundary(BoundaryLine line) {
        boolean here = isOnTheGround() || look.lens().roofs() == Lens.Roofs.FROM_ABOVE;
        return here && look.marks(Lens.MarkOf.BOUNDARIES)
                ? marked(BoundaryPainter.of(line, look, plan.lettering()))
                : Shows.NOTHING;
    }

    private boolean isOnTheGround() {
        return StoreySpace.below(model, look.on().storey()) == null;
    }

    private Shows roof(Roof roof) {
        if (!RoofPainter.shows(roof, look)) return Shows.NOTHING;
        JoinedRoof built = building.get(new JoinedRoof.Of(roof.id()));
        if (built == null) return Shows.NOTHING;
        return marked(undrawn.orMark(
                roof.id(),
                roof.layer(),
                roof.mark(),
                built.built().eaves().getFirst().from(),
                () -> RoofPainter.of(built, look, plan.lettering(), building)));
    }

    /** A void through this storey's floor, or over it. */
    private Shows hole(FloorVoid hole) {
        Storey above = StoreySpace.above(model, look.on().storey());
        if (above != null && hole.storey().equals(above.id())) return marked(FloorPainter.above(hole, look));
        if (!hole.storey().equals(look.storey())) return Shows.NOTHING;
        return marked(undrawn.orMark(
                hole.id(),
                hole.layer(),
                hole.mark(),
                hole.ring().getFirst(),
                () -> FloorPainter.hole(hole, isStairs(hole), look, plan.lettering())));
    }

    /** Whether a stair from below comes up through a void. */
    private boolean isStairs(FloorVoid hole) {
        Area area = Area.of(hole.ring());
        for (Stair s : model.all(Stair.class))
            if (building.get(new BuiltStair.Of(s.id())) instanceof BuiltStair built
                    && built.storeyAbove().id().equals(hole.storey())
                    && built.plan().outline().and(area).mm2() > 0) return true;
        return false;
    }

    /** What a stair of this storey takes, or one that comes up from below; it is drawn with its words. */
    private List<Bounds> stair(Stair stair) {
        BuiltStair built = building.get(new BuiltStair.Of(stair.id()));
        if (built == null) return List.of();
        List<Bounds> boxes = new ArrayList<>();
        if (stair.storey().equals(look.storey())) {
            boxes.add(built.plan().outline().bounds());
            for (BuiltStair.Newel n : built.newels()) boxes.add(Bounds.of(n.ring()));
        } else if (built.storeyAbove().id().equals(look.storey())) {
            Area taken = Area.union(List.of(built.open(), Balustrade.of(built, building)));
            if (!taken.isEmpty()) boxes.add(taken.bounds());
        }
        return boxes;
    }

    private Shows annotation(Annotation annotation) {
        Group group = new AnnotationPainter(building, look, plan.lettering(), DrawnLines.around(plan, building))
                .paint(annotation);
        return annotation instanceof DimensionString s ? string(s, group) : lined(group);
    }

    /** A leader may cross the lines from what is measured to a string, but neither its own line, which labels may, nor its figures. */
    private Shows string(DimensionString string, Group group) {
        List<Bounds> extensions = new ArrayList<>(), own = new ArrayList<>(), barred = new ArrayList<>();
        for (Item item : group.items())
            if (item instanceof Item.Strokes strokes)
                for (List<Vec> line : strokes.lines()) {
                    Vec along = line.getLast().minus(line.getFirst());
                    boolean across = Tolerance.same(along.dot(string.direction()), 0);
                    boolean isAlong = Tolerance.same(along.cross(string.direction()), 0);
                    TakenBoxes.segments(line, across ? extensions : isAlong ? own : barred);
                }
        barred.addAll(TakenBoxes.texts(List.of(group), look.drawing().scale()));
        return new Shows(List.of(group), extensions, barred, own);
    }
}
