package org.leanlintel.core.picture.annotate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.dimension.AddStringPoint;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.dimension.ReviseFigure;
import org.leanlintel.core.edit.office.AddStyle;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.OwnPart;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.StringStyle;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** A string 900 under a front of 7,200 with partitions at 2,123.4 and 5,000, in plan at 1:50. */
class StringStylesTest {

    private static final Lettering LETTERING = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(7200, 4800);
    private final Wall one = sketch.across(shell, 2123.4), two = sketch.across(shell, 5000);
    private final DimensionString string = (DimensionString) sketch.run(new DrawString(
                    Sketch.PLAN,
                    Sketch.LAYER,
                    new Vec(1, 0),
                    new Vec(3000, -900),
                    List.of(outer(shell.get(0)), middle(one), middle(two), outer(shell.get(2)))))
            .after()
            .getFirst();

    private static Hold outer(Wall wall) {
        return new Hold.OnFace(wall.id(), 0);
    }

    private static Hold middle(Wall wall) {
        return new Hold.OnFace(wall.id(), Hold.OnFace.CENTRE_LINE);
    }

    private DimensionString now() {
        return sketch.model().get(string.id(), DimensionString.class);
    }

    private List<Item> items() {
        return DrawingPicture.of(sketch.building(), Sketch.PLAN, LETTERING).picture().groups().stream()
                .filter(g -> g.element().equals(string.id()))
                .flatMap(g -> g.items().stream())
                .toList();
    }

    private List<String> figures() {
        return items().stream()
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }

    private Item.Text figure(String text) {
        return (Item.Text) items().stream()
                .filter(i -> i instanceof Item.Text t && t.text().equals(text))
                .findFirst()
                .orElseThrow();
    }

    private List<List<Vec>> lines(PenRole role) {
        return items().stream()
                .filter(i -> i instanceof Item.Strokes s && s.role() == role)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .toList();
    }

    /** Of the extension line at a place across the front. */
    private double extension(double x) {
        for (List<Vec> l : lines(PenRole.DIMENSION))
            if (l.size() == 2
                    && Math.abs(l.get(0).x() - x) < 0.1
                    && Math.abs(l.get(1).x() - x) < 0.1
                    && Math.min(l.get(0).y(), l.get(1).y()) < -900)
                return Math.max(l.get(0).y(), l.get(1).y()) + 900;
        return 0;
    }

    private void style(StringStyle style) {
        sketch.run(new Revise(style));
    }

    private static StringStyle style(
            StringStyle.Terminator t, StringStyle.Extension e, double step, StringStyle.Says s) {
        return new StringStyle(Sketch.STYLE, "Strokes", t, e, StringStyle.Figures.ABOVE, false, 2.5, step, 16, s);
    }

    private List<String> found() {
        return Findings.of(sketch.building()).stream()
                .filter(f -> f.kind() == Finding.Kind.STRING)
                .map(Finding::sentence)
                .toList();
    }

    /** 2,123.4 | 5,000 from the outer face, to 5: 2125 | 5000 | 7200. */
    @Test
    void figuresAreRoundedAsTheStyleSaysAndStillAddUp() {
        assertThat(figures()).containsExactly("2123", "2877", "2200");
        style(style(StringStyle.Terminator.STROKE, new StringStyle.ToPoint(1.5), 5, StringStyle.Says.PROJECT));
        assertThat(figures()).containsExactly("2125", "2875", "2200");
    }

    /** Positions in sixteenths are 1,337.57, 3,149.61 and 4,535.43, so 1338, 3150 and 4535: parts of 1338, 1812 and 1385. */
    @Test
    void aStringSaysItInBothUnits() {
        style(style(StringStyle.Terminator.STROKE, new StringStyle.ToPoint(1.5), 1, StringStyle.Says.BOTH));
        assertThat(figures()).containsExactly("2123", "6'-11 5/8\"", "2877", "9'-5 1/4\"", "2200", "7'-2 9/16\"");
        assertThat(figure("6'-11 5/8\"").at().y())
                .isLessThan(figure("2123").at().y());
        assertThat(sketch.model().settings().units()).isEqualTo(UnitSystem.METRIC);
    }

    @Test
    void aRunningStringSaysHowFarEachPointIsFromTheFirst() {
        sketch.run(new Revise(new DimensionString(
                string.id(),
                string.layer(),
                string.drawing(),
                string.direction(),
                string.at(),
                string.holds(),
                DimensionString.Kind.RUNNING,
                string.styled(),
                string.own(),
                false)));
        assertThat(figures()).containsExactly("0", "2123", "5000", "7200");
        assertThat(items()).filteredOn(Item.Arc.class::isInstance).hasSize(1);
    }

    /** At 1:50 a gap of 1.5 mm is 75; the wall's outer face is 900 over the string. */
    @Test
    void extensionLinesKeepTheirGapOrTheirLength() {
        assertThat(extension(0)).isCloseTo(825, within(1.0));
        style(style(StringStyle.Terminator.STROKE, new StringStyle.Fixed(5), 1, StringStyle.Says.PROJECT));
        assertThat(extension(0)).isCloseTo(250, within(1.0));
        sketch.run(new ReviseFigure(string.id(), new Vec(2100, -880), new ReviseFigure.Reaching(new Vec(2100, -500))));
        assertThat(extension(2123.4)).isCloseTo(400, within(1.0));
        assertThat(extension(5000)).isCloseTo(250, within(1.0));
        sketch.run(new ReviseFigure(string.id(), new Vec(2100, -880), new ReviseFigure.AsStyled()));
        assertThat(extension(2123.4)).isCloseTo(250, within(1.0));
        assertThat(now().own()).isEmpty();
    }

    @Test
    void terminatorsAreThoseOfTheStyle() {
        assertThat(lines(PenRole.TICK)).hasSize(4);
        for (StringStyle.Terminator t : List.of(StringStyle.Terminator.DOT, StringStyle.Terminator.RING)) {
            style(style(t, new StringStyle.ToPoint(1.5), 1, StringStyle.Says.PROJECT));
            assertThat(lines(PenRole.TICK)).isEmpty();
            assertThat(items()).filteredOn(Item.Arc.class::isInstance).hasSize(4);
        }
        style(style(StringStyle.Terminator.ARROW, new StringStyle.ToPoint(1.5), 1, StringStyle.Says.PROJECT));
        assertThat(lines(PenRole.DIMENSION).stream().filter(l -> l.size() > 2)).hasSize(6);
    }

    /** What is moved by hand stays there when its part moves, with a line to the middle of it where it is far off. */
    @Test
    void aFigureMovedByHandStaysBesideItsPart() {
        sketch.run(new ReviseFigure(string.id(), new Vec(3500, -900), new ReviseFigure.Standing(new Vec(4000, -1500))));
        Item.Text moved = figure("2877");
        assertThat(moved.at().x()).isCloseTo(4000, within(0.01));
        assertThat(moved.at().y()).isCloseTo(-1500, within(0.01));
        sketch.run(new Move(List.of(two.id()), new Vec(1000, 0)));
        assertThat(figure("3877").at().x()).isCloseTo(4500, within(0.01));
        sketch.run(new ReviseFigure(string.id(), new Vec(3500, -900), new ReviseFigure.Back()));
        assertThat(figure("3877").at().y()).isGreaterThan(-900);
        sketch.run(new AddStringPoint(string.id(), new Hold.AtPoint(new Vec(3000, 0))));
        assertThat(figures()).contains("877", "3000");
        assertThat(found()).isEmpty();
    }

    @Test
    void typedWordsStandInPlaceOfTheMeasureAndAreMarkedOnTheBoardAlone() {
        sketch.run(new ReviseFigure(string.id(), new Vec(3500, -900), new ReviseFigure.Saying("2850 min")));
        assertThat(figures()).containsExactly("2123", "2850 min", "2200");
        assertThat(lines(PenRole.CONSTRUCTION)).hasSize(1);
        assertThat(found()).isEmpty();
        sketch.run(new ReviseFigure(string.id(), new Vec(3500, -900), new ReviseFigure.Saying("equal")));
        assertThat(found()).isEmpty();
        sketch.run(new ReviseFigure(string.id(), new Vec(3500, -900), new ReviseFigure.Saying("2877")));
        assertThat(found()).isEmpty();
        sketch.run(new Move(List.of(two.id()), new Vec(-40, 0)));
        assertThat(found()).containsExactly("A dimension string of Plan says \"2877\" where it measures 2837.");
        sketch.run(new ReviseFigure(string.id(), new Vec(3500, -900), new ReviseFigure.Saying("min 2850")));
        assertThat(found()).containsExactly("A dimension string of Plan says \"min 2850\" where it measures 2837.");
        sketch.run(new ReviseFigure(string.id(), new Vec(3500, -900), new ReviseFigure.Saying("")));
        assertThat(found()).isEmpty();
        assertThat(now().own()).isEmpty();
    }

    /** Its points are split from the others by one between: what was decided of a part that is none any more goes with it. */
    @Test
    void whatWasDecidedOfAPartStaysWithItsPoints() {
        sketch.run(new ReviseFigure(string.id(), new Vec(6000, -900), new ReviseFigure.Saying("equal")));
        assertThat(now().own())
                .containsExactly(
                        new OwnPart.Figure(string.holds().get(2), string.holds().get(3), "equal", new OwnPart.Found()));
        sketch.run(new AddStringPoint(string.id(), new Hold.AtPoint(new Vec(6000, 0))));
        assertThat(figures()).doesNotContain("equal");
    }

    @Test
    void aLensOrAStringHasAStyleOfItsOwn() {
        Element made = sketch.run(new AddStyle(Sketch.STYLE, "Coarse")).after().getFirst();
        ElementId coarse = made.id();
        sketch.run(new Revise(new StringStyle(
                coarse,
                "Coarse",
                StringStyle.Terminator.STROKE,
                new StringStyle.ToPoint(1.5),
                StringStyle.Figures.IN_LINE,
                true,
                2.5,
                10,
                4,
                StringStyle.Says.PROJECT)));
        sketch.run(new Revise(now().styled(new DimensionString.InStyle(coarse))));
        assertThat(figures()).containsExactly("2120", "2880", "2200");
        assertThat(items())
                .filteredOn(i -> i instanceof Item.Fill f && f.over())
                .hasSize(3);
        assertThat(figure("2880").at().y()).isCloseTo(-900 - 62.5, within(0.01));
        assertThat(sketch.refusal(new AddStyle(coarse, "coarse"))).isEqualTo("There is a string style coarse already.");
    }

    /** The partition's 82 has no room over its part. 300 under the wall, 6 on paper, a row up would stand in it. */
    @Test
    void aFigureStandsUnderTheLineWhereAWallRunsOverIt() {
        double face = 4800 - 290;
        assertThat(heightOf(narrow(face - 2000))).isGreaterThan(face - 2000);
        assertThat(heightOf(narrow(face - 300))).isLessThan(face - 300);
        assertThat(heightOf(narrow(290 + 300))).as("the wall is under this one").isGreaterThan(290 + 300);
    }

    private DimensionString narrow(double y) {
        Hold left = new Hold.OnFace(one.id(), 0), right = new Hold.OnFace(one.id(), 3);
        return (DimensionString) sketch.run(new DrawString(
                        Sketch.PLAN,
                        Sketch.LAYER,
                        new Vec(1, 0),
                        new Vec(1000, y),
                        List.of(new Hold.OnFace(shell.get(0).id(), 3), left, right)))
                .after()
                .getFirst();
    }

    /** Of the base of its first figure over a part narrower than that. */
    private double heightOf(DimensionString string) {
        return DrawingPicture.of(sketch.building(), Sketch.PLAN, LETTERING).picture().groups().stream()
                .filter(g -> g.element().equals(string.id()))
                .flatMap(g -> g.items().stream())
                .filter(i -> i instanceof Item.Text t && t.text().length() < 4)
                .mapToDouble(i -> ((Item.Text) i).at().y())
                .findFirst()
                .orElseThrow();
    }
}
