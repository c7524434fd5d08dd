package org.leanlintel.formats.dxf;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.GivenUp;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Pen;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.annotate.ToldDimension;
import org.leanlintel.formats.standard.LineTypes;

/**
 * A picture as DXF in true millimetres: the project's layers, line types, pens as line weights and inks as true colours; hatches as
 * hatches, words as texts as wide as they are set. What every such file has is in {@code frame.dxf}.
 */
public final class DxfWriter {

    /** What belongs to no layer of the project: frames, titles. */
    static final String FRAME = "Frame";
    /** The handle of what entities stand in, as the frame names it. */
    static final String SPACE = "1F";

    /** The handles of the frame's tables, and where those of our own line types and layers begin. */
    private static final String LINE_TYPES = "5", LAYERS = "2";

    private static final int FIRST_LINE_TYPE = 0xA000, FIRST_LAYER = 0xB000, FIRST_STYLE = 0xC000;
    /** Line types that the frame has already. */
    private static final int KNOWN_LINE_TYPES = 3;
    /** Blocks that it has. */
    private static final int KNOWN_BLOCKS = 2;

    private final Picture picture;
    /** What its groups measure, by the very groups. */
    private final IdentityHashMap<Group, ToldDimension> told;

    private final Model model;
    /** The styles of dimensions on paper, by how many millimetres one of paper stands for. */
    private final Map<String, Double> styles = new LinkedHashMap<>();

    private final Map<ElementId, String> layers = new LinkedHashMap<>();
    private final Map<String, Pen> lineTypes = new LinkedHashMap<>();

    private DxfWriter(Picture picture, IdentityHashMap<Group, ToldDimension> told, Model model) {
        this.picture = picture;
        this.told = told;
        this.model = model;
    }

    /** A drawing, in its own millimetres, with dimensions. */
    public static byte[] drawing(Picture picture, Building building, Lettering lettering) {
        return new DxfWriter(picture, ToldDimension.of(picture, building), building.model())
                .file(lettering)
                .getBytes(StandardCharsets.UTF_8);
    }

    /** A sheet, in millimetres of paper; its dimensions say what they said in their drawings. */
    public static byte[] sheet(Picture picture, Sheet sheet, Building building, Lettering lettering) {
        return new DxfWriter(picture, ToldDimension.of(picture, sheet, building), building.model())
                .file(lettering)
                .getBytes(StandardCharsets.UTF_8);
    }

    private String file(Lettering lettering) {
        Tags.Handles handles = new Tags.Handles();
        Tags entities = new Tags(handles);
        DxfEntities writer = new DxfEntities(entities, picture.scale(), lettering, this, SPACE);
        List<Group> rest =
                picture.groups().stream().filter(g -> !told.containsKey(g)).toList();
        for (Picture.Drawn d : new Picture(picture.scale(), rest).drawn()) {
            GivenUp.orGoOn();
            if (d.item().prints()) writer.write(d.item(), layer(d.layer()));
        }
        boolean onPaper = picture.groups().stream().anyMatch(g -> g.drawing() != null);
        DxfDimensions dimensions = new DxfDimensions(entities, handles, picture.scale(), onPaper, lettering, this);
        for (Group g : picture.groups()) {
            GivenUp.orGoOn();
            ToldDimension of = told.get(g);
            if (of != null) dimensions.write(of, g.items(), layer(g.layer()), style(g));
        }
        Map<String, String> names = new LinkedHashMap<>(Map.of("0", "10"));
        for (String name : layers.values()) names.computeIfAbsent(name, n -> hex(FIRST_LAYER + names.size()));
        return resource("/dxf/frame.dxf")
                .replace("{seed}", handles.next())
                .replace("{scale}", Double.toString(picture.scale()))
                .replace("{style count}", Integer.toString(1 + styles.size()))
                .replace("{styles}\n", styles())
                .replace("{line type count}", Integer.toString(KNOWN_LINE_TYPES + lineTypes.size()))
                .replace("{line types}\n", lineTypes().toString())
                .replace("{layer count}", Integer.toString(names.size()))
                .replace("{layers}\n", layers(names).toString())
                .replace("{block count}", Integer.toString(KNOWN_BLOCKS + dimensions.count()))
                .replace("{block records}\n", dimensions.records().toString())
                .replace("{blocks}\n", dimensions.blocks().toString())
                .replace("{entities}\n", entities.toString());
    }

    private static String resource(String name) {
        try (InputStream in = Objects.requireNonNull(DxfWriter.class.getResourceAsStream(name))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
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

    /** In the style in which a reader says what it measures, of what stands on paper times the scale of its drawing. */
    private String style(Group group) {
        if (!(group.drawing() instanceof ElementId of)) return DxfDimensions.TRUE_SIZE;
        double scale = model.get(of, Drawing.class).scale();
        String name = DxfDimensions.OF_PAPER.formatted(
                BigDecimal.valueOf(scale).stripTrailingZeros().toPlainString());
        styles.put(name, scale);
        return name;
    }

    /** Whole sizes are on paper; lengths are told times the scale. */
    private String styles() {
        StringBuilder all = new StringBuilder();
        int handle = FIRST_STYLE;
        for (Map.Entry<String, Double> style : styles.entrySet())
            all.append(resource("/dxf/paper-style.dxf")
                    .replace("{handle}", hex(handle++))
                    .replace("{name}", style.getKey())
                    .replace("{scale}", style.getValue().toString()));
        return all.toString();
    }

    private static String hex(int handle) {
        return Integer.toHexString(handle).toUpperCase(Locale.ROOT);
    }

    private static Tags record(Tags out, String type, String handle, String owner, String kind, String name) {
        return out.put(0, type)
                .put(5, handle)
                .put(330, owner)
                .put(100, "AcDbSymbolTableRecord")
                .put(100, kind)
                .put(2, name);
    }

    private static Tags layers(Map<String, String> names) {
        Tags out = new Tags(new Tags.Handles());
        names.forEach((name, handle) -> record(out, "LAYER", handle, LAYERS, "AcDbLayerTableRecord", name)
                .put(70, 0)
                .put(62, 7)
                .put(6, "Continuous")
                .put(370, -3)
                .put(390, "F"));
        return out;
    }

    private Tags lineTypes() {
        Tags out = new Tags(new Tags.Handles());
        int handle = FIRST_LINE_TYPE;
        for (Map.Entry<String, Pen> e : lineTypes.entrySet()) dashed(out, hex(handle++), e.getKey(), e.getValue());
        return out;
    }

    private static void dashed(Tags out, String handle, String name, Pen pen) {
        var dashes = LineTypes.dashesMm(pen);
        double whole = dashes.stream().mapToDouble(d -> d).sum();
        record(out, "LTYPE", handle, LINE_TYPES, "AcDbLinetypeTableRecord", name)
                .put(70, 0)
                .put(3, "")
                .put(72, 65)
                .put(73, dashes.size())
                .put(40, whole);
        for (int i = 0; i < dashes.size(); i++)
            out.put(49, i % 2 == 0 ? dashes.get(i) : -dashes.get(i)).put(74, 0);
    }
}
