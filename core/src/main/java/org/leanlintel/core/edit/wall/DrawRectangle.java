package org.leanlintel.core.edit.wall;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.feature.Gaps;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.Steps;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Gap;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Unusable;

/**
 * Draws walls round a rectangle: a footprint by its outside sizes, or a room by its clear ones. A side of a room along
 * which the finished face of a wall lies already gets no other wall; those beside it stand on that one.
 *
 * @param corner and {@code opposite} of the rectangle that was measured
 * @param radians how its sides are turned, counter-clockwise
 */
public record DrawRectangle(NewWall wall, Vec corner, Vec opposite, double radians, Sizes sizes) implements Edit {

    /** What the sizes are measured between. */
    public enum Sizes {
        /** Outer faces. */
        OUTSIDE,
        /** Inner faces. */
        INSIDE
    }

    private static final double LEAST_MM = 100;

    public DrawRectangle {
        if (!Double.isFinite(radians)) throw new Unusable("An angle must be a number.");
    }

    @Override
    public Set<ElementId> reads() {
        return wall.reads();
    }

    @Override
    public Outcome on(Building building) {
        Vec across = Vec.ofAngle(radians), up = across.left(), diagonal = opposite.minus(corner);
        double width = diagonal.dot(across), height = diagonal.dot(up);
        if (Math.abs(width) < LEAST_MM || Math.abs(height) < LEAST_MM)
            return Refusal.because("A rectangle of walls must be at least %d mm each way.".formatted((int) LEAST_MM));
        Vec low = corner.along(across, Math.min(width, 0)).along(up, Math.min(height, 0));
        Vec right = across.times(Math.abs(width)), over = up.times(Math.abs(height));
        List<Vec> ring = List.of(low, low.plus(right), low.plus(right).plus(over), low.plus(over));
        return new Walls(building, ring).draw();
    }

    /** The walls along a ring that runs counter-clockwise. */
    private final class Walls {

        private final Building building;
        private final List<Vec> ring;
        private final double outwards;
        private final List<@Nullable ElementId> hosts = new ArrayList<>();

        Walls(Building building, List<Vec> ring) {
            this.building = building;
            this.ring = ring;
            BuildUp buildUp = building.model().get(wall.buildUp(), BuildUp.class);
            double depth = wall.setOut().depthIn(buildUp);
            outwards = sizes == Sizes.OUTSIDE ? -depth : buildUp.thicknessMm() - depth;
            for (int side = 0; side < ring.size(); side++) hosts.add(sizes == Sizes.INSIDE ? host(side) : null);
        }

        Outcome draw() {
            Steps steps = new Steps(building);
            List<List<Pick>> runs = runs();
            if (runs.isEmpty()) return Refusal.because("Walls stand along all sides of that rectangle already.");
            boolean closed = hosts.stream().noneMatch(h -> h != null);
            for (List<Pick> picks : runs) {
                Refusal refusal = steps.then(new DrawWalls(wall.outside(Side.RIGHT), picks, closed));
                if (refusal != null) return refusal;
            }
            long drawn = hosts.stream().filter(h -> h == null).count();
            return steps.as(drawn == 1 ? "draw a wall" : "draw %d walls".formatted(drawn));
        }

        private List<List<Pick>> runs() {
            List<List<Pick>> runs = new ArrayList<>();
            int first = 0;
            while (first < ring.size() && hosts.get(first) == null) first++;
            if (first == ring.size()) return List.of(corners(0, ring.size()));
            for (int i = 1; i <= ring.size(); i++) {
                int side = (first + i) % ring.size(), before = (first + i - 1) % ring.size();
                if (hosts.get(side) == null && hosts.get(before) != null) runs.add(run(side, before));
            }
            return runs;
        }

        /** From the side of one wall that stands already round to the next. */
        private List<Pick> run(int side, int before) {
            List<Pick> picks = new ArrayList<>(List.of(onHost(ring.get(side), side, before)));
            int last = side;
            while (hosts.get((last + 1) % ring.size()) == null) {
                last = (last + 1) % ring.size();
                picks.add(corner(last));
            }
            int after = (last + 1) % ring.size();
            picks.add(onHost(ring.get(after), last, after));
            return picks;
        }

        private Pick onHost(Vec corner, int side, int hosted) {
            return new Pick(corner.plus(out(side)), new Hold.OnFace(hosts.get(hosted), 0));
        }

        private List<Pick> corners(int from, int count) {
            List<Pick> picks = new ArrayList<>();
            for (int i = from; i < from + count; i++) picks.add(corner(i));
            return picks;
        }

        /** Where the set-out lines of a side and the one before it meet. */
        private Pick corner(int side) {
            Vec at = ring.get(side).plus(out(side)).plus(out((side + ring.size() - 1) % ring.size()));
            return Pick.bare(at.x(), at.y());
        }

        private Vec out(int side) {
            return along(side).left().times(-outwards);
        }

        private Vec along(int side) {
            return ring.get((side + 1) % ring.size()).minus(ring.get(side)).unit();
        }

        /** A wall whose finished face towards the room lies along the whole of a side; null where none does. */
        private @Nullable ElementId host(int side) {
            Vec from = ring.get(side), to = ring.get((side + 1) % ring.size());
            for (Strip near : building.along(from, to, wall.storey()))
                if (building.solid(near.wall().id()) instanceof WallSolid solid && liesAlong(solid, from, to))
                    return near.wall().id();
            return null;
        }

        private boolean liesAlong(WallSolid solid, Vec from, Vec to) {
            Strip strip = solid.strip();
            Line line = strip.axis().chord();
            Vec way = to.minus(from).unit();
            if (!strip.axis().isStraight() || Math.abs(line.direction().cross(way)) > Tolerance.PARALLEL_SINE)
                return false;
            Side towards = line.direction().dot(way) > 0 ? Side.LEFT : Side.RIGHT;
            double one = line.along(from), two = line.along(to), middle = (one + two) / 2;
            double face = Gaps.face(solid, towards, middle, Gap.Faces.FINISH);
            boolean onFace = Math.abs(line.direction().cross(from.minus(line.through())) - face) < Tolerance.SAME_MM
                    && Math.abs(line.direction().cross(to.minus(line.through())) - face) < Tolerance.SAME_MM;
            double slack = strip.thickness() + Tolerance.SAME_MM;
            return onFace
                    && Math.min(one, two) >= solid.visible(End.START) - slack
                    && Math.max(one, two) <= solid.visible(End.END) + slack;
        }
    }
}
