package org.leanlintel.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;

/** A fault in a check costs the findings that one thing, and is found itself. */
class CheckTest {

    private final Sketch sketch = new Sketch();

    private List<Finding> failing(Check check, ElementId of) {
        return new Check.Of(check, Sketch.STOREY, of).orUnlooked(sketch.building(), () -> {
            throw new IllegalStateException("a fault");
        });
    }

    @Test
    void whatCannotBeCheckedIsSaid() {
        ElementId table = sketch.table(new Vec(3000, 2000), 0, 1000).id();
        assertThat(failing(Check.CLASH, table)).singleElement().satisfies(f -> {
            assertThat(f.kind()).isEqualTo(Finding.Kind.CLASH);
            assertThat(f.sentence()).startsWith("F1 could not be checked");
            assertThat(f.concerns()).containsExactly(table);
        });
    }

    @Test
    void whatHasNoMarkIsCalledByItsKind() {
        ElementId string = sketch.run(new DrawString(
                        Sketch.PLAN,
                        Sketch.LAYER,
                        new Vec(1, 0),
                        Vec.ORIGIN,
                        List.of(new Hold.AtPoint(Vec.ORIGIN), new Hold.AtPoint(new Vec(1000, 0)))))
                .after()
                .getFirst()
                .id();
        assertThat(failing(Check.STRING, string)).singleElement().satisfies(f -> assertThat(f.sentence())
                .startsWith("A dimension string could not be checked"));
    }
}
