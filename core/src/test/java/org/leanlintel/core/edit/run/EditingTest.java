package org.leanlintel.core.edit.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.office.AddBuildUp;
import org.leanlintel.core.edit.opening.PlaceOpening;
import org.leanlintel.core.edit.wall.DrawWalls;
import org.leanlintel.core.edit.wall.NewWall;
import org.leanlintel.core.edit.wall.RemakeWalls;
import org.leanlintel.core.geometry.GivenUp;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Lights;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** What edits do to a model, and what they refuse. */
class EditingTest {

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.run(Sketch.SHELL, true, 0, 0, 0, 4800, 7200, 4800, 7200, 0);

    private String refusal(Edit edit) {
        Model before = sketch.model();
        Outcome outcome = sketch.tryRun(edit);
        assertThat(outcome).isInstanceOf(Refusal.class);
        assertThat(sketch.model()).isSameAs(before);
        return ((Refusal) outcome).sentence();
    }

    private PlaceOpening door(Wall wall, double from, double width) {
        return new PlaceOpening(
                wall.id(),
                Sketch.LAYER,
                Placing.from(End.START, from),
                width,
                2100,
                0,
                new Opening.SwingDoor(End.START, Side.RIGHT));
    }

    /** Whoever has waited too long interrupts the work: nothing comes of it, and the next goes as ever. */
    @Test
    void workThatIsNotWantedAnyMoreIsGivenUp() {
        Sketch sketch = new Sketch();
        List<Wall> shell = sketch.shell(9000, 6000);
        Building before = sketch.building();
        Edit move = new Move(List.of(shell.getFirst().id()), new Vec(100, 0));
        Thread.currentThread().interrupt();
        try {
            assertThatExceptionOfType(GivenUp.class).isThrownBy(() -> sketch.tryRun(move));
            assertThatExceptionOfType(GivenUp.class)
                    .isThrownBy(
                            () -> DrawingPicture.of(before, Sketch.PLAN, new Lettering(Map.of(), Map.of(), 0.5, 0.7)));
        } finally {
            assertThat(Thread.interrupted()).isTrue();
        }
        assertThat(sketch.building()).isSameAs(before);
        sketch.run(move);
    }

    @Test
    void openingsMustFitTheirWall() {
        assertThat(refusal(door(shell.get(0), 4400, 910))).isEqualTo("The door D1 would run 800 past the end of W1.");
        sketch.door(shell.get(0), 1000, 910);
        assertThat(refusal(door(shell.get(0), 1800, 910))).isEqualTo("The door D2 would overlap door D1.");
        sketch.partition(Sketch.PARTITION, new Vec(290, 3000), shell.get(0), new Vec(6910, 3000), shell.get(2));
        assertThat(refusal(door(shell.get(0), 2500, 910))).isEqualTo("The door D2 would open where W5 meets W1.");
        assertThat(refusal(new PlaceOpening(
                        shell.get(1).id(),
                        Sketch.LAYER,
                        Placing.from(End.START, 1000),
                        900,
                        2600,
                        0,
                        new Opening.Window(1, 0, Lights.Opens.FIXED))))
                .isEqualTo("The head of the window G1 would be above the top of W2.");
    }

    @Test
    void wallsMustNotLieOnEachOther() {
        assertThat(refusal(new DrawWalls(
                        NewWall.of(
                                Sketch.STOREY,
                                Sketch.LAYER,
                                Sketch.PARTITION,
                                new SetOut.OnFace(0),
                                Side.LEFT,
                                WallEnd.Reach.STRUCTURE),
                        List.of(Pick.bare(100, 500), Pick.bare(100, 4000)),
                        false)))
                .isEqualTo("W5 would lie on W1.");
        assertThat(refusal(new Move(List.of(shell.get(0).id()), new Vec(7500, 0))))
                .isEqualTo("W2 would be turned about: its ends would pass each other.");
    }

    @Test
    void aWallTooShortForItsJointsIsRefused() {
        assertThat(refusal(new Move(List.of(shell.get(0).id()), new Vec(6800, 0))))
                .contains("W");
    }

    @Test
    void aPartitionIntoACornerIsRefused() {
        assertThat(refusal(new DrawWalls(
                        NewWall.of(
                                Sketch.STOREY,
                                Sketch.LAYER,
                                Sketch.PARTITION,
                                new SetOut.MiddleOfStructure(),
                                Side.LEFT,
                                WallEnd.Reach.STRUCTURE),
                        List.of(
                                new Pick(
                                        new Vec(290, 320),
                                        new Hold.OnFace(shell.get(0).id(), 0)),
                                Pick.bare(3000, 320)),
                        false)))
                .containsAnyOf("lie on", "in its corner");
    }

    @Test
    void aWallDrawnAcrossAnotherBecomesTwoThatMeetIt() {
        Wall middle =
                sketch.partition(Sketch.PARTITION, new Vec(3600, 290), shell.get(3), new Vec(3600, 4510), shell.get(1));
        Change change = sketch.run(new DrawWalls(
                NewWall.of(
                        Sketch.STOREY,
                        Sketch.LAYER,
                        Sketch.PARTITION,
                        new SetOut.MiddleOfStructure(),
                        Side.LEFT,
                        WallEnd.Reach.STRUCTURE),
                List.of(
                        new Pick(
                                new Vec(290, 2400), new Hold.OnFace(shell.get(0).id(), 0)),
                        new Pick(
                                new Vec(6910, 2400),
                                new Hold.OnFace(shell.get(2).id(), 0))),
                false));
        assertThat(change.name()).isEqualTo("draw 2 walls");
        assertThat(sketch.model().relations().endsOn(middle.id())).hasSize(2);
    }

    @Test
    void deletingAWallTakesItsOpeningsAndFreesWhatStoodOnIt() {
        Wall partition =
                sketch.partition(Sketch.PARTITION, new Vec(3600, 290), shell.get(3), new Vec(3600, 4510), shell.get(1));
        Opening door = sketch.door(shell.get(1), 1000, 910);
        sketch.run(new DrawString(
                Sketch.PLAN,
                Sketch.LAYER,
                new Vec(0, 1),
                new Vec(-900, 0),
                List.of(
                        new Hold.OnFace(shell.get(1).id(), 0),
                        new Hold.OnFace(shell.get(3).id(), 0))));
        Change change = sketch.run(new Delete(List.of(shell.get(1).id())));

        assertThat(change.name()).isEqualTo("delete wall W2");
        assertThat(sketch.model().find(door.id())).isNull();
        assertThat(sketch.wall(partition).end()).isInstanceOf(WallEnd.AtCorner.class);
        assertThat(sketch.building().strip(partition.id()).length()).isCloseTo(4800, within(1e-6));
        assertThat(sketch.model().all(DimensionString.class).getFirst().holds())
                .as("its point stays where it was")
                .contains(new Hold.Lost(new Vec(0, 4800)));
        assertThat(sketch.model().all(Corner.class))
                .as("corners of neighbours stay")
                .hasSize(5);
    }

    @Test
    void whatIsInUseCannotBeDeleted() {
        assertThat(refusal(new Delete(List.of(Sketch.SHELL)))).contains("Build-up shell is still used by wall W");
        assertThat(refusal(new Delete(List.of(Settings.ID))))
                .isEqualTo("A project needs its settings, its site and its rules: that cannot be deleted.");
    }

    @Test
    void anOpeningMovesAlongItsWall() {
        Opening door = sketch.door(shell.get(1), 1000, 910);
        sketch.run(new Move(List.of(door.id()), new Vec(250, 400)));
        assertThat(((Placing.Off) sketch.model().get(door.id(), Opening.class).placing()).distanceMm())
                .isCloseTo(1250, within(1e-9));
    }

    @Test
    void openingsStayWhereTheirWallMoves() {
        Opening door = sketch.door(shell.get(1), 1000, 910);
        sketch.run(new Move(List.of(shell.get(1).id()), new Vec(0, 600)));
        assertThat(sketch.model().get(door.id(), Opening.class)).isEqualTo(door);
        assertThat(sketch.building().strip(shell.get(1).id()).axis().start()).isEqualTo(new Vec(0, 5400));
    }

    @Test
    void aChangeMadeForAnotherModelIsNotApplied() {
        Change move = (Change) new Move(List.of(shell.get(0).id()), new Vec(-100, 0)).on(sketch.building());
        Model moved = sketch.model().after(move);
        assertThatIllegalStateException().isThrownBy(() -> moved.after(move));
    }

    @Test
    void wallsRemadeKeepTheirSetOutLineAndAreNamedTogether() {
        Wall partition =
                sketch.partition(Sketch.PARTITION, new Vec(3600, 290), shell.get(3), new Vec(3600, 4510), shell.get(1));
        List<ElementId> ids = shell.stream().map(Wall::id).toList();
        Change change = sketch.run(new RemakeWalls(ids, Sketch.LINED, new RemakeWalls.At(new SetOut.OnFace(0))));
        assertThat(change.name()).isEqualTo("make 4 walls of lined");
        assertThat(sketch.building().strip(shell.get(0).id()).axis().start()).isEqualTo(Vec.ORIGIN);
        assertThat(sketch.area(partition, "stud", 1200))
                .as("through the lining to the structure of 140")
                .isCloseTo(89 * (4800 - 2 * 140), within(0.01));
        sketch.apply(change.inverse());
        assertThat(sketch.area(partition, "stud", 1200)).isCloseTo(89 * (4800 - 2 * 290), within(0.01));
        assertThat(refusal(new RemakeWalls(List.of(), Sketch.LINED, new RemakeWalls.At(new SetOut.OnFace(0)))))
                .isEqualTo("No wall is selected.");
    }

    @Test
    void aBuildUpIsAddedUnderItsOwnNameAndMark() {
        Change change = sketch.run(new AddBuildUp(Sketch.buildUp("Twin", Sketch.ply("stud", 89, Does.CARRIES))));
        assertThat(change.name()).isEqualTo("add build-up Twin");
        assertThat(refusal(new AddBuildUp(Sketch.buildUp("TWIN", Sketch.ply("stud", 89, Does.CARRIES)))))
                .isEqualTo("There is a build-up \"Twin\" already.");
        BuildUp odd = Sketch.buildUp("Odd", Sketch.ply("nothing", 89, Does.CARRIES));
        assertThat(refusal(new AddBuildUp(odd))).contains("refers to the material \"nothing\"");
        BuildUp lined = sketch.model().get(Sketch.LINED, BuildUp.class);
        sketch.run(new Revise(lined.named(Sketch.LINED, "7", "lined")));
        assertThat(refusal(new Revise(
                        sketch.model().get(Sketch.SHELL, BuildUp.class).named(Sketch.SHELL, "7", "shell"))))
                .isEqualTo("Mark 7 is \"lined\" already.");
        sketch.run(new AddBuildUp(lined.named(Sketch.id("copy"), "7", "lined too")));
        assertThat(sketch.model().all(BuildUp.class).stream()
                        .filter(b -> b.name().equals("lined too"))
                        .map(BuildUp::mark))
                .as("a copy gets the next mark")
                .containsExactly("8");
    }

    @Test
    void aRunMayBendALittleButNotFoldBack() {
        List<Wall> bent = sketch.run(Sketch.SHELL, false, 20_000, 0, 24_000, 0, 28_000, 350);
        assertThat(bent).as("a bend of 5 degrees").hasSize(2);
        assertThat(refusal(new DrawWalls(
                        NewWall.of(
                                Sketch.STOREY,
                                Sketch.LAYER,
                                Sketch.SHELL,
                                new SetOut.OnFace(0),
                                Side.LEFT,
                                WallEnd.Reach.STRUCTURE),
                        List.of(Pick.bare(20_000, 9000), Pick.bare(24_000, 9000), Pick.bare(20_100, 8900)),
                        false)))
                .contains("would lie on");
    }
}
