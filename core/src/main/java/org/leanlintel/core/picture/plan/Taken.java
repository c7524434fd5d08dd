package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.derive.Cell;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.picture.PlanOf;
import org.leanlintel.core.picture.TakenBoxes;

/** The boxes that a plan takes up to some stage, to be asked for by place, with what was added since. */
final class Taken {

    private final PlanOf plan;
    private final Stage before;
    private final Building building;
    private final List<Bounds> added = new ArrayList<>();

    /** By all stages before one. */
    Taken(PlanOf plan, Stage before, Building building) {
        this.plan = plan;
        this.before = before;
        this.building = building;
    }

    void add(Bounds words) {
        added.add(words);
    }

    List<Bounds> added() {
        return List.copyOf(added);
    }

    /** The boxes of one stage that meet a square: the same while none there changes, whatever else becomes of what takes them. */
    private record In(PlanOf plan, Stage stage, Cell cell) implements Key<Boxes> {

        @Override
        public Boxes from(Reads reads) {
            Set<Bounds> things = new LinkedHashSet<>(), barred = new LinkedHashSet<>(), strings = new LinkedHashSet<>();
            for (OnPlan there : reads.lying(new Stage.Of(plan, stage), List.of(cell))) {
                Shows shows = reads.get(there);
                addMeeting(shows.things(), cell.bounds(), things);
                addMeeting(shows.barred(), cell.bounds(), barred);
                addMeeting(shows.strings(), cell.bounds(), strings);
            }
            return new Boxes(List.copyOf(things), List.copyOf(barred), List.copyOf(strings));
        }
    }

    private record Boxes(List<Bounds> things, List<Bounds> barred, List<Bounds> strings) {}

    TakenBoxes within(Bounds reach) {
        Set<Bounds> things = new HashSet<>(), barred = new HashSet<>(), strings = new HashSet<>();
        List<Cell> cells = Cell.of(reach);
        for (Stage stage : Stage.values()) {
            if (stage == before) break;
            for (Cell cell : cells) {
                Boxes there = building.get(new In(plan, stage, cell));
                addMeeting(there.things, reach, things);
                addMeeting(there.barred, reach, barred);
                addMeeting(there.strings, reach, strings);
            }
        }
        addMeeting(added, reach, barred);
        return new TakenBoxes(things, barred, strings);
    }

    /** Boxes of lines that it is better to keep clear of. */
    List<Bounds> lines(Bounds reach) {
        return DrawnLines.around(plan, building).near(reach).light();
    }

    private static void addMeeting(List<Bounds> boxes, Bounds reach, Set<Bounds> found) {
        for (Bounds b : boxes) if (b.meets(reach)) found.add(b);
    }
}
