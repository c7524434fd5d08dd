package org.leanlintel.core.picture.annotate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.dimension.SlopeWords;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.dimension.DrawDimension;
import org.leanlintel.core.edit.drawing.DrawSection;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Dimension;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.SpotLevel;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** Slopes of the ground and in sections, and areas, of a shell of 6,000 by 4,000 with walls of 290. */
class SlopesAndAreasTest {

    private static final Lettering LETTERING = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    /** The face of a wall towards the room. */
    private static final int INNER = 3;

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(6000, 4000);

    private static Hold at(double x, double y) {
        return new Hold.AtPoint(new Vec(x, y));
    }

    private static Dimension.Slope slope(Vec one, Vec other) {
        return new Dimension.Slope(
                new Dimension.Place(new Hold.AtPoint(one), one), new Dimension.Place(new Hold.AtPoint(other), other));
    }

    private Dimension drawn(ElementId drawing, Dimension.Of of, double x, double y) {
        return (Dimension) sketch.run(new DrawDimension(drawing, Sketch.LAYER, of, new Vec(x, y)))
                .after()
                .getFirst();
    }

    private List<String> says(Dimension of) {
        return DrawingPicture.of(sketch.building(), of.drawing(), LETTERING).picture().groups().stream()
                .filter(g -> g.element().equals(of.id()))
                .flatMap(g -> g.items().stream())
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }

    private Dimension.Surface faces() {
        return new Dimension.Surface(
                shell.stream().<Hold>map(w -> new Hold.OnFace(w.id(), INNER)).toList());
    }

    private void spot(String id, double x, double y, double mm) {
        sketch.put(new SpotLevel(Sketch.id(id), Sketch.LAYER, new Vec(x, y), mm, mm));
    }

    /** 500 lower over 10 m. */
    @Test
    void aSlopeInPlanIsThatOfTheGround() {
        spot("a", -2000, -5000, 0);
        spot("b", 8000, -5000, -500);
        spot("c", -2000, 9000, 0);
        spot("d", 8000, 9000, -500);
        Dimension slope = drawn(Sketch.PLAN, slope(new Vec(0, -1000), new Vec(4000, -1000)), 2000, -1200);
        assertThat(says(slope)).containsExactly("1:20");
        assertThat(says(drawn(Sketch.PLAN, slope(new Vec(0, -1000), new Vec(0, -3000)), 0, -2000)))
                .containsExactly("level");
    }

    @Test
    void aSlopeInASectionIsThatOfTheLine() {
        sketch.run(new DrawSection(
                "Section",
                Sketch.STOREY,
                Sketch.LAYER,
                new Vec(3000, -500),
                new Vec(3000, 4500),
                Side.RIGHT,
                5000,
                Sketch.LENS,
                50));
        ElementId section = sketch.model().all(Drawing.class).stream()
                .filter(d -> d.kind() == Drawing.Kind.SECTION)
                .findFirst()
                .orElseThrow()
                .id();
        assertThat(says(drawn(section, slope(new Vec(0, 0), new Vec(1200, 100)), 600, 200)))
                .containsExactly("1:12");
        assertThat(says(drawn(section, slope(new Vec(0, 0), new Vec(-1000, 1000)), 600, 200)))
                .containsExactly("45\u00b0");
    }

    @ParameterizedTest
    @CsvSource({
        "0, level, level",
        "0.05, 1:20, 1:20",
        "0.08, 1:12.5, 1:12.5",
        "0.5, 26.6\u00b0, 6:12",
        "1, 45\u00b0, 12:12"
    })
    void wordsOfSlopes(double tan, String metric, String inches) {
        assertThat(SlopeWords.of(tan, UnitSystem.METRIC)).isEqualTo(metric);
        assertThat(SlopeWords.of(tan, UnitSystem.FEET_INCHES)).isEqualTo(inches);
    }

    /** 5,420 by 3,420 between the faces; 1,000 more with the wall at the east. */
    @Test
    void anAreaWithinFacesFollowsThem() {
        Dimension area = drawn(Sketch.PLAN, faces(), 3000, 2000);
        assertThat(says(area)).containsExactly("18.54 m\u00b2");
        sketch.run(new Move(List.of(shell.get(2).id()), new Vec(1000, 0)));
        assertThat(says(area)).containsExactly("21.96 m\u00b2");
    }

    @Test
    void anAreaWithinPointsIsWhatTheyCloseRound() {
        Dimension area = drawn(
                Sketch.PLAN,
                new Dimension.Surface(List.of(at(0, -1000), at(3000, -1000), at(3000, -3000))),
                2000,
                -1500);
        assertThat(says(area)).containsExactly("3.00 m\u00b2");
    }

    @Test
    void whatClosesRoundNothingIsRefused() {
        Hold south = new Hold.OnFace(shell.get(3).id(), INNER),
                north = new Hold.OnFace(shell.get(1).id(), INNER);
        Hold west = new Hold.OnFace(shell.get(0).id(), INNER);
        for (List<Hold> round : List.of(
                List.of(south, north, west),
                List.of(at(0, 0), at(1000, 0), west),
                List.of(at(0, 0), at(1000, 1000), at(1000, 0), at(0, 1000))))
            assertThat(sketch.refusal(
                            new DrawDimension(Sketch.PLAN, Sketch.LAYER, new Dimension.Surface(round), Vec.ORIGIN)))
                    .contains("close round nothing");
        assertThat(sketch.refusal(
                        new DrawDimension(Sketch.PLAN, Sketch.LAYER, slope(new Vec(0, 0), new Vec(0, 0)), Vec.ORIGIN)))
                .contains("two points that lie apart");
    }

    @Test
    void anAreaGoesWithAWallItHoldsToAndIsFoundWhereItCannotBeShown() {
        Dimension area = drawn(Sketch.PLAN, faces(), 3000, 2000);
        assertThat(Findings.of(sketch.building()).stream().map(Finding::sentence))
                .noneMatch(s -> s.startsWith("An area"));
        sketch.run(new Delete(List.of(shell.get(2).id())));
        assertThat(sketch.model().find(area.id())).isNull();
    }

    /** As they do when it is carried elsewhere. */
    @Test
    void placesOfASlopeMoveWithIt() {
        Dimension slope = drawn(Sketch.PLAN, slope(new Vec(0, -1000), new Vec(4000, -1000)), 2000, -1200);
        Dimension moved = slope.moved(p -> p.plus(new Vec(10, 0)));
        assertThat(((Dimension.Slope) moved.of()).other().near()).isEqualTo(new Vec(4010, -1000));
        assertThat(moved.at()).isEqualTo(new Vec(2010, -1200));
    }
}
