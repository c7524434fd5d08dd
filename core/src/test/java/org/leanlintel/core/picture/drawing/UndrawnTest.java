package org.leanlintel.core.picture.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.GivenUp;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Extent;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.Undrawn;

/** A fault with one element leaves the rest of a drawing as it is. */
class UndrawnTest {

    private static final ElementId WALL = Sketch.id("wall");

    private final Undrawn undrawn = new Undrawn(
            new Sketch().building().get(new Look.Of(Sketch.PLAN)), new Lettering(Map.of(), Map.of(), 0.5, 0.7));

    private Group of(RuntimeException fault) {
        return undrawn.orMark(WALL, Sketch.LAYER, "W7", new Vec(3000, 2000), () -> {
            throw fault;
        });
    }

    @Test
    void aMarkSaysWhatIsMissingWhereItIs() {
        Group mark = of(new IllegalStateException("a fault"));
        assertThat(mark.element()).isEqualTo(WALL);
        assertThat(mark.items())
                .filteredOn(Item.Text.class::isInstance)
                .extracting(i -> ((Item.Text) i).text())
                .containsExactly("W7 cannot be drawn");
        Bounds box = Extent.of(new Picture(50, List.of(mark)));
        assertThat(box).isNotNull();
        assertThat(box.meets(new Bounds(3000, 2000, 3000, 2000))).isTrue();
    }

    @Test
    void aMarkIsKnownAsOneAndANoteThatSaysTheSameIsNot() {
        Group mark = of(new IllegalStateException("a fault"));
        assertThat(Undrawn.said(mark)).isEqualTo("W7 cannot be drawn");
        Group note = mark.with(i -> i instanceof Item.Text t ? new Item.Text(t.text(), t.at(), 0, false, t.runs()) : i);
        assertThat(Undrawn.said(note)).isNull();
    }

    @Test
    void aDrawingThatFailsAltogetherIsOneMark() {
        Picture mark = undrawn.orMark(() -> {
            throw new IllegalStateException("a fault");
        });
        assertThat(mark.groups()).singleElement().satisfies(g -> assertThat(Undrawn.said(g))
                .endsWith("cannot be drawn"));
        Picture drawn = new Picture(50, List.of());
        assertThat(undrawn.orMark(() -> drawn)).isSameAs(drawn);
    }

    /** A section does without a wall that has no bodies, and says so below itself, each in a row of its own. */
    @Test
    void whatASectionHasToDoWithoutIsSaidBelowIt() {
        Sketch sketch = new Sketch();
        List<Wall> walls = sketch.shell(7200, 4800);
        Pens pens = new Pens(sketch.building().get(new Look.Of(Sketch.PLAN)).lens());
        pens.line(PenRole.EDGE, new Vec(0, 0), new Vec(1000, 2500));
        Picture section = new Picture(50, List.of(new Group(WALL, Sketch.LAYER, pens.items(), List.of())));
        Picture with = undrawn.below(section, walls.subList(0, 2));
        assertThat(with.groups().subList(1, 3)).allSatisfy(g -> {
            assertThat(Undrawn.said(g)).isNotNull();
            assertThat(Extent.of(new Picture(50, List.of(g))).maxY()).isNegative();
        });
        assertThat(Extent.of(new Picture(50, with.groups().subList(1, 2)))
                        .meets(Extent.of(new Picture(50, with.groups().subList(2, 3)))))
                .isFalse();
        assertThat(undrawn.below(section, List.of())).isSameAs(section);
    }

    @Test
    void whatIsDrawnStays() {
        Group drawn = new Group(WALL, Sketch.LAYER, List.of(), List.of());
        assertThat(undrawn.orMark(WALL, Sketch.LAYER, "W7", Vec.ORIGIN, () -> drawn))
                .isSameAs(drawn);
    }

    @Test
    void whatIsGivenUpIsNoFault() {
        Thread.currentThread().interrupt();
        try {
            assertThatThrownBy(() -> undrawn.orMark(WALL, Sketch.LAYER, "W7", Vec.ORIGIN, () -> {
                        GivenUp.orGoOn();
                        throw new IllegalStateException("never");
                    }))
                    .isInstanceOf(GivenUp.class);
        } finally {
            Thread.interrupted();
        }
    }
}
