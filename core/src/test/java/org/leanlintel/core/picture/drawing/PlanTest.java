package org.leanlintel.core.picture.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.leanlintel.core.Records.with;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.wall.DrawWalls;
import org.leanlintel.core.edit.wall.NewWall;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Detail;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.MarkLetters;
import org.leanlintel.core.model.Meeting;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;

class PlanTest {

    private static final Lettering LETTERING = new Lettering(Map.of(), Map.of(), 0.5, 0.7);
    private final Sketch sketch = new Sketch();

    private Picture plan() {
        return Plan.of(sketch.building(), Sketch.PLAN, LETTERING).picture();
    }

    private Group group(ElementId element) {
        return plan().groups().stream()
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

    private static double length(List<List<Vec>> lines) {
        return lines.stream()
                .mapToDouble(l -> l.getFirst().distanceTo(l.getLast()))
                .sum();
    }

    @Test
    void anOpeningIsPickedAnywhereInTheThicknessOfItsWall() {
        List<Wall> shell = sketch.run(Sketch.SHELL, true, 0, 0, 0, 4800, 7200, 4800, 7200, 0);
        Opening door = sketch.door(shell.get(3), 2000, 1000);
        List<Vec> ground = group(door.id()).ground().getFirst();
        assertThat(Area.of(ground).mm2()).isCloseTo(1000 * 290, within(1e-6));
    }

    @Test
    void noLineIsDrawnWhereOneMaterialTurnsTheCorner() {
        List<Wall> shell = sketch.run(Sketch.SHELL, true, 0, 0, 0, 4800, 7200, 4800, 7200, 0);
        double structure = shell.stream()
                .mapToDouble(w -> length(lines(w.id(), PenRole.CUT_STRUCTURE)))
                .sum();
        assertThat(structure)
                .as("round the outside and the inside of the studs, once")
                .isCloseTo(2 * (6900 + 4500) + 2 * (6620 + 4220), within(0.1));
        double facing = shell.stream()
                .mapToDouble(w -> length(lines(w.id(), PenRole.CUT_FACING)))
                .sum();
        assertThat(facing).as("the weather face").isCloseTo(2 * (7200 + 4800), within(0.1));
    }

    /** The lining runs along the shell and round into the partition without a line across it. */
    @Test
    void liningOfOneMaterialTurnsTheInsideCornerOfAPartition() {
        Wall shell = sketch.run(Sketch.LINED, false, 0, 0, 0, 6000).getFirst();
        Wall partition = sketch.partition(Sketch.PARTITION, new Vec(155, 3000), shell, new Vec(3000, 3000), null);
        List<List<Vec>> inside = lines(shell.id(), PenRole.CUT_LINING).stream()
                .filter(l -> l.stream().allMatch(p -> Math.abs(p.x() - 155) < 0.1))
                .toList();
        assertThat(length(inside)).as("open over the partition's whole width").isCloseTo(6000 - 114, within(0.1));
        assertThat(lines(partition.id(), PenRole.CUT_STRUCTURE))
                .noneMatch(l -> l.stream().allMatch(p -> Math.abs(p.x() - 155) < 0.1));
    }

    /** Three partitions at 120 degrees: each side of a wing is one line of lining and one of structure, unbroken. */
    @Test
    void linesRunUnbrokenRoundThreeWallsAtACorner() {
        Pick corner = Pick.bare(0, 0);
        for (double angle : new double[] {0, 120, 240}) {
            Vec far = Vec.ofAngle(Math.toRadians(angle)).times(3000);
            sketch.run(new DrawWalls(
                    NewWall.of(
                            Sketch.STOREY,
                            Sketch.LAYER,
                            Sketch.PARTITION,
                            new SetOut.MiddleOfStructure(),
                            Side.LEFT,
                            WallEnd.Reach.STRUCTURE),
                    List.of(corner, Pick.bare(far.x(), far.y())),
                    false));
        }
        for (Wall wall : sketch.model().all(Wall.class)) {
            List<List<Vec>> along = lines(wall.id(), PenRole.CUT_LINING).stream()
                    .filter(l -> l.getFirst().distanceTo(l.getLast()) > 100)
                    .toList();
            assertThat(along).as("both faces of %s", wall.mark()).hasSize(2);
            assertThat(length(along)).isCloseTo(6000, within(200.0));
        }
    }

    /** A thicker wall drawn across shows no line where its two halves meet. */
    @Test
    void aWallThatRunsThroughACrossingIsOnePiece() {
        sketch.run(Sketch.PARTITION, false, 0, 0, 6000, 0);
        sketch.put(Sketch.buildUp("thick", Sketch.ply("brick", 140, Does.CARRIES)));
        for (Wall half : sketch.run(Sketch.id("thick"), false, 3000, -3000, 3000, 3000)) {
            assertThat(lines(half.id(), PenRole.CUT_STRUCTURE))
                    .as("across %s only its free end", half.mark())
                    .filteredOn(l -> l.getFirst().y() == l.getLast().y())
                    .hasSize(1);
        }
    }

    /** By choice one structure stops against the other: the line between them shows who decided. */
    @Test
    void aDecisionAtACornerIsSeen() {
        List<Wall> shell = sketch.run(Sketch.SHELL, true, 0, 0, 0, 4800, 7200, 4800, 7200, 0);
        assertThat(lines(shell.get(3).id(), PenRole.PLY)).noneMatch(PlanTest::isAcrossTheStudsOfTheSouthWall);
        Corner corner = sketch.model().get(((WallEnd.AtCorner) shell.get(0).start()).corner(), Corner.class);
        sketch.run(new Revise(corner.decided(new Meeting.Through(shell.get(0).id()))));
        assertThat(lines(shell.get(3).id(), PenRole.PLY)).anyMatch(PlanTest::isAcrossTheStudsOfTheSouthWall);
    }

    private static boolean isAcrossTheStudsOfTheSouthWall(List<Vec> line) {
        return line.stream().allMatch(p -> Math.abs(p.x() - 290) < 0.1)
                && Math.abs(line.getFirst().distanceTo(line.getLast()) - 140) < 0.1;
    }

    @Test
    void aWindowAboveTheCutShowsDashedAndTheWallRunsOn() {
        Wall wall = sketch.run(Sketch.SHELL, false, 0, 0, 5400, 0).getFirst();
        Opening high = sketch.window(wall, 1500, 1200, 1500, 600);
        List<List<Vec>> dashed = lines(high.id(), PenRole.OVERHEAD);
        double[] across = dashed.stream()
                .flatMap(List::stream)
                .mapToDouble(Vec::y)
                .sorted()
                .distinct()
                .toArray();
        assertThat(across).as("the wall's faces, and the frame's clear of them").hasSize(4);
        assertThat(across[2] - across[1]).isCloseTo(70, within(0.1));
        assertThat(length(lines(wall.id(), PenRole.CUT_FACING))).as("no gap").isCloseTo(5400 + 2 * 100, within(0.1));
        sketch.put(new Settings(
                Settings.ID,
                "Test",
                "",
                "",
                "",
                UnitSystem.METRIC,
                PaperSize.A2,
                1600,
                "UK",
                Settings.RoomNumbering.FROM_ZERO,
                MarkLetters.PLAIN));
        assertThat(lines(high.id(), PenRole.OVERHEAD))
                .as("cut through the window")
                .isEmpty();
    }

    @Test
    void aDoorShowsItsLeafAndAQuarterSwing() {
        Wall wall = sketch.run(Sketch.PARTITION, false, 0, 0, 5400, 0).getFirst();
        Opening door = sketch.door(wall, 1000, 910);
        Item.Arc swing = (Item.Arc) group(door.id()).items().stream()
                .filter(Item.Arc.class::isInstance)
                .findFirst()
                .orElseThrow();
        assertThat(swing.radius()).isCloseTo(910 - 10 - 64 - 6, within(1e-9));
        assertThat(Math.abs(swing.sweep())).isCloseTo(Math.PI / 2, within(1e-9));
        Vec closed = swing.centre().along(Vec.ofAngle(swing.from() + swing.sweep()), swing.radius());
        assertThat(closed.distanceTo(new Vec(1000 + 910 - 5 - 32 - 3, -114)))
                .as("shuts against the other jamb, on the face it opens to")
                .isLessThan(0.01);
    }

    @Test
    void thinPliesPrintAsOneWithTheStructure() {
        Wall wall = sketch.run(Sketch.PARTITION, false, 0, 0, 3000, 0).getFirst();
        int all = lines(wall.id(), PenRole.CUT_STRUCTURE).size()
                + lines(wall.id(), PenRole.CUT_LINING).size();
        lens(0.7, new Detail(1000, 1000), false);
        assertThat(lines(wall.id(), PenRole.CUT_LINING))
                .as("12.5 mm at 1:50 is 0.25 mm")
                .isEmpty();
        assertThat(lines(wall.id(), PenRole.CUT_STRUCTURE).size()).isLessThan(all);
        sketch.run(new Revise(new Drawing(
                Sketch.PLAN,
                "Plan",
                Drawing.Kind.PLAN,
                Sketch.STOREY,
                Sketch.LENS,
                10,
                "",
                new Drawing.Whole(),
                0,
                new Drawing.All(),
                List.of())));
        assertThat(lines(wall.id(), PenRole.CUT_LINING)).as("1.25 mm at 1:10").isNotEmpty();
    }

    private void lens(double thinnestMm, Detail detail, boolean wallMarks) {
        lens(thinnestMm, detail, wallMarks, Lens.OpeningEdges.STRUCTURAL);
    }

    private void lens(double thinnestMm, Detail detail, boolean wallMarks, Lens.OpeningEdges edges) {
        Lens lens = with(with(Sketch.lens(), "thinnestPlyMm", thinnestMm), "detail", detail);
        List<Lens.MarkOf> marks = wallMarks ? List.of(Lens.MarkOf.BUILD_UPS) : List.of();
        sketch.put(with(with(lens, "marks", marks), "openings", edges));
    }

    /** Two shells that share nothing but being walls are one outline at 1:200; at 1:100 structure and facing are lines. */
    @Test
    void howMuchIsDrawnFollowsTheScale() {
        Wall wall = sketch.run(Sketch.SHELL, false, 0, 0, 6000, 0).getFirst();
        Wall partition = sketch.partition(Sketch.PARTITION, new Vec(3000, -290), wall, new Vec(3000, -3000), null);
        assertThat(inside(wall))
                .as("brick, air and stud: two lines between three plies")
                .hasSize(2);
        lens(0, new Detail(20, 40), false);
        assertThat(inside(wall)).as("1:50 is coarser than 1:40").isEmpty();
        assertThat(length(lines(partition.id(), PenRole.CUT_STRUCTURE)))
                .as("both faces and the free end, nothing between")
                .isCloseTo(2 * 2710 + 114, within(0.1));
        lens(0, new Detail(20, 100), false);
        assertThat(inside(wall)).as("the cavity is blank, its faces are drawn").hasSize(2);
        assertThat(lines(wall.id(), PenRole.HATCH)).isEmpty();
    }

    /** Lines along the wall, on the x axis, that are not its faces. */
    private List<List<Vec>> inside(Wall wall) {
        return Stream.of(PenRole.PLY, PenRole.CUT_STRUCTURE, PenRole.CUT_FACING, PenRole.CUT_LINING)
                .flatMap(role -> lines(wall.id(), role).stream())
                .filter(l -> l.getFirst().y() == l.getLast().y())
                .filter(l -> l.getFirst().y() < -1 && l.getFirst().y() > -289)
                .toList();
    }

    /** Openings from 500 to 1,400 and 4,000 to 5,000: the longest free stretch is 1,400 to 4,000. */
    @Test
    void aWallShowsTheMarkOfItsBuildUpClearOfItsOpenings() {
        Wall wall = sketch.run(Sketch.SHELL, false, 0, 0, 6000, 0).getFirst();
        sketch.door(wall, 500, 900);
        sketch.door(wall, 4000, 1000);
        assertThat(group(wall.id()).items()).noneMatch(Item.Text.class::isInstance);
        lens(0, new Detail(1000, 1000), true);
        Item.Text mark = (Item.Text) group(wall.id()).items().stream()
                .filter(Item.Text.class::isInstance)
                .findFirst()
                .orElseThrow();
        assertThat(mark.text()).isEqualTo("shell");
        assertThat(mark.at().x()).isCloseTo(2700, within(0.01));
        assertThat(mark.at().y()).as("outside").isPositive();
        assertThat(mark.angle()).as("upright").isZero();
    }

    /** A post of 600 before the middle of the stretch: the mark goes along the wall as far as it has to, in steps of 150. */
    @Test
    void theMarkOfAWallKeepsClearOfWhatStandsBeforeIt() {
        Wall wall = sketch.run(Sketch.SHELL, false, 0, 0, 6000, 0).getFirst();
        lens(0, new Detail(1000, 1000), true);
        assertThat(markOf(wall).x()).isCloseTo(3000, within(0.01));
        sketch.put(post("p1", 3010));
        assertThat(markOf(wall).x()).as("clear by half of it and half the mark").isCloseTo(3000 - 450, within(0.01));
        assertThat(markOf(wall).y()).as("still outside").isPositive();
        for (int x = 300; x < 6000; x += 300) sketch.put(post("q" + x, x));
        assertThat(markOf(wall).y()).as("inside where nothing outside is free").isLessThan(-290);
    }

    private static Post post(String name, double x) {
        return new Post(
                Sketch.id(name),
                Sketch.STOREY,
                Sketch.LAYER,
                name,
                new Vec(x, 350),
                0,
                600,
                new WallPiece.Solid(Sketch.id("stud"), 600),
                WorkState.NEW);
    }

    private Vec markOf(Wall wall) {
        return group(wall.id()).items().stream()
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).at())
                .findFirst()
                .orElseThrow();
    }

    /** To the right of the west wall, to a door of 910 from 1,000 before the east one, and over it. */
    private ElementId stringOver(List<Wall> shell, Opening door) {
        return sketch.run(new DrawString(
                        Sketch.PLAN,
                        Sketch.LAYER,
                        new Vec(1, 0),
                        new Vec(0, -900),
                        List.of(
                                new Hold.OnFace(shell.get(2).id(), 0),
                                new Hold.OnFace(shell.get(0).id(), 0),
                                new Hold.AtJamb(door.id(), End.START),
                                new Hold.AtJamb(door.id(), End.END))))
                .after()
                .getFirst()
                .id();
    }

    @Test
    void aStringFollowsTheWallItHoldsTo() {
        List<Wall> shell = sketch.run(Sketch.SHELL, true, 0, 0, 0, 4800, 7200, 4800, 7200, 0);
        ElementId string = stringOver(shell, sketch.door(shell.get(3), 1000, 910));
        assertThat(figures(string)).containsExactly("5290", "910", "1000");
        sketch.run(new Move(List.of(shell.get(0).id()), new Vec(-400, 0)));
        assertThat(figures(string)).containsExactly("5690", "910", "1000");
    }

    /** 5 mm are allowed at either side of a door's unit. */
    @Test
    void aStringGoesToUnitsWhereTheLensSaysSo() {
        List<Wall> shell = sketch.run(Sketch.SHELL, true, 0, 0, 0, 4800, 7200, 4800, 7200, 0);
        ElementId string = stringOver(shell, sketch.door(shell.get(3), 1000, 910));
        lens(0, new Detail(1000, 1000), false, Lens.OpeningEdges.UNIT);
        assertThat(figures(string)).containsExactly("5295", "900", "1005");
        lens(0, new Detail(1000, 1000), false, Lens.OpeningEdges.STRUCTURAL);
        assertThat(figures(string)).containsExactly("5290", "910", "1000");
    }

    private List<String> figures(ElementId string) {
        return group(string).items().stream()
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }

    /** The worked example of rounding positions, not parts. */
    @Test
    void roundedPartsAddUpToTheOverall() {
        double[] parts = {886.3, 2123.4, 2993.5, 1972.8};
        List<Hold> holds = new ArrayList<>(List.of(new Hold.AtPoint(Vec.ORIGIN)));
        double x = 0;
        for (double part : parts) holds.add(new Hold.AtPoint(new Vec(x += part, 0)));
        ElementId string = sketch.run(new DrawString(Sketch.PLAN, Sketch.LAYER, new Vec(1, 0), new Vec(0, -900), holds))
                .after()
                .getFirst()
                .id();
        assertThat(figures(string)).containsExactly("886", "2124", "2993", "1973");
        ElementId overall = sketch.run(new DrawString(
                        Sketch.PLAN,
                        Sketch.LAYER,
                        new Vec(1, 0),
                        new Vec(0, -1400),
                        List.of(holds.getFirst(), holds.getLast())))
                .after()
                .getFirst()
                .id();
        assertThat(figures(overall)).containsExactly("7976");
    }

    @Test
    void onlyWhatChangedIsInTheDifference() {
        List<Wall> first = sketch.run(Sketch.SHELL, true, 0, 0, 0, 4800, 7200, 4800, 7200, 0);
        sketch.run(Sketch.SHELL, true, 20_000, 0, 20_000, 4800, 27_200, 4800, 27_200, 0);
        Plan before = Plan.of(sketch.building(), Sketch.PLAN, LETTERING);
        sketch.run(new Move(List.of(first.get(0).id()), new Vec(-100, 0)));
        Plan after = Plan.of(sketch.building(), Sketch.PLAN, LETTERING);
        Picture.Difference difference = after.since(before);
        assertThat(difference.changed())
                .extracting(Group::element)
                .containsExactlyInAnyOrder(
                        first.get(0).id(), first.get(1).id(), first.get(3).id());
        assertThat(difference.gone()).isEmpty();
        assertThat(after.picture()).isEqualTo(plan());
        assertThat(Set.copyOf(after.picture().since(before.picture()).changed()))
                .isEqualTo(Set.copyOf(difference.changed()));
    }
}
