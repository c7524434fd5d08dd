package org.leanlintel.core.picture.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Pens;

class SlopeArrowTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    /** Two slopes of 4,000 by 4,000 joined by a strip of 4,000 by 600, as beside a wide chimney: the middle lies in the strip. */
    @Test
    void whereTheMiddleIsTooNarrowItStandsBesideIt() {
        Area slope = Area.union(List.of(
                Area.rectangle(0, 0, 4000, 4000),
                Area.rectangle(4000, 1700, 4000, 600),
                Area.rectangle(8000, 0, 4000, 4000)));
        Pens pens = new Pens(new Sketch().model().get(Sketch.LENS, Lens.class));
        new SlopeArrow(12, 15, 100, LETTERS, pens).paint(slope, new Vec(0, -1), "35\u00b0");
        List<Vec> shaft = pens.items().stream()
                .filter(Item.Strokes.class::isInstance)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .filter(l -> l.size() == 2)
                .findFirst()
                .orElseThrow();
        assertThat(shaft).allMatch(slope::covers);
        assertThat(pens.items()).anyMatch(i -> i instanceof Item.Text t && slope.covers(t.at()));
    }

    @Test
    void aSlopeTooSmallHasNone() {
        Pens pens = new Pens(new Sketch().model().get(Sketch.LENS, Lens.class));
        new SlopeArrow(12, 15, 100, LETTERS, pens).paint(Area.rectangle(0, 0, 1400, 9000), new Vec(0, -1), "35\u00b0");
        assertThat(pens.items()).isEmpty();
    }
}
