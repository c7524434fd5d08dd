package org.leanlintel.formats.standard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.drawing.AddDrawing;
import org.leanlintel.core.edit.opening.PlaceOpening;
import org.leanlintel.core.edit.run.Editing;
import org.leanlintel.core.edit.wall.DrawWalls;
import org.leanlintel.core.edit.wall.NewWall;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.core.takeoff.BuildUpUse;
import org.leanlintel.formats.pdf.DrawingLettering;

/** The schedule of build-ups, its numbers worked by hand. */
class BuildUpScheduleTest {

    private Building building = Building.of(OfficeStandard.newProject(
            OfficeStandard.settings(OfficeStandard.region("UK"), "Schedule", "", "", "", PaperSize.A2)));

    private Change run(Edit edit) {
        Editing.Result result = Editing.run(edit, building);
        building = result.after();
        return (Change) result.outcome();
    }

    private Wall wall(String buildUp, double y, double length) {
        return (Wall) run(new DrawWalls(
                        NewWall.of(
                                OfficeStandard.GROUND,
                                OfficeStandard.LAYER_WALLS,
                                new ElementId("build-up-" + buildUp),
                                new SetOut.OnFace(0),
                                Side.LEFT,
                                WallEnd.Reach.STRUCTURE),
                        List.of(Pick.bare(0, y), Pick.bare(length, y)),
                        false))
                .after()
                .stream()
                .filter(Wall.class::isInstance)
                .findFirst()
                .orElseThrow();
    }

    private AddDrawing schedule() {
        return new AddDrawing(
                "Wall build-ups",
                Drawing.Kind.BUILD_UPS,
                OfficeStandard.GROUND,
                OfficeStandard.LENS_BUILDING_PLAN,
                10,
                new Drawing.Whole(),
                new Drawing.All(),
                List.of());
    }

    private List<String> words() {
        ElementId id = run(schedule()).after().getFirst().id();
        return DrawingPicture.of(building, id, DrawingLettering.get()).picture().groups().stream()
                .flatMap(g -> g.items().stream())
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }

    /** 6 m and 4 m of brick and frame, 2.5 m high, less a door of 1,010 x 2,100: 10 m, 25 - 2.121 = 22.88 m2. */
    @Test
    void countsWhatIsUsed() {
        Wall one = wall("frame-brick", 0, 6000);
        wall("frame-brick", 5000, 4000);
        wall("stud-partition", 9000, 3000);
        run(new PlaceOpening(
                one.id(),
                OfficeStandard.LAYER_OPENINGS,
                Placing.from(End.START, 1000),
                1010,
                2100,
                0,
                new Opening.SwingDoor(End.START, Side.LEFT)));
        List<BuildUpUse> uses = BuildUpUse.of(building);
        assertThat(uses).extracting(u -> u.buildUp().mark()).containsExactly("1", "11");
        assertThat(uses.getFirst().lengthMm()).isCloseTo(10_000, within(1e-6));
        assertThat(uses.getFirst().areaMm2()).isCloseTo((27 - 2.121) * 1e6, within(1.0));
        assertThat(words())
                .contains("Wall build-ups", "1", "Brick and timber frame", "354", "0.182", "10.00", "24.88")
                .contains("140  Stud with mineral wool, 38x140 CLS at 600, carries")
                .contains("11", "Stud partition 75", "100", "3.00", "8.10")
                .doesNotContain("Block partition");
    }

    @Test
    void anEmptyProjectSaysSo() {
        assertThat(words()).contains("No walls yet.");
        assertThat(Editing.run(schedule(), building).outcome())
                .isEqualTo(Refusal.because(
                        "There is a drawing \"Wall build-ups\" already.",
                        building.model().all(Drawing.class).getLast().id()));
    }
}
