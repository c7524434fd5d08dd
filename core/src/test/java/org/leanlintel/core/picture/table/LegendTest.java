package org.leanlintel.core.picture.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.drawing.DrawGrid;
import org.leanlintel.core.edit.storey.DrawFloor;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.GridLine;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.picture.Item;

/** The legend names what is used, and nothing else. */
class LegendTest {

    private final Sketch sketch = new Sketch();
    private final Drawing legend = sketch.drawing("Legend", Drawing.Kind.LEGEND, Sketch.STOREY, 50);

    private List<String> rows() {
        return LegendRows.of(legend.id(), sketch);
    }

    private String named(String material) {
        return sketch.model().get(Sketch.id(material), Material.class).name();
    }

    @Test
    void itFollowsWhatIsDrawn() {
        assertThat(rows()).containsExactly("Nothing is drawn yet.");
        List<Wall> walls = sketch.run(Sketch.PARTITION, false, 0, 0, 4000, 0);
        List<String> withPartition = rows();
        assertThat(withPartition).contains(named("stud"), named("board")).doesNotContain("Grid line", "To be removed");
        sketch.run(new DrawGrid(
                Sketch.LAYER, new Vec(0, 0), new Vec(0, 5000), "A", GridLine.Bubbles.BOTH, Side.LEFT, List.of()));
        assertThat(rows()).contains("A", "Grid line");
        sketch.run(new Revise(walls.getFirst().in(WorkState.REMOVED)));
        assertThat(rows()).contains("To be removed").doesNotContain(named("board"));
        sketch.run(new Delete(List.of(walls.getFirst().id())));
        assertThat(rows()).containsExactly("A", "Grid line");
    }

    @Test
    void materialsOfFloorsAreInItAsWellAsThoseOfWalls() {
        BuildUp floor = new BuildUp(
                Sketch.id("slab"),
                "FX",
                "Floor",
                BuildUp.Use.FLOOR,
                List.of(Sketch.ply("brick", 150, Does.CARRIES)),
                "",
                "",
                "");
        sketch.put(floor);
        assertThat(rows()).doesNotContain(named("brick"));
        List<Vec> outline = List.of(new Vec(0, 0), new Vec(4000, 0), new Vec(4000, 3000), new Vec(0, 3000));
        sketch.run(new DrawFloor(
                Sketch.STOREY, Sketch.LAYER, floor.id(), new Floor.Drawn(outline), 0, 0, new Floor.Level()));
        assertThat(rows()).containsExactly(named("brick"));
    }

    @Test
    void signsAndLinesAreInItWhileTheyStandSomewhere() {
        sketch.run(Sketch.PARTITION, false, 0, 0, 4000, 0);
        ElementId section = sketch.section(new Vec(2000, -1000), new Vec(2000, 1000), Side.LEFT, 3000);
        assertThat(rows())
                .contains("Section that way, and its sheet", "Level", "Ground, where it is cut")
                .doesNotContain("Downpipe", "Way up a stair, steps or a ramp");
        sketch.run(new Delete(List.of(sketch.model().get(section, Drawing.class).one())));
        assertThat(rows()).doesNotContain("Section that way, and its sheet", "Ground, where it is cut");
    }

    @Test
    void whatIsLongStandsInTwoColumnsSideBySide() {
        Material stud = sketch.model().get(Sketch.id("stud"), Material.class);
        List<Ply> plies = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            sketch.put(named(stud, "board-" + i));
            plies.add(Sketch.ply("board-" + i, 10, Does.CARRIES));
        }
        BuildUp many = Sketch.buildUp("many", plies.toArray(Ply[]::new));
        sketch.put(many);
        sketch.run(many.id(), false, 0, 0, 4000, 0);
        List<Item> items = LegendRows.items(legend.id(), sketch);
        List<Item.Text> words = items.stream()
                .filter(Item.Text.class::isInstance)
                .map(Item.Text.class::cast)
                .filter(t -> t.text().startsWith("board-"))
                .toList();
        List<Bounds> swatches = items.stream()
                .filter(Item.Fill.class::isInstance)
                .map(f -> Bounds.of(((Item.Fill) f).ring()))
                .toList();
        assertThat(words).hasSize(24);
        assertThat(words.stream().map(t -> t.at().x()).distinct()).hasSize(2);
        for (int i = 0; i < words.size(); i++) {
            Bounds swatch = swatches.get(i);
            assertThat(swatch.maxX()).isLessThan(words.get(i).at().x());
            assertThat(words.get(i).at().y()).isBetween(swatch.minY(), swatch.maxY());
        }
    }

    private static Material named(Material like, String name) {
        return new Material(
                Sketch.id(name),
                name,
                like.joinsAs(),
                like.hatch(),
                like.tint(),
                like.heat(),
                like.surface(),
                like.leastPitch(),
                like.source());
    }
}
