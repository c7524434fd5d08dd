package org.leanlintel.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.core.picture.sheet.SheetPicture;
import org.leanlintel.core.sheet.SheetOrder;
import org.leanlintel.core.sheet.TitleFacts;
import org.leanlintel.formats.demo.HeronPointCabin;
import org.leanlintel.formats.standard.OfficeStandard;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.PDFAParser;
import org.verapdf.pdfa.PDFAValidator;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.ValidationResult;

/** What is printed is PDF/A-2b by the judgement of an independent validator. */
class ArchivalTest {

    private final Model model = HeronPointCabin.draw();
    private final Building building = Building.of(model);

    private Picture picture(ElementId drawing) {
        return DrawingPicture.of(building, drawing, DrawingLettering.get()).picture();
    }

    private Picture picture(Sheet sheet) {
        return SheetPicture.of(sheet, model, this::picture, DrawingLettering.get(), TitleFacts.printed("2026-01-05"));
    }

    static List<String> broken(byte[] pdf) throws Exception {
        VeraGreenfieldFoundryProvider.initialise();
        try (PDFAParser parser =
                        Foundries.defaultInstance().createParser(new ByteArrayInputStream(pdf), PDFAFlavour.PDFA_2_B);
                PDFAValidator validator = Foundries.defaultInstance().createValidator(PDFAFlavour.PDFA_2_B, false)) {
            ValidationResult result = validator.validate(parser);
            assertThat(result.getTotalAssertions()).as("it was looked at").isGreaterThan(200);
            return result.getTestAssertions().stream()
                    .map(a -> a.getRuleId().getClause() + " " + a.getMessage())
                    .distinct()
                    .toList();
        }
    }

    @Test
    void aSetWithLayersLinksAndBookmarks() throws Exception {
        List<SetWriter.Page> pages = new ArrayList<>();
        for (Sheet s : SheetOrder.of(model)) pages.add(new SetWriter.Page(s, picture(s)));
        assertThat(broken(SetWriter.write(pages, model, DrawingLettering.get())))
                .isEmpty();
    }

    @Test
    void oneSheet() throws Exception {
        Sheet sheet = SheetOrder.of(model).getFirst();
        assertThat(broken(PdfWriter.pages(List.of(picture(sheet)), sheet.paper(), "One sheet", DrawingLettering.get())))
                .isEmpty();
    }

    /** With another drawing faintly behind it: what is seen through is allowed since PDF/A-2. */
    @Test
    void whatTheBoardShows() throws Exception {
        Picture plan = picture(OfficeStandard.GROUND_PLAN);
        assertThat(broken(PdfWriter.view(
                        plan,
                        List.of(plan),
                        48,
                        Vec.ORIGIN,
                        Paper.across(PaperSize.A3),
                        "A view, as it is",
                        DrawingLettering.get())))
                .isEmpty();
    }
}
