package org.leanlintel.core.building.roof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.leanlintel.core.Records.with;

import java.util.Collection;
import java.util.List;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.RoofedHouse;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.building.join.Content;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.storey.DrawCrossGable;
import org.leanlintel.core.edit.storey.DrawRoof;
import org.leanlintel.core.edit.wall.Split;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.roof.RoofShape;

/**
 * Roofs over a house of 6,000 by 4,000 with its wall heads at 5,100, facings of 150. Heel: 150 / cos 35 - 100 tan 35 = 113.1; over
 * the fascia 113.1 - 450 tan 35 lower: 4,898.0; the ridge of the gable 2,300 tan 35 higher: 6,508.5.
 */
class RoofsTest {

    private static final Offset<Double> NEAR = within(0.05);
    private static final double TAN = Math.tan(Math.toRadians(35)), COS = Math.cos(Math.toRadians(35));

    private final RoofedHouse house = new RoofedHouse();

    @Test
    void eavesAndRidgeFollowFromPlateHeelAndOverhang() {
        BuiltRoof built = house.built(house.gabled());
        assertThat(built.plateMm()).isEqualTo(5100);
        assertThat(built.lowestEavesMm()).isCloseTo(4898.001, NEAR);
        assertThat(built.ridgeMm()).isCloseTo(6508.48, NEAR);
        RoofShape shape = (RoofShape) built.solution();
        assertThat(shape.faces()).hasSize(2).allSatisfy(f -> assertThat(f.trueMm2() * COS)
                .isCloseTo(6600 * 2300.0, within(1.0)));
    }

    /** The gable's structure goes up to the rafters, its head at the ridge 183.1 below their tops. */
    @Test
    void gablesRiseToTheRaftersAndWallsUnderEavesEndAtThePlate() {
        house.gabled();
        assertThat(highest(house.wall(0, 2000).id())).isCloseTo(6508.48 - 150 / COS, NEAR);
        assertThat(highest(house.wall(3000, 0).id())).isEqualTo(5100);
        double gable = volume(house.wall(0, 2000).id());
        house.draw(house.overShell(RoofedHouse.EAVES));
        assertThat(gable).isPositive();
    }

    /**
     * 1,200 wide, its middle 3,000 from the corner, all of 35 degrees: it dies 600 behind the outer edge of the plates, which is 150 behind the
     * wall's outer face; behind those it covers 1,200 x 600 / 2.
     */
    @Test
    void aGableAcrossASlopeIsPlacedByItsMiddleAndWidth() {
        Roof main = house.gabled();
        Roof gable = (Roof) house.sketch
                .run(new DrawCrossGable(
                        main.storey(), Sketch.LAYER, new Vec(3000, -200), 1200, 0, Pitch.degrees(35), 0, 150))
                .after()
                .getFirst();
        assertThat(gable.mark()).isEqualTo("R2");
        JoinedRoof joined = house.sketch.building().get(new JoinedRoof.Of(gable.id()));
        assertThat(joined).isNotNull();
        assertThat(joined.faces()).hasSize(2);
        double behind = joined.faces().stream()
                .mapToDouble(
                        f -> f.plan().and(Area.rectangle(0, 150, 6000, 4000)).mm2())
                .sum();
        assertThat(behind).isCloseTo(1200 * 600 / 2.0, within(2000.0));
        double dies = joined.faces().stream()
                .mapToDouble(f -> f.plan().bounds().maxY())
                .max()
                .orElse(0);
        assertThat(dies).isCloseTo(750, within(1.0));
    }

    @Test
    void aGableThatDoesNotFitIsRefused() {
        Roof main = house.gabled();
        DrawCrossGable wide =
                new DrawCrossGable(main.storey(), Sketch.LAYER, new Vec(300, 0), 1200, 0, Pitch.degrees(35), 0, 150);
        assertThat(house.sketch.refusal(wide)).contains("no room for so wide a gable");
        DrawCrossGable high =
                new DrawCrossGable(main.storey(), Sketch.LAYER, new Vec(3000, 0), 4000, 0, Pitch.degrees(45), 0, 150);
        assertThat(house.sketch.refusal(high)).contains("higher than R1");
    }

    @Test
    void aHippedRoofLeavesAllItsWallsLevel() {
        BuiltRoof built = house.built(house.draw(house.overShell(RoofedHouse.EAVES)));
        assertThat(((RoofShape) built.solution()).faces()).hasSize(4);
        for (Wall w : house.house.above) assertThat(highest(w.id())).isEqualTo(5100);
        assertThat(built.ridgeMm()).isCloseTo(6508.48, NEAR);
    }

    /**
     * Its foot 800 over the plate, 5,900, is 1,431.0 behind the eaves at 4,898.0: as far within each of the slopes beside it, which leave
     * it 4,600 - 2 x 1,431.0 wide and 608.48 high; the ridge runs on to it.
     */
    @Test
    void aGabletIsBoardedUpToTheSlopesBesideIt() {
        Roof.Edge gablet = new Roof.Edge(new Roof.Gablet(Pitch.degrees(35), 800), 300, 0);
        Roof roof = house.draw(house.overShell(
                RoofedHouse.EAVES,
                RoofedHouse.at(house.wall(0, 2000), gablet),
                RoofedHouse.at(house.wall(6000, 2000), gablet)));
        BuiltRoof built = house.built(roof);
        RoofShape shape = (RoofShape) built.solution();
        double in = (5900 - 4898.001) / TAN;
        assertThat(shape.lines().stream()
                        .filter(l -> l.kind() == RoofShape.Kind.RIDGE)
                        .mapToDouble(RoofShape.Line::trueMm)
                        .sum())
                .isCloseTo(6600 - 2 * in, NEAR);
        assertThat(shape.faces()).hasSize(4).allSatisfy(f -> assertThat(f.tan()).isCloseTo(TAN, within(1e-9)));
        for (Wall w : house.house.above) assertThat(highest(w.id())).isEqualTo(5100);
        List<Body> boards = bodies(roof.id()).stream()
                .filter(b -> b.does() == Does.BOARDS && b.low().at(b.outline().getFirst()) > 5800)
                .toList();
        assertThat(boards.stream().mapToDouble(RoofsTest::volumeOf).sum())
                .isCloseTo(2 * 20 * (4600 - 2 * in) * 608.48 / 2, within(3000.0));
        assertThat(Bounds.of(boards.stream().flatMap(b -> b.outline().stream()).toList())
                        .width())
                .isCloseTo(6600 - 2 * in, NEAR);
        assertThat(house.schedule().rows())
                .anySatisfy(r -> assertThat(r.toString()).contains("verge"));
    }

    /** A knee wall under the slope, 1,200 from the outer face: cut by the lining over it, which lies 113.1 - 183.1 - 18.3 off the heel. */
    @Test
    void wallsUnderASlopeAreCutByIt() {
        Roof roof = house.gabled();
        house.sketch.run(new Revise(with(roof, "plate", new Roof.AtHeight(900))));
        assertThat(highest(house.wall(3000, 0).id())).as("under eaves").isEqualTo(2600 + 900);
        // at 150 from the outer face the lining lies over the plate by the heel less rafter and lining
        double over = 150 / COS - 100 * TAN - 165 / COS;
        BuiltRoof built = house.built(house.sketch.model().get(roof.id(), Roof.class));
        RoofShape.Face south = ((RoofShape) built.solution())
                .faces().stream()
                        .filter(f -> f.plan().covers(new Vec(3000, 100)))
                        .findFirst()
                        .orElseThrow();
        assertThat(built.underside(south).at(new Vec(3000, 1200))).isCloseTo(3500 + over + 1050 * TAN, NEAR);
    }

    @Test
    void pliesOfARoofMeasureWhatTheyAreAlongItsSlope() {
        Roof roof = house.gabled();
        double tiles = new Bodies(house.sketch.building())
                .on(roof.storey()).stream()
                        .filter(b -> b.element().equals(roof.id())
                                && b.material().id().equals(Sketch.id("brick")))
                        .mapToDouble(RoofsTest::volumeOf)
                        .sum();
        assertThat(tiles).isCloseTo(2 * 6600 * 2300 / COS * 25, within(1e4));
    }

    @Test
    void onePitchChangedMovesTheRidge() {
        Roof roof = house.draw(house.overShell(
                RoofedHouse.EAVES,
                RoofedHouse.at(house.wall(0, 2000), RoofedHouse.VERGE),
                RoofedHouse.at(house.wall(6000, 2000), RoofedHouse.VERGE),
                RoofedHouse.at(
                        house.wall(3000, 4000),
                        new Roof.Edge(new Roof.Eaves(new Pitch(Pitch.Said.IN_TWELVE, 12)), 300, 0))));
        RoofShape shape = (RoofShape) house.built(roof).solution();
        RoofShape.Line ridge = shape.lines().stream()
                .filter(l -> l.kind() == RoofShape.Kind.RIDGE)
                .findFirst()
                .orElseThrow();
        // heels over the plate: 113.1 and 150 root 2 - 100 = 112.1; both slopes meet where they are as high
        double y = (112.132 + 3850 - 113.095 + 150 * TAN) / (1 + TAN);
        assertThat(ridge.from().y()).isCloseTo(y, within(0.5));
    }

    @Test
    void aRoofFollowsItsWalls() {
        Roof roof = house.gabled();
        double before = house.built(roof).ridgeMm();
        house.sketch.run(new Move(List.of(house.wall(3000, 4000).id()), new Vec(0, 1000)));
        assertThat(house.built(roof).ridgeMm()).isCloseTo(before + 500 * TAN, NEAR);
    }

    @Test
    void bothPartsOfAGableThatIsSplitStayGables() {
        Roof roof = house.gabled();
        double before = house.built(roof).ridgeMm();
        house.sketch.run(new Split(house.wall(0, 2000).id(), new Vec(0, 2000)));
        assertThat(house.built(roof).ridgeMm()).isCloseTo(before, NEAR);
        assertThat(((RoofShape) house.built(roof).solution()).faces()).hasSize(2);
    }

    @Test
    void whatCannotBeRoofedIsRefusedAndARoofWhoseWallsGoIsNotDrawn() {
        assertThat(house.sketch.refusal(house.overShell(RoofedHouse.VERGE))).contains("No edge of this roof slopes");
        assertThat(house.sketch.refusal(house.over(new Roof.OverShell(new Vec(20_000, 0)), RoofedHouse.EAVES)))
                .contains("No walls close round");
        Roof roof = house.gabled();
        house.sketch.run(new Delete(List.of(house.wall(3000, 0).id())));
        assertThat(house.built(roof).shape()).isNull();
    }

    /** A wing of 2,000 over the south eaves, its ridge square to the main one: two valleys, and the main roof is open under it. */
    @Test
    void roofsThatCrossJoinInValleys() {
        Roof main = house.gabled();
        Roof wing = house.draw(house.over(
                new Roof.OverRing(
                        List.of(new Vec(2000, -1000), new Vec(4000, -1000), new Vec(4000, 1800), new Vec(2000, 1800))),
                RoofedHouse.EAVES,
                new Roof.OwnEdge(new Roof.OnSide(0), RoofedHouse.VERGE),
                new Roof.OwnEdge(new Roof.OnSide(2), RoofedHouse.AGAINST)));
        JoinedRoof over = joined(main), cross = joined(wing);
        assertThat(over.given().isEmpty()).isFalse();
        assertThat(over.given().and(area(cross)).mm2()).isCloseTo(over.given().mm2(), within(1.0));
        assertThat(area(over).and(area(cross)).mm2()).isLessThan(10);
        double ridge = house.built(wing).ridgeMm();
        assertThat(ridge).isLessThan(house.built(main).ridgeMm());
    }

    /** Against the front, from x = 1,000 to 5,000, its eaves 2,000 before it. */
    private Roof leanTo(Roof.Trim trim) {
        return house.draw(new DrawRoof(
                house.house.first.id(),
                Sketch.LAYER,
                RoofedHouse.COVER,
                new Roof.OverRing(
                        List.of(new Vec(1000, -2000), new Vec(5000, -2000), new Vec(5000, 0), new Vec(1000, 0))),
                new Roof.AtHeight(-400),
                new Roof.Raised(120),
                RoofedHouse.AGAINST,
                List.of(
                        new Roof.OwnEdge(new Roof.OnSide(0), new Roof.Edge(new Roof.Eaves(Pitch.degrees(15)), 200, 0)),
                        new Roof.OwnEdge(new Roof.OnSide(1), RoofedHouse.VERGE),
                        new Roof.OwnEdge(new Roof.OnSide(3), RoofedHouse.VERGE)),
                trim,
                new Roof.ItsUnderside()));
    }

    /** 150 up the wall from its covering, which rises 2,000 x tan 15 = 535.9 from the plate to there, over the verges too; none at its eaves. */
    @Test
    void aLeanToHasItsFlashingUpTheWall() {
        ElementId board = Sketch.id("board"), brick = Sketch.id("brick");
        Roof low = leanTo(new Roof.Trim(150, Roof.Soffit.SLOPED, board, 0, board, 150, brick));
        List<Body> flashings = bodies(low.id()).stream()
                .filter(b -> b.ply() == Content.NO_PLY && b.material().id().equals(brick))
                .toList();
        assertThat(Bounds.of(
                        flashings.stream().flatMap(b -> b.outline().stream()).toList()))
                .isEqualTo(new Bounds(700, -3, 5300, 0));
        Vec eaves = new Vec(3000, -2000), wall = new Vec(3000, 0);
        Body one = flashings.getFirst();
        assertThat(one.high().at(wall) - one.low().at(wall)).isCloseTo(150, within(0.01));
        assertThat(one.low().at(wall) - one.low().at(eaves)).isCloseTo(535.9, within(0.1));
        assertThat(one.low().at(wall)).isCloseTo(covering(low, wall), within(0.01));
    }

    private double covering(Roof roof, Vec at) {
        return bodies(roof.id()).stream()
                .filter(b -> b.ply() == 0)
                .mapToDouble(b -> b.high().at(at))
                .max()
                .orElseThrow();
    }

    @Test
    void aLeanToUnderTheOverhangStaysWhole() {
        Roof main = house.gabled();
        Roof low = leanTo(RoofedHouse.trim(150, Roof.Soffit.SLOPED, 0));
        assertThat(joined(main).given().isEmpty()).isTrue();
        assertThat(((RoofShape) house.built(low).solution()).faces()).hasSize(1);
    }

    private JoinedRoof joined(Roof roof) {
        JoinedRoof joined = house.sketch.building().get(new JoinedRoof.Of(roof.id()));
        assertThat(joined).isNotNull();
        return joined;
    }

    private static Area area(JoinedRoof joined) {
        return Area.union(joined.faces().stream().map(RoofShape.Face::plan).toList());
    }

    private Collection<Body> bodies(ElementId element) {
        return new Bodies(house.sketch.building())
                .on(house.house.first.id()).stream()
                        .filter(b -> b.element().equals(element))
                        .toList();
    }

    private double highest(ElementId element) {
        return bodies(element).stream().mapToDouble(Body::highMm).max().orElseThrow();
    }

    private double volume(ElementId element) {
        return bodies(element).stream().mapToDouble(RoofsTest::volumeOf).sum();
    }

    /** Over a plan outline between two planes: the area by the height over its centroid. */
    private static double volumeOf(Body b) {
        Area area = Area.of(b.outline());
        Vec c = centroid(b.outline());
        return area.mm2() * (b.high().at(c) - b.low().at(c));
    }

    private static Vec centroid(List<Vec> ring) {
        double twice = 0, x = 0, y = 0;
        for (int i = 0; i < ring.size(); i++) {
            Vec p = ring.get(i), q = ring.get((i + 1) % ring.size());
            double cross = p.cross(q);
            twice += cross;
            x += (p.x() + q.x()) * cross;
            y += (p.y() + q.y()) * cross;
        }
        return new Vec(x / (3 * twice), y / (3 * twice));
    }
}
