package org.leanlintel.core.edit.wall;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Marks;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;

/**
 * Draws a run of walls through picked points. An end picked on a face stands against that wall; an end picked on a
 * corner shares it; one that comes a hair short of a wall, or past it, stands against that. A wall drawn across another
 * becomes two that stand against it from either side; the thicker structure runs through. A run that closes has its
 * outside outside, whichever way round it was drawn.
 *
 * @param close whether the last point joins back to the first
 */
public record DrawWalls(NewWall wall, List<Pick> picks, boolean close) implements Edit {

    private static final int MOST_PICKS = 500;

    public DrawWalls {
        picks = List.copyOf(picks);
    }

    @Override
    public Set<ElementId> reads() {
        Set<ElementId> ids = wall.reads();
        for (Pick p : picks) {
            if (p.hold() instanceof Hold.OnFace f) ids.add(f.wall());
            if (p.hold() instanceof Hold.AtCorner c) ids.add(c.corner());
        }
        return ids;
    }

    @Override
    public Outcome on(Building building) {
        if (picks.size() < 2) return Refusal.because("A wall needs two points.");
        if (picks.size() > MOST_PICKS)
            return Refusal.because("A run may have %d points at most.".formatted(MOST_PICKS));
        if (close && picks.size() < 3) return Refusal.because("A run needs three points to close.");
        for (int i = 1; i < picks.size(); i++) {
            if (picks.get(i).at().distanceTo(picks.get(i - 1).at()) < Tolerance.SHORTEST_WALL_MM) {
                return Refusal.because(
                        "A wall must be at least %d mm long.".formatted((int) Tolerance.SHORTEST_WALL_MM));
            }
        }
        return new Run(building).draw();
    }

    /** One drawing of the run. */
    private final class Run {

        private final Building building;
        private final Model model;
        private final NewIds ids;
        private final Marks marks;
        private final NewWall made = close ? wall.outside(outsideOfRing()) : wall;
        private final List<Element> put = new ArrayList<>();
        private final List<Wall> walls = new ArrayList<>();

        Run(Building building) {
            this.building = building;
            model = building.model();
            ids = new NewIds(model);
            marks = new Marks(model);
        }

        private Side outsideOfRing() {
            double twice = 0;
            for (int i = 0; i < picks.size(); i++)
                twice += picks.get(i)
                        .at()
                        .cross(picks.get((i + 1) % picks.size()).at());
            return twice > 0 ? Side.RIGHT : Side.LEFT;
        }

        Outcome draw() {
            int last = picks.size() - 1;
            WallEnd first = outerEnd(picks.getFirst(), picks.get(1).at());
            if (close && !(first instanceof WallEnd.AtCorner))
                return Refusal.because("A run that starts against a wall cannot close on itself.");
            WallEnd from = first;
            for (int i = 1; i <= last; i++) {
                WallEnd to = i == last && !close
                        ? outerEnd(picks.get(i), picks.get(i - 1).at())
                        : corner(picks.get(i));
                leg(from, picks.get(i - 1).at(), to, picks.get(i).at());
                from = to;
            }
            if (close) leg(from, picks.getLast().at(), first, picks.getFirst().at());
            put.addAll(walls);
            return Change.to(
                    model,
                    walls.size() == 1
                            ? "draw wall " + walls.getFirst().mark()
                            : "draw %d walls".formatted(walls.size()),
                    put,
                    List.of());
        }

        /** @param from the pick next to it, where the wall comes from */
        private WallEnd outerEnd(Pick pick, Vec from) {
            Set<ElementId> along = Set.of();
            if (pick.hold() instanceof Hold.OnFace face) {
                if (!Attachment.runsAlong(building, face.wall(), from, pick.at()))
                    return new WallEnd.OnSide(face.wall(), pick.at(), wall.reach());
                along = Set.of(face.wall());
            }
            WallEnd meant = !(pick.hold() instanceof Hold.AtCorner) && !close
                    ? Attachment.meant(building, wall.storey(), from, pick.at(), wall.reach(), along)
                    : null;
            return meant == null ? corner(pick) : meant;
        }

        private WallEnd.AtCorner corner(Pick pick) {
            if (pick.hold() instanceof Hold.AtCorner c) return new WallEnd.AtCorner(c.corner());
            for (Strip near : building.near(pick.at(), wall.storey()))
                for (End end : End.values())
                    if (near.wall().at(end) instanceof WallEnd.AtCorner c
                            && Tolerance.same(near.axis().at(end), pick.at())) return c;
            Corner made = Corner.at(ids.next(), wall.storey(), pick.at());
            put.add(made);
            return new WallEnd.AtCorner(made.id());
        }

        private void leg(WallEnd from, Vec fromAt, WallEnd to, Vec toAt) {
            WallEnd start = from;
            for (Crossing crossing : crossings(from, fromAt, to, toAt)) {
                Vec place = fromAt.along(toAt.minus(fromAt).unit(), crossing.along());
                add(start, new WallEnd.OnSide(crossing.wall(), place, reachAcross(crossing.wall())));
                start = new WallEnd.OnSide(crossing.wall(), place, wall.reach());
            }
            add(start, to);
        }

        /** Where two structures cross, the thicker runs through. */
        private WallEnd.Reach reachAcross(ElementId crossed) {
            double own = model.get(wall.buildUp(), BuildUp.class).structureMm();
            double other = model.get(model.get(crossed, Wall.class).buildUp(), BuildUp.class)
                    .structureMm();
            boolean thicker = own > other + Tolerance.SAME_MM && wall.reach() == WallEnd.Reach.STRUCTURE;
            return thicker ? WallEnd.Reach.THROUGH : wall.reach();
        }

        private void add(WallEnd start, WallEnd end) {
            String mark = marks.next(model.settings().letters().walls());
            walls.add(made.between(ids.next(), mark, start, end));
        }

        /** Where the leg crosses the middle of a wall that it does not stand on. */
        private List<Crossing> crossings(WallEnd from, Vec fromAt, WallEnd to, Vec toAt) {
            Line leg = Line.between(fromAt, toAt);
            double length = fromAt.distanceTo(toAt);
            List<Crossing> found = new ArrayList<>();
            for (Strip strip : building.along(fromAt, toAt, wall.storey())) {
                Wall other = strip.wall();
                if (!other.isStraight() || !other.stays() || isHost(from, other) || isHost(to, other)) continue;
                Double along = leg.meets(strip.axis().chord());
                Double place = strip.axis().chord().meets(leg);
                if (along == null || place == null) continue;
                double deep = strip.hi() - strip.lo() + Tolerance.SHORTEST_WALL_MM;
                boolean crosses =
                        along > deep && along < length - deep && place > deep && place < strip.length() - deep;
                if (crosses) found.add(new Crossing(other.id(), along));
            }
            found.sort(Comparator.comparingDouble(Crossing::along));
            return found;
        }

        private static boolean isHost(WallEnd end, Wall wall) {
            return end instanceof WallEnd.OnSide s && s.wall().equals(wall.id());
        }
    }

    private record Crossing(ElementId wall, double along) {}
}
