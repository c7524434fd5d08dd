package org.leanlintel.core.building.roof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.RoofedHouse;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.UsualRules;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.building.feature.Feature;
import org.leanlintel.core.building.feature.Features;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.storey.DrainRoof;
import org.leanlintel.core.edit.storey.DrawFlatRoof;
import org.leanlintel.core.edit.storey.DrawRoof;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.StairRules;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.roof.RoofShape;
import org.leanlintel.core.takeoff.Table;

/**
 * Flat roofs over a house of 6,000 by 4,000 with its wall heads at 5,100, facings of 150 before structures of 140. Seats of 100: at 1:40
 * rafters of 150 have a heel of 150 x sqrt(1 + 1 / 1600) - 100 / 40 = 147.55.
 */
class ParapetsTest {

    private static final Offset<Double> NEAR = within(0.05);
    private static final Pitch FALL = new Pitch(Pitch.Said.ONE_IN, 40);
    private static final Roof.Edge EAVES = new Roof.Edge(new Roof.Eaves(FALL), 300, 0);

    private final RoofedHouse house = new RoofedHouse();

    private static Roof.Edge parapet(double upMm) {
        return new Roof.Edge(new Roof.Parapet(upMm, 60, new Roof.FallsElsewhere()), 0, 0);
    }

    /** Drains over the wall along y = 0; parapets at the other sides. */
    private Roof draining(double upMm) {
        return house.draw(house.overShell(parapet(upMm), RoofedHouse.at(house.wall(3000, 0), EAVES)));
    }

    @Test
    void theRoofEndsAtTheInnerFaceOfTheStructureOfParapets() {
        BuiltRoof built = house.built(draining(500));
        Bounds plan = built.covered().bounds();
        assertThat(plan.minX()).isCloseTo(290, NEAR);
        assertThat(plan.maxX()).isCloseTo(5710, NEAR);
        assertThat(plan.minY()).isCloseTo(-300, NEAR);
        assertThat(plan.maxY()).isCloseTo(3710, NEAR);
        assertThat(built.lowestEavesMm()).isCloseTo(5100 + 147.547 - 450 / 40.0, NEAR);
        assertThat(built.ridgeMm()).isCloseTo(5100 + 147.547 + (3710 - 150) / 40.0, NEAR);
    }

    /** The wall along x = 6,000 is the nearest to a point 400 from it. */
    @Test
    void aFlatRoofIsDrawnAtOnceAndDrainsOverTheNearestSide() {
        DrawRoof round = house.overShell(parapet(500));
        Roof roof = (Roof) house.sketch
                .run(new DrawFlatRoof(round, EAVES, new Vec(5600, 2000)))
                .after()
                .getFirst();
        assertThat(roof.own()).containsExactly(RoofedHouse.at(house.wall(6000, 2000), EAVES));
        assertThat(roof.usual()).isEqualTo(parapet(500));
        assertThat(((RoofShape) house.built(roof).solution()).faces())
                .singleElement()
                .satisfies(f -> assertThat(f.plane().slope().x()).isCloseTo(-1 / 40.0, within(1e-9)));
        DrawRoof outside = new RoofedHouse().over(new Roof.OverShell(new Vec(90_000, 0)), parapet(500));
        assertThat(house.sketch.refusal(new DrawFlatRoof(outside, EAVES, Vec.ORIGIN)))
                .contains("close round");
    }

    @Test
    void wallsOfParapetsRisePastTheRoofAndTheirLiningsEndUnderIt() {
        house.sketch.put(Sketch.buildUp(
                "shell",
                Sketch.ply("brick", 100, Does.FACING),
                Sketch.ply("air", 50, Does.AIR_GAP),
                Sketch.ply("stud", 140, Does.CARRIES),
                Sketch.ply("board", 15, Does.LINING)));
        BuiltRoof built = house.built(draining(500));
        ElementId north = house.wall(3000, 4000).id();
        assertThat(highest(north, false)).isEqualTo(5600);
        RoofShape.Face slope = ((RoofShape) built.solution()).faces().getFirst();
        assertThat(highest(north, true)).isCloseTo(built.underside(slope).at(new Vec(3000, 3710)), NEAR);
        assertThat(highest(house.wall(3000, 0).id(), false)).as("under eaves").isEqualTo(5100);
    }

    @Test
    void copingsCoverParapetsPastBothFacesAndRoundCorners() {
        List<Coping> copings = Coping.of(house.built(draining(500)));
        assertThat(copings).singleElement().satisfies(c -> {
            assertThat(c.lowMm()).isEqualTo(5600);
            assertThat(c.highMm()).isEqualTo(5660);
            assertThat(c.area().pieces()).isEqualTo(1);
            // 40 + 290 + 40 wide: two along y, one between them along x
            assertThat(c.area().mm2()).isCloseTo(2 * 370 * 4080.0 + 370 * (6080 - 740.0), within(1.0));
        });
    }

    @Test
    void aRoofMayFallTowardsAParapet() {
        Roof.Edge falling = new Roof.Edge(new Roof.Parapet(500, 0, new Roof.FallsToIt(FALL)), 0, 0);
        Roof roof = house.draw(house.overShell(parapet(500), RoofedHouse.at(house.wall(3000, 0), falling)));
        BuiltRoof built = house.built(roof);
        RoofShape.Face slope = ((RoofShape) built.solution()).faces().getFirst();
        assertThat(built.pitch(slope)).isEqualTo(FALL);
        assertThat(slope.plane().at(new Vec(3000, 290))).isCloseTo(5100 + 147.547 + 140 / 40.0, NEAR);
        assertThat(highest(house.wall(3000, 0).id(), false)).isEqualTo(5600);
        assertThat(bodies(roof.id())).as("no gutter before a parapet").noneMatch(b -> b.outline().stream()
                .anyMatch(p -> p.y() < -50));
    }

    /** 100 off the parapet's inner face; 2,000 up a slope of 1:40 it lies 50 higher than there, and 154 from its lowest place to begin with. */
    @Test
    void aSlopeThatRunsDownToAParapetNeedsAnOutletWhereItIsLowest() {
        house.sketch.put(UsualRules.with(new StairRules("none", List.of())));
        Roof.Edge falling = new Roof.Edge(new Roof.Parapet(500, 0, new Roof.FallsToIt(FALL)), 0, 0);
        Roof roof = house.draw(house.overShell(parapet(500), RoofedHouse.at(house.wall(3000, 0), falling)));
        assertThat(findings(roof))
                .extracting(Finding::sentence)
                .contains("A slope of R1 runs down to a parapet, and nothing takes its water away.");
        DrainRoof drain = new DrainRoof(roof.id(), Sketch.LAYER, 110, 110, Sketch.id("board"));
        RoofPart outlet = (RoofPart) house.sketch.run(drain).after().getFirst();
        assertThat(outlet.mark()).isEqualTo("RO1");
        assertThat(outlet.at().distanceTo(new Vec(3000, 290 + 100 + 55))).isLessThan(0.1);
        assertThat(house.sketch.refusal(drain)).isEqualTo("R1 has the outlets it needs.");
        assertThat(findings(roof)).extracting(Finding::sentence).noneMatch(s -> s.contains("water"));
        PlacedRoofPart placed = house.sketch.building().get(new PlacedRoofPart.Of(outlet.id()));
        assertThat(placed).isNotNull().satisfies(p -> assertThat(p.hole().isEmpty())
                .isTrue());
        assertThat(house.schedule().rows().getFirst().cells())
                .extracting(Table.Cell::text)
                .anyMatch(t -> t.endsWith("1 outlet"));
        house.sketch.run(new Move(List.of(outlet.id()), new Vec(0, 2000)));
        assertThat(findings(roof))
                .extracting(Finding::sentence)
                .contains("RO1 lies 53.9 above the lowest place of its slope: water stands there.");
    }

    /** Along the north parapet the covering lies at 5,100 + 147.55 + 89 + 50.02 = 5,386.56; so it does at the ends of those beside it. */
    @Test
    void aParapetThatStandsTooLittleAboveTheRoofIsFound() {
        house.sketch.put(UsualRules.with(new StairRules("none", List.of())));
        Roof low = draining(400);
        assertThat(low(low)).hasSize(3).allSatisfy(f -> assertThat(f.sentence())
                .contains("stands 113.4 above the roof; 150 is asked for"));
        house.sketch.run(new Revise(low.over(
                low.over(), List.of(RoofedHouse.at(house.wall(3000, 0), EAVES), own(6000, 500), own(0, 500)))));
        assertThat(low(low)).hasSize(1);
    }

    private Roof.OwnEdge own(double x, double upMm) {
        return RoofedHouse.at(house.wall(x, 2000), parapet(upMm));
    }

    @Test
    void stringsHoldToTheTopOfTheHighestParapetAndSchedulesTellOfNoVergeThere() {
        Roof roof = draining(500);
        Hold top = new Hold.AtLevel(roof.id(), Hold.AtLevel.Of.PARAPET);
        assertThat(Features.of(top, house.sketch.building())).isEqualTo(new Feature.Level(5660));
        assertThat(house.built(roof).highest()).isEqualTo("top of R1");
        String lengths = house.schedule().rows().getFirst().cells().get(6).text();
        assertThat(lengths).isEqualTo("eaves 5420, parapet 14000");
        RoofedHouse other = new RoofedHouse();
        Hold none = new Hold.AtLevel(other.gabled().id(), Hold.AtLevel.Of.PARAPET);
        assertThat(Features.of(none, other.sketch.building())).as("no parapet").isNull();
    }

    @Test
    void anOverhangIsRefusedWhereAParapetStands() {
        assertThatThrownBy(() -> new Roof.Edge(new Roof.Parapet(500, 0, new Roof.FallsElsewhere()), 300, 0))
                .isInstanceOf(Unusable.class)
                .hasMessageContaining("no overhang");
    }

    private List<Finding> low(Roof roof) {
        return findings(roof).stream()
                .filter(f -> f.sentence().contains("parapet"))
                .toList();
    }

    private List<Finding> findings(Roof roof) {
        return Findings.of(house.sketch.building()).stream()
                .filter(f -> f.concerns().contains(roof.id()))
                .toList();
    }

    private List<Body> bodies(ElementId element) {
        return new Bodies(house.sketch.building()).of(element);
    }

    private double highest(ElementId wall, boolean lining) {
        return bodies(wall).stream()
                .filter(b -> (b.does() == Does.LINING) == lining)
                .mapToDouble(Body::highMm)
                .max()
                .orElseThrow();
    }
}
