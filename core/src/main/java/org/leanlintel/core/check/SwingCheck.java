package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.Leaf;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.building.body.StairPart;
import org.leanlintel.core.check.Obstacles.Obstacle;
import org.leanlintel.core.derive.Cell;
import org.leanlintel.core.derive.Member;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.derive.Spread;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Wall;

/** Leaves that strike a fitting, a wall, a stair or another leaf on their way to standing open at a right angle, or open over a void. */
final class SwingCheck {

    /** Square millimetres. A leaf may brush by this much before it strikes. */
    private static final double BRUSH_MM2 = 3000;

    /** What a leaf passes over. @param nth of its wall */
    private record Swept(Opening opening, Area area, Bounds bounds, ElementId wall, int nth) {}

    /** What the leaves of a wall pass over; nothing where it is to be removed. */
    private record Leaves(ElementId wall) implements Member<List<Swept>>, Comparable<Leaves> {

        @Override
        public List<Swept> from(Reads reads) {
            List<Swept> leaves = new ArrayList<>();
            WallSolid solid = Building.in(reads).solid(wall);
            if (solid == null || !solid.strip().wall().stays()) return leaves;
            for (PlacedOpening o : solid.openings())
                for (Leaf leaf : Leaf.of(solid.strip(), o)) {
                    List<Vec> ring = leaf.swept();
                    leaves.add(new Swept(o.opening(), Area.of(ring), Bounds.of(ring), wall, leaves.size()));
                }
            return leaves;
        }

        @Override
        public Spread<?> spread() {
            return Everywhere.ALL;
        }

        @Override
        public Collection<Cell> cells(List<Swept> leaves) {
            Set<Cell> cells = new LinkedHashSet<>();
            for (Swept s : leaves) cells.addAll(Cell.of(s.bounds()));
            return cells;
        }

        @Override
        public int compareTo(Leaves other) {
            return wall.compareTo(other.wall);
        }
    }

    /** Leaves by where they swing. */
    private enum Everywhere implements Spread<Leaves> {
        ALL;

        @Override
        public Collection<Leaves> members(Element element) {
            return element instanceof Wall w ? List.of(new Leaves(w.id())) : List.of();
        }
    }

    private final Building building;
    private final ElementId storey;
    private final Obstacles there;
    private final List<Finding> findings = new ArrayList<>();

    SwingCheck(Building building, ElementId storey) {
        this.building = building;
        this.storey = storey;
        there = new Obstacles(building, storey);
    }

    /** With the leaves of a wall. */
    List<Finding> findings(ElementId wall) {
        if (!(building.model().find(wall) instanceof Wall w) || !w.storey().equals(storey)) return findings;
        for (Swept leaf : building.get(new Leaves(wall))) {
            for (PlacedFitting p : PlacedFitting.near(building, storey, leaf.bounds())) fitting(leaf, p);
            for (Obstacle o : there.walls(leaf.bounds()))
                if (!o.element().equals(wall)) strikes(leaf, o.area(), o.words(), o.element());
            for (Leaves near : building.lying(Everywhere.ALL, leaf.bounds()))
                if (near.wall().compareTo(wall) >= 0 && isHere(near.wall()))
                    for (Swept other : building.get(near))
                        if (!near.wall().equals(wall) || other.nth() > leaf.nth()) other(leaf, other);
            for (Stair s : building.model().all(Stair.class))
                if (s.stays() && building.get(new BuiltStair.Of(s.id())) instanceof BuiltStair stair)
                    stair(leaf, stair);
        }
        return findings;
    }

    private boolean isHere(ElementId wall) {
        return building.model().get(wall, Wall.class).storey().equals(storey);
    }

    /** One that starts here stands in the way of a leaf where it is not wholly over it; one that arrives leaves a void. */
    private void stair(Swept leaf, BuiltStair stair) {
        String mark = stair.stair().mark();
        if (stair.stair().storey().equals(storey)) {
            List<Area> lower = StairPart.of(stair).stream()
                    .filter(part -> isLowerThan(leaf, part))
                    .map(StairPart::area)
                    .toList();
            strikes(leaf, Area.union(lower), mark, stair.stair().id());
        } else if (stair.storeyAbove().id().equals(storey))
            opens(
                    leaf,
                    stair.open(),
                    "The leaf of %s opens over the void of %s.",
                    mark,
                    stair.stair().id());
    }

    private boolean isLowerThan(Swept leaf, StairPart part) {
        double head = building.space(storey).levelMm() + leaf.opening().headMm();
        return leaf.area().and(part.area()).rings().stream()
                .flatMap(List::stream)
                .anyMatch(p -> part.under().at(p) < head);
    }

    private void fitting(Swept leaf, PlacedFitting p) {
        boolean below = p.symbol().lowMm() < leaf.opening().headMm();
        if (below)
            strikes(leaf, Area.of(p.outline()), Obstacles.name(p), p.fitting().id());
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
                storey,
                shared.bounds().centre(),
                ""));
    }
}
