package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.derive.Cell;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Member;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.derive.Spread;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.PlanOf;
import org.leanlintel.core.picture.annotate.Around;
import org.leanlintel.core.picture.wall.DrawnWall;

/** What one thing draws in a plan where it stands, for the figures of dimension strings to keep clear of. */
record DrawnLines(PlanOf plan, ElementId element) implements Member<Around.Near>, Comparable<DrawnLines> {

    /** A wall that runs askew or round is as many boxes as it has such lengths. */
    private static final double PIECE_MM = 300;

    private static final int MOST_PIECES = 64;

    /** All of a plan but its dimensions. */
    record Of(PlanOf plan) implements Spread<DrawnLines> {
        @Override
        public Collection<DrawnLines> members(Element element) {
            return new Stage.Of(plan, Stage.STANDING).members(element).isEmpty()
                    ? List.of()
                    : List.of(new DrawnLines(plan, element.id()));
        }
    }

    /** What lies in one square: the same while nothing there changes, whatever else becomes of what draws it. */
    private record In(PlanOf plan, Cell cell) implements Key<Around.Near> {
        @Override
        public Around.Near from(Reads reads) {
            List<Around.Near> all = new ArrayList<>();
            for (DrawnLines there : reads.lying(new Of(plan), List.of(cell))) all.add(reads.get(there));
            return Around.Near.within(cell.bounds(), all);
        }
    }

    /** What a plan draws, by place. */
    static Around around(PlanOf plan, Building building) {
        return reach -> Around.Near.within(
                reach,
                Cell.of(reach).stream()
                        .map(cell -> building.get(new In(plan, cell)))
                        .toList());
    }

    @Override
    public Around.Near from(Reads reads) {
        Building building = Building.in(reads);
        Look look = plan.look(building);
        double scale = look.drawing().scale();
        Element what = building.model().find(element);
        if (!(what instanceof Wall))
            return Around.Near.of(
                    reads.get(new OnPlan(plan, Stage.STANDING, element)).groups(), scale);
        DrawnWall wall = reads.get(new DrawnWall.Of(plan, element));
        if (wall == null || look.lens().roofs() == Lens.Roofs.FROM_ABOVE) return Around.Near.NOTHING;
        Strip strip = building.strip(element);
        if (strip == null || !look.cuts(strip.wall())) return Around.Near.of(wall.groups(), scale);
        Around.Near in = Around.Near.of(wall.groups().subList(1, wall.groups().size()), scale);
        List<Bounds> solid = new ArrayList<>(in.solid());
        solid.addAll(through(strip));
        return new Around.Near(solid, in.light());
    }

    /** What a wall takes from face to face. */
    private static List<Bounds> through(Strip strip) {
        Bounds all = Bounds.of(strip.ring(0, strip.length(), strip.lo(), strip.hi()));
        double thick = strip.hi() - strip.lo(), least = Math.min(all.width(), all.height());
        boolean square = strip.axis().isStraight() && least <= thick + 1;
        int pieces = square ? 1 : (int) Math.clamp(Math.ceil(strip.length() / PIECE_MM), 1, MOST_PIECES);
        List<Bounds> boxes = new ArrayList<>();
        for (int i = 0; i < pieces; i++)
            boxes.add(Bounds.of(strip.ring(
                    strip.length() * i / pieces, strip.length() * (i + 1) / pieces, strip.lo(), strip.hi())));
        return boxes;
    }

    @Override
    public Spread<?> spread() {
        return new Of(plan);
    }

    @Override
    public Collection<Cell> cells(Around.Near near) {
        Set<Cell> cells = new LinkedHashSet<>();
        for (Bounds b : near.solid()) cells.addAll(Cell.of(b));
        for (Bounds b : near.light()) cells.addAll(Cell.of(b));
        return cells;
    }

    @Override
    public int compareTo(DrawnLines other) {
        return element.compareTo(other.element);
    }
}
