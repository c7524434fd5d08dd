package org.leanlintel.server.api;

import java.util.Locale;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.sheet.Footprint;
import org.leanlintel.formats.dxf.DxfWriter;
import org.leanlintel.formats.pdf.DrawingLettering;
import org.leanlintel.formats.pdf.PdfWriter;
import org.leanlintel.formats.svg.SvgWriter;
import org.leanlintel.server.live.Live;
import org.leanlintel.server.live.Printing;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Drawings and sheets in the forms that other programs read. With {@code version}, as they stood when it was named. */
@RestController
@RequestMapping("/api/v1/projects/{project}")
public class FormsApi {

    private static final int DOTS_PER_INCH = 200;
    /** On paper: round a drawing that is written by itself. */
    private static final double ROUND_MM = 10;
    /** A little more than an A0 sheet. */
    private static final double MOST_MM2 = 1200.0 * 1200;

    /** A form that a drawing is written in. */
    public enum Form {
        DXF("image/vnd.dxf"),
        SVG("image/svg+xml"),
        PNG("image/png");

        private final String type;

        Form(String type) {
            this.type = type;
        }

        private String ending() {
            return "." + name().toLowerCase(Locale.ROOT);
        }
    }

    private final AsPrinted asPrinted;

    FormsApi(AsPrinted asPrinted) {
        this.asPrinted = asPrinted;
    }

    /** A drawing: in its true size as DXF, else as it prints. */
    @GetMapping("/drawings/{drawing}/file")
    public ResponseEntity<byte[]> drawing(
            @PathVariable UUID project,
            @PathVariable String drawing,
            @RequestParam Form form,
            @RequestParam @Nullable UUID version) {
        Live now = asPrinted.of(project, version).now();
        Model model = now.model();
        Drawing d = model.get(new ElementId(drawing), Drawing.class);
        Picture picture = now.drawing(d.id()).picture();
        String name = model.settings().name() + " " + d.name();
        Bounds page = Footprint.printed(picture, DrawingLettering.get()).grown(ROUND_MM);
        Picture onPaper = picture.placed(1 / d.scale(), Vec.ORIGIN);
        Supplier<byte[]> dxf = () -> DxfWriter.drawing(picture, now.building(), DrawingLettering.get());
        return file(written(form, dxf, onPaper, page, name, model), form, name);
    }

    /** A sheet, in millimetres of paper. */
    @GetMapping("/sheets/{sheet}/file")
    public ResponseEntity<byte[]> sheet(
            @PathVariable UUID project,
            @PathVariable String sheet,
            @RequestParam Form form,
            @RequestParam @Nullable UUID version) {
        Printing print = asPrinted.of(project, version);
        Model model = print.now().model();
        Sheet s = model.get(new ElementId(sheet), Sheet.class);
        Picture picture = print.picture(s);
        Paper paper = s.paper();
        Bounds page = new Bounds(0, 0, paper.widthMm(), paper.heightMm());
        String name = model.settings().name() + " " + s.number() + " " + s.title();
        Supplier<byte[]> dxf = () -> DxfWriter.sheet(picture, s, print.now().building(), DrawingLettering.get());
        return file(written(form, dxf, picture, page, name, model), form, name);
    }

    private static byte[] written(
            Form form, Supplier<byte[]> dxf, Picture onPaper, Bounds page, String name, Model model) {
        return switch (form) {
            case DXF -> dxf.get();
            case SVG -> SvgWriter.write(onPaper, page, name, model, DrawingLettering.get());
            case PNG -> {
                if (page.width() * page.height() > MOST_MM2)
                    throw new Unusable("This is too large for a PNG picture: save it as SVG or PDF.");
                Vec corner = new Vec(-page.minX(), -page.minY());
                yield PdfWriter.png(
                        PdfWriter.page(
                                onPaper.placed(1, corner), page.width(), page.height(), name, DrawingLettering.get()),
                        DOTS_PER_INCH);
            }
        };
    }

    private static ResponseEntity<byte[]> file(byte[] bytes, Form form, String name) {
        return ProjectsApi.download(bytes, MediaType.parseMediaType(form.type), name + form.ending());
    }
}
