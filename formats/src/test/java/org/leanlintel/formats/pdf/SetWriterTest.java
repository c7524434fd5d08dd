package org.leanlintel.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionGoTo;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotation;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.text.PDFTextStripper;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.core.picture.sheet.SheetPicture;
import org.leanlintel.core.sheet.SheetOrder;
import org.leanlintel.core.sheet.TitleFacts;
import org.leanlintel.formats.demo.QuarryBankHouse;

/** The demo's set as one document, read back. */
class SetWriterTest {

    private static final Lettering LETTERING = DrawingLettering.get();

    private final Model model = QuarryBankHouse.draw();
    private final Building building = Building.of(model);
    private final List<Sheet> sheets = SheetOrder.of(model);

    private byte[] set() {
        return set(null);
    }

    private byte[] set(SetWriter.@Nullable Other other) {
        List<SetWriter.Page> pages = new ArrayList<>();
        for (Sheet s : sheets)
            pages.add(new SetWriter.Page(
                    s,
                    SheetPicture.of(
                            s,
                            model,
                            id -> DrawingPicture.of(building, id, LETTERING).picture(),
                            LETTERING,
                            TitleFacts.printed("2026-01-05"))));
        return SetWriter.write(pages, model, LETTERING, other);
    }

    @Test
    void aSetIsBoundInOrderWithLabelsBookmarksAndLayers() throws IOException {
        byte[] set = set();
        assertThat(set.length).as("under 1 MB a sheet").isLessThan(sheets.size() * 1_000_000);
        try (PDDocument read = Loader.loadPDF(set)) {
            List<String> numbers = sheets.stream().map(Sheet::number).toList();
            assertThat(numbers).isSorted();
            assertThat(read.getNumberOfPages()).isEqualTo(sheets.size());
            assertThat(read.getDocumentCatalog().getPageLabels().getLabelsByPageIndices())
                    .containsExactlyElementsOf(numbers);
            List<String> bookmarks = new ArrayList<>();
            for (PDOutlineItem i :
                    read.getDocumentCatalog().getDocumentOutline().children()) bookmarks.add(i.getTitle());
            assertThat(bookmarks)
                    .containsExactlyElementsOf(sheets.stream()
                            .map(s -> s.number() + "  " + s.title())
                            .toList());
            assertThat(read.getDocumentCatalog().getOCProperties().getGroupNames())
                    .contains("Walls", "Dimensions", "Doors and windows");
            assertThat(new PDFTextStripper().getText(read))
                    .contains(model.settings().name());
        }
    }

    /** The section line of the ground floor leads to the sheet that its section stands on, the marks of its kitchen and wet room to that of their walls. */
    @Test
    void marksLeadToTheSheetTheySpeakOf() throws IOException {
        try (PDDocument read = Loader.loadPDF(set())) {
            List<String> leads = new ArrayList<>();
            for (int i = 0; i < sheets.size(); i++)
                for (PDAnnotation a : read.getPage(i).getAnnotations())
                    if (a instanceof PDAnnotationLink link && link.getAction() instanceof PDActionGoTo go) {
                        int to = ((PDPageDestination) go.getDestination()).retrievePageNumber();
                        leads.add(
                                sheets.get(i).number() + " to " + sheets.get(to).number());
                    }
            assertThat(leads)
                    .contains("A-101 to A-103", "A-101 to A-111")
                    .noneMatch(l -> l.endsWith("to " + l.substring(0, 5)));
        }
    }

    /** A2 of 594 by 420 on A3, of which 420 - 16 by 297 - 16 - 6 are of use. */
    @Test
    void aSetOnSmallerPaperHasLabelsBookmarksLayersAndLinksToo() throws IOException {
        try (PDDocument own = Loader.loadPDF(set());
                PDDocument reduced = Loader.loadPDF(set(new SetWriter.Other(PaperSize.A3, OnPaper.Onto.REDUCED)))) {
            assertThat(reduced.getNumberOfPages()).isEqualTo(own.getNumberOfPages());
            assertThat(bookmarks(reduced)).isEqualTo(bookmarks(own));
            assertThat(reduced.getDocumentCatalog().getPageLabels().getLabelsByPageIndices())
                    .isEqualTo(own.getDocumentCatalog().getPageLabels().getLabelsByPageIndices());
            assertThat(reduced.getDocumentCatalog().getOCProperties().getGroupNames())
                    .isEqualTo(own.getDocumentCatalog().getOCProperties().getGroupNames());
            for (int i = 0; i < own.getNumberOfPages(); i++) {
                double wide = own.getPage(i).getMediaBox().getWidth(),
                        high = own.getPage(i).getMediaBox().getHeight();
                double mm = 72 / 25.4, factor = Math.min(404 * mm / wide, 275 * mm / high);
                List<PDRectangle> there = links(own, i), here = links(reduced, i);
                assertThat(here).hasSameSizeAs(there);
                for (int k = 0; k < here.size(); k++) {
                    assertThat((double) here.get(k).getWidth())
                            .isCloseTo(there.get(k).getWidth() * Math.min(1, factor), within(0.01));
                    assertThat((double) here.get(k).getLowerLeftX())
                            .isCloseTo(8 * mm + there.get(k).getLowerLeftX() * Math.min(1, factor), within(0.01));
                }
            }
            assertThat(links(reduced, 0)).isNotEmpty();
            assertThat(new PDFTextStripper().getText(reduced)).contains("reduced to 65 %: ");
        }
    }

    @Test
    void bookmarksOfDrawingsLeadToThePartTheyStandOn() throws IOException {
        try (PDDocument parts = Loader.loadPDF(set(new SetWriter.Other(PaperSize.A4, OnPaper.Onto.PARTS)))) {
            List<String> labels =
                    List.of(parts.getDocumentCatalog().getPageLabels().getLabelsByPageIndices());
            assertThat(labels).contains(sheets.getFirst().number() + ", part 2").doesNotHaveDuplicates();
            List<Integer> first = new ArrayList<>();
            for (PDOutlineItem sheet :
                    parts.getDocumentCatalog().getDocumentOutline().children()) {
                int at = parts.getPages().indexOf(sheet.findDestinationPage(parts));
                assertThat(labels.get(at)).endsWith(", part 1");
                for (PDOutlineItem drawing : sheet.children()) {
                    int there = parts.getPages().indexOf(drawing.findDestinationPage(parts));
                    assertThat(labels.get(there)).startsWith(labels.get(at).replace(", part 1", ", part "));
                    if (there != at) first.add(there);
                }
            }
            assertThat(first).as("drawings that stand on later parts").isNotEmpty();
        }
    }

    private static List<String> bookmarks(PDDocument read) {
        List<String> all = new ArrayList<>();
        for (PDOutlineItem i : read.getDocumentCatalog().getDocumentOutline().children()) {
            all.add(i.getTitle());
            for (PDOutlineItem d : i.children()) all.add(i.getTitle() + ": " + d.getTitle());
        }
        return all;
    }

    private static List<PDRectangle> links(PDDocument read, int page) throws IOException {
        List<PDRectangle> links = new ArrayList<>();
        for (PDAnnotation a : read.getPage(page).getAnnotations()) links.add(a.getRectangle());
        return links;
    }
}
