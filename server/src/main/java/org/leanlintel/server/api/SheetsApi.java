package org.leanlintel.server.api;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.TitleBlock;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.picture.plan.LabelFindings;
import org.leanlintel.core.picture.sheet.Footprint;
import org.leanlintel.core.picture.sheet.SheetFindings;
import org.leanlintel.core.sheet.LargerScales;
import org.leanlintel.core.sheet.LayOut;
import org.leanlintel.core.sheet.SheetNames;
import org.leanlintel.core.sheet.SheetOrder;
import org.leanlintel.core.sheet.SheetSeries;
import org.leanlintel.formats.pdf.DrawingLettering;
import org.leanlintel.formats.pdf.OnPaper.Onto;
import org.leanlintel.formats.pdf.SetWriter;
import org.leanlintel.server.api.Messages.FilledSheet;
import org.leanlintel.server.api.Messages.LaidOut;
import org.leanlintel.server.api.Messages.LaidOutDrawing;
import org.leanlintel.server.api.Messages.LaidOutSheet;
import org.leanlintel.server.api.Messages.LayOutRequest;
import org.leanlintel.server.api.Messages.PictureAnswer;
import org.leanlintel.server.api.Messages.TooLarge;
import org.leanlintel.server.live.Live;
import org.leanlintel.server.live.LiveProjects;
import org.leanlintel.server.live.Printing;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Sheets: how they look and print, one or all, and how drawings are laid out on them. */
@RestController
@RequestMapping("/api/v1/projects/{project}")
public class SheetsApi {

    /** So many are tried for one drawing. */
    private static final int MOST_SCALES = 12;

    private final LiveProjects live;
    private final AsPrinted asPrinted;

    SheetsApi(LiveProjects live, AsPrinted asPrinted) {
        this.live = live;
        this.asPrinted = asPrinted;
    }

    @GetMapping("/sheets/{sheet}/picture")
    public PictureAnswer sheet(
            @PathVariable UUID project, @PathVariable String sheet, @RequestParam @Nullable UUID version) {
        Printing print = asPrinted.of(project, version);
        Live now = print.now();
        return new PictureAnswer(
                now.model().revision(), print.picture(now.model().get(new ElementId(sheet), Sheet.class)));
    }

    /** The sheet as a PDF page of its exact size, at exact scale, or on other paper; its layers can be switched. */
    @GetMapping(path = "/sheets/{sheet}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    public ResponseEntity<byte[]> sheetPdf(
            @PathVariable UUID project,
            @PathVariable String sheet,
            @RequestParam @Nullable UUID version,
            @RequestParam @Nullable PaperSize paper,
            @RequestParam(defaultValue = "REDUCED") Onto onto) {
        Printing print = asPrinted.of(project, version);
        Live now = print.now();
        Sheet s = now.model().get(new ElementId(sheet), Sheet.class);
        String title = now.model().settings().name() + " " + s.number() + " " + s.title();
        byte[] pdf = print.set(List.of(s), paper == null ? null : new SetWriter.Other(paper, onto));
        return ProjectsApi.download(pdf, MediaType.APPLICATION_PDF, title + ".pdf");
    }

    /**
     * Sheets as one document, bound by their numbers.
     *
     * @param sheet those asked for; all, where none is named
     * @param paper that all of them come on; each on its own where none is named
     */
    @GetMapping(path = "/set.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    public ResponseEntity<byte[]> setPdf(
            @PathVariable UUID project,
            @RequestParam(defaultValue = "") List<String> sheet,
            @RequestParam @Nullable UUID version,
            @RequestParam @Nullable PaperSize paper,
            @RequestParam(defaultValue = "REDUCED") Onto onto) {
        Printing print = asPrinted.of(project, version);
        Live now = print.now();
        List<Sheet> sheets =
                SheetOrder.of(now.model(), sheet.stream().map(ElementId::new).toList());
        if (sheets.isEmpty()) throw new Unusable("There are no sheets to print yet.");
        String title = now.model().settings().name();
        byte[] pdf = print.set(sheets, paper == null ? null : new SetWriter.Other(paper, onto));
        return ProjectsApi.download(pdf, MediaType.APPLICATION_PDF, title + ".pdf");
    }

    /** What does not print well, sheet by sheet. */
    @GetMapping("/sheet-findings")
    public List<Finding> sheetFindings(@PathVariable UUID project) {
        Printing print = asPrinted.of(project, null);
        List<Finding> all =
                new ArrayList<>(SheetFindings.of(print.now().model(), print::picture, DrawingLettering.get()));
        all.addAll(LabelFindings.of(print.now().building(), DrawingLettering.get()));
        return all;
    }

    /**
     * How much of a sheet a drawing takes.
     *
     * @param quarters of a turn that it is turned by there, counter-clockwise
     * @param sheet that it stands on, cropped as it is there; empty for a drawing as it is drawn
     */
    @GetMapping("/drawings/{drawing}/footprint")
    public Footprint footprint(
            @PathVariable UUID project,
            @PathVariable String drawing,
            @RequestParam(defaultValue = "0") int quarters,
            @RequestParam(defaultValue = "") String sheet) {
        Live now = live.get(project);
        ElementId id = new ElementId(drawing);
        Drawing.Frame crop = sheet.isEmpty() ? new Drawing.All() : cropOn(sheet, id, now.model());
        return new Printing(now, List.of()).footprint(new Sheet.Placed(id, Vec.ORIGIN, Vec.ORIGIN, quarters, crop));
    }

    private static Drawing.Frame cropOn(String sheet, ElementId drawing, Model model) {
        return model.get(new ElementId(sheet), Sheet.class).drawings().stream()
                .filter(p -> p.drawing().equals(drawing))
                .map(Sheet.Placed::crop)
                .findFirst()
                .orElse(new Drawing.All());
    }

    /**
     * How drawings would lie on new sheets, or first on those there are; nothing is changed. Without drawings, those that stand on no sheet. For what is too
     * large the largest of the scales asked for is proposed at which it is not.
     */
    @PostMapping("/lay-out")
    public LaidOut layOut(@PathVariable UUID project, @RequestBody LayOutRequest request) {
        Live now = live.get(project);
        Model model = now.model();
        List<Drawing> drawings = SheetOrder.ofTrade(model, request.drawings());
        if (drawings.isEmpty()) throw new Unusable("Every drawing stands on a sheet already.");
        Printing print = new Printing(now, List.of());
        List<LayOut.Block> blocks = drawings.stream()
                .map(d -> block(d.id(), print.footprint(d.id())))
                .toList();
        List<LayOut.Begun> begun = request.filling() ? begun(request.set(), print) : List.of();
        LayOut.Filled filled = LayOut.filling(begun, TitleBlock.of(model), blocks, (b, s) -> belongs(b, s, model));
        LayOut.Result result = LayOut.onBest(papers(model, request.papers()), TitleBlock.of(model), filled.left());
        SheetNames names = new SheetNames(model, request.after());
        return new LaidOut(
                begun.stream()
                        .map(b -> filled(b, filled.put().getOrDefault(b.sheet(), List.of()), model))
                        .filter(f -> !f.drawings().isEmpty())
                        .toList(),
                result.sheets().stream()
                        .map(s -> sheet(s, result.paper(), names, model, request.scales()))
                        .toList(),
                result.tooLarge().stream()
                        .map(b -> smaller(b.drawing(), result.paper(), request.scales(), print))
                        .toList(),
                result.used());
    }

    /** The sheets of a set with what is taken of each. */
    private static List<LayOut.Begun> begun(String set, Printing print) {
        Model model = print.now().model();
        List<LayOut.Begun> begun = new ArrayList<>();
        for (Sheet s : SheetOrder.of(model)) {
            if (!s.set().equalsIgnoreCase(set.strip())) continue;
            List<Bounds> taken = new ArrayList<>();
            for (Sheet.Placed p : s.drawings()) {
                Footprint takes = print.footprint(p);
                double scale = model.get(p.drawing(), Drawing.class).scale();
                taken.add(takes.at(p.onSheet(takes.anchor(), scale)));
            }
            begun.add(new LayOut.Begun(s.id(), s.paper(), taken));
        }
        return begun;
    }

    /** A drawing that the set does not have goes to sheets that have the like of it. */
    private static boolean belongs(LayOut.Block block, ElementId sheet, Model model) {
        Sheet on = model.get(sheet, Sheet.class);
        boolean has = SheetOrder.with(on, model).stream()
                .flatMap(s -> s.drawings().stream())
                .anyMatch(p -> p.drawing().equals(block.drawing()));
        SheetSeries series = SheetSeries.of(model.get(block.drawing(), Drawing.class));
        return !has
                && on.drawings().stream()
                        .anyMatch(p -> SheetSeries.of(model.get(p.drawing(), Drawing.class)) == series);
    }

    private static FilledSheet filled(LayOut.Begun begun, List<LayOut.Put> put, Model model) {
        Sheet sheet = model.get(begun.sheet(), Sheet.class);
        return new FilledSheet(sheet.id(), sheet.number(), sheet.title(), sheet.paper(), begun.taken(), placed(put));
    }

    private static List<LaidOutDrawing> placed(List<LayOut.Put> put) {
        return put.stream()
                .map(p -> new LaidOutDrawing(
                        p.block().drawing(),
                        p.block().anchor(),
                        p.at(),
                        p.block().box()))
                .toList();
    }

    private static LayOut.Block block(ElementId drawing, Footprint print) {
        return new LayOut.Block(drawing, print.anchor(), print.box());
    }

    /** With the largest of some scales at which it would fit; tables are as large at any. */
    private static TooLarge smaller(ElementId drawing, Paper paper, List<Double> scales, Printing print) {
        Model model = print.now().model();
        Drawing of = model.get(drawing, Drawing.class);
        if (of.kind().isSchedule()) return new TooLarge(drawing, 0);
        for (double scale : scales.stream()
                .sorted()
                .filter(s -> s > of.scale())
                .limit(MOST_SCALES)
                .toList()) {
            LayOut.Block block = block(drawing, print.footprintAt(scale, drawing));
            if (LayOut.on(paper, TitleBlock.of(model), List.of(block))
                    .tooLarge()
                    .isEmpty()) return new TooLarge(drawing, scale);
        }
        return new TooLarge(drawing, 0);
    }

    private static LaidOutSheet sheet(
            List<LayOut.Put> put, Paper paper, SheetNames names, Model model, List<Double> scales) {
        List<Drawing> drawings = put.stream()
                .map(p -> model.get(p.block().drawing(), Drawing.class))
                .toList();
        return new LaidOutSheet(
                names.next(),
                SheetNames.title(drawings),
                paper,
                placed(put),
                LargerScales.of(put, paper, TitleBlock.of(model), drawn(drawings), scales));
    }

    private static List<LargerScales.Larger> drawn(List<Drawing> drawings) {
        return drawings.stream()
                .filter(d -> !d.kind().isSchedule())
                .map(d -> new LargerScales.Larger(d.id(), d.scale()))
                .toList();
    }

    /** Those asked for, or those a project's trade draws on. */
    private static List<Paper> papers(Model model, List<Paper> asked) {
        if (!asked.isEmpty()) return asked;
        boolean metric = model.settings().units() == UnitSystem.METRIC;
        List<PaperSize> sizes = metric
                ? List.of(PaperSize.A3, PaperSize.A2, PaperSize.A1)
                : List.of(PaperSize.ARCH_B, PaperSize.ARCH_C, PaperSize.ARCH_D);
        return sizes.stream().map(Paper::across).toList();
    }
}
