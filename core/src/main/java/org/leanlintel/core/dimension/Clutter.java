package org.leanlintel.core.dimension;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.Leaf;
import org.leanlintel.core.building.PlacedFitting;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.PlacedSteps;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Stair;

/** What stands or swings on a storey that strings had better keep clear of. */
final class Clutter {

    private final List<Area> areas = new ArrayList<>();
    private final List<Bounds> boxes = new ArrayList<>();

    Clutter(Building building, ElementId storey) {
        for (Fitting f : building.model().all(Fitting.class))
            if (f.storey().equals(storey)
                    && f.stays()
                    && building.get(new PlacedFitting.Of(f.id())) instanceof PlacedFitting p) add(Area.of(p.outline()));
        for (Stair s : building.model().all(Stair.class))
            if (s.stays() && building.get(new BuiltStair.Of(s.id())) instanceof BuiltStair b) {
                if (s.storey().equals(storey)) add(b.plan().outline());
                else if (b.storeyAbove().id().equals(storey)) add(b.open());
            }
        for (Post p : building.model().relations().postsOf(storey)) add(Area.of(p.corners()));
        for (WallSolid solid : building.solidsOf(storey))
            for (PlacedOpening o : solid.openings())
                for (Leaf leaf : Leaf.of(solid.strip(), o)) add(Area.of(leaf.swept()));
        for (PlacedSteps s : building.stepsOf(storey)) add(Area.of(s.ring(0, s.reachMm())));
    }

    private void add(Area area) {
        if (area.isEmpty()) return;
        areas.add(area);
        boxes.add(area.bounds());
    }

    /** How much of a stretch is covered, millimetres, by what stands under it; each thing counts by itself. */
    double under(Vec from, Vec to) {
        double covered = 0;
        for (int i = 0; i < areas.size(); i++) {
            if (!boxes.get(i).isCrossedBy(from, to)) continue;
            for (List<Vec> part : areas.get(i).inside(List.of(List.of(from, to))))
                covered += part.getFirst().distanceTo(part.getLast());
        }
        return covered;
    }

    /** As far along a way out as anything stands that reaches past an outline there. */
    double furthest(Area outline, Vec out, double atLeast) {
        double furthest = atLeast;
        for (Area a : areas)
            for (List<Vec> ring : a.rings())
                for (Vec p : ring) if (!outline.covers(p)) furthest = Math.max(furthest, p.dot(out));
        return furthest;
    }
}
