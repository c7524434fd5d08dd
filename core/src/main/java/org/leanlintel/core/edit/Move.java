package org.leanlintel.core.edit;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.Strip;
import org.leanlintel.core.building.WallAxis;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Relations.WallEndRef;
import org.leanlintel.core.model.Tracing;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WallPiece;

/**
 * Moves things. A wall that is joined moves square to itself, its neighbours' ends follow along their own lines, and
 * what runs on in line with it moves with it; an opening moves along its wall; a dimension string's line moves while its
 * points hold.
 */
public record Move(List<ElementId> elements, Vec by) implements Edit {

    public Move {
        elements = List.copyOf(elements);
    }

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
                case Note note -> put.put(note.id(), note.moved(by));
                case DimensionString s -> put.put(s.id(), s.through(s.at().plus(by), s.holds()));
                default -> {
                    return Refusal.because(
                            "%s cannot be moved on the board.".formatted(Naming.of(element)), element.id());
                }
            }
            return null;
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
            if (!moving.containsKey(opening.wall()))
                put.put(opening.id(), opening.placed(opening.wall(), along(opening.wall(), opening.placing())));
        }

        private void movePiece(WallPiece piece) {
            if (moving.containsKey(piece.wall()) || !(piece.stretch() instanceof WallPiece.Part part)) return;
            WallPiece.Part moved = new WallPiece.Part(along(piece.wall(), part.placing()), part.widthMm());
            put.put(piece.id(), piece.along(moved));
        }

        private Placing along(ElementId wall, Placing at) {
            Strip strip = building.strip(wall);
            if (strip == null) return at;
            double along = by.dot(strip.axis().chord().direction());
            return new Placing(at.from(), at.distanceMm() + (at.from() == End.START ? along : -along));
        }
    }
}
