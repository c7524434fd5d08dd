package org.leanlintel.core.dimension;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.HouseOfTwo;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.edit.carry.Hand;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.dimension.DimensionPlan;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairMake;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.WordsAt;
import org.leanlintel.core.model.WorkState;

/** A stair is found as walls are, and strings hold to it and to fittings. */
class StairsAreSetOutTest {

    private static final Scheme SCHEME =
            new Scheme(Scheme.Walls.FINISH, Scheme.Walls.STRUCTURE, Scheme.Openings.EDGES, 12, 8);

    private final HouseOfTwo house = new HouseOfTwo();
    private final Sketch sketch = house.sketch;

    private List<String> lost() {
        return sketch.building().get(new SetOutCheck.Of(Sketch.PLAN)).lost().stream()
                .map(SetOutReport.Line::words)
                .toList();
    }

    private List<Double> parts(DimensionString of) {
        DimensionString now = sketch.model().get(of.id(), DimensionString.class);
        List<HeldPoints.Held> points = HeldPoints.along(now, sketch.building());
        return points.stream().map(HeldPoints.Held::position).toList();
    }

    private DimensionString string(Vec direction, Hold... holds) {
        return (DimensionString)
                sketch.run(new DrawString(Sketch.PLAN, Sketch.LAYER, direction, new Vec(1500, 1500), List.of(holds)))
                        .after()
                        .getFirst();
    }

    @Test
    void theCommandTellsOfAStairWhatIsNotToldByWalls() {
        Stair stair = house.stair(900, StairMake.Rails.NONE, Stair.Above.FOUND);
        assertThat(lost()).contains("first riser of " + stair.mark(), "side of " + stair.mark());
        sketch.run(new DimensionPlan(Sketch.PLAN, Sketch.LAYER, List.of(Facing.values()), true, List.of(), SCHEME));
        assertThat(lost()).isEmpty();
    }

    @Test
    void stringsFollowAStairAndAreHandedWithIt() {
        Stair stair = house.stair(900, StairMake.Rails.NONE, Stair.Above.FOUND);
        DimensionString s = string(
                new Vec(0, 1),
                new Hold.BesideFlight(stair.id(), 0, Side.LEFT),
                new Hold.BesideFlight(stair.id(), 0, Side.RIGHT));
        List<Double> before = parts(s);
        assertThat(before.getLast() - before.getFirst()).isEqualTo(stair.widthMm());
        sketch.run(new Move(List.of(stair.id()), new Vec(0, 150)));
        assertThat(parts(s).getFirst() - before.getFirst()).isEqualTo(150);
        sketch.run(new Hand(new Vec(3000, 0)));
        assertThat(parts(s)).hasSize(2);
        assertThat(sketch.model().get(s.id(), DimensionString.class).holds())
                .containsExactly(
                        new Hold.BesideFlight(stair.id(), 0, Side.RIGHT),
                        new Hold.BesideFlight(stair.id(), 0, Side.LEFT));
    }

    private static Symbol desk() {
        return new Symbol(
                Sketch.id("desk"),
                "Desk",
                Symbol.Kind.TABLE,
                "Our own",
                false,
                Vec.ORIGIN,
                new Symbol.Extent(600, 1200, 2400),
                Symbol.Extent.fixed(600),
                0,
                750,
                List.of(600.0),
                List.of(),
                List.of(),
                List.of(),
                "");
    }

    private Fitting desk(boolean mirrored) {
        return new Fitting(
                Sketch.id("f"),
                Sketch.STOREY,
                Sketch.LAYER,
                "F1",
                Sketch.id("desk"),
                new Fitting.Free(new Vec(3000, 2000), 0),
                mirrored,
                1200,
                600,
                WorkState.NEW,
                WordsAt.CLEAR);
    }

    /** Of a desk of 1,200 by 600 its front left corner, as it is seen from before it, is at the other end where it is mirrored. */
    @Test
    void stringsHoldToTheCornersOfAFittingAndFollowIt() {
        sketch.put(desk(), desk(false));
        Hold left = new Hold.AtFittingCorner(Sketch.id("f"), Hold.AtFittingCorner.Corner.FRONT_LEFT),
                right = new Hold.AtFittingCorner(Sketch.id("f"), Hold.AtFittingCorner.Corner.BACK_RIGHT);
        DimensionString along = string(new Vec(1, 0), new Hold.AtPoint(Vec.ORIGIN), left, right),
                across = string(new Vec(0, 1), left, right);
        assertThat(parts(along)).containsExactly(0.0, 2400.0, 3600.0);
        assertThat(parts(across)).containsExactly(1700.0, 2300.0);
        sketch.run(new Move(List.of(Sketch.id("f")), new Vec(100, 50)));
        assertThat(parts(along)).containsExactly(0.0, 2500.0, 3700.0);
        assertThat(parts(across)).containsExactly(1750.0, 2350.0);
        sketch.run(new Delete(List.of(Sketch.id("f"))));
        assertThat(sketch.model().get(along.id(), DimensionString.class).holds())
                .filteredOn(Hold.Lost.class::isInstance)
                .hasSize(2);
    }

    /** From the left of a desk of 1,200 to its middle and its right. */
    @Test
    void stringsHoldToTheLinesOfAFitting() {
        Fitting fitting = desk(false);
        sketch.put(desk(), fitting);
        DimensionString s = string(
                new Vec(1, 0),
                new Hold.OnFitting(fitting.id(), Hold.OnFitting.Edge.LEFT),
                new Hold.OnFitting(fitting.id(), Hold.OnFitting.Edge.MIDDLE),
                new Hold.OnFitting(fitting.id(), Hold.OnFitting.Edge.RIGHT));
        assertThat(parts(s)).containsExactly(2400.0, 3000.0, 3600.0);
        sketch.run(new Move(List.of(fitting.id()), new Vec(100, 0)));
        assertThat(parts(s)).containsExactly(2500.0, 3100.0, 3700.0);
    }
}
