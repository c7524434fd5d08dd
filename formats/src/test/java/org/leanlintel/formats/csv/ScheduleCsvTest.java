package org.leanlintel.formats.csv;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.RenumberMarks;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.change.ReviseAll;
import org.leanlintel.core.edit.drawing.AddDrawing;
import org.leanlintel.core.edit.opening.MakeType;
import org.leanlintel.core.edit.opening.PlaceOpening;
import org.leanlintel.core.edit.opening.ReviseOpening;
import org.leanlintel.core.edit.run.Editing;
import org.leanlintel.core.edit.wall.DrawWalls;
import org.leanlintel.core.edit.wall.NewWall;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Lights;
import org.leanlintel.core.model.MarkLetters;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OpeningMake;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.core.takeoff.OpeningRow;
import org.leanlintel.formats.pdf.DrawingLettering;
import org.leanlintel.formats.standard.OfficeStandard;

/** Schedules of doors and windows: counted from the model, on the board and as comma-separated values. */
class ScheduleCsvTest {

    private Building building;
    private ElementId doors, windows;
    private Wall wall;

    @BeforeEach
    void draw() {
        draw(UnitSystem.METRIC);
    }

    private void draw(UnitSystem units) {
        building = Building.of(OfficeStandard.newProject(new Settings(
                Settings.ID,
                "Schedules",
                "",
                "",
                "",
                units,
                PaperSize.A2,
                1200,
                "UK",
                Settings.RoomNumbering.FROM_ZERO,
                MarkLetters.PLAIN)));
        NewWall made = NewWall.of(
                OfficeStandard.GROUND,
                OfficeStandard.LAYER_WALLS,
                new ElementId("build-up-stud-partition"),
                new SetOut.MiddleOfStructure(),
                Side.LEFT,
                WallEnd.Reach.STRUCTURE);
        wall = (Wall) run(new DrawWalls(made, List.of(Pick.bare(0, 0), Pick.bare(30_000, 0)), false)).stream()
                .filter(Wall.class::isInstance)
                .findFirst()
                .orElseThrow();
        for (int i = 0; i < 11; i++) place(1000 + 1200 * i, 838, 0, new Opening.SwingDoor(End.START, Side.LEFT));
        place(15_000, 1500, 0, new Opening.PairDoor(End.START, 0.75, Side.LEFT));
        place(18_000, 1219.2, 900, new Opening.Window(2, 0, Lights.Opens.VERTICAL_SLIDING));
        doors = schedule("Doors", Drawing.Kind.DOORS);
        windows = schedule("Windows", Drawing.Kind.WINDOWS);
    }

    private List<Element> run(Edit edit) {
        Editing.Result result = Editing.run(edit, building);
        assertThat(result.outcome()).isInstanceOf(Change.class);
        building = result.after();
        return ((Change) result.outcome()).after();
    }

    private void place(double from, double width, double sill, Opening.Kind kind) {
        run(new PlaceOpening(
                wall.id(), OfficeStandard.LAYER_OPENINGS, Placing.from(End.START, from), width, 1200, sill, kind));
    }

    private ElementId schedule(String name, Drawing.Kind kind) {
        return schedule(name, kind, new Drawing.Whole());
    }

    private ElementId schedule(String name, Drawing.Kind kind, Drawing.Subject subject) {
        ElementId lens = building.model().all(Lens.class).getFirst().id();
        return run(new AddDrawing(name, kind, OfficeStandard.GROUND, lens, 10, subject, new Drawing.All(), List.of()))
                .getFirst()
                .id();
    }

    private List<String> csv(ElementId schedule) {
        Drawing drawing = building.model().get(schedule, Drawing.class);
        return new String(ScheduleCsv.write(building, drawing), StandardCharsets.UTF_8)
                .lines()
                .toList();
    }

    @Test
    void everyDoorHasALineInTheOrderOfMarks() {
        List<String> lines = csv(doors);
        assertThat(lines).hasSize(13);
        assertThat(lines.getFirst())
                .isEqualTo(
                        "Mark,Type,Kind,Details,Storey,Wall,Build-up,Opening width,Opening height,Unit width,Unit height,Leaf width,Leaf height");
        assertThat(lines.get(2))
                .as("828 - 2 x 32 - 2 x 3 is 758; 1,195 - 32 - 3 - 8 is 1,152")
                .isEqualTo("D2,,Side hung,\"hung right, from the pull side\",Ground,W1,11,838,1200,828,1195,758,1152");
        assertThat(lines.getLast())
                .as("three quarters of 1,420")
                .isEqualTo("D12,,Pair of leaves,active leaf 75 %,Ground,W1,11,1500,1200,1490,1195,1065,1152");
        assertThat(csv(windows).getLast())
                .isEqualTo("G1,,Sliding up and down,2 lights,Ground,W1,11,1219,1200,1209,1190,900,2100");
    }

    /** UK practice: a leaf of 762 by 1,981 with a lining of 27 needs an opening of 832 by 2,024. */
    @Test
    void theLeafFollowsFromTheOpening() {
        Opening first = building.model().all(Opening.class).getFirst();
        OpeningMake lining = new OpeningMake(10, 5, 27, 3, 8, 35, false, 0, 0);
        Opening opening = new Opening(
                first.id(),
                first.layer(),
                first.mark(),
                first.wall(),
                first.placing(),
                832,
                2024,
                0,
                first.kind(),
                lining,
                "",
                first.words(),
                first.work());
        assertThat(opening.leafWidthMm()).isEqualTo(762);
        assertThat(opening.leafHeightMm()).isEqualTo(1981);
    }

    @Test
    void aScheduleIsSortedByTheColumnChosen() {
        Drawing drawing = building.model().get(doors, Drawing.class);
        run(new Revise(drawing.sorted("Opening width")));
        assertThat(csv(doors).getLast()).startsWith("D12,");
        run(new Revise(drawing.sorted("Kind")));
        assertThat(csv(doors).get(1)).as("Pair of leaves before Side hung").startsWith("D12,");
        assertThat(words(doors)).contains("Pair of leaves");
    }

    /** Openings of one type change together, each turned as it was; one is split off again. */
    @Test
    void aTypeIsChangedInAllItsOpenings() {
        List<Opening> all = building.model().all(Opening.class).stream()
                .filter(o -> o.kind() instanceof Opening.SwingDoor)
                .limit(3)
                .toList();
        Opening turned = all.get(1).of(new Opening.SwingDoor(End.END, Side.RIGHT));
        run(new Revise(turned));
        run(new MakeType(all.stream().map(Opening::id).toList(), "T1"));
        Opening first = building.model().get(all.get(0).id(), Opening.class);
        run(new ReviseOpening(new Opening(
                first.id(),
                first.layer(),
                first.mark(),
                first.wall(),
                first.placing(),
                900,
                2100,
                0,
                first.kind(),
                first.make(),
                "T1",
                first.words(),
                first.work())));
        assertThat(csv(doors))
                .filteredOn(line -> line.contains(",T1,"))
                .hasSize(3)
                .allMatch(l -> l.contains(",900,2100,"));
        assertThat(building.model().get(turned.id(), Opening.class).kind()).isEqualTo(turned.kind());
        run(new MakeType(List.of(turned.id()), ""));
        assertThat(csv(doors)).filteredOn(line -> line.contains(",T1,")).hasSize(2);
    }

    /** Numbered anew across the drawing; D7 is kept and passed over. */
    @Test
    void marksAreNumberedAnewExceptThoseKept() {
        List<Opening> all = building.model().all(Opening.class);
        Opening seventh =
                all.stream().filter(o -> o.mark().equals("D7")).findFirst().orElseThrow();
        Opening first =
                all.stream().filter(o -> o.mark().equals("D1")).findFirst().orElseThrow();
        run(new Delete(List.of(first.id())));
        run(new RenumberMarks(List.of(seventh.id())));
        List<String> marks = csv(doors).stream()
                .skip(1)
                .map(l -> l.substring(0, l.indexOf(',')))
                .toList();
        assertThat(marks).containsExactly("D1", "D2", "D3", "D4", "D5", "D6", "D7", "D8", "D9", "D10", "D11");
        assertThat(building.model().get(seventh.id(), Opening.class).mark()).isEqualTo("D7");
    }

    /** The wall runs east: from its left one looks south, and the west edge is at the right hand. */
    @Test
    void theHandIsSeenFromThePullSide() {
        assertThat(detailOf(End.START, Side.LEFT)).isEqualTo("hung right, from the pull side");
        assertThat(detailOf(End.END, Side.LEFT)).isEqualTo("hung left, from the pull side");
        assertThat(detailOf(End.START, Side.RIGHT)).isEqualTo("hung left, from the pull side");
        assertThat(detailOf(End.END, Side.RIGHT)).isEqualTo("hung right, from the pull side");
    }

    private String detailOf(End hinge, Side swing) {
        draw();
        place(22_000, 762, 0, new Opening.SwingDoor(hinge, swing));
        return OpeningRow.doors(building.model(), WorkState.NEW::equals)
                .getLast()
                .detail();
    }

    /** Marks of inches are quoted, as in 4'-0". */
    @Test
    void inchesAreQuoted() {
        draw(UnitSystem.FEET_INCHES);
        assertThat(csv(windows).getLast()).contains(",\"4'-0\"\"\",");
    }

    @Test
    void theTableOnTheBoardSaysTheSame() {
        List<String> words = words(doors);
        assertThat(words).contains("Doors", "D12", "Pair of leaves", "active leaf 75 %", "1500");
    }

    /** A column of marks that a spreadsheet would reckon with, and one number below nothing. */
    @Test
    void textThatASpreadsheetWouldRunStandsBehindAnApostrophe() {
        Opening door = building.model().all(Opening.class).getFirst();
        run(new Revise(door.named(door.id(), "=1+2|calc")));
        assertThat(csv(doors)).anyMatch(line -> line.startsWith("'=1+2|calc,"));
        assertThat(csv(doors)).noneMatch(line -> line.startsWith("="));
    }

    @Test
    void aScheduleListsWhatIsInOneStateWhereItSaysSo() {
        Opening filled = building.model().all(Opening.class).stream()
                .filter(o -> o.mark().equals("D12"))
                .findFirst()
                .orElseThrow();
        run(new Revise(filled.in(Opening.Work.FILLED)));
        assertThat(csv(doors)).as("in the end").noneMatch(line -> line.startsWith("D12,"));
        ElementId going = schedule("Doors that go", Drawing.Kind.DOORS, new Drawing.InState(WorkState.REMOVED));
        assertThat(csv(going).subList(1, csv(going).size())).hasSize(1).allMatch(line -> line.startsWith("D12,"));
    }

    @Test
    void aDoorInAWallToBeRemovedIsNotCounted() {
        run(new ReviseAll(List.of(building.model().get(wall.id(), Wall.class).in(WorkState.REMOVED))));
        assertThat(OpeningRow.doors(building.model(), WorkState.NEW::equals)).isEmpty();
        assertThat(words(doors)).contains("No doors to list.");
        Drawing plan = building.model().get(OfficeStandard.GROUND_PLAN, Drawing.class);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> ScheduleCsv.write(building, plan))
                .withMessageEndingWith("is not a table that can be saved as CSV.");
    }

    /** The texts of a schedule's picture. */
    private List<String> words(ElementId schedule) {
        return DrawingPicture.of(building, schedule, DrawingLettering.get()).picture().groups().stream()
                .flatMap(g -> g.items().stream())
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }
}
