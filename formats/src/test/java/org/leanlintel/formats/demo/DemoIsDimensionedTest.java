package org.leanlintel.formats.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.dimension.SetOutCheck;
import org.leanlintel.core.dimension.SetOutReport;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.TextBox;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.core.picture.sheet.SheetFindings;
import org.leanlintel.core.picture.sheet.SheetPicture;
import org.leanlintel.core.sheet.TitleFacts;
import org.leanlintel.formats.pdf.DrawingLettering;

/** The plans of the demo can be set out from, and nothing on them is written over anything else. */
class DemoIsDimensionedTest {

    /** On paper: how far letters may reach into each other's boxes, which are higher than most letters are. */
    private static final Lettering LETTERS = DrawingLettering.get();

    static Stream<Model> projects() {
        return Stream.of(QuarryBankHouse.draw(), HeronPointCabin.draw());
    }

    @ParameterizedTest
    @MethodSource("projects")
    void everyDimensionedPlanCanBeSetOutFrom(Model model) {
        Building building = Building.of(model);
        int dimensioned = 0;
        for (Drawing plan : drawings(model, Drawing.Kind.PLAN)) {
            if (model.all(DimensionString.class).stream()
                    .noneMatch(s -> s.drawing().equals(plan.id()))) continue;
            SetOutReport report = building.get(new SetOutCheck.Of(plan.id()));
            assertThat(report.lost()).as(plan.name()).isEmpty();
            assertThat(report.misread()).as(plan.name()).isEmpty();
            dimensioned++;
        }
        assertThat(dimensioned).isEqualTo(4);
    }

    @ParameterizedTest
    @MethodSource("projects")
    void noWordsMeet(Model model) {
        Building building = Building.of(model);
        for (Drawing.Kind kind : List.of(Drawing.Kind.PLAN, Drawing.Kind.SECTION))
            for (Drawing drawing : drawings(model, kind))
                assertThat(meeting(words(drawing, building))).as(drawing.name()).isEmpty();
    }

    private static List<Drawing> drawings(Model model, Drawing.Kind kind) {
        return Drawing.register(model).stream().filter(d -> d.kind() == kind).toList();
    }

    private static List<String> meeting(List<TextBox> words) {
        List<String> meeting = new ArrayList<>();
        for (int i = 0; i < words.size(); i++)
            for (TextBox other : words.subList(i + 1, words.size()))
                if (words.get(i).meets(other)) meeting.add(words.get(i).said() + " and " + other.said());
        return meeting;
    }

    private static List<TextBox> words(Drawing drawing, Building building) {
        List<TextBox> words = new ArrayList<>();
        for (Group g :
                DrawingPicture.of(building, drawing.id(), LETTERS).picture().groups())
            for (Item item : g.items())
                if (item instanceof Item.Text t) words.add(TextBox.of(t, drawing.scale(), LETTERS));
        return words;
    }

    /** As they print: nothing lies on anything, stands off the sheet or is too small to read. */
    @ParameterizedTest
    @MethodSource("projects")
    void sheetsPrintWell(Model model) {
        Building building = Building.of(model);
        assertThat(SheetFindings.of(
                        model,
                        sheet -> SheetPicture.of(
                                sheet,
                                model,
                                id -> DrawingPicture.of(building, id, LETTERS).picture(),
                                LETTERS,
                                TitleFacts.printed("2026-01-05")),
                        LETTERS))
                .extracting(Finding::sentence)
                .isEmpty();
    }
}
