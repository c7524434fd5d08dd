package org.leanlintel.formats.pdf;

import java.io.IOException;
import java.util.ArrayList;
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
import org.leanlintel.core.geometry.GivenUp;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.annotate.SheetLinks;

/**
 * Sheets as one document: a page each at its exact size, labelled by its number, with bookmarks to sheets and their drawings, the
 * project's layers to switch, and marks that lead to the sheet they speak of.
 */
public final class SetWriter {

    /** A sheet and how it prints. */
    public record Page(Sheet sheet, Picture picture) {}

    private final PDDocument document;
    private final Model model;
    private final Lettering lettering;
    private final Map<ElementId, PDPage> pages = new HashMap<>();

    private SetWriter(PDDocument document, Model model, Lettering lettering) {
        this.document = document;
        this.model = model;
        this.lettering = lettering;
    }

    /** @param sheets in their order, one at least */
    public static byte[] write(List<Page> sheets, Model model, Lettering lettering) {
        Settings project = model.settings();
        return PdfWriter.document(project.name(), (document, fonts) -> {
            SetWriter writer = new SetWriter(document, model, lettering);
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
            double width = p.sheet().paper().widthMm(),
                    height = p.sheet().paper().heightMm();
            try (PdfPage page = new PdfPage(document, fonts, lettering, width, height)) {
                page.draw(p.picture().drawn(), layers);
                pages.put(p.sheet().id(), page.page());
            }
        }
    }

    private PDPage page(Sheet sheet) {
        return Objects.requireNonNull(pages.get(sheet.id()));
    }

    private static PDPageDestination whole(PDPage page) {
        PDPageFitDestination there = new PDPageFitDestination();
        there.setPage(page);
        return there;
    }

    private void links(List<Page> sheets) throws IOException {
        for (Page p : sheets)
            for (SheetLinks.Link l : SheetLinks.of(p.picture(), model, lettering)) {
                PDPage to = pages.get(l.sheet());
                if (to == null || l.sheet().equals(p.sheet().id())) continue;
                PDAnnotationLink link = new PDAnnotationLink();
                link.setPrinted(true);
                link.setRectangle(PdfPage.rectangle(l.box()));
                PDBorderStyleDictionary none = new PDBorderStyleDictionary();
                none.setWidth(0);
                link.setBorderStyle(none);
                PDActionGoTo go = new PDActionGoTo();
                go.setDestination(whole(to));
                link.setAction(go);
                page(p.sheet()).getAnnotations().add(link);
            }
    }

    private void labels(List<Page> sheets) {
        PDPageLabels labels = new PDPageLabels(document);
        for (int i = 0; i < sheets.size(); i++) {
            PDPageLabelRange label = new PDPageLabelRange();
            label.setPrefix(sheets.get(i).sheet().number());
            labels.setLabelItem(i, label);
        }
        document.getDocumentCatalog().setPageLabels(labels);
    }

    private void bookmarks(List<Page> sheets) {
        PDDocumentOutline outline = new PDDocumentOutline();
        for (Page p : sheets) {
            PDOutlineItem sheet = item(p.sheet().number() + "  " + p.sheet().title(), page(p.sheet()));
            outline.addLast(sheet);
            for (String name : drawings(p.sheet())) sheet.addLast(item(name, page(p.sheet())));
        }
        document.getDocumentCatalog().setDocumentOutline(outline);
        document.getDocumentCatalog().setPageMode(PageMode.USE_OUTLINES);
    }

    private List<String> drawings(Sheet sheet) {
        List<String> names = new ArrayList<>();
        for (Sheet.Placed d : sheet.drawings())
            names.add(model.get(d.drawing(), Drawing.class).name());
        return names;
    }

    private static PDOutlineItem item(String title, PDPage page) {
        PDOutlineItem item = new PDOutlineItem();
        item.setTitle(title);
        item.setDestination(whole(page));
        return item;
    }
}
