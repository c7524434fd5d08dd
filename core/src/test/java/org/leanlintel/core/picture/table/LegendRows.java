package org.leanlintel.core.picture.table;

import java.util.List;
import java.util.Map;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** What a legend says, without its title and its headings. */
final class LegendRows {

    static final Lettering LETTERING = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private LegendRows() {}

    static List<Item> items(ElementId legend, Sketch sketch) {
        return DrawingPicture.of(sketch.building(), legend, LETTERING).picture().groups().stream()
                .flatMap(g -> g.items().stream())
                .toList();
    }

    static List<String> of(ElementId legend, Sketch sketch) {
        return items(legend, sketch).stream()
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .filter(t -> !t.equals("Legend") && !t.equals("Stands for"))
                .toList();
    }
}
