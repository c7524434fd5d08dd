package org.leanlintel.core.edit.change;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.join.WallAxis;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.Places;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Blank;
import org.leanlintel.core.model.BoundaryLine;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Cloud;
import org.leanlintel.core.model.ConstructionLine;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Dimension;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.GridLine;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.Leaders;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Pointing;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Relations.WallEndRef;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.RoomLimit;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Sign;
import org.leanlintel.core.model.SpotLevel;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.model.Tracing;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.model.WordsAt;

/**
 * Moves things. A wall that is joined moves square to itself, its neighbours' ends follow along their own lines, and
 * what runs on in line with it moves with it; an opening moves along its wall; a dimension string's line moves while its
 * points hold.
 */
public record Move(List<ElementId> elements, Vec by, List<LabelIn> labels) implements Edit {

    public Move {
        elements = List.copyOf(elements);
        labels = List.copyOf(labels);
    }

    /** Labels of rooms move wherever they are written. */
    public Move(List<ElementId> elements, Vec by) {
        this(elements, by, List.of());
    }

    /**
     * The label of a room that moves without walls moves in one drawing, and in no other.
     *
     * @param seen where its middle is seen there, for one that was not put there by hand
     */
    public record LabelIn(ElementId room, ElementId drawing, Vec seen) {}

    @Override
    public Set<ElementId> reads() {
        return Set.copyOf(elements);
    }

    @Override
    public Outcome on(Building building) {
        if (elements.isEmpty()) return Refusal.because("Nothing is selected.");
        Model model = building.model();
        List<Element> asked =
                elements.stream().map(id -> model.get(id, Element.class)).toList();
        Mover mover = new Mover(building, asked);
        for (Element e : mover.moving.values()) {
            Refusal refusal = mover.move(e);
            if (refusal != null) return refusal;
        }
        return Change.to(model, "move " + Naming.of(asked), mover.put.values(), List.of());
    }

    private final class Mover {

        private final Building building;
        private final Model model;
        private final Map<ElementId, Element> put = new LinkedHashMap<>();
        /** What was asked for, and the walls that run on in line with it. */
        private final Map<ElementId, Element> moving = new LinkedHashMap<>();

        Mover(Building building, List<Element> asked) {
            this.building = building;
            model = building.model();
            for (Element e : asked) moving.put(e.id(), e);
            for (Element e : asked) if (e instanceof Wall wall) addInLine(wall);
        }

        private void addInLine(Wall wall) {
            for (End end : End.values()) {
                if (!(wall.at(end) instanceof WallEnd.AtCorner c)) continue;
                for (WallEndRef ref : model.relations().endsAt(c.corner())) {
                    boolean runsOn = !moving.containsKey(ref.wall().id()) && inLine(wall, ref.wall());
                    if (!runsOn) continue;
                    moving.put(ref.wall().id(), ref.wall());
                    addInLine(ref.wall());
                }
            }
        }

        private Floor.Outline shifted(Floor.Outline outline) {
            return switch (outline) {
                case Floor.Drawn d -> new Floor.Drawn(shifted(d.ring()));
                case Floor.InsideShell s -> new Floor.InsideShell(s.seed().plus(by), s.edge());
            };
        }

        private Roof.Over shifted(Roof.Over over) {
            return switch (over) {
                case Roof.OverRing r -> new Roof.OverRing(shifted(r.ring()));
                case Roof.OverShell s -> new Roof.OverShell(s.seed().plus(by));
            };
        }

        private Footing.Under shifted(Footing.Under under) {
            return under instanceof Footing.UnderShell s
                    ? new Footing.UnderShell(s.seed().plus(by))
                    : under;
        }

        private List<Vec> shifted(List<Vec> ring) {
            return ring.stream().map(p -> p.plus(by)).toList();
        }

        private boolean inLine(Wall one, Wall two) {
            Strip a = building.strip(one.id()), b = building.strip(two.id());
            return a != null
                    && b != null
                    && a.axis().isStraight()
                    && b.axis().isStraight()
                    && Math.abs(a.axis()
                                    .chord()
                                    .direction()
                                    .cross(b.axis().chord().direction()))
                            < Tolerance.PARALLEL_SINE;
        }

        @Nullable
        Refusal move(Element element) {
            switch (element) {
                case Wall wall -> moveWall(wall);
                case Opening opening -> moveOpening(opening);
                case WallPiece piece -> movePiece(piece);
                case Post post -> put.put(post.id(), post.moved(by));
                case Tracing t -> put.put(t.id(), t.laid(t.at().plus(by), t.angle()));
                case Fitting f -> moveFitting(f);
                case Room room -> moveLabel(room);
                case Floor f -> put.put(f.id(), f.within(shifted(f.outline()), f.span()));
                case FloorVoid v -> put.put(v.id(), v.within(shifted(v.ring())));
                case RoofPart p -> put.put(p.id(), p.moved(p.at().plus(by)));
                case Truss t -> {}
                case Footing f -> put.put(f.id(), f.under(shifted(f.under())));
                case SpotLevel l -> put.put(l.id(), l.moved(l.at().plus(by)));
                case Roof r -> put.put(r.id(), r.over(shifted(r.over()), r.own()));
                case Stair s -> put.put(s.id(), s.at(s.at().plus(by), s.angle(), s.shape()));
                case SectionLine l -> put.put(l.id(), l.through(l.from().plus(by), l.to().plus(by), l.looking()));
                case RoomLimit l -> put.put(l.id(), l.between(l.from().plus(by), l.to().plus(by)));
                case BoundaryLine l -> put.put(l.id(), l.between(l.from().plus(by), l.to().plus(by)));
                case GridLine l -> put.put(l.id(), l.between(l.from().plus(by), l.to().plus(by)));
                case Sign s -> put.put(s.id(), s.moved(by));
                case ConstructionLine l -> put.put(l.id(), l.between(l.from().plus(by), l.to().plus(by)));
                case Blank blank ->
                    put.put(
                            blank.id(),
                            blank.within(
                                    blank.ring().stream().map(p -> p.plus(by)).toList()));
                case Cloud cloud ->
                    put.put(
                            cloud.id(),
                            cloud.within(
                                    cloud.ring().stream().map(p -> p.plus(by)).toList()));
                case Note note -> put.put(note.id(), pointing(note.moved(by)));
                case KeyMark mark -> put.put(mark.id(), pointing(mark.moved(by)));
                case Dimension d -> put.put(d.id(), d.lying(d.at().plus(by)));
                case DimensionString s -> put.put(s.id(), s.through(s.at().plus(by), s.holds()));
                case OutsideSteps s -> {
                    Opening door = model.get(s.opening(), Opening.class);
                    if (!moving.containsKey(door.id()) && !moving.containsKey(door.wall())) return stays(s);
                }
                case Corner c -> {
                    return stays(c);
                }
                case Element.Apart a -> {
                    if (!(a instanceof Drawing d) || !(d.frame() instanceof Drawing.Part part)) return stays(a);
                    put.put(d.id(), d.framed(part.moved(by)));
                }
            }
            return null;
        }

        /** What was moved; with other things, what it points at where no thing is moves, too. */
        private Pointing pointing(Pointing moved) {
            if (moving.values().stream().allMatch(Pointing.class::isInstance)) return moved;
            Leaders leaders = moved.leaders();
            return moved.pointing(leaders.to(leaders.targets().stream()
                    .map(t -> t instanceof Target.AtPlace p ? new Target.AtPlace(p.at().plus(by)) : t)
                    .toList()));
        }

        private static Refusal stays(Element element) {
            return Refusal.because("%s cannot be moved on the board.".formatted(Naming.of(element)), element.id());
        }

        private void moveWall(Wall wall) {
            Strip strip = building.strip(wall.id());
            if (strip == null) return;
            Line line = strip.axis().chord();
            Vec shift = isJoined(wall) && wall.isStraight()
                    ? line.direction().left().times(by.dot(line.direction().left()))
                    : by;
            for (End end : End.values())
                moveEnd(wall, end, shift, new Line(line.through().plus(shift), line.direction()));
        }

        private boolean isJoined(Wall wall) {
            for (End end : End.values()) {
                boolean alone = wall.at(end) instanceof WallEnd.AtCorner c
                        && model.relations().endsAt(c.corner()).size() == 1;
                if (!alone && !othersMoveToo(wall, end)) return true;
            }
            return false;
        }

        private boolean othersMoveToo(Wall wall, End end) {
            return switch (wall.at(end)) {
                case WallEnd.AtCorner c ->
                    model.relations().endsAt(c.corner()).stream()
                            .allMatch(ref -> moving.containsKey(ref.wall().id()));
                case WallEnd.OnSide s -> moving.containsKey(s.wall());
            };
        }

        private void moveEnd(Wall wall, End end, Vec shift, Line movedLine) {
            switch (wall.at(end)) {
                case WallEnd.OnSide s -> {
                    Wall now = (Wall) put.getOrDefault(wall.id(), wall);
                    put.put(wall.id(), now.withEnd(end, new WallEnd.OnSide(s.wall(), s.at().plus(shift), s.reach())));
                }
                case WallEnd.AtCorner c -> {
                    Corner corner = model.get(c.corner(), Corner.class);
                    put.putIfAbsent(corner.id(), corner.moved(movedCorner(wall, corner, shift, movedLine)));
                }
            }
        }

        /** Along the neighbour's own line where there is one to follow, else simply shifted. */
        private Vec movedCorner(Wall wall, Corner corner, Vec shift, Line movedLine) {
            for (WallEndRef ref : model.relations().endsAt(corner.id())) {
                if (moving.containsKey(ref.wall().id())) continue;
                WallAxis axis = WallAxis.of(model, ref.wall());
                if (axis == null
                        || !axis.isStraight()
                        || !wall.isStraight()
                        || Math.abs(axis.chord().direction().cross(movedLine.direction())) < Tolerance.BEND_SINE)
                    continue;
                Double along = axis.chord().meets(movedLine);
                if (along != null) return axis.chord().at(along);
            }
            return corner.at().plus(shift);
        }

        private void moveOpening(Opening opening) {
            WallSolid solid = building.solid(opening.wall());
            if (moving.containsKey(opening.wall()) || solid == null) return;
            if (!(solid.opening(opening.id()) instanceof PlacedOpening now)) return;
            double along = along(solid);
            put.put(
                    opening.id(),
                    opening.placed(
                            opening.wall(), Places.shifted(opening.placing(), along, solid, now.from(), now.to())));
        }

        private void movePiece(WallPiece piece) {
            WallSolid solid = building.solid(piece.wall());
            if (moving.containsKey(piece.wall()) || solid == null) return;
            if (!(piece.stretch() instanceof WallPiece.Part part)) return;
            Placing there = Places.shifted(part.placing(), along(solid), solid, 0, 0);
            put.put(piece.id(), piece.along(new WallPiece.Part(there, part.widthMm())));
        }

        /** A fitting on a wall moves along it. */
        private void moveFitting(Fitting f) {
            switch (f.seat()) {
                case Fitting.Free free ->
                    put.put(f.id(), f.seated(new Fitting.Free(free.at().plus(by), free.angle())));
                case Fitting.OnWall seat -> {
                    WallSolid solid = building.solid(seat.wall());
                    if (moving.containsKey(seat.wall()) || solid == null) return;
                    Span now = solid.place(seat.placing(), f.widthMm());
                    if (now == null) return;
                    Placing there = Places.shifted(seat.placing(), along(solid), solid, now.from(), now.to());
                    put.put(f.id(), f.seated(new Fitting.OnWall(seat.wall(), seat.side(), there)));
                }
            }
        }

        /** It is a room's label that moves: its area stays where the walls leave it. One that stands where it is clear follows what moves with it by itself. */
        private void moveLabel(Room room) {
            boolean withWalls = moving.values().stream().anyMatch(Wall.class::isInstance);
            if (!withWalls || room.words().isPut()) put.put(room.id(), room.worded(words(room, withWalls)));
        }

        private WordsAt words(Room room, boolean withWalls) {
            if (!withWalls)
                for (LabelIn in : labels)
                    if (in.room().equals(room.id()))
                        return room.words().put(in.drawing(), from(room, in).plus(by));
            if (room.words().isPut()) return room.words().each(at -> at.plus(by));
            RoomSpace space = Rooms.in(building).of(room);
            return room.words().put((space == null ? room.seed() : space.middle()).plus(by));
        }

        private static Vec from(Room room, LabelIn in) {
            return room.words().in(in.drawing()) instanceof Vec put ? put : in.seen();
        }

        private double along(WallSolid solid) {
            return by.dot(solid.strip().axis().chord().direction());
        }
    }
}
