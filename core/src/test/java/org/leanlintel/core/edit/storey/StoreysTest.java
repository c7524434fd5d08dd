package org.leanlintel.core.edit.storey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.UsualRules;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.room.FloorAreas;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.wall.PlacePiece;
import org.leanlintel.core.edit.wall.Split;
import org.leanlintel.core.effect.Effects;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairMake;
import org.leanlintel.core.model.StairRules;
import org.leanlintel.core.model.StairRules.Limit;
import org.leanlintel.core.model.StairRules.What;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;

/** Storeys that stand on each other, and what depends on their heights. */
class StoreysTest {

    /** 20 finish, 20 board, 220 joists, 15 board: 275. */
    private static final ElementId FLOOR = Sketch.id("floor");

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(6000, 4000);

    StoreysTest() {
        sketch.put(new BuildUp(
                FLOOR,
                "FX",
                "Floor",
                BuildUp.Use.FLOOR,
                List.of(
                        Sketch.ply("board", 20, Does.LINING),
                        Sketch.ply("insulation", 20, Does.BOARDS),
                        Sketch.ply("stud", 220, Does.CARRIES),
                        Sketch.ply("board", 15, Does.LINING)),
                "",
                "",
                ""));
    }

    private static AddStorey above(ElementId beside, String name, double height, AddStorey.Taking taking) {
        return new AddStorey(beside, true, name, height, new Storey.Built(FLOOR), taking, new AddStorey.NotLaid());
    }

    /** Under the ground floor, 2,200 high, with copies of its walls. */
    private static AddStorey cellar() {
        return new AddStorey(
                Sketch.STOREY,
                false,
                "Cellar",
                2200,
                new Storey.NotSaid(),
                taking(true, true, false),
                new AddStorey.NotLaid());
    }

    private static AddStorey.Taking taking(boolean shell, boolean partitions, boolean openings) {
        return new AddStorey.Taking(shell, partitions, openings);
    }

    private Storey storey(String name) {
        return sketch.model().all(Storey.class).stream()
                .filter(s -> s.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void wallsGoFromTheFloorsStructureToTheStructureAbove() {
        sketch.run(above(Sketch.STOREY, "First", 2700, taking(true, false, false)));
        StoreySpace ground = sketch.building().space(Sketch.STOREY);
        // 2,500 from floor to floor, less 20 + 20 + 220
        assertThat(ground.headMm()).isEqualTo(2240);
        // less all 275 of it
        assertThat(ground.ceilingMm()).isEqualTo(2225);
        StoreySpace first = sketch.building().space(storey("First").id());
        assertThat(first.levelMm()).isEqualTo(2500);
        assertThat(first.footMm()).isEqualTo(-40);
        assertThat(first.headMm()).as("nothing above").isEqualTo(2700);
        Wall copy = sketch.model().relations().wallsOf(storey("First").id()).getFirst();
        assertThat(sketch.building().solid(copy.id()).bodies())
                .as("the brick runs down before the floor's edge to the wall below")
                .anyMatch(b -> b.material().id().equals(Sketch.id("brick")) && b.lowMm() == 2500 - 260)
                .filteredOn(b -> b.material().id().equals(Sketch.id("stud")))
                .allMatch(b -> b.lowMm() == 2500 - 40);
    }

    @Test
    void aStoreyIsCopiedWithWhatIsChosen() {
        Wall partition = sketch.across(shell, 3000);
        sketch.door(partition, 1000, 800);
        sketch.window(shell.get(0), 1000, 900, 900, 1100);
        sketch.run(above(Sketch.STOREY, "First", 2500, taking(true, false, true)));
        ElementId first = storey("First").id();
        assertThat(sketch.model().relations().wallsOf(first)).hasSize(4);
        assertThat(sketch.model().all(Opening.class))
                .as("the window, not the door")
                .hasSize(3);
        sketch.run(above(first, "Second", 2500, taking(true, false, false)));
        assertThat(sketch.model().relations().wallsOf(storey("Second").id())).hasSize(4);
        assertThat(sketch.model().all(Opening.class)).hasSize(3);
        sketch.run(cellar());
        assertThat(storey("Cellar").levelMm()).isEqualTo(-2200);
        assertThat(sketch.model().relations().wallsOf(storey("Cellar").id())).hasSize(5);
        assertThat(sketch.model().all(Drawing.class))
                .extracting(Drawing::name)
                .contains("First floor plan", "Second floor plan", "Cellar plan");
        assertThat(sketch.refusal(above(first, "cellar", 2500, taking(false, false, false))))
                .isEqualTo("There is a storey \"Cellar\" already.");
    }

    /** The shell is 290 thick with its structure inside; the floor covers all of it to the outside of its structure. */
    @Test
    void theFloorChosenIsLaidInTheShellThatIsCopied() {
        sketch.run(new AddStorey(
                Sketch.STOREY,
                true,
                "First",
                2700,
                new Storey.Built(FLOOR),
                taking(true, false, false),
                new AddStorey.LaidOn(Sketch.LAYER)));
        Floor laid = sketch.model().all(Floor.class).getFirst();
        assertThat(sketch.model().all(Floor.class)).hasSize(1);
        assertThat(laid.storey()).isEqualTo(storey("First").id());
        assertThat(laid.buildUp()).isEqualTo(FLOOR);
        Bounds outer = sketch.building()
                .solid(shell.get(0).id())
                .bounds()
                .with(sketch.building().solid(shell.get(2).id()).bounds());
        double facing = 150;
        assertThat(FloorAreas.of(laid, sketch.building()).mm2())
                .isCloseTo(
                        (outer.maxX() - outer.minX() - 2 * facing) * (outer.maxY() - outer.minY() - 2 * facing),
                        within(10.0));
    }

    @Test
    void anotherHeightMovesEverythingAbove() {
        sketch.run(above(Sketch.STOREY, "First", 2500, taking(true, false, false)));
        sketch.run(above(storey("First").id(), "Second", 2500, taking(true, false, false)));
        Building before = sketch.building();
        Storey ground = storey("Ground");
        sketch.run(new ReviseStorey(ground.high(2665)));
        assertThat(storey("First").levelMm()).isEqualTo(2665);
        assertThat(storey("Second").levelMm()).isEqualTo(5165);
        assertThat(Effects.between(before, sketch.building()))
                .contains(
                        "First moves up by 165, to +2.665.",
                        "Second moves up by 165, to +5.165.",
                        "4 walls of Ground become 2405 high instead of 2240.");
        sketch.run(new ReviseStorey(storey("Second").at(5000)));
        assertThat(storey("First").heightMm())
                .as("a level gives the storey below another height")
                .isEqualTo(2335);
        assertThat(sketch.refusal(new Revise(storey("First").high(3000))))
                .isEqualTo("Second would not stand on First: change the height of that one instead.");
    }

    @Test
    void aStoreyGoesWithAllThatStandsOnItAndTheOthersCloseUp() {
        sketch.run(above(Sketch.STOREY, "First", 2500, taking(true, false, false)));
        sketch.run(above(storey("First").id(), "Second", 2500, taking(true, false, false)));
        Model before = sketch.model();
        Building was = sketch.building();
        ElementId first = storey("First").id();
        var change = sketch.run(new Delete(List.of(first)));
        assertThat(Effects.between(was, sketch.building())).contains("With First go 4 walls, 1 drawing.");
        assertThat(storey("Second").levelMm()).isEqualTo(2500);
        assertThat(sketch.model().all(Wall.class)).hasSize(8);
        sketch.apply(change.inverse());
        assertThat(sketch.model()).isEqualTo(before);
        sketch.run(new ReorderStorey(first, true));
        assertThat(StoreySpace.stack(sketch.model()))
                .extracting(Storey::name)
                .containsExactly("Ground", "Second", "First");
        assertThat(sketch.refusal(new ReorderStorey(first, true))).isEqualTo("First is the topmost storey already.");
    }

    @Test
    void theOnlyStoreyStays() {
        assertThat(sketch.refusal(new Delete(List.of(Sketch.STOREY)))).isEqualTo("A house has one storey at least.");
    }

    private DrawStair stair(Stair.Shape shape) {
        StairMake make = new StairMake(
                22, 12, 18, StairMake.Strings.CLOSED, 32, 235, 90, StairMake.Rails.BOTH, 900, Sketch.id("stud"));
        return new DrawStair(
                Sketch.STOREY,
                Sketch.LAYER,
                new Vec(1000, 1500),
                0,
                900,
                shape,
                new Stair.LeastRisers(),
                new Stair.FixedGoing(240),
                make,
                Stair.Above.FOUND);
    }

    @Test
    void aStairAnswersToTheHeightAndIsRefusedWhereItLeadsNowhere() {
        sketch.put(UsualRules.with(new StairRules("Test", List.of(new Limit(What.RISE_MOST, 190, "test", true)))));
        Stair.Flights straight = new Stair.Flights(List.of(), List.of());
        assertThat(sketch.refusal(stair(straight))).startsWith("ST1 leads nowhere: there is no storey above Ground.");
        sketch.run(above(Sketch.STOREY, "First", 2500, taking(true, false, false)));
        sketch.run(new ReviseStorey(storey("Ground").high(2835)));
        sketch.run(stair(straight));
        assertThat(built().plan().sum().risers()).isEqualTo(15);
        assertThat(built().plan().sum().riserMm()).isCloseTo(189, within(1e-9));
        // (2,000 + 275) x 240 / 189
        assertThat(built().open().bounds().width()).isCloseTo(2275 * 240 / 189.0, within(0.01));
        Building was = sketch.building();
        sketch.run(new ReviseStorey(storey("Ground").high(3050)));
        assertThat(built().plan().sum().risers()).isEqualTo(17);
        assertThat(Effects.between(was, sketch.building())).contains("ST1: 15 risers of 189 become 17 of 179.4.");
        Stair.Turn turn = Stair.Landing.quarter(org.leanlintel.core.model.Side.LEFT);
        assertThat(sketch.refusal(stair(new Stair.Flights(List.of(17), List.of(turn)))))
                .isEqualTo("ST2 has 17 risers, and its flights before the last have 17 of them with the turns: give"
                        + " them 1 fewer.");
    }

    private BuiltStair built() {
        Element first = sketch.model().all(Stair.class).getFirst();
        return BuiltStair.of((Stair) first, sketch.model());
    }

    /** A lining as high as a wall of 2,500 comes onto one of 2,200, and is cut to it; one of 1,000 stays as it is. */
    @Test
    void piecesAreCutToTheLowerWallsTheyAreCopiedOnto() {
        for (double high : List.of(2500.0, 1000.0))
            sketch.run(new PlacePiece(
                    shell.get(high > 2000 ? 0 : 2).id(),
                    Sketch.LAYER,
                    Side.RIGHT,
                    new WallPiece.Whole(),
                    0,
                    high,
                    new WallPiece.Lined(List.of(Sketch.ply("board", 10, Does.LINING)))));
        sketch.run(cellar());
        assertThat(sketch.model().all(WallPiece.class))
                .extracting(WallPiece::heightMm)
                .containsExactlyInAnyOrder(2500.0, 1000.0, 2200.0, 1000.0);
    }

    @Test
    void aSplitGableKeepsItsShapeInBothParts() {
        Wall north = shell.get(1);
        sketch.run(new Revise(sketch.wall(north).rising(new Rise(new Rise.OnFloor(), Rise.Along.gable(2000, 4000)))));
        sketch.run(new Split(north.id(), new Vec(1500, 4000)));
        Rise.Along first = (Rise.Along) sketch.wall(north).rise().head();
        assertThat(first.at(0)).isEqualTo(2000);
        // a quarter of the way is halfway up one side
        assertThat(first.before(1)).isCloseTo(3000, within(1.0));
    }
}
