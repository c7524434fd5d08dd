package org.leanlintel.formats.pdf;

import java.io.IOException;
import java.util.Calendar;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TimeZone;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PageMode;
import org.apache.pdfbox.pdmodel.common.PDPageLabelRange;
import org.apache.pdfbox.pdmodel.common.PDPageLabels;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionGoTo;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDBorderStyleDictionary;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageFitDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.GivenUp;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.annotate.SheetLinks;

/**
 * Sheets as one document: a page each at its exact size, or as they come on other paper; labelled by their numbers, with bookmarks
 * to sheets and their drawings, the project's layers to switch, and marks that lead to the sheet they speak of.
 */
public final class SetWriter {

    /** A sheet and how it prints. */
    public record Page(Sheet sheet, Picture picture) {}

    private final PDDocument document;
    private final Model model;
    private final Lettering lettering;
    private final @Nullable Other other;
    private final Map<ElementId, List<Laid>> pages = new HashMap<>();

    /** Paper that all sheets come on instead of their own. */
    public record Other(PaperSize paper, OnPaper.Onto onto) {}

    private SetWriter(PDDocument document, Model model, Lettering lettering, @Nullable Other other) {
        this.document = document;
        this.model = model;
        this.lettering = lettering;
        this.other = other;
    }

    /** @param sheets in their order, one at least */
    public static byte[] write(List<Page> sheets, Model model, Lettering lettering) {
        return write(sheets, model, lettering, null);
    }

    /** @param sheets in their order, one at least; @param other null for paper of their own size */
    public static byte[] write(List<Page> sheets, Model model, Lettering lettering, @Nullable Other other) {
        Settings project = model.settings();
        return PdfWriter.document(project.name(), (document, fonts) -> {
            SetWriter writer = new SetWriter(document, model, lettering, other);
            writer.pages(sheets, fonts);
            writer.links(sheets);
            writer.labels(sheets);
            writer.bookmarks(sheets);
            PDDocumentInformation about = document.getDocumentInformation();
            about.setAuthor(project.drawnBy());
            about.setSubject(project.address());
            about.setCreationDate(Calendar.getInstance(TimeZone.getTimeZone("UTC")));
        });
    }

    private void pages(List<Page> sheets, PdfFonts fonts) throws IOException {
        PdfLayers layers = new PdfLayers(document, model);
        for (Page p : sheets) {
            GivenUp.orGoOn();
            pages.put(
                    p.sheet().id(),
                    other == null
                            ? List.of(page(p, fonts, layers))
                            : OnPaper.of(p.sheet(), p.picture(), model, lettering)
                                    .lay(other.paper(), other.onto(), document, fonts, layers));
        }
    }

    private Laid page(Page of, PdfFonts fonts, PdfLayers layers) throws IOException {
        double width = of.sheet().paper().widthMm(), height = of.sheet().paper().heightMm();
        try (PdfPage page = new PdfPage(document, fonts, lettering, width, height)) {
            page.draw(of.picture(), layers);
            return new Laid(page.page(), new Bounds(0, 0, width, height), 1, Vec.ORIGIN);
        }
    }

    private List<Laid> of(Sheet sheet) {
        return Objects.requireNonNull(pages.get(sheet.id()));
    }

    /** The page that a place of a sheet is on. */
    private PDPage page(Sheet sheet, Vec place) {
        List<Laid> all = of(sheet);
        return all.stream()
                .filter(l -> l.there().covers(place))
                .findFirst()
                .orElse(all.getFirst())
                .page();
    }

    private static PDPageDestination whole(PDPage page) {
        PDPageFitDestination there = new PDPageFitDestination();
        there.setPage(page);
        return there;
    }

    private void links(List<Page> sheets) throws IOException {
        for (Page p : sheets)
            for (SheetLinks.Link l : SheetLinks.of(p.picture(), model, lettering)) {
                List<Laid> to = pages.get(l.sheet());
                if (to == null || l.sheet().equals(p.sheet().id())) continue;
                for (Laid on : of(p.sheet()))
                    if (on.there().meets(l.box()))
                        on.page()
                                .getAnnotations()
                                .add(link(on.at(l.box()), to.getFirst().page()));
            }
    }

    private static PDAnnotationLink link(Bounds from, PDPage to) {
        PDAnnotationLink link = new PDAnnotationLink();
        link.setPrinted(true);
        link.setRectangle(PdfPage.rectangle(from));
        PDBorderStyleDictionary none = new PDBorderStyleDictionary();
        none.setWidth(0);
        link.setBorderStyle(none);
        PDActionGoTo go = new PDActionGoTo();
        go.setDestination(whole(to));
        link.setAction(go);
        return link;
    }

    private void labels(List<Page> sheets) {
        PDPageLabels labels = new PDPageLabels(document);
        int page = 0;
        for (Page p : sheets) {
            int parts = of(p.sheet()).size();
            for (int i = 1; i <= parts; i++) {
                PDPageLabelRange label = new PDPageLabelRange();
                label.setPrefix(p.sheet().number() + (parts == 1 ? "" : ", part " + i));
                labels.setLabelItem(page++, label);
            }
        }
        document.getDocumentCatalog().setPageLabels(labels);
    }

    private void bookmarks(List<Page> sheets) {
        PDDocumentOutline outline = new PDDocumentOutline();
        for (Page p : sheets) {
            PDOutlineItem sheet = item(
                    p.sheet().number() + "  " + p.sheet().title(),
                    of(p.sheet()).getFirst().page());
            outline.addLast(sheet);
            for (Sheet.Placed d : p.sheet().drawings())
                sheet.addLast(item(model.get(d.drawing(), Drawing.class).name(), page(p.sheet(), d.at())));
        }
        document.getDocumentCatalog().setDocumentOutline(outline);
        document.getDocumentCatalog().setPageMode(PageMode.USE_OUTLINES);
    }

    private static PDOutlineItem item(String title, PDPage page) {
        PDOutlineItem item = new PDOutlineItem();
        item.setTitle(title);
        item.setDestination(whole(page));
        return item;
    }
}
