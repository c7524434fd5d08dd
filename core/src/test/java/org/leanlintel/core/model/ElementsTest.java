package org.leanlintel.core.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.geometry.Vec;

/** Values are checked at birth, with a sentence a drafter understands. */
class ElementsTest {

    @ParameterizedTest
    @ValueSource(doubles = {0, -5, 0.1, 2001, Double.NaN, Double.POSITIVE_INFINITY})
    void aPlyHasASensibleThickness(double mm) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Sketch.ply("stud", mm, Does.CARRIES))
                .withMessageStartingWith("A ply's thickness must be between");
    }

    @Test
    void aMembraneHasNone() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Sketch.ply("air", 1, Does.SHEET))
                .withMessageContaining("membrane");
    }

    @Test
    void aBuildUpCarries() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Sketch.buildUp("Curtain", Sketch.ply("board", 12.5, Does.LINING)))
                .withMessage("\"Curtain\" has no ply that carries.");
    }

    @Test
    void structureRunsFromTheOutermostToTheInnermostPlyThatCarries() {
        BuildUp twin = Sketch.buildUp(
                "twin",
                Sketch.ply("board", 13, Does.LINING),
                Sketch.ply("brick", 100, Does.CARRIES),
                Sketch.ply("air", 75, Does.AIR_GAP),
                Sketch.ply("brick", 100, Does.CARRIES),
                Sketch.ply("board", 13, Does.LINING));
        assertThat(twin.structureFrom()).isEqualTo(1);
        assertThat(twin.structureTo()).isEqualTo(4);
        assertThat(new SetOut.MiddleOfStructure().depthIn(twin)).isEqualTo(13 + 275 / 2.0);
        assertThat(new SetOut.InnerFace().depthIn(twin)).isEqualTo(301);
        assertThat(new SetOut.OnFace(2).depthIn(twin)).isEqualTo(113);
        assertThat(new SetOut.OnFace(9).depthIn(twin)).as("past the last face").isEqualTo(301);
    }

    @Test
    void eachPlyPassesThoseThatGiveWayToIt() {
        Does[] strongestFirst = {Does.CARRIES, Does.BOARDS, Does.INSULATES, Does.AIR_GAP, Does.LINING, Does.SHEET};
        for (int i = 0; i < strongestFirst.length; i++) {
            for (int j = 0; j < strongestFirst.length; j++) {
                boolean expected = i < j && strongestFirst[i] != Does.SHEET;
                assertThat(strongestFirst[i].passes(strongestFirst[j]))
                        .as(strongestFirst[i] + " " + strongestFirst[j])
                        .isEqualTo(expected);
            }
        }
        assertThat(Does.FACING.passes(Does.LINING) || Does.LINING.passes(Does.FACING))
                .as("equals")
                .isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "a b", "-a", "a/b", "<script>"})
    void anIdIsLettersDigitsAndHyphens(String text) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new ElementId(text))
                .withMessageContaining("letters, digits and hyphens");
    }

    @Test
    void nothingLiesAKilometreAway() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Corner.at(Sketch.id("c"), Sketch.STOREY, new Vec(2e6, 0)))
                .withMessageContaining("1 km");
    }

    @Test
    void stringsNotesAndLensesAreWhole() {
        List<Hold> one = List.of(new Hold.AtPoint(Vec.ORIGIN));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new DimensionString(
                        Sketch.id("s"), Sketch.LAYER, Sketch.PLAN, new Vec(1, 0), Vec.ORIGIN, one, false))
                .withMessageContaining("two points");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Note(
                        Sketch.id("n"),
                        Sketch.LAYER,
                        Sketch.PLAN,
                        Vec.ORIGIN,
                        "  ",
                        Sketch.LETTERS,
                        0,
                        Leaders.NONE,
                        false));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Lens(
                        Sketch.LENS,
                        "Bare",
                        List.of(),
                        Map.of(),
                        0,
                        new Detail(50, 200),
                        Lens.Fill.MATERIALS,
                        Lens.Symbol.LEAF,
                        List.of(),
                        List.of(),
                        Lens.OpeningEdges.STRUCTURAL,
                        false,
                        Lens.Roofs.NONE,
                        Lens.OpeningLines.NONE,
                        Map.of(),
                        Lens.Colours.NOWHERE,
                        Sketch.STYLE,
                        Lens.Letters.USUAL,
                        Lens.Backdrop.NONE,
                        0))
                .withMessageContaining("no pen for");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Opening.Window(0, 0, Lights.Opens.FIXED))
                .withMessageContaining("lights");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Drawing(
                        Sketch.PLAN,
                        "P",
                        Drawing.Kind.PLAN,
                        Sketch.STOREY,
                        Sketch.LENS,
                        0.5,
                        "",
                        new Drawing.Whole(),
                        0,
                        new Drawing.All(),
                        List.of()));
    }

    @Test
    void aDirectionIsMadeOneLong() {
        DimensionString s = new DimensionString(
                Sketch.id("s"),
                Sketch.LAYER,
                Sketch.PLAN,
                new Vec(3, 4),
                Vec.ORIGIN,
                List.of(new Hold.AtPoint(Vec.ORIGIN), new Hold.AtPoint(new Vec(1, 0))),
                false);
        assertThat(s.direction()).isEqualTo(new Vec(0.6, 0.8));
    }

    @Test
    void aModelKnowsItsElements() {
        Model model = new Sketch().model();
        assertThat(model.settings().name()).isEqualTo("Test");
        assertThatThrownBy(() -> model.get(Sketch.id("stud"), BuildUp.class))
                .hasMessage("There is no build up \"stud\" in this project; it may have been deleted.");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Model.of(0, List.of(model.settings(), model.settings())))
                .withMessageContaining("settings");
    }

    @Test
    void aChangeBetweenTwoModelsLeadsFromOneToTheOther() {
        Sketch sketch = new Sketch();
        Model before = sketch.model();
        sketch.run(Sketch.SHELL, true, 0, 0, 0, 4800, 7200, 4800, 7200, 0);
        Change back = Change.between(sketch.model(), before, "back");
        assertThat(sketch.model().after(back)).isEqualTo(before);
        assertThat(back.touches()).hasSize(8);
        assertThat(back.inverse().inverse()).isEqualTo(back);
        assertThat(Change.between(before, before, "none").isEmpty()).isTrue();
    }
}
