package org.leanlintel.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionGoTo;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotation;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Model;
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
        return SetWriter.write(pages, model, LETTERING);
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

    /** The section line of the ground floor leads to the sheet that its section stands on. */
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
            assertThat(leads).contains("A-101 to A-103").noneMatch(l -> l.endsWith("to " + l.substring(0, 5)));
        }
    }
}
