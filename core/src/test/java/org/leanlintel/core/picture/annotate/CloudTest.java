package org.leanlintel.core.picture.annotate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.carry.Hand;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.note.DrawCloud;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Cloud;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.Plan;

/** A revision cloud of 2,100 by 1,400 at 1:50: 42 by 28 on paper, six and four arcs to a side. */
class CloudTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final Sketch sketch = new Sketch();

    private Cloud cloud(boolean clockwise, String issue) {
        List<Vec> ring = List.of(new Vec(0, 0), new Vec(2100, 0), new Vec(2100, 1400), new Vec(0, 1400));
        return (Cloud) sketch.run(new DrawCloud(Sketch.PLAN, Sketch.LAYER, clockwise ? ring.reversed() : ring, issue))
                .after()
                .getFirst();
    }

    private List<Item> items(Cloud cloud) {
        return Plan.of(sketch.building(), Sketch.PLAN, LETTERS).picture().groups().stream()
                .filter(g -> g.element().equals(cloud.id()))
                .flatMap(g -> g.items().stream())
                .toList();
    }

    private static Vec at(Item.Arc arc, double part) {
        return arc.centre().along(Vec.ofAngle(arc.from() + part * arc.sweep()), arc.radius());
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void itsArcsBulgeOutwardsAndMeetEndToEnd(boolean clockwise) {
        List<Item.Arc> arcs =
                items(cloud(clockwise, "")).stream().map(Item.Arc.class::cast).toList();
        assertThat(arcs).hasSize(20);
        Bounds outline = new Bounds(0, 0, 2100, 1400);
        for (int i = 0; i < arcs.size(); i++) {
            Item.Arc arc = arcs.get(i), next = arcs.get((i + 1) % arcs.size());
            assertThat(at(arc, 1).distanceTo(at(next, 0))).isLessThan(0.01);
            assertThat(outline.covers(at(arc, 0.5))).as("its middle").isFalse();
            assertThat(at(arc, 0).distanceTo(at(arc, 1))).isCloseTo(350, within(0.01));
        }
    }

    @Test
    void itsTriangleStandsAtTheUpperRightWithTheIssue() {
        List<Item> items = items(cloud(false, "2"));
        Item.Text words = (Item.Text)
                items.stream().filter(Item.Text.class::isInstance).findFirst().orElseThrow();
        assertThat(words.text()).isEqualTo("2");
        assertThat(words.at().x()).isGreaterThan(2100);
        assertThat(words.at().y()).isGreaterThan(1400);
    }

    @Test
    void itMovesAndIsHandedWithItsHouse() {
        sketch.shell(7200, 4800);
        Cloud cloud = cloud(false, "2");
        sketch.run(new Move(List.of(cloud.id()), new Vec(100, 50)));
        assertThat(sketch.model().get(cloud.id(), Cloud.class).ring()).contains(new Vec(2200, 1450));
        sketch.run(new Hand(new Vec(3600, 0)));
        assertThat(sketch.model().get(cloud.id(), Cloud.class).ring()).contains(new Vec(5000, 1450));
    }
}
