package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.BoxGrid;
import org.leanlintel.core.geometry.NearestFirst;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.picture.TakenBoxes;

/**
 * Leaders from labels outside a room to a free place in it: straight where one crosses nothing, with one bend where that crosses
 * less.
 */
final class RoomLeaders {

    /** On paper: how far the dot at a leader's end keeps from what stands in the room, and between places it is tried at. */
    private static final double DOT_CLEAR = 1.4, DOT_STEP = 4;
    /** On paper: between places that a leader may bend at, how far round the room they lie, and what they keep off all that is drawn. */
    private static final double BEND_STEP = 5, BENDS = 40, BEND_CLEAR = 0.5;
    /** On paper: what a leader costs for a line that it crosses, for what it should not cross, and for a bend. */
    private static final double LINE = 10, BARRED = 60, BEND = 8;

    /** On paper: the squares that what is drawn round a room is looked up by. */
    private static final double SQUARE = 5;

    private final RoomSpace space;
    private final BoxGrid lines, barred;
    private final double scale;
    private final List<Dot> dots;
    private @Nullable List<Bend> bends;

    /** @param taken all that is drawn about the room; @param scale model millimetres to one of paper */
    RoomLeaders(RoomSpace space, TakenBoxes taken, double scale) {
        this.space = space;
        this.scale = scale;
        lines = new BoxGrid(taken.things(), SQUARE * scale);
        barred = new BoxGrid(taken.barred(), SQUARE * scale);
        dots = dots();
    }

    /** @param line from the label to the dot; @param cost of what it crosses, in model millimetres */
    record Leader(List<Vec> line, double cost) {}

    /** Where a leader may end. @param isFree whether nothing stands there */
    private record Dot(Vec at, boolean isFree) {}

    /** Where a leader may bend, and the free dot it goes on to. @param length of that part; @param cost for what it crosses */
    private record Bend(Vec at, Vec dot, double length, double cost) {}

    /** Whether nothing is drawn within a box. */
    boolean isFree(Bounds box) {
        return !lines.isMetBy(box) && !barred.isMetBy(box);
    }

    /** One that crosses nothing that is barred, the shortest with what it costs otherwise, below some cost. */
    @Nullable
    Leader clean(Bounds box, double below) {
        Leader straight = shortest(box, false, below);
        if (straight != null && straight.cost() == 0) return straight;
        Leader bent = bent(box, straight == null ? below : Math.min(below, straight.cost()));
        return bent == null ? straight : bent;
    }

    /** Of all straight ones, one that costs least for what it crosses, and the shortest of those, below some cost. */
    @Nullable
    Leader least(Bounds box, double below) {
        return shortest(box, true, below);
    }

    private @Nullable Leader shortest(Bounds box, boolean barredToo, double below) {
        Leader best = null;
        double least = Double.POSITIVE_INFINITY;
        for (Dot dot : dots) {
            if (!dot.isFree() && !barredToo || box.squaredTo(dot.at()) >= least * least) continue;
            Vec from = nearest(box, dot.at());
            double length = from.distanceTo(dot.at()), room = Math.min(below, least - length);
            double cost = (dot.isFree() ? 0 : BARRED * scale) + crossing(from, dot.at(), barredToo, room);
            if (cost >= room) continue;
            least = cost + length;
            best = new Leader(List.of(from, dot.at()), cost);
        }
        return best;
    }

    /** What a line costs for all that it crosses; endless where that is what it may not, or more than some. */
    private double crossing(Vec from, Vec to, boolean barredToo, double below) {
        int most = barredToo ? (int) (below / (BARRED * scale)) : 0;
        int hit = barred.crossed(from, to, most);
        if (hit > most) return Double.POSITIVE_INFINITY;
        double cost = hit * BARRED * scale;
        int more = (int) ((below - cost) / (LINE * scale));
        int crossed = lines.crossed(from, to, more);
        return crossed > more ? Double.POSITIVE_INFINITY : cost + crossed * LINE * scale;
    }

    private @Nullable Leader bent(Bounds box, double below) {
        Leader best = null;
        double least = Double.POSITIVE_INFINITY;
        for (Bend bend : bends()) {
            double rest = bend.cost() + BEND * scale;
            if (rest >= below || bend.length() >= least || box.covers(bend.at())) continue;
            Vec from = nearest(box, bend.at());
            double length = from.distanceTo(bend.at()) + bend.length();
            boolean turnsBack = bend.at().minus(from).dot(bend.dot().minus(bend.at())) < 0;
            if (turnsBack || length >= least) continue;
            double cost = rest + crossing(from, bend.at(), false, Math.min(below, least - length) - rest);
            if (cost >= below || length + cost >= least) continue;
            least = length + cost;
            best = new Leader(List.of(from, bend.at(), bend.dot()), cost);
        }
        return best;
    }

    /** The middle of the room, and places all over it. */
    private List<Dot> dots() {
        Vec middle = space.net().middle();
        List<Dot> all = new ArrayList<>(List.of(new Dot(middle, isFree(round(middle, DOT_CLEAR)))));
        for (Vec at : new NearestFirst(middle, space.bounds(), DOT_STEP * scale))
            if (space.net().covers(round(at, DOT_CLEAR))) all.add(new Dot(at, isFree(round(at, DOT_CLEAR))));
        return all;
    }

    /** Those from which some free dot is seen, with the nearest such. */
    private List<Bend> bends() {
        List<Bend> known = bends;
        if (known != null) return known;
        List<Bend> found = new ArrayList<>();
        for (Vec at : new NearestFirst(space.net().middle(), space.bounds().grown(BENDS * scale), BEND_STEP * scale)) {
            if (!isFree(round(at, BEND_CLEAR))) continue;
            Bend best = null;
            double least = Double.POSITIVE_INFINITY;
            for (Dot d : dots) {
                double length = at.distanceTo(d.at());
                if (!d.isFree() || length < DOT_CLEAR * scale || length >= least) continue;
                double cost = crossing(at, d.at(), false, least - length);
                if (length + cost >= least) continue;
                least = length + cost;
                best = new Bend(at, d.at(), length, cost);
            }
            if (best != null) found.add(best);
        }
        return bends = found;
    }

    private Bounds round(Vec at, double clear) {
        double by = clear * scale;
        return new Bounds(at.x() - by, at.y() - by, at.x() + by, at.y() + by);
    }

    private static Vec nearest(Bounds box, Vec to) {
        return new Vec(
                Math.max(box.minX(), Math.min(to.x(), box.maxX())), Math.max(box.minY(), Math.min(to.y(), box.maxY())));
    }
}
