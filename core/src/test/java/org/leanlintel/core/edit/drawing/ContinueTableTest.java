package org.leanlintel.core.edit.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** Six windows in a table: it runs on twice, and every row stands in one drawing. */
class ContinueTableTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);
    private static final ElementId TABLE = Sketch.id("windows");

    private final Sketch sketch = new Sketch();

    ContinueTableTest() {
        List<Wall> shell = sketch.shell(12_000, 8000);
        for (int i = 0; i < 6; i++) sketch.window(shell.get(3), 1000 + 1700 * i, 900, 900, 1200);
        sketch.put(new Drawing(
                TABLE,
                "Windows",
                Drawing.Kind.WINDOWS,
                Sketch.STOREY,
                Sketch.LENS,
                1,
                "",
                new Drawing.Whole(),
                5,
                new Drawing.All(),
                List.of()));
    }

    private Drawing continued(ElementId drawing, int after) {
        return (Drawing) sketch.run(new ContinueTable(drawing, after)).after().stream()
                .filter(e -> !e.id().equals(drawing))
                .findFirst()
                .orElseThrow();
    }

    private List<String> words(ElementId drawing) {
        List<String> words = new ArrayList<>();
        for (Group g :
                DrawingPicture.of(sketch.building(), drawing, LETTERS).picture().groups())
            for (Item i : g.items()) if (i instanceof Item.Text t) words.add(t.text());
        return words;
    }

    private List<String> marks(ElementId drawing) {
        return words(drawing).stream().filter(w -> w.matches("G\\d")).toList();
    }

    @Test
    void everyRowStandsInOneOfItsDrawings() {
        Drawing second = continued(TABLE, 2), third = continued(second.id(), 5);
        assertThat(List.of(second.name(), third.name())).containsExactly("Windows, continued", "Windows, continued 2");
        assertThat(marks(TABLE)).containsExactly("G1", "G2");
        assertThat(marks(second.id())).containsExactly("G3", "G4", "G5");
        assertThat(marks(third.id())).containsExactly("G6");
        assertThat(words(third.id())).as("its heads").contains("Windows, continued 2", "Mark");
        assertThat(sketch.refusal(new ContinueTable(second.id(), 5)))
                .isEqualTo("Say after which of its rows it runs on: from 3 to 4.");
        assertThat(sketch.refusal(new ContinueTable(Sketch.PLAN, 5)))
                .isEqualTo("Only a table can run on in another drawing.");
    }

    @Test
    void rowsThatAreNotThereAreSaid() {
        Drawing more = continued(TABLE, 40);
        assertThat(marks(TABLE)).hasSize(6);
        assertThat(words(more.id())).contains("No more rows.");
        assertThatThrownBy(() -> new Drawing.Rows(5, 3)).hasMessageContaining("counted from 1");
    }
}
