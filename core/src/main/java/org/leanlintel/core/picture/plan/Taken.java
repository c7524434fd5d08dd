package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
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

    TakenBoxes within(Bounds reach) {
        Set<Bounds> things = new HashSet<>(), texts = new HashSet<>();
        for (Stage stage : Stage.values()) {
            if (stage == before) break;
            for (OnPlan there : building.lying(new Stage.Of(plan, stage), reach)) {
                Shows shows = building.get(there);
                addMeeting(shows.things(), reach, things);
                addMeeting(shows.texts(), reach, texts);
            }
        }
        addMeeting(added, reach, texts);
        return new TakenBoxes(things, texts);
    }

    private static void addMeeting(List<Bounds> boxes, Bounds reach, Set<Bounds> found) {
        for (Bounds b : boxes) if (b.meets(reach)) found.add(b);
    }
}
