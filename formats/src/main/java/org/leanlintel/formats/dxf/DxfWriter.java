package org.leanlintel.formats.dxf;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
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
 * hatches, words as texts as wide as they are set. What every such file has is in {@code frame.dxf}.
 */
public final class DxfWriter {

    /** What belongs to no layer of the project: frames, titles. */
    static final String FRAME = "Frame";
    /** The handle of what entities stand in, as the frame names it. */
    static final String SPACE = "1F";

    /** The handles of the frame's tables, and where those of our own line types and layers begin. */
    private static final String LINE_TYPES = "5", LAYERS = "2";

    private static final int FIRST_LINE_TYPE = 0xA000, FIRST_LAYER = 0xB000;
    /** Line types that the frame has already. */
    private static final int KNOWN_LINE_TYPES = 3;

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
        for (Picture.Drawn d : picture.drawn()) {
            GivenUp.orGoOn();
            if (d.item().prints()) writer.write(d.item(), layer(d.layer()));
        }
        Map<String, String> names = new LinkedHashMap<>(Map.of("0", "10"));
        for (String name : layers.values()) names.computeIfAbsent(name, n -> hex(FIRST_LAYER + names.size()));
        return frame().replace("{seed}", entities.seed())
                .replace("{scale}", Double.toString(picture.scale()))
                .replace("{line type count}", Integer.toString(KNOWN_LINE_TYPES + lineTypes.size()))
                .replace("{line types}\n", lineTypes().toString())
                .replace("{layer count}", Integer.toString(names.size()))
                .replace("{layers}\n", layers(names).toString())
                .replace("{entities}\n", entities.toString());
    }

    private static String frame() {
        try (InputStream in = Objects.requireNonNull(DxfWriter.class.getResourceAsStream("/dxf/frame.dxf"))) {
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
        Tags out = new Tags();
        names.forEach((name, handle) -> record(out, "LAYER", handle, LAYERS, "AcDbLayerTableRecord", name)
                .put(70, 0)
                .put(62, 7)
                .put(6, "Continuous")
                .put(370, -3)
                .put(390, "F"));
        return out;
    }

    private Tags lineTypes() {
        Tags out = new Tags();
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
