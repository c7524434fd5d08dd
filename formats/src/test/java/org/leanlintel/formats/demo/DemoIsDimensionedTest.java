package org.leanlintel.formats.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.dimension.SetOutCheck;
import org.leanlintel.core.dimension.SetOutReport;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.picture.DrawingPicture;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.formats.pdf.DrawingLettering;

/** The plans of the demo can be set out from, and nothing on them is written over anything else. */
class DemoIsDimensionedTest {

    /** On paper: how far letters may reach into each other's boxes, which are higher than most letters are. */
    private static final double SLACK_MM = 0.2;

    private static final Lettering LETTERS = DrawingLettering.get();

    /** Words where they stand. */
    private record Words(String said, Area box) {}

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
        assertThat(dimensioned).isEqualTo(3);
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

    private static List<String> meeting(List<Words> words) {
        List<String> meeting = new ArrayList<>();
        for (int i = 0; i < words.size(); i++)
            for (Words other : words.subList(i + 1, words.size())) {
                Words one = words.get(i);
                if (one.box().bounds().meets(other.box().bounds())
                        && !one.box().and(other.box()).isEmpty()) meeting.add(one.said() + " and " + other.said());
            }
        return meeting;
    }

    private static List<Words> words(Drawing drawing, Building building) {
        List<Words> words = new ArrayList<>();
        for (Group g :
                DrawingPicture.of(building, drawing.id(), LETTERS).picture().groups())
            for (Item item : g.items()) if (item instanceof Item.Text t) words.add(words(t, drawing.scale()));
        return words;
    }

    private static Words words(Item.Text text, double scale) {
        StringBuilder said = new StringBuilder();
        double left = Double.POSITIVE_INFINITY, right = 0, low = Double.POSITIVE_INFINITY, high = 0;
        for (Item.Run r : text.runs()) {
            said.append(r.letters());
            left = Math.min(left, r.right() + SLACK_MM);
            right = Math.max(right, r.right() + LETTERS.width(r.letters(), r.height(), false) - SLACK_MM);
            low = Math.min(low, r.up() + SLACK_MM);
            high = Math.max(high, r.up() + r.height() - SLACK_MM);
        }
        Vec along = Vec.ofAngle(text.angle()).times(scale), up = along.left();
        return new Words(
                said.toString(),
                Area.of(List.of(
                        at(text, along, left, up, low),
                        at(text, along, right, up, low),
                        at(text, along, right, up, high),
                        at(text, along, left, up, high))));
    }

    private static Vec at(Item.Text text, Vec along, double right, Vec up, double high) {
        return text.at().plus(along.times(right)).plus(up.times(high));
    }
}
