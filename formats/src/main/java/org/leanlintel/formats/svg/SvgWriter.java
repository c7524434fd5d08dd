package org.leanlintel.formats.svg;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.GivenUp;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Pen;
import org.leanlintel.core.picture.HatchLines;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.formats.standard.LineTypes;

/** A picture as SVG, as large on paper as it prints; what follows on another on one layer is one group with its name. */
public final class SvgWriter {

    private static final String INK = "#222b31";

    private final StringBuilder out = new StringBuilder(1 << 16);
    private final Model model;
    private final Lettering lettering;
    private final double height;

    private SvgWriter(Model model, Lettering lettering, Bounds page) {
        this.model = model;
        this.lettering = lettering;
        height = page.maxY();
    }

    /** @param onPaper a picture in millimetres of paper; @param page what of it is shown */
    public static byte[] write(Picture onPaper, Bounds page, String title, Model model, Lettering lettering) {
        SvgWriter writer = new SvgWriter(model, lettering, page);
        writer.page(onPaper, page, title);
        return writer.out.toString().getBytes(StandardCharsets.UTF_8);
    }

    private void page(Picture picture, Bounds page, String title) {
        out.append("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n")
                .append("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"")
                .append(mm(page.width()))
                .append("mm\" height=\"")
                .append(mm(page.height()))
                .append("mm\" viewBox=\"")
                .append(mm(page.minX()))
                .append(" 0 ")
                .append(mm(page.width()))
                .append(' ')
                .append(mm(page.height()))
                .append("\" stroke-linecap=\"round\" stroke-linejoin=\"round\">\n<title>")
                .append(escaped(title))
                .append("</title>\n");
        ElementId open = null;
        for (Picture.Drawn d : picture.drawn()) {
            GivenUp.orGoOn();
            if (!d.item().prints()) continue;
            if (!d.layer().equals(open)) {
                if (open != null) out.append("</g>\n");
                open = d.layer();
                out.append("<g data-layer=\"").append(escaped(name(open))).append("\">\n");
            }
            item(d.item());
        }
        if (open != null) out.append("</g>\n");
        out.append("</svg>\n");
    }

    private String name(ElementId layer) {
        return model.find(layer) instanceof Layer l ? l.name() : "";
    }

    private void item(Item item) {
        switch (item) {
            case Item.Fill fill ->
                out.append("<path d=\"")
                        .append(path(fill.ring()))
                        .append("Z\" fill=\"")
                        .append(fill.tint())
                        .append("\"/>\n");
            case Item.Hatch hatch -> lines(hatch.pen(), HatchLines.of(hatch));
            case Item.Wave wave -> lines(wave.pen(), List.of(HatchLines.of(wave)));
            case Item.Strokes s -> lines(s.pen(), s.lines());
            case Item.Arc arc -> arc(arc);
            case Item.Text text -> text(text);
            case Item.Image i ->
                out.append("<image href=\"")
                        .append(i.address())
                        .append("\" x=\"")
                        .append(mm(i.at().x()))
                        .append("\" y=\"")
                        .append(mm(height - i.at().y() - i.heightMm()))
                        .append("\" width=\"")
                        .append(mm(i.widthMm()))
                        .append("\" height=\"")
                        .append(mm(i.heightMm()))
                        .append("\"/>\n");
            case Item.Traced never -> {}
        }
    }

    private void lines(Pen pen, List<List<Vec>> lines) {
        if (lines.isEmpty()) return;
        StringBuilder path = new StringBuilder();
        for (List<Vec> l : lines) path.append(path(l));
        stroked(pen, path.toString());
    }

    private void stroked(Pen pen, String path) {
        out.append("<path d=\"")
                .append(path)
                .append("\" fill=\"none\" stroke=\"")
                .append(pen.ink().isEmpty() ? INK : pen.ink())
                .append("\" stroke-width=\"")
                .append(mm(pen.widthMm()))
                .append('"');
        List<Double> dashes = LineTypes.dashesMm(pen);
        if (!dashes.isEmpty()) {
            List<String> written = new ArrayList<>();
            for (double d : dashes) written.add(mm(d));
            out.append(" stroke-dasharray=\"").append(String.join(" ", written)).append('"');
        }
        out.append("/>\n");
    }

    private String path(List<Vec> points) {
        StringBuilder path = new StringBuilder();
        for (int i = 0; i < points.size(); i++) path.append(i == 0 ? 'M' : 'L').append(point(points.get(i)));
        return path.toString();
    }

    private String point(Vec p) {
        return mm(p.x()) + " " + mm(height - p.y());
    }

    /** By arcs of half a turn at most. */
    private void arc(Item.Arc arc) {
        int steps = Math.abs(arc.sweep()) > Math.PI ? 2 : 1;
        StringBuilder path = new StringBuilder("M").append(point(on(arc, 0)));
        for (int i = 1; i <= steps; i++)
            path.append('A')
                    .append(mm(arc.radius()))
                    .append(' ')
                    .append(mm(arc.radius()))
                    .append(" 0 0 ")
                    .append(arc.sweep() > 0 ? 0 : 1)
                    .append(' ')
                    .append(point(on(arc, arc.sweep() * i / steps)));
        stroked(arc.pen(), path.toString());
    }

    private static Vec on(Item.Arc arc, double along) {
        return arc.centre().along(Vec.ofAngle(arc.from() + along), arc.radius());
    }

    /** Each run as wide as it is set, whatever face it is shown in. */
    private void text(Item.Text text) {
        Vec along = Vec.ofAngle(text.angle()), up = along.left();
        for (Item.Run run : text.runs()) {
            if (run.letters().isBlank()) continue;
            Vec at = text.at().plus(along.times(run.right())).plus(up.times(run.up()));
            out.append("<text transform=\"translate(")
                    .append(point(at))
                    .append(") rotate(")
                    .append(mm(-Math.toDegrees(text.angle())))
                    .append(")\" font-family=\"Barlow Semi Condensed, Arial, sans-serif\" font-size=\"")
                    .append(mm(run.height() / lettering.capital()))
                    .append("\" textLength=\"")
                    .append(mm(lettering.width(run.letters(), run.height(), text.strong())))
                    .append("\" lengthAdjust=\"spacingAndGlyphs\" fill=\"")
                    .append(text.ink().isEmpty() ? INK : text.ink())
                    .append(text.strong() ? "\" font-weight=\"600\">" : "\">")
                    .append(escaped(run.letters()))
                    .append("</text>\n");
        }
    }

    private static String mm(double value) {
        String written = String.format(Locale.ROOT, "%.3f", value);
        return written.replaceAll("\\.?0+$", "").replaceAll("^-0$", "0");
    }

    private static String escaped(String text) {
        StringBuilder safe = new StringBuilder();
        text.codePoints().forEach(c -> {
            switch (c) {
                case '&' -> safe.append("&amp;");
                case '<' -> safe.append("&lt;");
                case '>' -> safe.append("&gt;");
                case '"' -> safe.append("&quot;");
                default -> {
                    if (c >= 0x20) safe.appendCodePoint(c);
                }
            }
        });
        return safe.toString();
    }
}
