package org.leanlintel.core.picture.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.leanlintel.core.Records.with;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.room.NameRoom;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.LabelPart;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.Plan;

/** Ceilings from below, in a shell of 290 round 5,420 by 3,420. */
class CeilingPlanTest {

    private static final Lettering LETTERING = new Lettering(Map.of(), Map.of(), 0.5, 0.7);
    private static final ElementId UPPER = Sketch.id("upper");

    private final Sketch sketch = new Sketch();
    private final Room room;

    CeilingPlanTest() {
        sketch.put(Sketch.ceiling());
        sketch.shell(6000, 4000);
        room = (Room) sketch.run(new NameRoom(
                        Sketch.STOREY,
                        Sketch.LAYER,
                        new Vec(3000, 2000),
                        "1",
                        "Hall",
                        Room.Use.HALL,
                        new Room.Finishes("", "", "matt")))
                .after()
                .getFirst();
    }

    private void looking(Lens.MarkOf... marks) {
        Lens lens = sketch.model().get(Sketch.LENS, Lens.class);
        sketch.put(
                with(lens.marking(List.of(marks)), "roomLabels", List.of(LabelPart.CEILING_HEIGHT, LabelPart.CEILING)));
    }

    private List<Item> ofRoom() {
        return Plan.of(sketch.building(), Sketch.PLAN, LETTERING).picture().groups().stream()
                .filter(g -> g.element().equals(room.id()))
                .flatMap(g -> g.items().stream())
                .toList();
    }

    private List<List<Vec>> lines(PenRole role) {
        return ofRoom().stream()
                .filter(i -> i instanceof Item.Strokes l && l.role() == role)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .toList();
    }

    private static FloorVoid hole(Vec from, Vec to) {
        List<Vec> ring = List.of(from, new Vec(to.x(), from.y()), to, new Vec(from.x(), to.y()));
        return new FloorVoid(Sketch.id("void"), UPPER, Sketch.LAYER, "V1", ring, WorkState.NEW);
    }

    private static double length(List<Vec> line) {
        double length = 0;
        for (int i = 1; i < line.size(); i++) length += line.get(i - 1).distanceTo(line.get(i));
        return length;
    }

    private List<String> words() {
        return ofRoom().stream()
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }

    /** At 10 degrees over half of 3,420: 302 from 1,500, which is 1,802. */
    @Test
    void aVaultShowsItsRidgeAndHowItRises() {
        looking(Lens.MarkOf.CEILINGS);
        sketch.run(new Revise(
                room.under(new Rise.Fixed(1500), new Room.VaultedCeiling(Sketch.CEILING, Pitch.degrees(10), 0))));
        assertThat(lines(PenRole.EDGE)).singleElement().satisfies(ridge -> {
            assertThat(ridge).allSatisfy(p -> assertThat(p.y()).isCloseTo(2000, within(0.1)));
            assertThat(length(ridge)).isCloseTo(5420, within(10.0));
        });
        assertThat(words()).containsExactlyInAnyOrder("10\u00b0", "10\u00b0", "Hall", "CH 1500 to 1802", "C1, matt");
        looking();
        assertThat(lines(PenRole.EDGE)).as("through another lens").isEmpty();
        assertThat(words()).doesNotContain("10\u00b0");
    }

    /** A level one has one height and no lines; what is open over it is crossed out. */
    @Test
    void whatIsOpenOverARoomIsCrossed() {
        looking(Lens.MarkOf.CEILINGS);
        assertThat(lines(PenRole.EDGE)).isEmpty();
        assertThat(words()).containsExactlyInAnyOrder("Hall", "CH 2500", "matt");
        sketch.put(Storey.bare(UPPER, "First", 2500, 2500));
        sketch.put(hole(new Vec(1000, 1000), new Vec(2000, 2500)));
        assertThat(lines(PenRole.EDGE).stream()
                        .mapToDouble(CeilingPlanTest::length)
                        .sum())
                .as("round it")
                .isCloseTo(5000, within(1.0));
        assertThat(lines(PenRole.STAIR)).as("two diagonals").hasSize(2);
        assertThat(words()).contains("CH 2500");
        sketch.put(hole(new Vec(300, 300), new Vec(5500, 3500)));
        assertThat(words()).containsExactlyInAnyOrder("Hall", "open above");
    }
}
