package org.leanlintel.formats.dxf;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.dimension.DrawDimension;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.wall.CurveWall;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Dimension;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Pen;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.core.picture.sheet.SheetPicture;
import org.leanlintel.core.sheet.TitleFacts;
import org.leanlintel.formats.demo.QuarryBankHouse;
import org.leanlintel.formats.pdf.DrawingLettering;

/** DXF as an independent reader has it (Debian's python3-ezdxf). */
class DxfWriterTest {

    private static final Lettering LETTERING = DrawingLettering.get();
    private static final Model HOUSE = QuarryBankHouse.draw();

    @TempDir
    private Path folder;

    /** What the reader says of a picture. */
    private List<String> read(byte[] dxf) throws IOException, InterruptedException {
        return DxfReader.says("read_dxf.py", dxf, folder);
    }

    private static Picture picture(Item... items) {
        ElementId layer = new ElementId("layer-walls");
        return new Picture(50, List.of(new Group(new ElementId("x"), layer, List.of(items), List.of())));
    }

    /** A line of 4 m, half a circle of 1 m, a hatched square and two words. */
    @Test
    void everythingIsInItsTruePlaceAndSize() throws IOException, InterruptedException {
        Pen pen = new Pen(0.35, Pen.Dash.DASHED, "#b3321f");
        List<Vec> square = List.of(new Vec(0, 0), new Vec(1000, 0), new Vec(1000, 1000), new Vec(0, 1000));
        List<String> said = read(DxfWriter.drawing(
                picture(
                        new Item.Strokes(PenRole.EDGE, pen, List.of(List.of(new Vec(0, 0), new Vec(4000, 0)))),
                        new Item.Arc(PenRole.EDGE, pen, new Vec(2000, 0), 1000, 0, Math.PI),
                        new Item.Fill("#ffeedd", square),
                        new Item.Hatch(pen, List.of(square), List.of(45.0, -45.0), Vec.ORIGIN, 100),
                        LETTERING.set("Larder & <\u00e4>", new Vec(100, 100), 0, 2.5, Lettering.Align.LEFT, false)),
                Building.of(HOUSE),
                LETTERING));
        assertThat(said)
                .contains("form AC1027", "units 4", "count ARC 1", "count HATCH 2", "count LWPOLYLINE 1")
                .contains("layers Walls", "text Larder & <\u00e4>", "extent 0.0 0.0 4000.0 1000.0")
                .noneMatch(l -> l.startsWith("problem"));
    }

    @Test
    void everyDrawingOfTheHouseIsReadWithoutAProblem() throws IOException, InterruptedException {
        Building building = Building.of(HOUSE);
        for (Drawing d : Drawing.register(HOUSE)) {
            Picture picture = DrawingPicture.of(building, d.id(), LETTERING).picture();
            assertThat(read(DxfWriter.drawing(picture, building, LETTERING)))
                    .as(d.name())
                    .contains("form AC1027")
                    .noneMatch(l -> l.startsWith("problem"));
        }
    }

    /**
     * The bottom string of the ground floor plan is four dimensions and more: each measures what it is between, and a reader that
     * says what it measures says what we do.
     */
    @Test
    void partsOfStringsAreDimensions() throws IOException, InterruptedException {
        Building building = Building.of(HOUSE);
        Drawing plan = Drawing.register(HOUSE).getFirst();
        Picture picture = DrawingPicture.of(building, plan.id(), LETTERING).picture();
        List<String> said = read(DxfWriter.drawing(picture, building, LETTERING));
        assertThat(said)
                .contains("dimension 12400.0 <> at 0", "dimension 8400.0 <> at 90", "dimension 3247.5 <> at 0")
                .as("a figure that a reader would round the other way")
                .contains("dimension 1252.5 1252 at 0")
                .as("figures that stand aside are where they were put, in the picture of their dimension")
                .anyMatch(l -> l.startsWith("picture 75 "));
        assertThat(said)
                .filteredOn(l -> l.startsWith("dimension "))
                .as("a figure over its neighbour is told by its own part")
                .noneMatch(l -> l.contains("\\X"));
        long parts = HOUSE.relations().annotationsOf(plan.id()).stream()
                .filter(DimensionString.class::isInstance)
                .mapToLong(a -> ((DimensionString) a).holds().size() - 1)
                .sum();
        assertThat(said.stream().filter(l -> l.startsWith("dimension "))).hasSize((int) parts);
    }

    /** On a sheet they measure paper, in a style that says how much that stands for, and are written what they said in the plan. */
    @Test
    void dimensionsOnSheetsSayWhatTheySaidInTheirDrawings() throws IOException, InterruptedException {
        Building building = Building.of(HOUSE);
        Sheet sheet = HOUSE.all(Sheet.class).stream()
                .filter(s -> s.number().equals("A-101"))
                .findFirst()
                .orElseThrow();
        Picture picture = SheetPicture.of(
                sheet,
                HOUSE,
                d -> DrawingPicture.of(building, d, LETTERING).picture(),
                LETTERING,
                TitleFacts.printed("2026-12-01"));
        List<String> said = read(DxfWriter.sheet(picture, sheet, building, LETTERING));
        assertThat(said)
                .contains("dimension 248.0 12400 at 0", "style Scale 50 times 50.0")
                .noneMatch(l -> l.startsWith("problem"));
    }

    /** Four faces of 4 m and 3 m: a running string from the first to the others, and the angle at a corner. */
    @Test
    void runningStringsAnglesAndRadiiAreDimensions() throws IOException, InterruptedException {
        Sketch sketch = new Sketch();
        List<Wall> shell = sketch.shell(4000, 3000);
        Hold west = new Hold.OnFace(shell.get(0).id(), 0),
                east = new Hold.OnFace(shell.get(2).id(), 0);
        Hold inside = new Hold.OnFace(shell.get(2).id(), 2),
                south = new Hold.OnFace(shell.get(3).id(), 0);
        DimensionString running = (DimensionString) sketch.run(new DrawString(
                        Sketch.PLAN, Sketch.LAYER, new Vec(1, 0), new Vec(0, -900), List.of(west, inside, east)))
                .after()
                .getFirst();
        sketch.run(new Revise(new DimensionString(
                running.id(),
                running.layer(),
                running.drawing(),
                running.direction(),
                running.at(),
                running.holds(),
                DimensionString.Kind.RUNNING,
                running.styled(),
                running.own(),
                false)));
        sketch.run(new DrawDimension(Sketch.PLAN, Sketch.LAYER, new Dimension.Angle(west, south), new Vec(500, 500)));
        sketch.run(new CurveWall(shell.get(1).id(), new CurveWall.Through(new Vec(2000, 3400))));
        Hold.OnFace arc = new Hold.OnFace(shell.get(1).id(), 0);
        sketch.run(new DrawDimension(Sketch.PLAN, Sketch.LAYER, new Dimension.Radius(arc), new Vec(2000, 1500)));
        Picture picture =
                DrawingPicture.of(sketch.building(), Sketch.PLAN, LETTERING).picture();
        List<String> said = read(DxfWriter.drawing(picture, sketch.building(), LETTERING));
        assertThat(said)
                .contains("ordinate 0.0 0", "ordinate 4000.0 4000", "angle 90.0 90\u00b0")
                .anyMatch(l -> l.startsWith("radius ") && l.contains(" R "))
                .noneMatch(l -> l.startsWith("problem"));
        assertThat(said.stream().filter(l -> l.startsWith("ordinate "))).hasSize(3);
    }
}
