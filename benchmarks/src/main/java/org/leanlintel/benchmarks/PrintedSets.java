package org.leanlintel.benchmarks;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.util.Matrix;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.HatchLines;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.core.picture.sheet.SheetPicture;
import org.leanlintel.core.sheet.TitleFacts;
import org.leanlintel.formats.demo.QuarryBankHouse;
import org.leanlintel.formats.pdf.DrawingLettering;
import org.leanlintel.formats.pdf.SetWriter;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * Sets of the demo house's sheets, one after another until there are enough, as one document: with all that a set has, beside the same
 * lines, fills and words put onto bare pages. In 300 MB of heap.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(value = 1, jvmArgsAppend = "-Xmx300m")
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class PrintedSets {

    private static final float POINTS_PER_MM = 72 / 25.4f;

    @Param({"20", "100"})
    public int sheets;

    private final Lettering lettering = DrawingLettering.get();
    private final List<SetWriter.Page> pages = new ArrayList<>();
    private Model model;

    @Setup
    public void draw() {
        model = QuarryBankHouse.draw();
        Building building = Building.of(model);
        List<SetWriter.Page> each = model.all(Sheet.class).stream()
                .map(s -> new SetWriter.Page(
                        s,
                        SheetPicture.of(
                                s,
                                model,
                                d -> DrawingPicture.of(building, d, lettering).picture(),
                                lettering,
                                TitleFacts.printed("2026-12-01"))))
                .toList();
        for (int i = 0; i < sheets; i++) {
            SetWriter.Page of = each.get(i % each.size());
            Sheet s = of.sheet();
            pages.add(new SetWriter.Page(
                    new Sheet(new ElementId("sheet-" + i), "P-" + i, s.title(), s.set(), s.paper(), s.drawings()),
                    of.picture()));
        }
    }

    @Benchmark
    public byte[] set() {
        return SetWriter.write(pages, model, lettering);
    }

    @Benchmark
    public byte[] bare() throws IOException {
        try (PDDocument document = new PDDocument();
                InputStream face = PrintedSets.class.getResourceAsStream("/fonts/BarlowSemiCondensed_400Regular.ttf")) {
            PDFont font = PDType0Font.load(document, face, true);
            for (SetWriter.Page p : pages) {
                PDPage page = new PDPage(new PDRectangle(
                        points(p.sheet().paper().widthMm()),
                        points(p.sheet().paper().heightMm())));
                document.addPage(page);
                try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                    for (Item item : p.picture().inOrder()) put(item, font, out);
                }
            }
            ByteArrayOutputStream all = new ByteArrayOutputStream();
            document.save(all);
            return all.toByteArray();
        }
    }

    private void put(Item item, PDFont font, PDPageContentStream out) throws IOException {
        switch (item) {
            case Item.Fill f -> {
                out.setNonStrokingColor(0.9f);
                path(f.ring(), out);
                out.fill();
            }
            case Item.Hatch h -> lines(h.pen().widthMm(), HatchLines.of(h), out);
            case Item.Wave w -> lines(w.pen().widthMm(), List.of(HatchLines.of(w)), out);
            case Item.Strokes s -> lines(s.pen().widthMm(), s.lines(), out);
            case Item.Text t -> {
                out.beginText();
                for (Item.Run run : t.runs()) {
                    out.setFont(font, points(run.height() / lettering.capital()));
                    float cos = (float) Math.cos(t.angle()), sin = (float) Math.sin(t.angle());
                    out.setTextMatrix(new Matrix(cos, sin, -sin, cos, points(t.at().x()), points(t.at().y())));
                    out.showText(run.letters().replaceAll("[^ -~]", "?"));
                }
                out.endText();
            }
            case Item.Arc a -> {
                Vec from = a.centre().along(Vec.ofAngle(a.from()), a.radius());
                Vec to = a.centre().along(Vec.ofAngle(a.from() + a.sweep()), a.radius());
                lines(a.pen().widthMm(), List.of(List.of(from, to)), out);
            }
            case Item.Image i -> {}
            case Item.Traced t -> {}
        }
    }

    private static void lines(double widthMm, List<List<Vec>> lines, PDPageContentStream out) throws IOException {
        if (lines.isEmpty()) return;
        out.setLineWidth(points(widthMm));
        for (List<Vec> line : lines) path(line, out);
        out.stroke();
    }

    private static void path(List<Vec> line, PDPageContentStream out) throws IOException {
        out.moveTo(points(line.getFirst().x()), points(line.getFirst().y()));
        for (Vec p : line.subList(1, line.size())) out.lineTo(points(p.x()), points(p.y()));
    }

    private static float points(double mm) {
        return (float) mm * POINTS_PER_MM;
    }
}
