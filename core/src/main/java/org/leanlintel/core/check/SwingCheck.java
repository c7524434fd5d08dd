package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.Leaf;
import org.leanlintel.core.building.PlacedFitting;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.StairPart;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.check.StoreyFittings.Obstacle;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Stair;

/** Leaves that strike a fitting, a wall, a stair or another leaf on their way to standing open at a right angle, or open over a void. */
final class SwingCheck {

    /** Square millimetres. A leaf may brush by this much before it strikes. */
    private static final double BRUSH_MM2 = 3000;

    private record Swept(Opening opening, Area area, Bounds bounds, ElementId wall) {}

    private final StoreyFittings fittings;
    private final Building building;
    private final List<Finding> findings = new ArrayList<>();

    SwingCheck(StoreyFittings fittings) {
        this.fittings = fittings;
        building = fittings.building();
    }

    List<Finding> findings() {
        List<Swept> leaves = leaves();
        for (int i = 0; i < leaves.size(); i++) {
            Swept leaf = leaves.get(i);
            for (PlacedFitting p : fittings.all()) fitting(leaf, p);
            for (Obstacle wall : fittings.walls(leaf.bounds()))
                if (!wall.element().equals(leaf.wall())) strikes(leaf, wall.area(), wall.words(), wall.element());
            for (int k = i + 1; k < leaves.size(); k++) other(leaf, leaves.get(k));
            for (Stair s : building.model().all(Stair.class))
                if (BuiltStair.find(s, building.model()) instanceof BuiltStair stair) stair(leaf, stair);
        }
        return findings;
    }

    /** One that starts here stands in the way of a leaf where it is not wholly over it; one that arrives leaves a void. */
    private void stair(Swept leaf, BuiltStair stair) {
        String mark = stair.stair().mark();
        if (stair.stair().storey().equals(fittings.storey())) {
            List<Area> lower = StairPart.of(stair).stream()
                    .filter(part -> isLowerThan(leaf, part))
                    .map(StairPart::area)
                    .toList();
            strikes(leaf, Area.union(lower), mark, stair.stair().id());
        } else if (stair.storeyAbove().id().equals(fittings.storey()))
            opens(
                    leaf,
                    stair.open(),
                    "The leaf of %s opens over the void of %s.",
                    mark,
                    stair.stair().id());
    }

    private boolean isLowerThan(Swept leaf, StairPart part) {
        double head =
                building.space(fittings.storey()).levelMm() + leaf.opening().headMm();
        return leaf.area().and(part.area()).rings().stream()
                .flatMap(List::stream)
                .anyMatch(p -> part.under().at(p) < head);
    }

    private List<Swept> leaves() {
        List<Swept> leaves = new ArrayList<>();
        for (WallSolid solid : building.solidsOf(fittings.storey())) {
            if (!solid.strip().wall().stays()) continue;
            for (PlacedOpening o : solid.openings()) {
                for (Leaf leaf : Leaf.of(solid.strip(), o)) {
                    List<Vec> ring = leaf.swept();
                    leaves.add(new Swept(
                            o.opening(),
                            Area.of(ring),
                            Bounds.of(ring),
                            solid.strip().wall().id()));
                }
            }
        }
        return leaves;
    }

    private void fitting(Swept leaf, PlacedFitting p) {
        boolean below = p.symbol().lowMm() < leaf.opening().headMm();
        if (below && Bounds.of(p.outline()).meets(leaf.bounds()))
            strikes(
                    leaf,
                    Area.of(p.outline()),
                    StoreyFittings.name(p),
                    p.fitting().id());
    }

    private void other(Swept leaf, Swept other) {
        boolean pair = leaf.opening().id().equals(other.opening().id());
        if (!pair && leaf.bounds().meets(other.bounds()))
            strikes(
                    leaf,
                    other.area(),
                    "the leaf of " + other.opening().mark(),
                    other.opening().id());
    }

    private void strikes(Swept leaf, Area what, String words, ElementId id) {
        opens(leaf, what, "The leaf of %s strikes %s on its way open.", words, id);
    }

    private void opens(Swept leaf, Area over, String sentence, String words, ElementId id) {
        Area shared = leaf.area().and(over);
        if (shared.mm2() <= BRUSH_MM2) return;
        findings.add(new Finding(
                Finding.Kind.SWING,
                sentence.formatted(leaf.opening().mark(), words),
                "Hang it at the other side, let it open the other way, or move what it strikes.",
                List.of(leaf.opening().id(), id),
                fittings.storey(),
                shared.bounds().centre(),
                ""));
    }
}
