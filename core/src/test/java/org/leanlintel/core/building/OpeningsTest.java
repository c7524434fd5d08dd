package org.leanlintel.core.building;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.leanlintel.core.Sketch.SHELL;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.model.Wall;

class OpeningsTest {

    private final Sketch sketch = new Sketch();
    private final Wall wall = sketch.run(SHELL, false, 0, 0, 5400, 0).getFirst();

    @Test
    void doorLeavesTheRestOfTheWallAtCutHeight() {
        sketch.door(wall, 1000, 910);
        assertThat(sketch.area(wall, "stud", 1200) / 140).isCloseTo(4490, within(1e-6));
    }

    @Test
    void wallStandsBelowTheSillAndAboveTheHead() {
        sketch.window(wall, 1500, 1200, 900, 1200);
        assertThat(sketch.area(wall, "stud", 899) / 140).as("below the sill").isCloseTo(5400, within(1e-6));
        assertThat(sketch.area(wall, "stud", 1200) / 140)
                .as("through the window")
                .isCloseTo(4200, within(1e-6));
        assertThat(sketch.area(wall, "stud", 2100) / 140).as("above the head").isCloseTo(5400, within(1e-6));
    }

    @Test
    void bandsSplitAtEverySillAndHead() {
        sketch.window(wall, 500, 600, 900, 1200);
        sketch.door(wall, 2000, 910);
        assertThat(sketch.building().solid(wall.id()).bands().all())
                .extracting(Band::lowMm)
                .containsExactly(0.0, 900.0, 2100.0);
        assertThat(sketch.building().solid(wall.id()).bands().all())
                .extracting(b -> b.through().size())
                .containsExactly(1, 2, 0);
    }

    @Test
    void anUntouchedWallKeepsItsSolid() {
        Wall other = sketch.run(SHELL, false, 0, 9000, 5400, 9000).getFirst();
        WallSolid before = sketch.building().solid(other.id());
        sketch.door(wall, 1000, 910);
        assertThat(sketch.building().solid(other.id())).isSameAs(before);
        assertThat(List.of(sketch.building().solid(wall.id()).openings().size()))
                .containsExactly(1);
    }
}
