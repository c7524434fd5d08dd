package org.leanlintel.formats.dxf;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Pen;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;
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
        List<String> said = read(DxfWriter.sheet(
                picture(
                        new Item.Strokes(PenRole.EDGE, pen, List.of(List.of(new Vec(0, 0), new Vec(4000, 0)))),
                        new Item.Arc(PenRole.EDGE, pen, new Vec(2000, 0), 1000, 0, Math.PI),
                        new Item.Fill("#ffeedd", square),
                        new Item.Hatch(pen, List.of(square), List.of(45.0, -45.0), Vec.ORIGIN, 100),
                        LETTERING.set("Larder & <\u00e4>", new Vec(100, 100), 0, 2.5, Lettering.Align.LEFT, false)),
                HOUSE,
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

    /** On a sheet, where they would measure paper, strings stay lines and words. */
    @Test
    void aSheetHasNoDimensions() throws IOException, InterruptedException {
        Building building = Building.of(HOUSE);
        Picture picture = DrawingPicture.of(
                        building, Drawing.register(HOUSE).getFirst().id(), LETTERING)
                .picture();
        List<String> said = read(DxfWriter.sheet(picture.placed(0.02, Vec.ORIGIN), HOUSE, LETTERING));
        assertThat(said).contains("text 12400").noneMatch(l -> l.startsWith("dimension "));
    }
}
