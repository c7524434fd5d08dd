package org.leanlintel.core.edit.wall;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.PlacedPiece;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Marks;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.edit.Places;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Meeting;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Pointing;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Relations.WallEndRef;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WallPiece;

/**
 * Makes two walls of one, in line at a shared corner. The first keeps its id and its mark; openings, pieces and walls
 * that stand on it go with the part they lie in, and stay where they are.
 *
 * @param at a point; the wall is split square to itself there
 */
public record Split(ElementId wall, Vec at) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(wall);
    }

    @Override
    public Outcome on(Building building) {
        Wall known = building.model().get(wall, Wall.class);
        WallSolid solid = building.solid(wall);
        if (solid == null) return Refusal.because("%s has no length.".formatted(known.mark()), wall);
        double s = solid.strip().axis().s(at);
        double least = solid.strip().thickness() + Tolerance.SHORTEST_WALL_MM;
        boolean within = s > solid.clearFrom() + least && s < solid.clearTo() - least;
        if (!within) return Refusal.because("%s cannot be split so near its end.".formatted(known.mark()), wall);
        return new Splitting(building, solid, s).split();
    }

    private static final class Splitting {

        private final Model model;
        private final Building building;
        private final NewIds ids;
        private final WallSolid solid;
        private final Strip strip;
        private final Wall whole;
        private final double s;
        private final ElementId secondId;
        private final List<Element> put = new ArrayList<>();

        Splitting(Building building, WallSolid solid, double s) {
            this.building = building;
            this.solid = solid;
            this.s = s;
            model = building.model();
            strip = solid.strip();
            whole = strip.wall();
            ids = new NewIds(model);
            secondId = ids.next();
        }

        Outcome split() {
            Refusal refusal = addOpenings();
            if (refusal == null) refusal = addPieces();
            if (refusal == null) refusal = addFittings();
            if (refusal == null) refusal = addStanding();
            if (refusal != null) return refusal;
            addParts();
            addTargets();
            addRoofs();
            addFootings();
            return Change.to(model, "split wall " + whole.mark(), put, List.of());
        }

        /** What is said of a roof's edge over it is said over both parts. */
        private void addRoofs() {
            for (Roof roof : model.all(Roof.class)) {
                Roof.OnWall over = new Roof.OnWall(whole.id());
                if (roof.own().stream().noneMatch(o -> o.along().equals(over))) continue;
                List<Roof.OwnEdge> own = new ArrayList<>(roof.own());
                own.add(new Roof.OwnEdge(new Roof.OnWall(secondId), roof.edge(over)));
                put.add(roof.over(roof.over(), own));
            }
        }

        /** What lies under it lies under both parts. */
        private void addFootings() {
            Marks marks = new Marks(model);
            for (Footing f : model.all(Footing.class))
                if (f.under().equals(new Footing.UnderWall(whole.id())))
                    put.add(f.on(ids.next(), f.storey(), f.layer(), marks.next("FT"))
                            .under(new Footing.UnderWall(secondId)));
        }

        private void addParts() {
            Corner corner = Corner.at(ids.next(), whole.storey(), strip.at(s, 0));
            WallEnd.AtCorner shared = new WallEnd.AtCorner(corner.id());
            double quarter = Math.atan(whole.bulge()), part = s / strip.length();
            String mark = Naming.nextMark(model, model.settings().letters().walls(), 1);
            put.add(corner);
            put.add(whole.withEnd(End.END, shared)
                    .bent(Math.tan(quarter * part))
                    .rising(whole.rise().between(0, part)));
            put.add(whole.named(secondId, mark)
                    .withEnd(End.START, shared)
                    .bent(Math.tan(quarter * (1 - part)))
                    .rising(whole.rise().between(part, 1)));
            if (whole.end() instanceof WallEnd.AtCorner c) {
                Corner far = model.get(c.corner(), Corner.class);
                if (far.meeting() instanceof Meeting.Through t && t.wall().equals(whole.id()))
                    put.add(far.decided(new Meeting.Through(secondId)));
            }
        }

        private @Nullable Refusal addOpenings() {
            for (PlacedOpening o : solid.openings()) {
                if (isWithin(o.from(), o.to()))
                    return inTheWay(Naming.of(o.opening()), o.opening().id());
                Placing there = placed(o.opening().placing(), o.from(), o.to());
                put.add(o.opening().placed(isSecond(o.from()) ? secondId : whole.id(), there));
            }
            return null;
        }

        private @Nullable Refusal addPieces() {
            for (PlacedPiece p : solid.pieces()) {
                if (p.piece().stretch() instanceof WallPiece.Part part) {
                    if (isWithin(p.from(), p.to()))
                        return inTheWay(Naming.of(p.piece()), p.piece().id());
                    WallPiece.Part there = new WallPiece.Part(placed(part.placing(), p.from(), p.to()), part.widthMm());
                    put.add(p.piece().along(there).on(isSecond(p.from()) ? secondId : whole.id()));
                } else
                    put.add(p.piece()
                            .named(ids.next(), Naming.nextMark(model, "P", 1))
                            .on(secondId));
            }
            return null;
        }

        private @Nullable Refusal addFittings() {
            for (Fitting f : model.all(Fitting.class)) {
                if (!(f.seat() instanceof Fitting.OnWall seat) || !seat.wall().equals(whole.id())) continue;
                Span there = solid.place(seat.placing(), f.widthMm());
                if (there == null) continue;
                if (isWithin(there.from(), there.to())) return inTheWay(Naming.of(f), f.id());
                put.add(f.seated(new Fitting.OnWall(
                        isSecond(there.from()) ? secondId : whole.id(),
                        seat.side(),
                        placed(seat.placing(), there.from(), there.to()))));
            }
            return null;
        }

        private @Nullable Refusal addStanding() {
            double half = Tolerance.SAME_MM;
            if (solid.standingWithin(s - half, s + half) instanceof Wall there)
                return inTheWay(Naming.of(there), there.id());
            for (WallEndRef ref : model.relations().endsOn(whole.id())) {
                Strip standing = building.strip(ref.wall().id());
                if (standing == null || !(ref.wall().at(ref.end()) instanceof WallEnd.OnSide side)) continue;
                if (!isSecond(strip.axis().s(standing.axis().at(ref.end())))) continue;
                WallEnd there = new WallEnd.OnSide(secondId, side.at(), side.reach());
                Wall now = put.stream()
                        .filter(e -> e.id().equals(ref.wall().id()))
                        .map(Wall.class::cast)
                        .findFirst()
                        .orElse(ref.wall());
                put.remove(now);
                put.add(now.withEnd(ref.end(), there));
            }
            return null;
        }

        /** Leaders that point into the second part. */
        private void addTargets() {
            for (Pointing n : Pointing.all(model)) {
                List<Target> targets =
                        n.leaders().targets().stream().map(this::pointed).toList();
                if (!targets.equals(n.leaders().targets()))
                    put.add(n.pointing(n.leaders().to(targets)));
            }
        }

        private Target pointed(Target target) {
            return target instanceof Target.InPly p && p.wall().equals(whole.id()) && isSecond(p.alongMm())
                    ? p.in(secondId, p.alongMm() - s)
                    : target;
        }

        private boolean isSecond(double place) {
            return place >= s - Tolerance.SAME_MM;
        }

        private boolean isWithin(double from, double to) {
            return from < s - Tolerance.SAME_MM && to > s + Tolerance.SAME_MM;
        }

        /** The same place in the part it lies in: what was not measured from an end of that is measured from the split. */
        private Placing placed(Placing was, double from, double to) {
            if (isSecond(from)) return Places.isFromEnd(was, End.END) ? was : Placing.from(End.START, from - s);
            return Places.isFromEnd(was, End.START) ? was : Placing.from(End.END, s - to);
        }

        private Refusal inTheWay(String what, ElementId id) {
            return Refusal.because(
                    "%s cannot be split there: the %s is in the way.".formatted(whole.mark(), what), whole.id(), id);
        }
    }
}
