package org.leanlintel.core.dimension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.HouseOfTwo;
import org.leanlintel.core.RoofedHouse;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.edit.dimension.DimensionPlan;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Site;

/** A section through a house of two storeys, 2,600 from floor to floor, and a window in its south wall, dimensioned by one command. */
class SectionStringsTest {

    private static final Scheme SCHEME =
            new Scheme(Scheme.Walls.FINISH, Scheme.Walls.FINISH, Scheme.Openings.EDGES, 12, 8);

    private final HouseOfTwo house = new HouseOfTwo();
    private final Sketch sketch = house.sketch;

    /** From the south up, looking east: the south wall lies to the right. */
    private ElementId section() {
        sketch.window(house.shell.get(3), 2500, 1000, 900, 1200);
        return sketch.section(new Vec(3000, -500), new Vec(3000, 4500), Side.RIGHT, 20_000);
    }

    private DimensionPlan command(ElementId section, Facing... sides) {
        return new DimensionPlan(section, Sketch.LAYER, List.of(sides), false, List.of(), SCHEME);
    }

    /** Of each string across or up, from left to right or from the bottom, its parts. */
    private List<List<Long>> parts(boolean up) {
        List<List<Long>> all = new ArrayList<>();
        sketch.model().all(DimensionString.class).stream()
                .filter(s -> Math.abs(s.direction().y()) > 0.5 == up)
                .sorted(Comparator.comparingDouble(s -> up ? s.at().x() : s.at().y()))
                .forEach(s -> {
                    List<HeldPoints.Held> points = HeldPoints.along(s, sketch.building());
                    List<Long> parts = new ArrayList<>();
                    for (int i = 1; i < points.size(); i++)
                        parts.add(Math.round(
                                points.get(i).position() - points.get(i - 1).position()));
                    all.add(parts);
                });
        return all;
    }

    /** The ground lies 150 under the floor. At the left floor to floor, then every level; at the right the window. */
    @Test
    void levelsStandAtItsSidesAndWallsAcrossItsFoot() {
        sketch.put(new Site(Site.ID, "", 0, -150));
        ElementId section = section();
        sketch.run(command(section, Facing.values()));
        assertThat(parts(true))
                .containsExactly(List.of(2600L, 2500L), List.of(150L, 2350L, 250L, 2500L), List.of(900L, 1200L));
        assertThat(parts(false)).containsExactly(List.of(4000L), List.of(290L, 3420L, 290L));
    }

    /** What is cut at the left is told nearest to it, and the levels stand one row further out. */
    @Test
    void openingsOfBothSidesAreTold() {
        sketch.window(house.shell.get(1), 2500, 1000, 800, 1300);
        ElementId section = section();
        sketch.run(command(section, Facing.values()));
        assertThat(parts(true))
                .containsExactly(
                        List.of(2600L, 2500L), List.of(2350L, 250L, 2500L), List.of(800L, 1300L), List.of(900L, 1200L));
        assertThat(sketch.refusal(command(section, Facing.values())))
                .isEqualTo("All that was asked for is dimensioned already.");
    }

    /** As far out from an overhang of 300 as from the wall where there is none. */
    @Test
    void levelsStandClearOfOverhangs() {
        RoofedHouse roofed = new RoofedHouse();
        roofed.gabled();
        assertThat(nearest(roofed.sketch)).isCloseTo(nearest(sketch) - 300, within(0.01));
    }

    /** Where the string at the left stands that is nearest to the house. */
    private double nearest(Sketch of) {
        ElementId section = of.section(new Vec(3000, -500), new Vec(3000, 4500), Side.RIGHT, 20_000);
        of.run(command(section, Facing.LEFT));
        return of.model().all(DimensionString.class).stream()
                .mapToDouble(s -> s.at().x())
                .max()
                .orElseThrow();
    }

    @Test
    void twiceIsAsOnceAndSidesAreChosen() {
        ElementId section = section();
        sketch.run(command(section, Facing.BOTTOM));
        assertThat(parts(true)).isEmpty();
        assertThat(sketch.refusal(command(section, Facing.BOTTOM, Facing.TOP)))
                .isEqualTo("All that was asked for is dimensioned already.");
        sketch.run(command(section, Facing.values()));
        assertThat(parts(false)).hasSize(2);
    }
}
