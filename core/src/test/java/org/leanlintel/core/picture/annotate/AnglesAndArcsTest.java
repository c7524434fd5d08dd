package org.leanlintel.core.picture.annotate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.carry.Hand;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.dimension.DrawDimension;
import org.leanlintel.core.edit.wall.CurveWall;
import org.leanlintel.core.edit.wall.DrawWalls;
import org.leanlintel.core.edit.wall.MoveEnd;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Dimension;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** Angles, radii and lengths of arcs, in plan at 1:50. */
class AnglesAndArcsTest {

    private static final Lettering LETTERING = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final Sketch sketch = new Sketch();

    /** Its set-out line is the middle of its structure. */
    private Wall straight(double x0, double y0, double x1, double y1) {
        return (Wall) sketch
                .run(new DrawWalls(
                        sketch.newWall(Sketch.PARTITION), List.of(Pick.bare(x0, y0), Pick.bare(x1, y1)), false))
                .after()
                .stream()
                .filter(Wall.class::isInstance)
                .findFirst()
                .orElseThrow();
    }

    private static Hold.OnFace line(Wall wall) {
        return new Hold.OnFace(wall.id(), Hold.OnFace.SET_OUT_LINE);
    }

    private DrawDimension drawing(Dimension.Of of, double x, double y) {
        return new DrawDimension(Sketch.PLAN, Sketch.LAYER, of, new Vec(x, y));
    }

    private Dimension drawn(Dimension.Of of, double x, double y) {
        return (Dimension) sketch.run(drawing(of, x, y)).after().getFirst();
    }

    private List<Item> items(Dimension of) {
        return DrawingPicture.of(sketch.building(), Sketch.PLAN, LETTERING).picture().groups().stream()
                .filter(g -> g.element().equals(of.id()))
                .flatMap(g -> g.items().stream())
                .toList();
    }

    private List<String> says(Dimension of) {
        return items(of).stream()
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }

    private Item.Arc arc(Dimension of) {
        return (Item.Arc) items(of).stream()
                .filter(i -> i instanceof Item.Arc a && a.radius() > 200)
                .findFirst()
                .orElseThrow();
    }

    private List<String> found() {
        return Findings.of(sketch.building()).stream()
                .filter(f -> f.kind() == Finding.Kind.STRING)
                .map(Finding::sentence)
                .toList();
    }

    /** Two walls from one corner, one level, one rising 3 in 4: 36.87 degrees between them, 143.13 beside that. */
    @Test
    void anAngleIsThatOfTheSideItLiesOn() {
        Wall level = straight(0, 0, 4000, 0), slanting = straight(0, 0, 4000, 3000);
        Dimension.Angle of = new Dimension.Angle(line(level), line(slanting));
        Dimension within = drawn(of, 1800, 600), beside = drawn(of, -600, 900);
        assertThat(says(within)).containsExactly("36.9\u00b0");
        assertThat(says(beside)).containsExactly("143.1\u00b0");
        assertThat(arc(within).radius()).isCloseTo(Math.hypot(1800, 600), within(1e-6));
        assertThat(arc(within).from()).isCloseTo(0, within(1e-9));
        assertThat(says(drawn(new Dimension.Angle(line(slanting), line(level)), 1800, 600)))
                .as("picked the other way round")
                .containsExactly("36.9\u00b0");
    }

    /** A wall runs through the middle of the arc. */
    @Test
    void theFigureOfAnAngleStandsBesideWhatStandsInItsArc() {
        Wall level = straight(0, 0, 6000, 0), upright = straight(0, 0, 0, 6000);
        Dimension angle = drawn(new Dimension.Angle(line(level), line(upright)), 3000, 3000);
        assertThat(along(angle)).isCloseTo(Math.PI / 4, within(0.01));
        straight(2000, 2000, 4000, 4000);
        assertThat(Math.abs(along(angle) - Math.PI / 4)).isGreaterThan(0.05);
        assertThat(says(angle)).containsExactly("90\u00b0");
    }

    /** Where the figure of an angle round the origin stands, radians. */
    private double along(Dimension angle) {
        return items(angle).stream()
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).at().angle())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void anAngleFollowsItsWallsAndIsHandedWithThem() {
        Wall level = straight(0, 0, 4000, 0), slanting = straight(0, 0, 4000, 3000);
        Dimension angle = drawn(new Dimension.Angle(line(level), line(slanting)), 1800, 600);
        sketch.run(new MoveEnd(slanting.id(), End.END, Pick.bare(4000, 4000), WallEnd.Reach.STRUCTURE));
        assertThat(says(angle)).containsExactly("45\u00b0");
        sketch.run(new Hand(new Vec(2000, 0)));
        assertThat(says(angle)).containsExactly("45\u00b0");
    }

    @Test
    void wallsSideBySideHaveNoAngle() {
        Wall one = straight(0, 0, 4000, 0), other = straight(0, 2000, 4000, 2000);
        Dimension.Angle of = new Dimension.Angle(line(one), line(other));
        assertThat(sketch.tryRun(drawing(of, 1000, 1000))).isInstanceOf(Refusal.class);
        Wall third = straight(0, 4000, 4000, 7000);
        Dimension angle = drawn(new Dimension.Angle(line(one), line(third)), 1000, 1000);
        assertThat(found()).isEmpty();
        sketch.run(new MoveEnd(third.id(), End.END, Pick.bare(4000, 4000), WallEnd.Reach.STRUCTURE));
        assertThat(says(angle)).isEmpty();
        assertThat(found()).singleElement().asString().startsWith("An angle of");
        sketch.run(new Delete(List.of(one.id())));
        assertThat(sketch.model().find(angle.id())).isNull();
    }

    /** Half a circle of 3 m about (3000, 0): its middle line is 9,425 long. */
    @Test
    void anArcSaysItsRadiusAndItsLength() {
        Wall wall = straight(0, 0, 6000, 0);
        Dimension.Radius of = new Dimension.Radius(line(wall));
        assertThat(sketch.tryRun(drawing(of, 3000, -1000))).isInstanceOf(Refusal.class);
        sketch.run(new CurveWall(wall.id(), new CurveWall.Through(new Vec(3000, -3000))));
        Dimension radius = drawn(of, 3000, -1000);
        Dimension length = drawn(new Dimension.ArcLength(line(wall)), 3000, -4000);
        assertThat(says(radius)).containsExactly("R 3000");
        assertThat(says(length)).containsExactly("9425");
        assertThat(arc(length).radius()).isCloseTo(4000, within(1e-6));
        sketch.run(new CurveWall(wall.id(), new CurveWall.Straight()));
        assertThat(says(radius)).isEmpty();
        assertThat(found()).hasSize(2);
    }
}
