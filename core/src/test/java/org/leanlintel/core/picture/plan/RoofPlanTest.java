package org.leanlintel.core.picture.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Records;
import org.leanlintel.core.RoofedHouse;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** Roofs from above, over a house of 6,000 by 4,000 with its wall heads at 5,100 and the datum at its ground floor. */
class RoofPlanTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final RoofedHouse house = new RoofedHouse();

    private List<Item> drawn(Roof roof) {
        Sketch sketch = house.sketch;
        Lens lens = sketch.model().get(Sketch.LENS, Lens.class);
        sketch.put(Records.with(lens, "roofs", Lens.Roofs.FROM_ABOVE));
        ElementId plan = sketch.drawing("Roof plan", Drawing.Kind.PLAN, house.house.first.id(), 100)
                .id();
        return DrawingPicture.of(sketch.building(), plan, LETTERS).picture().groups().stream()
                .filter(g -> g.element().equals(roof.id()))
                .flatMap(g -> g.items().stream())
                .toList();
    }

    private static List<String> words(List<Item> items) {
        return items.stream()
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }

    private static List<List<Vec>> lines(List<Item> items, PenRole role) {
        return items.stream()
                .filter(i -> i instanceof Item.Strokes s && s.role() == role)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .toList();
    }

    /** Verges and eaves 300 out; the ridge in the middle, the tops of coverings at 6,508.5 + 50 / cos 35 and eaves at 4,898.0. */
    @Test
    void aGabledRoofShowsItsOutlineRidgeFallsAndLevels() {
        List<Item> items = drawn(house.gabled());
        List<List<Vec>> roof = lines(items, PenRole.ROOF);
        assertThat(roof).anySatisfy(l -> assertThat(Bounds.of(l)).isEqualTo(new Bounds(-300, -300, 6300, 4300)));
        assertThat(roof)
                .anySatisfy(l -> assertThat(l).as("the ridge").hasSize(2).allSatisfy(p -> assertThat(p.y())
                        .isCloseTo(2000, within(0.1))));
        assertThat(words(items))
                .containsExactlyInAnyOrder("35°", "35°", "ridge +6.570", "eaves +4.898", "eaves +4.898");
        assertThat(lines(items, PenRole.OVERHEAD)).as("the walls below").hasSize(4);
        assertThat(lines(items, PenRole.EDGE)).as("gutters").hasSize(2);
    }

    /** Copings from 40 outside of the walls to 330 within; at 5,100 + 500 + 60, which is said where there is room. */
    @Test
    void aFlatRoofShowsItsCopingsAndTheirLevels() {
        Roof.Edge parapet = new Roof.Edge(new Roof.Parapet(500, 60, new Roof.FallsElsewhere()), 0, 0);
        Roof.Edge eaves = new Roof.Edge(new Roof.Eaves(new Pitch(Pitch.Said.ONE_IN, 40)), 300, 0);
        List<Item> items = drawn(house.draw(house.overShell(parapet, RoofedHouse.at(house.wall(3000, 0), eaves))));
        assertThat(lines(items, PenRole.ROOF))
                .anySatisfy(l -> assertThat(Bounds.of(l)).isEqualTo(new Bounds(-40, -40, 6040, 4040)));
        assertThat(words(items)).containsExactlyInAnyOrder("1:40", "eaves +5.236", "parapet +5.660");
        assertThat(lines(items, PenRole.OVERHEAD))
                .as("only the wall under the eaves")
                .hasSize(1);
    }
}
