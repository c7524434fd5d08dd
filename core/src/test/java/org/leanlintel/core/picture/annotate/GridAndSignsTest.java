package org.leanlintel.core.picture.annotate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Records;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.dimension.SetOutCheck;
import org.leanlintel.core.edit.carry.Hand;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.drawing.DrawGrid;
import org.leanlintel.core.edit.note.PlaceSign;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.GridLine;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Sign;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** A grid under a shell of 7,200 by 4,800, and signs on its plan. */
class GridAndSignsTest {

    private static final Lettering LETTERING = new Lettering(Map.of(), Map.of(), 0.5, 0.7);
    private static final Vec EAST = new Vec(1, 0);

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(7200, 4800);

    /** Upright lines from x on, each so far right of the last. */
    private List<GridLine> grid(String first, double x, Double... apart) {
        DrawGrid drawn = new DrawGrid(
                Sketch.LAYER,
                new Vec(x, -1000),
                new Vec(x, 5800),
                first,
                GridLine.Bubbles.BOTH,
                Side.RIGHT,
                List.of(apart));
        return sketch.run(drawn).after().stream().map(GridLine.class::cast).toList();
    }

    private List<Item> items(ElementId drawing, ElementId of) {
        return DrawingPicture.of(sketch.building(), drawing, LETTERING).picture().groups().stream()
                .filter(g -> g.element().equals(of))
                .flatMap(g -> g.items().stream())
                .toList();
    }

    private List<String> words(ElementId drawing, ElementId of) {
        return items(drawing, of).stream()
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }

    private DimensionString string(ElementId drawing, Vec direction, Vec at, Hold... holds) {
        return (DimensionString) sketch.run(new DrawString(drawing, Sketch.LAYER, direction, at, List.of(holds)))
                .after()
                .getFirst();
    }

    private static Hold on(GridLine line) {
        return new Hold.OnGrid(line.id());
    }

    @Test
    void linesAreSpacedAndMarkedInOrder() {
        assertThat(grid("1", 0, 3000.0, 4200.0)).extracting(GridLine::mark).containsExactly("1", "2", "3");
        assertThat(sketch.model().all(GridLine.class))
                .extracting(l -> l.from().x())
                .containsExactly(0.0, 3000.0, 7200.0);
        assertThat(grid("2", 100)).extracting(GridLine::mark).containsExactly("4");
        assertThat(grid("H", 200, 10.0, 10.0)).extracting(GridLine::mark).containsExactly("H", "J", "K");
        assertThat(grid("N", 300, 10.0, 10.0)).extracting(GridLine::mark).containsExactly("N", "P", "Q");
        assertThat(grid("Z", 400, 10.0)).extracting(GridLine::mark).containsExactly("Z", "AA");
        assertThat(sketch.refusal(new DrawGrid(
                        Sketch.LAYER,
                        Vec.ORIGIN,
                        new Vec(0, 1000),
                        "1",
                        GridLine.Bubbles.BOTH,
                        Side.LEFT,
                        List.of(0.0))))
                .isEqualTo("Grid lines lie at least 10 mm apart.");
    }

    @Test
    void aBubbleStandsBeyondEachEndThatHasOne() {
        GridLine line = grid("A", 0).getFirst();
        assertThat(words(Sketch.PLAN, line.id())).containsExactly("A", "A");
        assertThat(items(Sketch.PLAN, line.id()))
                .filteredOn(Item.Arc.class::isInstance)
                .extracting(i -> ((Item.Arc) i).centre().y())
                .containsExactly(-1200.0, 6000.0);
        sketch.run(
                new Revise(new GridLine(line.id(), line.layer(), "A", line.from(), line.to(), GridLine.Bubbles.END)));
        assertThat(words(Sketch.PLAN, line.id())).containsExactly("A");
    }

    @Test
    void stringsHoldToGridLinesAndFollowThem() {
        List<GridLine> lines = grid("1", 0, 3000.0, 4200.0);
        DimensionString s =
                string(Sketch.PLAN, EAST, new Vec(0, -700), on(lines.get(0)), on(lines.get(1)), on(lines.get(2)));
        assertThat(words(Sketch.PLAN, s.id())).containsExactly("3000", "4200");
        sketch.run(new Move(List.of(lines.get(1).id()), new Vec(250, 0)));
        assertThat(words(Sketch.PLAN, s.id())).containsExactly("3250", "3950");
        sketch.run(new Delete(List.of(lines.get(1).id())));
        assertThat(sketch.model().get(s.id(), DimensionString.class).holds())
                .anyMatch(h -> h instanceof Hold.Lost l && Math.abs(l.at().x() - 3250) < 1e-6);
    }

    /** A section that cuts them from south to north shows lines that run across; strings there measure between them. */
    @Test
    void aSectionMeasuresBetweenGridLines() {
        DrawGrid across = new DrawGrid(
                Sketch.LAYER,
                new Vec(-1000, 0),
                new Vec(8200, 0),
                "A",
                GridLine.Bubbles.BOTH,
                Side.LEFT,
                List.of(4800.0));
        List<GridLine> lines =
                sketch.run(across).after().stream().map(GridLine.class::cast).toList();
        ElementId section = sketch.section(new Vec(3000, -500), new Vec(3000, 5300), Side.RIGHT, 20_000);
        DimensionString s = string(section, EAST, new Vec(0, -600), on(lines.get(0)), on(lines.get(1)));
        assertThat(words(section, s.id())).containsExactly("4800");
    }

    /** The outer faces are told from the grid, the grid from itself: with the marks of build-ups all is found, without the grid's own part not. */
    @Test
    void wallsAreFoundFromGridLines() {
        sketch.put(Records.with(Sketch.lens(), "marks", List.of(Lens.MarkOf.BUILD_UPS)));
        List<GridLine> lines = grid("1", 500, 6000.0);
        Hold west = new Hold.OnFace(shell.get(0).id(), 0),
                east = new Hold.OnFace(shell.get(2).id(), 0);
        string(
                Sketch.PLAN,
                new Vec(0, 1),
                new Vec(-900, 0),
                new Hold.OnFace(shell.get(1).id(), 0),
                new Hold.OnFace(shell.get(3).id(), 0));
        string(Sketch.PLAN, EAST, new Vec(0, -700), west, on(lines.get(0)));
        string(Sketch.PLAN, EAST, new Vec(0, -700), on(lines.get(1)), east);
        assertThat(sketch.building().get(new SetOutCheck.Of(Sketch.PLAN)).isClean())
                .isFalse();
        string(Sketch.PLAN, EAST, new Vec(0, -1400), on(lines.get(0)), on(lines.get(1)));
        assertThat(sketch.building().get(new SetOutCheck.Of(Sketch.PLAN)).isClean())
                .isTrue();
    }

    @Test
    void aGridIsHandedWithTheHouse() {
        GridLine line = grid("1", 500).getFirst();
        sketch.run(new Hand(new Vec(3600, 0)));
        assertThat(sketch.model().get(line.id(), GridLine.class).from().x()).isCloseTo(6700, within(1e-6));
        assertThat(sketch.model().get(line.id(), GridLine.class).mark()).isEqualTo("1");
    }

    private Sign sign(Sign.Says says, double x, double y) {
        return (Sign) sketch.run(new PlaceSign(Sketch.PLAN, Sketch.LAYER, new Vec(x, y), says))
                .after()
                .getFirst();
    }

    /** The floor is drawn 150 under the storey's level, which lies 24,300 over the datum. */
    @Test
    void aLevelMarkSaysTheFloorsLevelAtItsPlace() {
        sketch.put(
                new BuildUp(
                        Sketch.id("slab"),
                        "F",
                        "Slab",
                        BuildUp.Use.GROUND_FLOOR,
                        List.of(Sketch.ply("stud", 150, Does.CARRIES)),
                        "",
                        "",
                        ""),
                new Site(Site.ID, "site datum", 24_300, -150));
        sketch.put(new Floor(
                Sketch.id("floor"),
                Sketch.STOREY,
                Sketch.LAYER,
                "FL1",
                Sketch.id("slab"),
                new Floor.Drawn(
                        List.of(new Vec(1000, 1000), new Vec(3000, 1000), new Vec(3000, 3000), new Vec(1000, 3000))),
                -150,
                0,
                new Floor.Level(),
                WorkState.NEW));
        Sign there = sign(Sign.Says.LEVEL, 2000, 2000), beside = sign(Sign.Says.LEVEL, 5000, 2000);
        assertThat(words(Sketch.PLAN, there.id())).containsExactly("+24.150");
        assertThat(words(Sketch.PLAN, beside.id())).containsExactly("+24.300");
        sketch.run(new Move(List.of(there.id()), new Vec(3000, 0)));
        assertThat(words(Sketch.PLAN, there.id())).containsExactly("+24.300");
    }

    /** The letter stands beyond the tip, wherever the site says that north is. */
    @Test
    void aNorthArrowPointsAsTheSiteSays() {
        Sign north = sign(Sign.Says.NORTH, 0, 0);
        Item.Text letter = (Item.Text) items(Sketch.PLAN, north.id()).stream()
                .filter(Item.Text.class::isInstance)
                .findFirst()
                .orElseThrow();
        assertThat(letter.at().x()).isCloseTo(0, within(1e-6));
        assertThat(letter.at().y()).isGreaterThan(450);
        sketch.put(new Site(Site.ID, "", 0, 0, 0));
        letter = (Item.Text) items(Sketch.PLAN, north.id()).stream()
                .filter(Item.Text.class::isInstance)
                .findFirst()
                .orElseThrow();
        assertThat(letter.at().x()).isGreaterThan(450);
    }

    /** Five divisions of 500 mm at 1:50: 50 mm on paper. */
    @Test
    void aScaleBarIsAsLongAsItSays() {
        Sign bar = sign(Sign.Says.SCALE, 1000, -2000);
        assertThat(words(Sketch.PLAN, bar.id())).startsWith("0", "0.5").endsWith("2.5 m");
        List<Double> x = items(Sketch.PLAN, bar.id()).stream()
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).at().x())
                .toList();
        assertThat(x.getLast() - x.getFirst()).isCloseTo(2500, within(1e-6));
    }
}
