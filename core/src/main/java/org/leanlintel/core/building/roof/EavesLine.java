package org.leanlintel.core.building.roof;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;

/** The outline of a roof with its overhangs: each side moved out by its own. */
record EavesLine(List<Side> sides) {

    /** One side. @param plate the side of what is covered that it belongs to; {@link #STEP} where overhangs differ in line */
    record Side(int plate, Vec from, Vec to) {}

    static final int STEP = -1;

    private record Moved(int plate, Vec at, Vec along) {

        Vec meets(Moved next) {
            double t = next.at.minus(at).cross(next.along) / along.cross(next.along);
            return at.along(along, t);
        }

        boolean isInLineWith(Moved next) {
            return Math.abs(along.cross(next.along)) < IN_LINE_SINE;
        }
    }

    private static final double IN_LINE_SINE = 1.7e-3;

    /** Sides that the overhang turns round are left out: jogs that it covers. */
    static EavesLine of(List<PlateEdge> plate) {
        List<Moved> moved = new ArrayList<>();
        for (int i = 0; i < plate.size(); i++) {
            PlateEdge e = plate.get(i);
            moved.add(new Moved(i, e.from().along(e.inwards(), -e.outMm()), e.direction()));
        }
        while (true) {
            EavesLine line = through(moved, plate);
            Integer turned = line.turned(plate);
            if (turned == null || moved.size() <= 3) return line;
            moved.removeIf(m -> m.plate == turned);
        }
    }

    private static EavesLine through(List<Moved> moved, List<PlateEdge> plate) {
        int n = moved.size();
        List<Side> sides = new ArrayList<>();
        List<Vec> starts = new ArrayList<>(), ends = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Moved now = moved.get(i), before = moved.get((i + n - 1) % n), next = moved.get((i + 1) % n);
            Vec corner = plate.get(now.plate).from(), far = plate.get(now.plate).to();
            starts.add(before.isInLineWith(now) ? onto(now, corner) : before.meets(now));
            ends.add(now.isInLineWith(next) ? onto(now, far) : now.meets(next));
        }
        for (int i = 0; i < n; i++) {
            sides.add(new Side(moved.get(i).plate, starts.get(i), ends.get(i)));
            Vec next = starts.get((i + 1) % n);
            if (ends.get(i).distanceTo(next) > Tolerance.SAME_MM) sides.add(new Side(STEP, ends.get(i), next));
        }
        return new EavesLine(sides);
    }

    private static Vec onto(Moved line, Vec p) {
        return line.at.along(line.along, p.minus(line.at).dot(line.along));
    }

    /** A side that runs the other way than it did, or has nothing left; null where none does. */
    private @Nullable Integer turned(List<PlateEdge> plate) {
        for (Side s : sides)
            if (s.plate != STEP && s.to.minus(s.from).dot(plate.get(s.plate).direction()) < Tolerance.SAME_MM)
                return s.plate;
        return null;
    }

    List<Vec> ring() {
        return sides.stream().map(Side::from).toList();
    }
}
