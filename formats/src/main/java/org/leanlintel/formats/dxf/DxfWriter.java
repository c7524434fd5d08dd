package org.leanlintel.formats.dxf;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.leanlintel.core.geometry.GivenUp;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Pen;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.formats.standard.LineTypes;

/**
 * A picture as DXF in true millimetres: the project's layers, line types, pens as line weights and inks as true colours; hatches as
 * hatches, words as texts as wide as they are set.
 */
public final class DxfWriter {

    private static final String FORM = "AC1027";
    /** What belongs to no layer of the project: frames, titles. */
    static final String FRAME = "Frame";
    /** The handles of the tables and of the model's space, which entities refer to. */
    static final String SPACE = "1F";

    private static final String PAPER_SPACE = "1B", ROOT = "C", LAYOUTS = "1A";

    private final Picture picture;
    private final Model model;
    private final Map<ElementId, String> layers = new LinkedHashMap<>();
    private final Map<String, Pen> lineTypes = new LinkedHashMap<>();

    private DxfWriter(Picture picture, Model model) {
        this.picture = picture;
        this.model = model;
    }

    /** @param picture of a drawing, in its own millimetres, or of a sheet, in those of paper */
    public static byte[] write(Picture picture, Model model, Lettering lettering) {
        return new DxfWriter(picture, model).file(lettering).getBytes(StandardCharsets.UTF_8);
    }

    private String file(Lettering lettering) {
        Tags entities = new Tags();
        DxfEntities writer = new DxfEntities(entities, picture.scale(), lettering, this);
        entities.section("ENTITIES");
        for (Picture.Drawn d : picture.drawn()) {
            GivenUp.orGoOn();
            if (d.item().prints()) writer.write(d.item(), layer(d.layer()));
        }
        entities.end();
        Tags file = new Tags();
        header(file, entities.seed());
        file.section("CLASSES").end();
        tables(file);
        blocks(file);
        file.add(entities);
        objects(file);
        return file.put(0, "EOF").toString();
    }

    /** A layer of the project by its name, without what DXF does not take in names. */
    private String layer(ElementId id) {
        return layers.computeIfAbsent(id, i -> {
            if (!(model.find(i) instanceof Layer layer)) return FRAME;
            String name = layer.name().replaceAll("[<>/\\\\\":;?*|=`,]", "_");
            return name.isBlank() ? i.value() : name;
        });
    }

    /** The line type a pen draws in; dashed ones are written once for each length of dash. */
    String lineType(Pen pen) {
        if (pen.dash() == Pen.Dash.CONTINUOUS) return "Continuous";
        String name = "%s_%d".formatted(pen.dash().name(), Math.round(pen.widthMm() * 100));
        lineTypes.put(name, pen);
        return name;
    }

    private void header(Tags out, String seed) {
        out.section("HEADER")
                .put(9, "$ACADVER")
                .put(1, FORM)
                .put(9, "$DWGCODEPAGE")
                .put(3, "ANSI_1252")
                .put(9, "$HANDSEED")
                .put(5, seed)
                .put(9, "$INSUNITS")
                .put(70, 4)
                .put(9, "$MEASUREMENT")
                .put(70, 1)
                .put(9, "$LTSCALE")
                .put(40, picture.scale())
                .put(9, "$LWDISPLAY")
                .put(290, 1)
                .end();
    }

    private void tables(Tags out) {
        out.section("TABLES");
        table(out, "VPORT", "8", 0);
        out.put(0, "ENDTAB");
        table(out, "LTYPE", "5", 3 + lineTypes.size());
        lineType(out, "14", "ByBlock");
        lineType(out, "15", "ByLayer");
        lineType(out, "16", "Continuous");
        int handle = 0xA000;
        for (Map.Entry<String, Pen> e : lineTypes.entrySet()) dashed(out, hex(handle++), e.getKey(), e.getValue());
        out.put(0, "ENDTAB");
        Map<String, String> names = new LinkedHashMap<>();
        names.put("0", "10");
        for (String name : layers.values()) names.computeIfAbsent(name, n -> hex(0xB000 + names.size()));
        table(out, "LAYER", "2", names.size());
        names.forEach((name, h) -> record(out, "LAYER", h, "2", "AcDbLayerTableRecord", name)
                .put(70, 0)
                .put(62, 7)
                .put(6, "Continuous")
                .put(370, -3)
                .put(390, "F"));
        out.put(0, "ENDTAB");
        table(out, "STYLE", "3", 1);
        record(out, "STYLE", "11", "3", "AcDbTextStyleTableRecord", "Standard")
                .put(70, 0)
                .put(40, 0.0)
                .put(41, 1.0)
                .put(50, 0.0)
                .put(71, 0)
                .put(42, 2.5)
                .put(3, "arial.ttf")
                .put(4, "");
        out.put(0, "ENDTAB");
        table(out, "VIEW", "6", 0);
        out.put(0, "ENDTAB");
        table(out, "UCS", "7", 0);
        out.put(0, "ENDTAB");
        table(out, "APPID", "9", 1);
        record(out, "APPID", "12", "9", "AcDbRegAppTableRecord", "ACAD")
                .put(70, 0)
                .put(0, "ENDTAB");
        table(out, "DIMSTYLE", "A", 1);
        out.put(100, "AcDbDimStyleTable").put(71, 0);
        out.put(0, "DIMSTYLE")
                .put(105, "27")
                .put(330, "A")
                .put(100, "AcDbSymbolTableRecord")
                .put(100, "AcDbDimStyleTableRecord")
                .put(2, "Standard")
                .put(70, 0)
                .put(0, "ENDTAB");
        table(out, "BLOCK_RECORD", "1", 2);
        record(out, "BLOCK_RECORD", SPACE, "1", "AcDbBlockTableRecord", "*Model_Space")
                .put(340, "22");
        record(out, "BLOCK_RECORD", PAPER_SPACE, "1", "AcDbBlockTableRecord", "*Paper_Space")
                .put(340, "1E");
        out.put(0, "ENDTAB").end();
    }

    private static String hex(int handle) {
        return Integer.toHexString(handle).toUpperCase(Locale.ROOT);
    }

    private static void table(Tags out, String name, String handle, int size) {
        out.put(0, "TABLE")
                .put(2, name)
                .put(5, handle)
                .put(330, "0")
                .put(100, "AcDbSymbolTable")
                .put(70, size);
    }

    private static Tags record(Tags out, String type, String handle, String owner, String kind, String name) {
        return out.put(0, type)
                .put(5, handle)
                .put(330, owner)
                .put(100, "AcDbSymbolTableRecord")
                .put(100, kind)
                .put(2, name);
    }

    private static void lineType(Tags out, String handle, String name) {
        record(out, "LTYPE", handle, "5", "AcDbLinetypeTableRecord", name)
                .put(70, 0)
                .put(3, "")
                .put(72, 65)
                .put(73, 0)
                .put(40, 0.0);
    }

    private static void dashed(Tags out, String handle, String name, Pen pen) {
        var dashes = LineTypes.dashesMm(pen);
        double whole = dashes.stream().mapToDouble(d -> d).sum();
        record(out, "LTYPE", handle, "5", "AcDbLinetypeTableRecord", name)
                .put(70, 0)
                .put(3, "")
                .put(72, 65)
                .put(73, dashes.size())
                .put(40, whole);
        for (int i = 0; i < dashes.size(); i++)
            out.put(49, i % 2 == 0 ? dashes.get(i) : -dashes.get(i)).put(74, 0);
    }

    private static void blocks(Tags out) {
        out.section("BLOCKS");
        block(out, "*Model_Space", SPACE, "20", "21");
        block(out, "*Paper_Space", PAPER_SPACE, "1C", "1D");
        out.end();
    }

    private static void block(Tags out, String name, String owner, String begin, String end) {
        out.put(0, "BLOCK")
                .put(5, begin)
                .put(330, owner)
                .put(100, "AcDbEntity")
                .put(8, "0")
                .put(100, "AcDbBlockBegin")
                .put(2, name)
                .put(70, 0)
                .put(10, 0.0)
                .put(20, 0.0)
                .put(30, 0.0)
                .put(3, name)
                .put(1, "")
                .put(0, "ENDBLK")
                .put(5, end)
                .put(330, owner)
                .put(100, "AcDbEntity")
                .put(8, "0")
                .put(100, "AcDbBlockEnd");
    }

    private static void objects(Tags out) {
        out.section("OBJECTS");
        dictionary(out, ROOT, "0")
                .put(3, "ACAD_GROUP")
                .put(350, "D")
                .put(3, "ACAD_LAYOUT")
                .put(350, LAYOUTS)
                .put(3, "ACAD_PLOTSTYLENAME")
                .put(350, "E");
        dictionary(out, "D", ROOT);
        dictionary(out, LAYOUTS, ROOT)
                .put(3, "Layout1")
                .put(350, "1E")
                .put(3, "Model")
                .put(350, "22");
        out.put(0, "ACDBDICTIONARYWDFLT")
                .put(5, "E")
                .put(330, ROOT)
                .put(100, "AcDbDictionary")
                .put(281, 1)
                .put(3, "Normal")
                .put(350, "F")
                .put(100, "AcDbDictionaryWithDefault")
                .put(340, "F");
        out.put(0, "ACDBPLACEHOLDER").put(5, "F").put(330, "E");
        layout(out, "22", "Model", SPACE, 0, 1024);
        layout(out, "1E", "Layout1", PAPER_SPACE, 1, 0);
        out.end();
    }

    private static Tags dictionary(Tags out, String handle, String owner) {
        return out.put(0, "DICTIONARY")
                .put(5, handle)
                .put(330, owner)
                .put(100, "AcDbDictionary")
                .put(281, 1);
    }

    private static void layout(Tags out, String handle, String name, String space, int order, int plot) {
        out.put(0, "LAYOUT")
                .put(5, handle)
                .put(330, LAYOUTS)
                .put(100, "AcDbPlotSettings")
                .put(1, "")
                .put(4, "A3")
                .put(6, "")
                .put(40, 7.5)
                .put(41, 20.0)
                .put(42, 7.5)
                .put(43, 20.0)
                .put(44, 420.0)
                .put(45, 297.0)
                .put(46, 0.0)
                .put(47, 0.0)
                .put(48, 0.0)
                .put(49, 0.0)
                .put(140, 0.0)
                .put(141, 0.0)
                .put(142, 1.0)
                .put(143, 1.0)
                .put(70, plot)
                .put(72, 1)
                .put(73, 0)
                .put(74, 5)
                .put(7, "")
                .put(75, 16)
                .put(147, 1.0)
                .put(148, 0.0)
                .put(149, 0.0)
                .put(100, "AcDbLayout")
                .put(1, name)
                .put(70, 1)
                .put(71, order)
                .put(10, 0.0)
                .put(20, 0.0)
                .put(11, 420.0)
                .put(21, 297.0)
                .put(12, 0.0)
                .put(22, 0.0)
                .put(32, 0.0)
                .put(14, 0.0)
                .put(24, 0.0)
                .put(34, 0.0)
                .put(15, 0.0)
                .put(25, 0.0)
                .put(35, 0.0)
                .put(146, 0.0)
                .put(13, 0.0)
                .put(23, 0.0)
                .put(33, 0.0)
                .put(16, 1.0)
                .put(26, 0.0)
                .put(36, 0.0)
                .put(17, 0.0)
                .put(27, 1.0)
                .put(37, 0.0)
                .put(76, 0)
                .put(330, space);
    }
}
