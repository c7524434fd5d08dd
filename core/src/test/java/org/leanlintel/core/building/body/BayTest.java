package org.leanlintel.core.building.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.opening.PlaceOpening;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Lights;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Wall;

/**
 * A bay of 2,000 by 600 before a wall, its front 1,200 wide, its windows from 905 to 2,095: in plan (2,000 + 1,200) / 2 x 600 =
 * 960,000. Lids stand out by 60 all round, floors are 100 deep and edges of lids 60 high.
 */
class BayTest {

    private static final double TAN = Math.tan(Math.toRadians(30));

    private final Sketch sketch = new Sketch();
    private Wall south;

    @BeforeEach
    void wall() {
        south = sketch.shell(6000, 4000).get(3);
    }

    private List<Body> bay(Opening.BayFoot foot, Opening.BayLid lid) {
        Opening.Bay form = new Opening.Bay(600, 0.6, foot, lid);
        ElementId id = sketch.run(new PlaceOpening(
                        south.id(),
                        Sketch.LAYER,
                        Placing.from(End.START, 2000),
                        2000,
                        1200,
                        900,
                        new Opening.Window(1, 0, Lights.Opens.FIXED).in(form)))
                .after()
                .getFirst()
                .id();
        return new Bodies(sketch.building())
                .inOpenings(Sketch.STOREY).stream()
                        .filter(b -> b.element().equals(id))
                        .toList();
    }

    private double level() {
        return sketch.building().space(Sketch.STOREY).levelMm();
    }

    private static double mm2(List<Body> bodies) {
        return bodies.stream().mapToDouble(b -> Area.of(b.outline()).mm2()).sum();
    }

    private static List<Body> above(List<Body> bodies, double mm) {
        return bodies.stream().filter(b -> b.lowMm() >= mm - 1).toList();
    }

    @Test
    void aFlatLidCoversItAndAFloorIsUnderIt() {
        List<Body> all = bay(Opening.BayFoot.HUNG, new Opening.FlatLid());
        List<Body> lid = above(all, level() + 2095);
        assertThat(lid).hasSize(1).allSatisfy(b -> assertThat(b.highMm()).isCloseTo(level() + 2155, within(0.01)));
        Area outline = Area.of(lid.getFirst().outline());
        assertThat(outline.bounds().height()).as("from the wall").isCloseTo(660, within(0.01));
        assertThat(outline.mm2()).isGreaterThan(960_000);
        List<Body> floor = all.stream().filter(b -> b.highMm() < level() + 906).toList();
        assertThat(mm2(floor)).isCloseTo(960_000, within(1.0));
        assertThat(floor).allSatisfy(b -> assertThat(b.lowMm()).isCloseTo(level() + 805, within(0.01)));
    }

    @Test
    void slopesRiseToTheWallAndMeetInHips() {
        List<Body> all = bay(Opening.BayFoot.HUNG, new Opening.SlopedLid(Pitch.degrees(30)));
        List<Body> lid = above(all, level() + 2095);
        assertThat(lid).hasSize(3);
        double highest = lid.stream().mapToDouble(Body::highMm).max().orElseThrow();
        assertThat(highest).isCloseTo(level() + 2155 + 660 * TAN, within(0.01));
        double whole = mm2(lid);
        assertThat(Area.union(lid.stream().map(b -> Area.of(b.outline())).toList())
                        .mm2())
                .as("slopes lie beside each other")
                .isCloseTo(whole, within(1.0));
        double front = Area.of(lid.get(1).outline()).bounds().minY();
        Vec eaves = new Vec(3000, front);
        assertThat(lid.get(1).high().at(eaves)).isCloseTo(level() + 2155, within(0.01));
    }

    @Test
    void wallsUnderItAreOfTheOutermostPlyDownToTheFootOfItsWall() {
        List<Body> hung = bay(Opening.BayFoot.HUNG, new Opening.FlatLid());
        sketch.run(new Delete(List.of(hung.getFirst().element())));
        List<Body> walled = bay(Opening.BayFoot.WALLED, new Opening.FlatLid());
        List<Body> under =
                walled.stream().filter(b -> b.highMm() < level() + 806).toList();
        assertThat(hung).noneMatch(b -> b.highMm() < level() + 806);
        assertThat(under).isNotEmpty().allSatisfy(b -> {
            assertThat(b.material().id().value()).isEqualTo("brick");
            assertThat(b.lowMm()).isCloseTo(level(), within(0.01));
        });
        assertThat(mm2(under)).isBetween(100.0 * 2400, 100.0 * 3000);
    }
}
