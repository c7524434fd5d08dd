package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
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

    /** On paper: how far the dot at a leader's end keeps from what stands in the room. */
    private static final double DOT_CLEAR = 1.4;
    /** On paper: how near to each other places are at which a leader is tried to end, or to bend; there are about so many of them at most. */
    private static final double STEP = 4;

    private static final int DOTS = 400, BENT_AT = 250;
    /** On paper: how far round the room a leader may bend, and what a bend keeps off all that is drawn. */
    private static final double BENDS = 40, BEND_CLEAR = 0.5;
    /** On paper: what a leader costs for a line that it crosses, for what it should not cross, and for a bend. */
    private static final double LINE = 10, BARRED = 60, BEND = 8;

    /** On paper: the squares that what is drawn round a room is looked up by. */
    private static final double SQUARE = 5;

    private final RoomSpace space;
    private final BoxGrid lines, barred;
    private final double scale;
    /** Where a leader may end; nothing stands there but where nowhere is free. */
    private final List<Vec> dots;

    private @Nullable List<Bend> bends;

    /** @param taken all that is drawn about the room; @param scale model millimetres to one of paper */
    RoomLeaders(RoomSpace space, TakenBoxes taken, double scale) {
        this.space = space;
        this.scale = scale;
        lines = new BoxGrid(taken.things(), SQUARE * scale);
        Set<Bounds> all = new HashSet<>(taken.barred());
        all.addAll(taken.strings());
        barred = new BoxGrid(all, SQUARE * scale);
        dots = dots();
    }

    /** @param line from the label to the dot; @param cost its length, with what it costs for all that it crosses, in model millimetres */
    record Leader(List<Vec> line, double cost) {}

    /** Where a leader may bend, and the free dot it goes on to. @param cost of that part */
    private record Bend(Vec at, Vec dot, double cost) {}

    /** Whether nothing is drawn within a box. */
    boolean isFree(Bounds box) {
        return !lines.isMetBy(box) && !barred.isMetBy(box);
    }

    /** One that crosses nothing that is barred and costs least, below some cost. */
    @Nullable
    Leader clean(Bounds box, double below) {
        Leader straight = straight(box, false, below);
        Leader bent = bent(box, straight == null ? below : straight.cost());
        return bent == null ? straight : bent;
    }

    /** Of all straight ones the one that costs least, below some cost. */
    @Nullable
    Leader least(Bounds box, double below) {
        return straight(box, true, below);
    }

    private @Nullable Leader straight(Bounds box, boolean barredToo, double below) {
        Leader best = null;
        double least = below;
        for (Vec dot : dots) {
            if (box.squaredTo(dot) >= least * least) continue;
            Vec from = nearest(box, dot);
            double length = from.distanceTo(dot), cost = length + crossing(from, dot, barredToo, least - length);
            if (cost >= least) continue;
            least = cost;
            best = new Leader(List.of(from, dot), cost);
        }
        return best;
    }

    /** What a line costs for all that it crosses; endless where that is what it may not, or more than some. */
    private double crossing(Vec from, Vec to, boolean barredToo, double below) {
        if (below <= 0) return Double.POSITIVE_INFINITY;
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
        double least = below;
        for (Bend bend : bends()) {
            double cost = bend.cost() + BEND * scale;
            if (cost >= least || box.covers(bend.at())) continue;
            Vec from = nearest(box, bend.at());
            cost += from.distanceTo(bend.at());
            if (cost >= least || turnsBack(from, bend)) continue;
            cost += crossing(from, bend.at(), false, least - cost);
            if (cost >= least) continue;
            least = cost;
            best = new Leader(List.of(from, bend.at(), bend.dot()), cost);
        }
        return best;
    }

    private static boolean turnsBack(Vec from, Bend bend) {
        return bend.at().minus(from).dot(bend.dot().minus(bend.at())) < 0;
    }

    /** The free places of the room, the nearest to its middle first; the middle where there is none. */
    private List<Vec> dots() {
        List<Vec> free = new ArrayList<>();
        for (Vec at : places(space.bounds(), DOTS)) {
            Bounds round = round(at, DOT_CLEAR);
            if (isFree(round) && space.net().covers(round)) free.add(at);
        }
        return free.isEmpty() ? List.of(space.middle()) : free;
    }

    /** The nearest to the middle of the room first. */
    private NearestFirst places(Bounds within, int most) {
        double step = Math.max(STEP * scale, Math.sqrt(within.width() * within.height() / most));
        return new NearestFirst(space.middle(), within, step);
    }

    /** Those from which some free dot is seen, with the nearest such. */
    private List<Bend> bends() {
        List<Bend> known = bends;
        if (known != null) return known;
        List<Bend> found = new ArrayList<>();
        for (Vec at : places(space.bounds().grown(BENDS * scale), BENT_AT)) {
            if (!isFree(round(at, BEND_CLEAR))) continue;
            Bend best = null;
            double least = Double.POSITIVE_INFINITY;
            for (Vec dot : dots) {
                double cost = at.distanceTo(dot);
                if (cost < DOT_CLEAR * scale || cost >= least) continue;
                cost += crossing(at, dot, false, least - cost);
                if (cost >= least) continue;
                least = cost;
                best = new Bend(at, dot, cost);
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
