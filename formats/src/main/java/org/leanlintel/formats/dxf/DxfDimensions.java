package org.leanlintel.formats.dxf;

import java.util.List;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.TextBox;
import org.leanlintel.core.picture.annotate.ToldParts.Part;
import org.leanlintel.formats.dxf.Tags.Handles;

/**
 * Parts of dimension strings as dimensions between the things they measure, each with what we draw of it as its picture (a block of
 * its own). What a reader would print otherwise stands in its words.
 */
final class DxfDimensions {

    /** Its picture is its own, and its words stand where they were put. */
    private static final int LINEAR = 0 + 32 + 128;
    /** Words by their middle. */
    private static final int MIDDLE = 5;

    private final Tags out;
    private final double scale;
    private final Lettering lettering;
    private final DxfWriter file;
    private final Handles handles;
    private final Tags records;
    private final Tags blocks;
    private int count;

    /** @param out entities to add to */
    DxfDimensions(Tags out, Handles handles, double scale, Lettering lettering, DxfWriter file) {
        this.out = out;
        this.scale = scale;
        this.lettering = lettering;
        this.file = file;
        this.handles = handles;
        records = new Tags(handles);
        blocks = new Tags(handles);
    }

    /** How many there are. */
    int count() {
        return count;
    }

    /** The records of their blocks. */
    Tags records() {
        return records;
    }

    Tags blocks() {
        return blocks;
    }

    /** @param drawn what is drawn of the string, in its order */
    void write(List<Part> parts, List<Item> drawn, String layer) {
        List<List<Item>> shared = Assigned.of(parts, drawn);
        for (int i = 0; i < parts.size(); i++) if (!shared.get(i).isEmpty()) write(parts.get(i), shared.get(i), layer);
    }

    private void write(Part part, List<Item> drawn, String layer) {
        String name = "*D" + ++count;
        block(name, drawn, layer);
        List<Item.Text> figures = drawn.stream()
                .filter(Item.Text.class::isInstance)
                .map(Item.Text.class::cast)
                .toList();
        Vec middle = figures.isEmpty()
                ? part.from().plus(part.to()).times(0.5)
                : TextBox.of(figures.getFirst(), scale, lettering).bounds().centre();
        Vec way = part.to().minus(part.from());
        out.begin("DIMENSION", DxfWriter.SPACE);
        out.put(100, "AcDbEntity").put(8, layer).put(100, "AcDbDimension").put(280, 0);
        out.put(2, name)
                .at3(10, part.to())
                .at3(11, middle)
                .put(70, LINEAR)
                .put(71, MIDDLE)
                .put(42, way.length())
                .put(1, says(part, way.length()))
                .put(3, "Standard")
                .put(100, "AcDbAlignedDimension")
                .at3(13, part.measuredFrom())
                .at3(14, part.measuredTo())
                .put(50, Math.toDegrees(way.angle()))
                .put(100, "AcDbRotatedDimension");
    }

    /** Nothing where a reader says the same of itself; a second unit under the first. */
    private static String says(Part part, double measured) {
        String said = String.join("\\X", part.says());
        return said.equals(Long.toString(Math.round(measured))) ? "" : said;
    }

    private void block(String name, List<Item> drawn, String layer) {
        String record = handles.next();
        records.put(0, "BLOCK_RECORD")
                .put(5, record)
                .put(330, "1")
                .put(100, "AcDbSymbolTableRecord")
                .put(100, "AcDbBlockTableRecord")
                .put(2, name)
                .put(340, "0")
                .put(70, 0)
                .put(280, 1)
                .put(281, 0);
        blocks.put(0, "BLOCK").put(5, handles.next()).put(330, record);
        blocks.put(100, "AcDbEntity").put(8, layer).put(100, "AcDbBlockBegin");
        blocks.put(2, name).put(70, 1).at3(10, Vec.ORIGIN).put(3, name).put(1, "");
        DxfEntities entities = new DxfEntities(blocks, scale, lettering, file, record);
        for (Item item : drawn) if (item.prints()) entities.write(item, layer);
        blocks.put(0, "ENDBLK").put(5, handles.next()).put(330, record);
        blocks.put(100, "AcDbEntity").put(8, layer).put(100, "AcDbBlockEnd");
    }
}
