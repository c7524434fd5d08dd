package org.leanlintel.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.HouseOfTwo;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.Delete;
import org.leanlintel.core.edit.DrawVoid;
import org.leanlintel.core.edit.Move;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairMake.Rails;
import org.leanlintel.core.model.StairRules.Limit;
import org.leanlintel.core.model.StairRules.What;

/** What is found of stairs, and of walls that stand on others. */
class HeightFindingsTest {

    private static final Limit[] RULES = {
        new Limit(What.RISE_MOST, 190, "R1", true),
        new Limit(What.WIDTH_LEAST, 850, "W1", false),
        new Limit(What.HEADROOM_LEAST, 2000, "H1", true),
        new Limit(What.HANDRAIL_FROM_RISERS, 4, "HR1", true),
    };

    private final HouseOfTwo house = new HouseOfTwo(RULES);

    private List<String> sentences() {
        return Findings.of(house.sketch.building()).stream()
                .map(Finding::sentence)
                .toList();
    }

    @Test
    void everyBrokenRuleIsFoundWithItsFigureAndItsSource() {
        house.stair(800, Rails.NONE, Stair.Above.FOUND);
        assertThat(sentences())
                .containsExactlyInAnyOrder(
                        "ST1: riser is 200, at most 190, R1.",
                        "ST1: width is 800, at least 850, W1.",
                        "ST1 has no handrail; with 4 risers or more it needs one, HR1.");
        assertThat(Findings.of(house.sketch.building()))
                .extracting(Finding::source)
                .contains("W1 (check)");
    }

    /** Open 500 less than it needs to be, on a pitch of 200 in 250: 400 too low. */
    @Test
    void aVoidDrawnByHandIsChecked() {
        house.stair(900, Rails.BOTH, Stair.Above.BY_HAND);
        house.sketch.run(new DrawVoid(house.first.id(), Sketch.LAYER, ring(4000 - 2812.5 + 500)));
        assertThat(sentences()).contains("ST1: headroom is 1600, at least 2000, H1.");
        house.sketch.run(new DrawVoid(house.first.id(), Sketch.LAYER, ring(4000 - 2813)));
        assertThat(sentences()).noneMatch(s -> s.contains("headroom"));
    }

    private static List<Vec> ring(double from) {
        return List.of(new Vec(from, 600), new Vec(4000, 600), new Vec(4000, 1500), new Vec(from, 1500));
    }

    @Test
    void anOutsideWallThatDoesNotLineUpIsFound() {
        assertThat(sentences()).isEmpty();
        house.sketch.run(new Move(List.of(house.above.get(2).id()), new Vec(25, 0)));
        assertThat(sentences()).containsExactly("W7 stands 25 out of line with W3 under it, 10 at most.");
        house.sketch.run(new Move(List.of(house.above.get(2).id()), new Vec(600, 0)));
        assertThat(sentences()).contains("W7 carries, and has no wall under it on Ground.");
    }

    @Test
    void aWallWhoseSupportIsDeletedIsFound() {
        house.sketch.run(new Delete(List.of(house.shell.get(0).id())));
        assertThat(sentences()).contains("W5 carries, and has no wall under it on Ground.");
    }
}
