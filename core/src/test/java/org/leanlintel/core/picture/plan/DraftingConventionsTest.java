package org.leanlintel.core.picture.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.drawing.DrawSection;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.Plan;

/** What a builder reads without a legend, at 1:50: which way strokes slant, where figures stand, how a leaf swings, where a cut looks. */
class DraftingConventionsTest {

    private static final Lettering LETTERING = new Lettering(Map.of(), Map.of(), 0.5, 0.7);
    private static final double SCALE = 50;

    private final Sketch sketch = new Sketch();

    private Group group(ElementId element) {
        return Plan.of(sketch.building(), Sketch.PLAN, LETTERING).picture().groups().stream()
                .filter(g -> g.element().equals(element))
                .findFirst()
                .orElseThrow();
    }

    private List<List<Vec>> lines(ElementId element, PenRole role) {
        return group(element).items().stream()
                .filter(i -> i instanceof Item.Strokes s && s.role() == role)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .toList();
    }

    private List<Item.Text> texts(ElementId element) {
        return group(element).items().stream()
                .filter(Item.Text.class::isInstance)
                .map(Item.Text.class::cast)
                .toList();
    }

    /** Between points, with its line through another. */
    private ElementId string(Vec direction, Vec at, Vec... points) {
        List<Hold> holds = new ArrayList<>();
        for (Vec p : points) holds.add(new Hold.AtPoint(p));
        return sketch.run(new DrawString(Sketch.PLAN, Sketch.LAYER, direction, at, holds))
                .after()
                .getFirst()
                .id();
    }

    /** Read from the bottom, and from the right: a stroke rises from left to right as the figures are read. */
    @ParameterizedTest
    @CsvSource({"1, 0, 45", "0, 1, 135", "-1, 0, 45", "0, -1, 135"})
    void strokesRiseAsTheFiguresAreRead(double x, double y, double degrees) {
        ElementId string = string(new Vec(x, y), new Vec(-900, -900), Vec.ORIGIN, new Vec(3000, 3000));
        List<List<Vec>> strokes = lines(string, PenRole.TICK);
        assertThat(strokes).hasSize(2).allSatisfy(s -> {
            Vec way = s.getLast().minus(s.getFirst());
            double slant = (Math.toDegrees(way.angle()) + 360) % 180;
            assertThat(slant).isCloseTo(degrees, within(0.05));
            assertThat(way.length()).as("3 mm on paper").isCloseTo(3 * SCALE, within(0.05));
        });
    }

    /** Above a level line; left of an upright one, which is read from the right. */
    @Test
    void figuresStandOverTheirLineAndAreReadFromTheBottomOrTheRight() {
        Item.Text level = texts(string(new Vec(1, 0), new Vec(0, -900), Vec.ORIGIN, new Vec(3000, 0)))
                .getFirst();
        assertThat(level.angle()).isZero();
        assertThat(level.at().y()).as("0.8 mm over the line").isCloseTo(-900 + 0.8 * SCALE, within(0.05));
        Item.Text upright = texts(string(new Vec(0, 1), new Vec(-900, 0), Vec.ORIGIN, new Vec(0, 3000)))
                .getFirst();
        assertThat(upright.angle()).isCloseTo(Math.PI / 2, within(1e-9));
        assertThat(upright.at().x()).as("left of the line").isCloseTo(-900 - 0.8 * SCALE, within(0.05));
        Item.Text slanting = texts(string(new Vec(1, -1).unit(), new Vec(-900, -900), Vec.ORIGIN, new Vec(3000, -3000)))
                .getFirst();
        assertThat(slanting.angle()).as("never upside down").isCloseTo(-Math.PI / 4, within(1e-9));
    }

    /** 1.5 mm short of what is measured, 1.5 mm past the line, and from the nearer end of it. */
    @Test
    void extensionLinesStopShortOfWhatTheyMeasure() {
        ElementId string = string(new Vec(1, 0), new Vec(0, -900), Vec.ORIGIN, new Vec(3000, 500));
        List<List<Vec>> upright = lines(string, PenRole.DIMENSION).stream()
                .filter(l -> Math.abs(l.getFirst().x() - l.getLast().x()) < 1e-6)
                .sorted(Comparator.comparingDouble(l -> l.getFirst().x()))
                .toList();
        assertThat(upright).hasSize(2);
        for (int i = 0; i < 2; i++) {
            Bounds line = Bounds.of(upright.get(i));
            assertThat(line.minY()).as("past the line").isCloseTo(-900 - 1.5 * SCALE, within(0.05));
            assertThat(line.maxY()).as("short of the point").isCloseTo((i == 0 ? 0 : 500) - 1.5 * SCALE, within(0.05));
        }
        Bounds over = Bounds.of(lines(string, PenRole.DIMENSION).stream()
                .filter(l -> Math.abs(l.getFirst().y() - l.getLast().y()) < 1e-6)
                .findFirst()
                .orElseThrow());
        assertThat(over.minX()).isCloseTo(-1.5 * SCALE, within(0.05));
        assertThat(over.maxX()).isCloseTo(3000 + 1.5 * SCALE, within(0.05));
    }

    /** A face is measured from its nearer end: nothing is drawn along it. */
    @Test
    void extensionLinesDoNotRunAlongWhatTheyMeasure() {
        List<Wall> shell = sketch.shell(6000, 4000);
        Wall west = shell.getFirst(), east = shell.get(2);
        for (double y : new double[] {-900, 4900}) {
            ElementId string = sketch.run(new DrawString(
                            Sketch.PLAN,
                            Sketch.LAYER,
                            new Vec(1, 0),
                            new Vec(0, y),
                            List.of(new Hold.OnFace(west.id(), 0), new Hold.OnFace(east.id(), 0))))
                    .after()
                    .getFirst()
                    .id();
            Bounds all = Bounds.of(lines(string, PenRole.DIMENSION).stream()
                    .flatMap(List::stream)
                    .toList());
            assertThat(all.height())
                    .as("from 1.5 mm off the corner to 1.5 mm past the line")
                    .isCloseTo(900, within(0.05));
        }
    }

    /** A line of another string that runs through a figure moves the figure, and nothing else. */
    @Test
    void figuresKeepClearOfExtensionLinesOfOtherStrings() {
        ElementId outer = string(new Vec(1, 0), new Vec(0, -1400), Vec.ORIGIN, new Vec(3000, 0));
        Vec free = texts(outer).getFirst().at();
        assertThat(free.x()).isCloseTo(1500, within(0.05));
        string(new Vec(1, 0), new Vec(0, -2400), new Vec(1500, 0), new Vec(4500, 0));
        Vec moved = texts(outer).getFirst().at();
        assertThat(moved).isNotEqualTo(free);
        assertThat(lines(outer, PenRole.TICK)).hasSize(2);
    }

    /** The leaf stands open at a right angle from its hinge; the quarter circle runs from its tip to the other edge. */
    @ParameterizedTest
    @CsvSource({"START, LEFT", "START, RIGHT", "END, LEFT", "END, RIGHT"})
    void aLeafSwingsFromItsHingeToItsOwnSide(End hinge, Side swing) {
        List<Wall> walls = sketch.run(Sketch.PARTITION, false, 0, 0, 4000, 0);
        Opening door = sketch.door(walls.getFirst(), 1000, 900);
        Opening hung = door.of(new Opening.SwingDoor(hinge, swing));
        if (!hung.equals(door)) sketch.run(new Revise(hung));
        Item.Arc arc = group(door.id()).items().stream()
                .filter(Item.Arc.class::isInstance)
                .map(Item.Arc.class::cast)
                .findFirst()
                .orElseThrow();
        double hingeX = hinge == End.START ? 1000 : 1900, otherX = hinge == End.START ? 1900 : 1000;
        assertThat(arc.centre().x()).as("about its hinge").isCloseTo(hingeX, within(60.0));
        assertThat(Math.abs(Math.toDegrees(arc.sweep()))).as("a quarter").isCloseTo(90, within(0.05));
        List<Vec> ends = new ArrayList<>();
        for (double a : new double[] {arc.from(), arc.from() + arc.sweep()})
            ends.add(arc.centre().plus(Vec.ofAngle(a).times(arc.radius())));
        assertThat(ends).as("to the other edge").anySatisfy(e -> {
            assertThat(e.x()).isCloseTo(otherX, within(60.0));
            assertThat(Math.abs(e.y())).isLessThan(120);
        });
        // the wall runs along x from the left: its left is above
        double open = swing == Side.LEFT ? 1 : -1;
        assertThat(ends).as("from its tip, on its own side").anySatisfy(e -> {
            assertThat(e.x()).isCloseTo(hingeX, within(60.0));
            assertThat(e.y() * open).isGreaterThan(700);
        });
    }

    /** The arrows point to what is looked at; the mark stands beyond them. */
    @ParameterizedTest
    @CsvSource({"LEFT, 1", "RIGHT, -1"})
    void aSectionLineSaysWhichWayItLooks(Side looking, double up) {
        sketch.shell(6000, 4000);
        SectionLine line = (SectionLine) sketch
                .run(new DrawSection(
                        "Section",
                        Sketch.STOREY,
                        Sketch.LAYER,
                        new Vec(-500, 2000),
                        new Vec(6500, 2000),
                        looking,
                        5000,
                        Sketch.LENS,
                        50))
                .after()
                .stream()
                .filter(SectionLine.class::isInstance)
                .findFirst()
                .orElseThrow();
        List<List<Vec>> arrows = lines(line.id(), PenRole.LEVEL).stream()
                .filter(l -> l.size() == 4)
                .toList();
        assertThat(arrows).hasSize(2).allSatisfy(a -> assertThat((a.get(1).y() - 2000) * up)
                .isCloseTo(5 * SCALE, within(0.05)));
        assertThat(texts(line.id())).hasSize(2).allSatisfy(t -> {
            assertThat(t.text()).isEqualTo("A");
            assertThat((t.at().y() - 2000) * up).isPositive();
            assertThat(t.angle()).isZero();
        });
    }

    /** What is cut is drawn heavier than what is seen below it, and a hatch is the finest of all. */
    @Test
    void whatIsCutIsTheHeaviest() {
        Map<PenRole, Double> widths = new EnumMap<>(PenRole.class);
        for (PenRole role : PenRole.values())
            widths.put(role, Sketch.lens().pens().get(role).widthMm());
        assertThat(widths.get(PenRole.CUT_STRUCTURE)).isGreaterThanOrEqualTo(widths.get(PenRole.CUT_FACING));
        List<Wall> shell = sketch.shell(6000, 4000);
        List<Item> items = group(shell.getFirst().id()).items();
        List<PenRole> order = items.stream()
                .filter(Item.Strokes.class::isInstance)
                .map(i -> ((Item.Strokes) i).role())
                .distinct()
                .toList();
        assertThat(order).contains(PenRole.CUT_STRUCTURE);
        List<Item> drawn = new Picture(SCALE, List.of(group(shell.getFirst().id()))).inOrder();
        int lastFill = -1, firstStructure = Integer.MAX_VALUE;
        for (int i = 0; i < drawn.size(); i++) {
            if (drawn.get(i) instanceof Item.Fill) lastFill = i;
            if (drawn.get(i) instanceof Item.Strokes s && s.role() == PenRole.CUT_STRUCTURE)
                firstStructure = Math.min(firstStructure, i);
        }
        assertThat(lastFill).as("no fill lies over a line of the structure").isLessThan(firstStructure);
    }
}
