package org.leanlintel.core.building.roof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.RoofedHouse;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.edit.storey.DragEaves;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Roof;

/** Over the house of 6,000 by 4,000, at 35 degrees, out by 300 all round; seen from the south. */
class DragEavesTest {

    private final RoofedHouse house = new RoofedHouse();
    private final Sketch sketch = house.sketch;

    private Vec seen(ElementId elevation, double x, double y, double up) {
        Drawing drawing = sketch.model().get(elevation, Drawing.class);
        return new Vec(
                SectionFrame.of(drawing, sketch.model()).seen(new Vec(x, y)).x(), up);
    }

    private double overhang(Roof roof, double x, double y) {
        return house.built(roof).plate().stream()
                .filter(e -> e.distanceTo(new Vec(x, y)) < 1)
                .findFirst()
                .orElseThrow()
                .edge()
                .overhangMm();
    }

    /** 1,500 of the overhang of 300 falls 210 below the plate's 5,100 and the heel of 113. */
    @Test
    void whatIsSeenEndOnGoesOutByItself() {
        Roof roof = house.draw(house.overShell(RoofedHouse.EAVES));
        ElementId south = house.elevation(-90);
        Vec at = seen(south, -300, 2000, 5000);
        sketch.run(new DragEaves(south, roof.id(), at, at.plus(new Vec(-152, 0))));
        assertThat(overhang(roof, 0, 2000)).isEqualTo(450);
        assertThat(overhang(roof, 6000, 2000)).isEqualTo(300);
        assertThat(overhang(roof, 3000, 0)).isEqualTo(300);
        Vec other = seen(south, 6300, 2000, 5000);
        sketch.run(new DragEaves(south, roof.id(), other, other.plus(new Vec(-5000, 0))));
        assertThat(overhang(roof, 6000, 2000)).as("no further than the wall").isZero();
    }

    /** 70 down at 35 degrees is 100 further out. */
    @Test
    void whatIsSeenAlongItsLengthGoesUpAndDownItsSlope() {
        Roof roof = house.draw(house.overShell(RoofedHouse.EAVES));
        ElementId south = house.elevation(-90);
        Vec at = seen(south, 3000, -300, 5000);
        sketch.run(new DragEaves(south, roof.id(), at, at.plus(new Vec(0, -70))));
        assertThat(overhang(roof, 3000, 0)).isCloseTo(400, within(1e-9));
        assertThat(overhang(roof, 3000, 4000)).isIn(300.0);
    }

    @Test
    void aVergeSeenEndOnIsDraggedAsAnEavesIs() {
        Roof roof = house.gabled();
        ElementId south = house.elevation(-90);
        Vec at = seen(south, 6300, 2000, 5900);
        sketch.run(new DragEaves(south, roof.id(), at, at.plus(new Vec(100, 40))));
        assertThat(overhang(roof, 6000, 2000)).isEqualTo(400);
        assertThat(sketch.model().get(roof.id(), Roof.class).own())
                .hasSize(2)
                .allSatisfy(o -> assertThat(o.edge().rises()).isInstanceOf(Roof.Verge.class));
    }

    @Test
    void nothingElseIsTakenHoldOf() {
        Roof roof = house.draw(house.overShell(RoofedHouse.EAVES));
        ElementId south = house.elevation(-90);
        Vec ridge = seen(south, 3000, 2000, 6400);
        assertThat(sketch.refusal(new DragEaves(south, roof.id(), ridge, ridge.plus(new Vec(100, 0)))))
                .isEqualTo("Take hold of an eaves or a verge of R1.");
        assertThat(sketch.refusal(new DragEaves(Sketch.PLAN, roof.id(), ridge, ridge)))
                .contains("in an elevation or a section");
        assertThat(List.of(overhang(roof, 0, 2000), overhang(roof, 3000, 0))).containsOnly(300.0);
    }
}
