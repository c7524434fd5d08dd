package org.leanlintel.server.api;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.ScaleLabel;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.picture.Extent;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.takeoff.Table;
import org.leanlintel.core.takeoff.Tables;
import org.leanlintel.formats.csv.ScheduleCsv;
import org.leanlintel.formats.pdf.DrawingLettering;
import org.leanlintel.formats.pdf.PdfWriter;
import org.leanlintel.formats.xlsx.ScheduleXlsx;
import org.leanlintel.server.api.Messages.OpeningAnswer;
import org.leanlintel.server.api.Messages.PictureAnswer;
import org.leanlintel.server.live.Live;
import org.leanlintel.server.live.LiveProjects;
import org.leanlintel.server.store.ProjectStore;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Drawings, as pictures for the board and as PDF. With {@code version}, as they stood when it was named. */
@RestController
@RequestMapping("/api/v1/projects/{project}")
public class PicturesApi {

    private static final String WORKBOOK = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";

    private final LiveProjects live;
    private final ProjectStore store;

    PicturesApi(LiveProjects live, ProjectStore store) {
        this.live = live;
        this.store = store;
    }

    private Live at(UUID project, @Nullable UUID version) {
        return version == null ? live.get(project) : Live.of(store.loadVersion(project, version));
    }

    /** The first drawing, which a board asks for together with all else that it opens with. */
    @GetMapping("/picture")
    public OpeningAnswer opening(@PathVariable UUID project) {
        Live now = live.get(project);
        ElementId first = now.model().all(Drawing.class).stream()
                .findFirst()
                .orElseThrow(() -> new Unusable("There is no drawing yet."))
                .id();
        return new OpeningAnswer(
                first, now.model().revision(), now.drawing(first).picture());
    }

    @GetMapping("/drawings/{drawing}/picture")
    public PictureAnswer drawing(
            @PathVariable UUID project, @PathVariable String drawing, @RequestParam @Nullable UUID version) {
        Live now = at(project, version);
        return new PictureAnswer(
                now.model().revision(), now.drawing(new ElementId(drawing)).picture());
    }

    /** A schedule of doors, windows, rooms or fittings as comma-separated values. */
    @GetMapping(path = "/drawings/{drawing}/schedule.csv", produces = "text/csv")
    public ResponseEntity<byte[]> scheduleCsv(
            @PathVariable UUID project, @PathVariable String drawing, @RequestParam @Nullable UUID version) {
        Live now = at(project, version);
        Model model = now.model();
        Drawing schedule = model.get(new ElementId(drawing), Drawing.class);
        MediaType csv = new MediaType("text", "csv", StandardCharsets.UTF_8);
        String name = model.settings().name() + " " + schedule.name() + ".csv";
        return ProjectsApi.download(ScheduleCsv.write(now.building(), schedule), csv, name);
    }

    /** All schedules that are plain tables as one workbook, in the order of the register. */
    @GetMapping(path = "/schedules.xlsx", produces = WORKBOOK)
    public ResponseEntity<byte[]> schedules(@PathVariable UUID project, @RequestParam @Nullable UUID version) {
        Live now = at(project, version);
        List<Drawing> tables = Drawing.register(now.model()).stream()
                .filter(d -> d.kind().isTable() && !(d.frame() instanceof Drawing.Rows rows && rows.from() > 1))
                .toList();
        if (tables.isEmpty()) throw new Unusable("There are no schedules yet: add one in the register of drawings.");
        String name = now.model().settings().name() + " schedules.xlsx";
        return ProjectsApi.download(
                ScheduleXlsx.write(now.building(), tables), MediaType.parseMediaType(WORKBOOK), name);
    }

    /** What a schedule may be sorted by: the titles of its columns. */
    @GetMapping("/drawings/{drawing}/columns")
    public List<String> columns(@PathVariable UUID project, @PathVariable String drawing) {
        Live now = live.get(project);
        Drawing schedule = now.model().get(new ElementId(drawing), Drawing.class);
        return Tables.of(schedule, now.building()).columns().stream()
                .map(Table.Column::title)
                .toList();
    }

    /**
     * What a board shows, on one page at {@code scale}: model point x, y at the middle of the paper. Without a point,
     * the middle of the drawing. With {@code backdrop}, another drawing faintly behind it.
     */
    @GetMapping(path = "/drawings/{drawing}/view.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    public ResponseEntity<byte[]> viewPdf(
            @PathVariable UUID project,
            @PathVariable String drawing,
            @RequestParam PaperSize paper,
            @RequestParam double scale,
            @RequestParam @Nullable Double x,
            @RequestParam @Nullable Double y,
            @RequestParam @Nullable String backdrop) {
        if (!(scale >= 1 && scale <= 10_000)) throw new Unusable("A scale lies between 1:1 and 1:10000.");
        Model model = live.get(project).model();
        Drawing d = model.get(new ElementId(drawing), Drawing.class);
        Picture picture = live.get(project).drawing(d.id()).picture();
        Bounds bounds = Extent.of(picture);
        Vec middle = x != null && y != null ? point(x, y) : bounds == null ? Vec.ORIGIN : bounds.centre();
        String foot = "%s, %s, %s at %s, printed %s"
                .formatted(
                        model.settings().name(),
                        d.name(),
                        ScaleLabel.of(scale, model.settings().units()),
                        paper.label(),
                        LocalDate.now(ZoneId.systemDefault()));
        List<Picture> behind = backdrop == null
                ? List.of()
                : List.of(live.get(project).drawing(new ElementId(backdrop)).picture());
        byte[] pdf = PdfWriter.view(picture, behind, scale, middle, Paper.across(paper), foot, DrawingLettering.get());
        return ProjectsApi.download(
                pdf, MediaType.APPLICATION_PDF, model.settings().name() + " " + d.name() + ".pdf");
    }

    private static Vec point(double x, double y) {
        double most = 2 * Tolerance.FURTHEST_MM;
        if (!(Math.abs(x) <= most && Math.abs(y) <= most))
            throw new Unusable("A point lies within 2 km of the drawing's origin.");
        return new Vec(x, y);
    }
}
