package org.leanlintel.core.picture.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.drawing.DrawGrid;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.GridLine;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** The legend names what is used, and nothing else. */
class LegendTest {

    private static final Lettering LETTERING = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final Sketch sketch = new Sketch();
    private final Drawing legend = sketch.drawing("Legend", Drawing.Kind.LEGEND, Sketch.STOREY, 50);

    private List<String> rows() {
        return DrawingPicture.of(sketch.building(), legend.id(), LETTERING).picture().groups().stream()
                .flatMap(g -> g.items().stream())
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .filter(t -> !t.equals("Legend") && !t.equals("Stands for"))
                .toList();
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
}
