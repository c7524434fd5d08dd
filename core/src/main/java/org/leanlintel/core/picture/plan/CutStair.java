package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.body.CornerNewels;
import org.leanlintel.core.building.body.TurnRail;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.StairMake;
import org.leanlintel.core.stair.StairPlan.Flight;
import org.leanlintel.core.stair.StairPlan.Of;
import org.leanlintel.core.stair.StairPlan.Riser;
import org.leanlintel.core.stair.StairPlan.Tread;

/**
 * The lines of a stair in plan, parted where a plan cuts it.
 *
 * @param lines all of them
 * @param area what lies below the cut, on the storey it starts from
 * @param below the parts of lines that lie there
 * @param over those that do not
 * @param voidEdges the edges of the void over it, but for those
 */
record CutStair(
        List<List<Vec>> lines, Area area, List<List<Vec>> below, List<List<Vec>> over, List<List<Vec>> voidEdges) {

    private static final CutStair NOTHING = new CutStair(List.of(), Area.NONE, List.of(), List.of(), List.of());

    /** @param cutMm over the floor it starts from; @param scale of the drawing */
    record At(ElementId stair, double cutMm, double scale) implements Key<CutStair> {

        @Override
        public CutStair from(Reads reads) {
            Building building = Building.in(reads);
            BuiltStair built = building.get(new BuiltStair.Of(stair));
            return built == null ? NOTHING : of(built, cutMm, scale, building.get(new CornerNewels.Of(stair)));
        }
    }

    private static CutStair of(BuiltStair stair, double cutMm, double scale, List<BuiltStair.Newel> newels) {
        List<List<Vec>> lines = lines(stair, scale), voidEdges = new ArrayList<>();
        for (BuiltStair.Newel n : newels) lines.add(closed(n.ring()));
        Area below = belowCut(stair, cutMm);
        for (List<Vec> ring : stair.open().rings()) voidEdges.addAll(below.outside(List.of(ring)));
        return new CutStair(lines, below, below.inside(lines), below.outside(lines), voidEdges);
    }

    /** How far its break line runs aslant to each side of where it is cut. */
    static double slantMm(BuiltStair stair) {
        return stair.stair().widthMm() * 0.2;
    }

    /** What lies below the cut, of a stair from the storey drawn. */
    private static Area belowCut(BuiltStair stair, double cut) {
        double rise = stair.plan().sum().riserMm();
        List<Area> below = new ArrayList<>();
        for (Flight f : stair.plan().flights()) {
            double along = (cut / rise - f.first()) * stair.plan().sum().goingMm(), slant = slantMm(stair);
            List<Vec> ring = clipped(stair, f, along - slant, along + slant);
            if (ring.size() > 2) below.add(Area.of(ring));
        }
        for (Tread t : stair.plan().treads())
            if (t.of() != Of.FLIGHT && t.number() * rise <= cut) below.add(Area.of(t.ring()));
        return below.isEmpty() ? Area.NONE : Area.union(below);
    }

    /** A flight from its foot to a line across it, given where that meets its left and its right edge. */
    private static List<Vec> clipped(BuiltStair stair, Flight f, double atLeft, double atRight) {
        double w = stair.stair().widthMm(), length = f.lengthMm();
        if (atLeft >= length && atRight >= length)
            return List.of(f.at(0, w), f.at(length, w), f.at(length, 0), f.at(0, 0));
        if (atLeft <= 0 && atRight <= 0) return List.of();
        Area whole = Area.of(List.of(f.at(0, w), f.at(length, w), f.at(length, 0), f.at(0, 0)));
        double far = -2 * length - 2 * w;
        Area lower = Area.of(List.of(f.at(far, w), f.at(atRight, w), f.at(atLeft, 0), f.at(far, 0)));
        Area both = whole.and(lower);
        return both.isEmpty() ? List.of() : both.rings().getFirst();
    }

    private static List<List<Vec>> lines(BuiltStair stair, double scale) {
        List<List<Vec>> lines = new ArrayList<>();
        for (Riser r : stair.plan().risers()) lines.add(List.of(r.left(), r.right()));
        double w = stair.stair().widthMm();
        StairMake make = stair.stair().make();
        for (Flight f : stair.plan().flights()) {
            if (f.lengthMm() < 1) continue;
            for (double across : List.of(0.0, w)) lines.add(List.of(f.at(0, across), f.at(f.lengthMm(), across)));
            if (make.strings() == StairMake.Strings.CLOSED && make.stringMm() / scale > 0.4)
                for (double across : List.of(make.stringMm(), w - make.stringMm()))
                    lines.add(List.of(f.at(0, across), f.at(f.lengthMm(), across)));
            for (double across : stair.railsAt(stair.railInMm(), w - stair.railInMm()))
                lines.add(List.of(f.at(0, across), f.at(f.lengthMm(), across)));
        }
        for (TurnRail r : TurnRail.of(stair)) lines.add(r.line());
        for (Tread t : stair.plan().treads()) if (t.of() != Of.FLIGHT) lines.add(closed(t.ring()));
        for (BuiltStair.Newel n : stair.newels()) lines.add(closed(n.ring()));
        return lines;
    }

    private static List<Vec> closed(List<Vec> ring) {
        List<Vec> closed = new ArrayList<>(ring);
        closed.add(ring.getFirst());
        return closed;
    }
}
