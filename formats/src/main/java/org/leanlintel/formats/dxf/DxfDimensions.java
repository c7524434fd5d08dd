package org.leanlintel.formats.dxf;

import java.util.List;
import java.util.stream.Stream;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.TextBox;
import org.leanlintel.core.picture.annotate.ToldDimension;
import org.leanlintel.formats.dxf.Tags.Handles;

/**
 * Dimensions between the things they measure, each with what we draw of it as its picture (a block of its own): the parts of a chain,
 * the points of a running string, angles and radii. What a reader would print otherwise stands in its words.
 */
final class DxfDimensions {

    /** Its picture is its own, and its words stand where they were put. */
    private static final int OURS = 32 + 128;

    private static final int LINEAR = 0, RADIUS = 4, ANGLE = 5, ORDINATE = 6, ALONG_X = 64;
    /** The name of the style in which a reader says what it measures as it is, and that of sheets. */
    static final String TRUE_SIZE = "Standard", OF_PAPER = "Scale %s";

    /** Words by their middle. */
    private static final int MIDDLE = 5;

    private final Tags out;
    private final double scale;
    /** Whether what is measured is paper. */
    private final boolean onPaper;

    private final Lettering lettering;
    private final DxfWriter file;
    private final Handles handles;
    private final Tags records;
    private final Tags blocks;
    private int count;

    /** @param out entities to add to */
    DxfDimensions(Tags out, Handles handles, double scale, boolean onPaper, Lettering lettering, DxfWriter file) {
        this.out = out;
        this.scale = scale;
        this.onPaper = onPaper;
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

    /** @param drawn what is drawn of it, in its order; @param style how it is told, by the name of a style of the file */
    void write(ToldDimension told, List<Item> drawn, String layer, String style) {
        switch (told) {
            case ToldDimension.Chain c -> {
                List<List<Item>> shared = Assigned.of(c, drawn);
                for (int i = 0; i < shared.size(); i++)
                    if (!shared.get(i).isEmpty()) part(c.parts().get(i), shared.get(i), layer, style);
            }
            case ToldDimension.Running r -> {
                List<List<Item>> shared = Assigned.of(r, drawn);
                for (int i = 0; i < shared.size(); i++)
                    point(r.origin(), r.points().get(i), shared.get(i), layer, style);
            }
            case ToldDimension.Angle a -> angle(a, drawn, layer, style);
            case ToldDimension.Radius r -> radius(r, drawn, layer, style);
        }
    }

    private void part(ToldDimension.Part part, List<Item> drawn, String layer, String style) {
        Vec way = part.to().minus(part.from()),
                middle = part.from().plus(part.to()).times(0.5);
        String said = String.join("\\X", part.says());
        boolean readAlike = !onPaper && said.equals(Long.toString(Math.round(way.length())));
        begin(LINEAR, part.to(), middle, way.length(), readAlike ? "" : said, drawn, layer, style)
                .put(100, "AcDbAlignedDimension")
                .at3(13, part.measuredFrom())
                .at3(14, part.measuredTo())
                .put(50, Math.toDegrees(way.angle()))
                .put(100, "AcDbRotatedDimension");
    }

    private void point(Vec origin, ToldDimension.Point point, List<Item> drawn, String layer, String style) {
        Vec from = point.on().minus(origin);
        boolean alongX = Math.abs(from.x()) >= Math.abs(from.y());
        int kind = ORDINATE + (alongX ? ALONG_X : 0);
        begin(kind, origin, point.on(), from.length(), String.join("\\X", point.says()), drawn, layer, style)
                .put(100, "AcDbOrdinateDimension")
                .at3(13, point.measured())
                .at3(14, point.on());
    }

    private void angle(ToldDimension.Angle a, List<Item> drawn, String layer, String style) {
        double turn = Math.abs(
                a.other().minus(a.vertex()).angle() - a.one().minus(a.vertex()).angle());
        double angle = Math.min(turn, Math.TAU - turn);
        begin(ANGLE, a.on(), a.on(), angle, said(drawn), drawn, layer, style)
                .put(100, "AcDb3PointAngularDimension")
                .at3(13, a.one())
                .at3(14, a.other())
                .at3(15, a.vertex());
    }

    private void radius(ToldDimension.Radius r, List<Item> drawn, String layer, String style) {
        double radius = r.centre().distanceTo(r.on());
        begin(RADIUS, r.centre(), r.on(), radius, said(drawn), drawn, layer, style)
                .put(100, "AcDbRadialDimension")
                .at3(15, r.on())
                .put(40, 0.0);
    }

    private static String said(List<Item> drawn) {
        return String.join("\\X", figures(drawn).map(Item.Text::text).toList());
    }

    private static Stream<Item.Text> figures(List<Item> drawn) {
        return drawn.stream().filter(Item.Text.class::isInstance).map(Item.Text.class::cast);
    }

    /** What all kinds have, and the picture. @param at their point of definition; @param without where words stand if there are none */
    private Tags begin(
            int kind, Vec at, Vec without, double measured, String says, List<Item> drawn, String layer, String style) {
        String name = "*D" + ++count;
        block(name, drawn, layer);
        Vec middle = figures(drawn)
                .findFirst()
                .map(t -> TextBox.of(t, scale, lettering).bounds().centre())
                .orElse(without);
        out.begin("DIMENSION", DxfWriter.SPACE);
        return out.put(100, "AcDbEntity")
                .put(8, layer)
                .put(100, "AcDbDimension")
                .put(280, 0)
                .put(2, name)
                .at3(10, at)
                .at3(11, middle)
                .put(70, kind + OURS)
                .put(71, MIDDLE)
                .put(42, measured)
                .put(1, says)
                .put(3, style);
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
