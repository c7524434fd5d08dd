package org.leanlintel.core.edit.carry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.gap.KeepGap;
import org.leanlintel.core.edit.note.PlaceNote;
import org.leanlintel.core.edit.wall.CurveWall;
import org.leanlintel.core.edit.wall.PlacePiece;
import org.leanlintel.core.edit.wall.PlacePost;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Gap;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.KeptGap;
import org.leanlintel.core.model.LetterStyle;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WallPiece;

/** Copies in a row, turning, mirroring, handing the house, pasting. */
class RearrangingTest {

    private static final double CUT = 1200;

    private final Sketch sketch = new Sketch();

    private double standing() {
        return Area.union(sketch.cutAt(CUT)).mm2();
    }

    private Bounds bounds(Wall wall) {
        return Bounds.of(sketch.building().strip(wall.id()).outline());
    }

    private static List<ElementId> ids(List<Wall> walls) {
        return walls.stream().map(Wall::id).toList();
    }

    /** Three more partitions at 1,200, each with its door, all standing on the walls the first stood on. */
    @Test
    void copiesInARowStandWhereTheirOriginalDid() {
        List<Wall> shell = sketch.shell(9000, 4800);
        Wall first = sketch.across(shell, 2000);
        sketch.door(first, 1000, 910);
        Change change = sketch.run(new Copies(List.of(first.id()), new Vec(1200, 0), 3, false));
        assertThat(change.name()).isEqualTo("copy wall W5 3 times");
        List<Wall> made = Sketch.made(change);
        assertThat(made).extracting(Wall::mark).containsExactly("W6", "W7", "W8");
        assertThat(made).extracting(sketch::lineOf).containsExactly(3200.0, 4400.0, 5600.0);
        assertThat(made).extracting(Wall::end).allMatch(WallEnd.OnSide.class::isInstance);
        assertThat(sketch.model().all(Opening.class)).extracting(Opening::mark).containsExactly("D1", "D2", "D3", "D4");
        for (Wall w : made)
            assertThat(sketch.area(w, "stud", CUT)).isCloseTo(sketch.area(first, "stud", CUT), within(0.01));
    }

    /** Four copies fitted between 2,000 and 8,000 stand 1,500 apart. */
    @Test
    void copiesAreFittedBetween() {
        List<Wall> shell = sketch.shell(9000, 4800);
        Wall first = sketch.across(shell, 2000);
        List<Wall> made = Sketch.made(sketch.run(new Copies(List.of(first.id()), new Vec(6000, 0), 4, true)));
        assertThat(made).extracting(sketch::lineOf).containsExactly(3500.0, 5000.0, 6500.0, 8000.0);
        assertThat(sketch.refusal(new Copies(List.of(first.id()), new Vec(0, 0.2), 1, false)))
                .contains("would lie on");
    }

    @Test
    void anOpeningIsCopiedAlongItsWall() {
        List<Wall> shell = sketch.shell(9000, 4800);
        Opening window = sketch.window(shell.get(1), 1000, 900, 900, 1200);
        sketch.run(new Copies(List.of(window.id()), new Vec(1500, 300), 2, false));
        assertThat(sketch.building().solid(shell.get(1).id()).openings())
                .extracting(PlacedOpening::from)
                .containsExactly(1000.0, 2500.0, 4000.0);
        assertThat(sketch.refusal(new Turn(List.of(window.id()), Vec.ORIGIN, 1, false)))
                .isEqualTo("The window G1 goes with its wall: select the wall too.");
    }

    /** A shell turned by a quarter: 7,200 by 4,800 becomes 4,800 by 7,200, with the same areas and the same joints. */
    @Test
    void aShellIsTurnedWhole() {
        List<Wall> shell = sketch.shell(7200, 4800);
        sketch.door(shell.get(1), 1000, 910);
        double before = standing();
        Change change = sketch.run(new Turn(ids(shell), Vec.ORIGIN, Math.PI / 2, false));
        assertThat(change.name()).isEqualTo("turn 4 things");
        assertThat(standing()).isCloseTo(before, within(0.5));
        Bounds west = bounds(shell.get(0));
        assertThat(west.minX()).isCloseTo(-4800, within(1e-6));
        assertThat(west.maxY()).isCloseTo(290, within(1e-6));
        assertThat(sketch.model().all(Wall.class)).hasSize(4);
    }

    /** Turned by 30 degrees away from what it stood on, a wing wall has free ends, and the wall it left is healed. */
    @Test
    void aWallTurnedAwayIsFree() {
        List<Wall> shell = sketch.shell(7200, 4800);
        double bare = sketch.area(shell.get(3), "stud", CUT);
        Wall wing = sketch.partition(Sketch.PARTITION, new Vec(3600, 290), shell.get(3), new Vec(3600, 2300), null);
        sketch.run(new Turn(List.of(wing.id()), new Vec(3600, 2300), Math.toRadians(60), false));
        assertThat(sketch.wall(wing).start()).isInstanceOf(WallEnd.AtCorner.class);
        assertThat(sketch.building().strip(wing.id()).length())
                .as("from the face it was seen from")
                .isCloseTo(2010, within(1e-6));
        assertThat(sketch.area(shell.get(3), "stud", CUT)).isCloseTo(bare, within(1e-6));
    }

    /** A door hung on its left edge and opening right becomes one that opens left; the copy lies as far beyond x = 10,000. */
    @Test
    void aMirroredCopyHasItsSwingsMirrored() {
        List<Wall> shell = sketch.shell(7200, 4800);
        Opening door = sketch.door(shell.get(0), 1000, 910);
        sketch.run(new PlacePiece(
                shell.get(0).id(),
                Sketch.LAYER,
                Side.RIGHT,
                new WallPiece.Whole(),
                0,
                2000,
                new WallPiece.Lined(List.of(Sketch.ply("board", 10, Does.LINING)))));
        double before = standing();
        List<Wall> made = Sketch.made(sketch.run(new Mirror(ids(shell), new Vec(10_000, 0), new Vec(10_000, 1), true)));
        assertThat(standing()).isCloseTo(2 * before, within(1.0));
        assertThat(bounds(made.get(0))).isEqualTo(new Bounds(20_000 - 290, 0, 20_000, 4800));
        Opening copy = sketch.model().relations().openingsIn(made.get(0).id()).getFirst();
        Opening.SwingDoor was = (Opening.SwingDoor) door.kind(), is = (Opening.SwingDoor) copy.kind();
        assertThat(is.swing()).isEqualTo(was.swing().other());
        assertThat(is.hinge()).isEqualTo(was.hinge());
        assertThat(sketch.model()
                        .relations()
                        .piecesOn(made.get(0).id())
                        .getFirst()
                        .side())
                .isEqualTo(Side.LEFT);
    }

    /** Handed twice, a house is what it was: walls, swings, a curved wall, a post, a name, a string, a kept gap. */
    @Test
    void aHouseHandedTwiceIsWhatItWas() {
        List<Wall> shell = sketch.shell(9000, 4800);
        Wall a = sketch.across(shell, 2000), b = sketch.across(shell, 5000);
        Opening door = sketch.door(a, 1000, 910);
        sketch.run(new CurveWall(b.id(), new CurveWall.Radius(6000, Side.LEFT)));
        WallPiece.Mass stud = new WallPiece.Solid(Sketch.id("stud"), 90);
        Post post = (Post) sketch.run(new PlacePost(Sketch.STOREY, Sketch.LAYER, new Vec(3000, 2000), 0.3, 90, stud))
                .after()
                .getFirst();
        sketch.run(new PlaceNote(Sketch.PLAN, Sketch.LAYER, new Vec(1000, 1000), "Hall", Sketch.NAMES));
        sketch.run(new DrawString(
                Sketch.PLAN,
                Sketch.LAYER,
                new Vec(1, 0),
                new Vec(0, 3000),
                List.of(new Hold.OnFace(a.id(), 3), new Hold.OnPiece(post.id(), 0))));
        sketch.run(
                new KeepGap(new Gap.Beside(a.id(), Side.LEFT, shell.get(0).id()), Gap.Faces.FINISH, 2000 - 57 - 290));
        Model before = sketch.model();
        double area = standing();

        Change handed = sketch.run(new Hand(new Vec(4500, 0)));
        assertThat(handed.name()).isEqualTo("hand the house");
        assertThat(sketch.lineOf(a)).isCloseTo(7000, within(1e-6));
        assertThat(standing()).isCloseTo(area, within(1.0));
        assertThat(((Opening.SwingDoor)
                                sketch.model().get(door.id(), Opening.class).kind())
                        .swing())
                .isEqualTo(Side.LEFT);
        assertThat(sketch.model().all(Note.class).getFirst().at().x()).isCloseTo(8000, within(1e-6));
        assertThat(sketch.model().all(KeptGap.class).getFirst().gap().side()).isEqualTo(Side.RIGHT);

        sketch.run(new Hand(new Vec(4500, 0)));
        assertThat(sketch.lineOf(a)).isCloseTo(2000, within(1e-6));
        assertThat(sketch.wall(b).bulge())
                .isEqualTo(before.get(b.id(), Wall.class).bulge());
        assertThat(sketch.model().all(Opening.class)).isEqualTo(before.all(Opening.class));
        assertThat(sketch.model().all(DimensionString.class).getFirst().holds())
                .isEqualTo(before.all(DimensionString.class).getFirst().holds());
    }

    /** From another project: its build-up comes along under a free name and mark, what is alike is shared. */
    @Test
    void thingsArePastedFromAnotherProject() {
        Sketch other = new Sketch();
        List<Wall> shell = other.shell(7200, 4800);
        other.door(other.across(shell, 3600), 1000, 910);
        BuildUp partition = other.model().get(Sketch.PARTITION, BuildUp.class);
        List<Ply> plies = new ArrayList<>(partition.plies());
        plies.set(0, Sketch.ply("board", 15, Does.LINING));
        other.run(new Revise(
                new BuildUp(partition.id(), partition.mark(), partition.name(), partition.use(), plies, "", "", "")));
        List<Element> copied = new ArrayList<>(other.model().elements());
        List<ElementId> walls = ids(other.model().all(Wall.class));

        Change change = sketch.run(new Paste(copied, walls, Sketch.PLAN, new Vec(20_000, 0)));
        assertThat(change.name()).isEqualTo("paste 5 things");
        assertThat(Area.union(sketch.cutAt(CUT)).mm2())
                .isCloseTo(Area.union(other.cutAt(CUT)).mm2(), within(1.0));
        assertThat(sketch.model().all(BuildUp.class))
                .extracting(BuildUp::name)
                .contains("partition 2")
                .hasSize(4);
        assertThat(sketch.refusal(new Paste(copied, walls, Sketch.PLAN, new Vec(20_000, 0))))
                .contains("would lie on");
        assertThat(sketch.refusal(new Paste(copied, List.of(), Sketch.PLAN, Vec.ORIGIN)))
                .isEqualTo("Nothing was copied.");
        sketch.run(new Paste(copied, walls, Sketch.PLAN, new Vec(40_000, 0)));
        assertThat(sketch.model().all(BuildUp.class))
                .as("pasted again, it is there already")
                .hasSize(4);
    }

    /** With the style it is set in: one that is alike is that, whatever it is called; another comes along. */
    @Test
    void aNoteIsPastedInTheStyleItIsSetIn() {
        Sketch other = new Sketch();
        LetterStyle alike = new LetterStyle(Sketch.id("alike"), "Office", 2.5, 2.5, LetterStyle.Strong.NOTHING, false);
        LetterStyle own = new LetterStyle(Sketch.id("own"), "Loud", 7, 7, LetterStyle.Strong.ALL, false);
        other.put(alike, own);
        List<ElementId> notes = new ArrayList<>();
        for (LetterStyle s : List.of(alike, own))
            notes.add(other.run(new PlaceNote(Sketch.PLAN, Sketch.LAYER, Vec.ORIGIN, s.name(), s.id()))
                    .after()
                    .getFirst()
                    .id());
        sketch.run(new Paste(List.copyOf(Copied.of(other.model(), notes)), notes, Sketch.PLAN, Vec.ORIGIN));
        assertThat(sketch.model().all(Note.class))
                .extracting(Note::text, Note::style)
                .containsExactlyInAnyOrder(tuple("Office", Sketch.LETTERS), tuple("Loud", own.id()));
        assertThat(sketch.model().all(LetterStyle.class)).hasSize(3).contains(own);
    }

    /** Build-ups, symbols and the like that nothing pasted is of stay behind; in one project all is shared, of two that are alike each is itself. */
    @Test
    void onlyWhatIsNeededComesAlong() {
        Sketch other = new Sketch();
        Fitting table = other.table(new Vec(2000, 2000), 0, 900);
        Storey ground = other.model().get(Sketch.STOREY, Storey.class);
        other.put(new Storey(
                ground.id(),
                ground.name(),
                ground.levelMm(),
                ground.heightMm(),
                new Storey.Built(Sketch.PARTITION),
                ground.ceiling()));
        other.run(new Revise(other.model().get(Sketch.PARTITION, BuildUp.class).named(Sketch.PARTITION, "X1", "Own")));
        List<ElementId> things = List.of(table.id());
        List<Element> copied = List.copyOf(Copied.of(other.model(), things));
        Change change = sketch.run(new Paste(copied, things, Sketch.PLAN, Vec.ORIGIN));
        assertThat(change.after())
                .extracting(e -> e.getClass().getSimpleName())
                .containsExactlyInAnyOrder("Symbol", "Fitting");
        change = sketch.run(new Paste(copied, things, Sketch.PLAN, new Vec(1500, 0)));
        assertThat(change.after()).hasSize(1);

        Material brick = sketch.model().get(Sketch.id("brick"), Material.class);
        sketch.put(brick.called(Sketch.id("a-brick"), "Another brick"));
        List<ElementId> walls = ids(sketch.shell(7200, 4800));
        change = sketch.run(
                new Paste(List.copyOf(Copied.of(sketch.model(), walls)), walls, Sketch.PLAN, new Vec(0, 20_000)));
        assertThat(change.after()).noneMatch(BuildUp.class::isInstance);
    }

    @Test
    void aNoteThatSaysFactsIsPasted() {
        sketch.shell(7200, 4800);
        Note note =
                (Note) sketch.run(new PlaceNote(Sketch.PLAN, Sketch.LAYER, Vec.ORIGIN, "Of {project}", Sketch.LETTERS))
                        .after()
                        .getFirst();
        List<ElementId> notes = List.of(note.id());
        sketch.run(new Paste(List.copyOf(Copied.of(sketch.model(), notes)), notes, Sketch.PLAN, new Vec(500, 0)));
        assertThat(sketch.model().all(Note.class)).hasSize(2);
    }

    /** A copy of what holds to something else alone is nothing; that is said, and no string is left out in silence where it is all there is. */
    @Test
    void whatHoldsToThingsIsPastedWithThem() {
        List<Wall> shell = sketch.shell(7200, 4800);
        DimensionString string = (DimensionString) sketch.run(new DrawString(
                        Sketch.PLAN,
                        Sketch.LAYER,
                        new Vec(3000, -1500),
                        new Vec(1, 0),
                        List.of(
                                new Hold.OnFace(shell.get(0).id(), 0),
                                new Hold.OnFace(shell.get(2).id(), 0))))
                .after()
                .getFirst();
        List<ElementId> strings = List.of(string.id());
        assertThat(sketch.refusal(new Paste(
                        List.copyOf(Copied.of(sketch.model(), strings)), strings, Sketch.PLAN, new Vec(0, 500))))
                .isEqualTo("Dimension string holds to what is not taken along: select that too.");
        List<ElementId> all = new ArrayList<>(strings);
        shell.forEach(w -> all.add(w.id()));
        sketch.run(new Paste(List.copyOf(Copied.of(sketch.model(), all)), all, Sketch.PLAN, new Vec(20_000, 0)));
        assertThat(sketch.model().all(DimensionString.class)).hasSize(2);
    }

    /** In place on the storey above: the same walls with their joints, on that storey's plan. */
    @Test
    void thingsArePastedOnAnotherStorey() {
        List<Wall> shell = sketch.shell(7200, 4800);
        sketch.door(sketch.across(shell, 3600), 1000, 910);
        ElementId upper = Sketch.id("upper"), plan = Sketch.id("upper-plan");
        sketch.put(
                Storey.bare(upper, "First", 2500, 2500),
                new Drawing(
                        plan,
                        "First plan",
                        Drawing.Kind.PLAN,
                        upper,
                        Sketch.LENS,
                        50,
                        "",
                        new Drawing.Whole(),
                        0,
                        new Drawing.All(),
                        List.of()));
        List<ElementId> walls = ids(sketch.model().all(Wall.class));
        List<Element> copied = List.copyOf(Copied.of(sketch.model(), walls));
        sketch.run(new Paste(copied, walls, plan, Vec.ORIGIN));
        assertThat(sketch.model().relations().wallsOf(upper)).hasSize(5);
        double above = Area.union(Sketch.at(new Bodies(sketch.building()).on(upper), 2800 + CUT).stream()
                        .map(b -> Area.of(b.outline()))
                        .toList())
                .mm2();
        assertThat(above).isCloseTo(standing(), within(1.0));
    }

    @Test
    void aDoorAloneIsNotTurned() {
        List<Wall> shell = sketch.shell(7200, 4800);
        Opening door = sketch.door(shell.get(0), 1000, 910);
        assertThat(sketch.refusal(new Mirror(List.of(door.id()), Vec.ORIGIN, Vec.ORIGIN, false)))
                .contains("two points apart");
        assertThat(sketch.refusal(new Mirror(List.of(door.id()), Vec.ORIGIN, new Vec(0, 1), false)))
                .isEqualTo("The door D1 goes with its wall: select the wall too.");
        assertThat(sketch.building().solid(shell.get(0).id()).opening(door.id()).edge(End.START))
                .isEqualTo(1000);
    }
}
