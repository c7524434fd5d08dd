package org.leanlintel.core.building.join;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WorkState;

class WallAxisTest {

    private final Sketch sketch = new Sketch();
    private final Wall host = sketch.run(Sketch.LINED, false, 0, 0, 0, 6000).getFirst();

    @Test
    void aStandingEndLiesWhereItsLineMeetsItsHosts() {
        Wall standing = sketch.partition(Sketch.PARTITION, new Vec(155, 2000), host, new Vec(3155, 3000), null);
        WallAxis axis = WallAxis.of(sketch.model(), standing);
        assertThat(axis.start().x()).isCloseTo(0, within(1e-9));
        assertThat(axis.start().y()).as("on along the slope").isCloseTo(2000 - 155 / 3.0, within(1e-9));
    }

    /** Two walls may each stand on the other's line without a circle, since lines depend on stored points alone. */
    @Test
    void wallsThatStandOnEachOtherAreStillDerived() {
        Wall a =
                free("a", new WallEnd.OnSide(Sketch.id("b"), new Vec(0, 0), WallEnd.Reach.FACE), corner("ca", 5000, 0));
        Wall b = free(
                "b", new WallEnd.OnSide(Sketch.id("a"), new Vec(0, 100), WallEnd.Reach.FACE), corner("cb", 0, 5000));
        sketch.put(a, b);
        assertThat(WallAxis.of(sketch.model(), a).length()).isCloseTo(5000, within(1e-9));
        assertThat(WallAxis.of(sketch.model(), b).length()).isCloseTo(5000, within(1e-9));
    }

    @Test
    void aWallAlongItsHostHasNoAxis() {
        sketch.put(
                free("a", new WallEnd.OnSide(host.id(), new Vec(500, 0), WallEnd.Reach.FACE), corner("c", 500, 3000)));
        assertThat(WallAxis.of(sketch.model(), sketch.model().get(Sketch.id("a"), Wall.class)))
                .isNull();
        assertThat(sketch.building().solid(Sketch.id("a"))).isNull();
    }

    private WallEnd corner(String name, double x, double y) {
        sketch.put(Corner.at(Sketch.id(name), Sketch.STOREY, new Vec(x, y)));
        return new WallEnd.AtCorner(Sketch.id(name));
    }

    private static Wall free(String name, WallEnd start, WallEnd end) {
        return new Wall(
                Sketch.id(name),
                Sketch.STOREY,
                Sketch.LAYER,
                name,
                Sketch.PARTITION,
                new SetOut.MiddleOfStructure(),
                Side.LEFT,
                start,
                end,
                0,
                Rise.FULL,
                WorkState.NEW);
    }
}
