package org.leanlintel.formats.dxf;

import java.util.List;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Pen;
import org.leanlintel.core.picture.HatchLines;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;

/** What is drawn, as entities. */
final class DxfEntities {

    /** The line weights that DXF has, in hundredths of a millimetre. */
    private static final int[] WEIGHTS = {
        0, 5, 9, 13, 15, 18, 20, 25, 30, 35, 40, 50, 53, 60, 70, 80, 90, 100, 106, 120, 140, 158, 200, 211
    };

    private final Tags out;
    private final double scale;
    private final Lettering lettering;
    private final DxfWriter file;
    private final String owner;

    /** @param owner the handle of what they stand in */
    DxfEntities(Tags out, double scale, Lettering lettering, DxfWriter file, String owner) {
        this.out = out;
        this.scale = scale;
        this.lettering = lettering;
        this.file = file;
        this.owner = owner;
    }

    void write(Item item, String layer) {
        switch (item) {
            case Item.Fill fill -> fill(fill, layer);
            case Item.Hatch hatch -> hatch(hatch, layer);
            case Item.Wave wave -> line(wave.pen(), HatchLines.of(wave), layer);
            case Item.Strokes s -> s.lines().forEach(l -> line(s.pen(), l, layer));
            case Item.Arc arc -> arc(arc, layer);
            case Item.Text text -> text(text, layer);
            case Item.Image never -> {}
            case Item.Traced never -> {}
        }
    }

    private void begin(String type, String layer, String kind, Pen pen) {
        out.begin(type, owner);
        out.put(100, "AcDbEntity").put(8, layer).put(6, file.lineType(pen)).put(370, weight(pen.widthMm()));
        ink(pen.ink());
        out.put(100, kind);
    }

    private void ink(String ink) {
        if (ink.isEmpty()) out.put(62, 7);
        else out.put(420, Integer.parseInt(ink.substring(1), 16));
    }

    private static int weight(double mm) {
        int wanted = (int) Math.round(mm * 100), best = 0;
        for (int w : WEIGHTS) if (Math.abs(w - wanted) < Math.abs(best - wanted)) best = w;
        return best;
    }

    /** A line that comes back to where it began is closed. */
    private void line(Pen pen, List<Vec> points, String layer) {
        if (points.size() < 2) return;
        boolean closed = points.size() > 3 && points.getFirst().equals(points.getLast());
        List<Vec> own = closed ? points.subList(0, points.size() - 1) : points;
        begin("LWPOLYLINE", layer, "AcDbPolyline", pen);
        out.put(90, own.size()).put(70, closed ? 1 : 0).put(43, 0.0);
        for (Vec p : own) out.at(10, p);
    }

    private void arc(Item.Arc arc, String layer) {
        boolean whole = Math.abs(arc.sweep()) >= Math.TAU - 1e-9;
        begin(whole ? "CIRCLE" : "ARC", layer, "AcDbCircle", arc.pen());
        out.at3(10, arc.centre()).put(40, arc.radius());
        if (whole) return;
        double from = arc.sweep() > 0 ? arc.from() : arc.from() + arc.sweep();
        out.put(100, "AcDbArc").put(50, degrees(from)).put(51, degrees(from + Math.abs(arc.sweep())));
    }

    private static double degrees(double radians) {
        double degrees = Math.toDegrees(radians) % 360;
        return degrees < 0 ? degrees + 360 : degrees;
    }

    private void fill(Item.Fill fill, String layer) {
        out.begin("HATCH", owner);
        out.put(100, "AcDbEntity").put(8, layer);
        ink(fill.tint());
        boundary("SOLID", true, List.of(fill.ring()));
        out.put(75, 0).put(76, 1).put(98, 1).at(10, Vec.ORIGIN);
    }

    private void hatch(Item.Hatch hatch, String layer) {
        out.begin("HATCH", owner);
        out.put(100, "AcDbEntity").put(8, layer).put(370, weight(hatch.pen().widthMm()));
        ink(hatch.pen().ink());
        boundary("LINES", false, hatch.rings());
        out.put(75, 0)
                .put(76, 0)
                .put(52, 0.0)
                .put(41, 1.0)
                .put(77, 0)
                .put(78, hatch.degrees().size());
        for (double d : hatch.degrees()) {
            Vec across = Vec.ofAngle(Math.toRadians(d)).left().times(hatch.pitch());
            out.put(53, d)
                    .put(43, hatch.origin().x())
                    .put(44, hatch.origin().y())
                    .put(45, across.x())
                    .put(46, across.y())
                    .put(79, 0);
        }
        out.put(98, 1).at(10, Vec.ORIGIN);
    }

    private void boundary(String pattern, boolean solid, List<List<Vec>> rings) {
        out.put(100, "AcDbHatch")
                .at3(10, Vec.ORIGIN)
                .put(210, 0.0)
                .put(220, 0.0)
                .put(230, 1.0)
                .put(2, pattern)
                .put(70, solid ? 1 : 0)
                .put(71, 0)
                .put(91, rings.size());
        for (List<Vec> ring : rings) {
            out.put(92, 3).put(72, 0).put(73, 1).put(93, ring.size());
            for (Vec p : ring) out.at(10, p);
            out.put(97, 0);
        }
    }

    /** Each run between two points, so that it is as wide in any face as it is in ours. */
    private void text(Item.Text text, String layer) {
        Vec along = Vec.ofAngle(text.angle()).times(scale), up = along.left();
        for (Item.Run run : text.runs()) {
            if (run.letters().isBlank()) continue;
            Vec from = text.at().plus(along.times(run.right())).plus(up.times(run.up()));
            double width = lettering.width(run.letters(), run.height(), text.strong());
            out.begin("TEXT", owner);
            out.put(100, "AcDbEntity").put(8, layer);
            ink(text.ink());
            out.put(100, "AcDbText")
                    .at3(10, from)
                    .put(40, run.height() * scale)
                    .put(1, run.letters().replace('\n', ' '))
                    .put(50, degrees(text.angle()))
                    .put(7, "Standard")
                    .put(72, 5)
                    .at3(11, from.plus(along.times(width)))
                    .put(100, "AcDbText");
        }
    }
}
