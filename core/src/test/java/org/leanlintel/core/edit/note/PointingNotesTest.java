package org.leanlintel.core.edit.note;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.edit.carry.Hand;
import org.leanlintel.core.edit.carry.Turn;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.wall.JoinInLine;
import org.leanlintel.core.edit.wall.PlacePost;
import org.leanlintel.core.edit.wall.RemakeWalls;
import org.leanlintel.core.edit.wall.Split;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Leaders;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.note.Filled;
import org.leanlintel.core.note.Pointed;

/** Leaders into the walls of a shell of 7,200 by 4,800, and what becomes of them when those change. */
class PointingNotesTest {

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(7200, 4800);
    private final Wall south = shell.get(3);

    private Note written(String text, Picked... pointsAt) {
        return (Note) sketch.run(new PlaceNote(
                        Sketch.PLAN,
                        Sketch.LAYER,
                        new Vec(2000, -1500),
                        text,
                        Sketch.LETTERS,
                        0,
                        Leaders.Shape.ELBOWED,
                        Leaders.Tip.DOT,
                        List.of(pointsAt)))
                .after()
                .getFirst();
    }

    private static Picked at(Element thing, double x, double y) {
        return new Picked.Thing(thing.id(), new Vec(x, y));
    }

    private Note now(Note note) {
        return sketch.model().get(note.id(), Note.class);
    }

    private Vec tip(Note note) {
        Drawing plan = sketch.model().get(Sketch.PLAN, Drawing.class);
        return Pointed.in(plan, sketch.building())
                .at(now(note).leaders().targets().getFirst());
    }

    private String says(Note note) {
        return Filled.of(now(note), sketch.building()).text();
    }

    private List<String> found() {
        return Findings.of(sketch.building()).stream()
                .filter(f -> f.kind() == Finding.Kind.NOTE)
                .map(Finding::sentence)
                .toList();
    }

    private void assertTip(Note note, double x, double y) {
        assertThat(tip(note).x()).isCloseTo(x, within(1e-6));
        assertThat(tip(note).y()).isCloseTo(y, within(1e-6));
    }

    /** The wall's outer face lies at y = 0; its facing is 100, its air gap 50, its structure 140. */
    @Test
    void aTipLiesInTheMiddleOfThePlyThatWasPickedAndFollowsIt() {
        Note facing = written("Facing", at(south, 3000, 20)), stud = written("Stud", at(south, 3000, 280));
        assertTip(facing, 3000, 50);
        assertTip(stud, 3000, 220);
        sketch.run(new Move(List.of(south.id()), new Vec(0, -500)));
        assertTip(facing, 3000, -450);
        assertTip(stud, 3000, -280);
        assertThat(now(facing).at()).isEqualTo(new Vec(2000, -1500));
    }

    @Test
    void whatIsPickedBesideAWallIsItsPlyOnThatSide() {
        assertTip(written("Outside", at(south, 3000, -30)), 3000, 50);
        assertTip(written("Inside", at(south, 3000, 330)), 3000, 220);
    }

    @Test
    void aPlyIsTheSamePlyInAnotherBuildUp() {
        sketch.put(Sketch.buildUp(
                "warm",
                Sketch.ply("brick", 103, Does.FACING),
                Sketch.ply("air", 50, Does.AIR_GAP),
                Sketch.ply("insulation", 60, Does.INSULATES),
                Sketch.ply("stud", 140, Does.CARRIES),
                Sketch.ply("board", 15, Does.LINING)));
        Note stud = written("{material}", at(south, 3000, 200)), facing = written("{material}", at(south, 3000, 50));
        sketch.run(new RemakeWalls(List.of(south.id()), Sketch.id("warm"), new RemakeWalls.Kept()));
        assertThat(says(stud)).isEqualTo("stud");
        assertThat(says(facing)).isEqualTo("brick");
        sketch.run(new RemakeWalls(List.of(south.id()), Sketch.PARTITION, new RemakeWalls.Kept()));
        assertThat(says(stud)).isEqualTo("stud");
    }

    @Test
    void aTipStaysWhereItIsWhenItsWallIsSplitAndJoined() {
        Note one = written("One", at(south, 5000, 50)), two = written("Two", at(south, 1000, 50));
        Change split = sketch.run(new Split(south.id(), new Vec(3000, 0)));
        assertTip(one, 5000, 50);
        assertTip(two, 1000, 50);
        List<ElementId> parts = Sketch.made(split).stream().map(Wall::id).toList();
        assertThat(List.of(now(one), now(two)))
                .extracting(n -> Pointed.thing(n.leaders().targets().getFirst()))
                .containsExactlyInAnyOrderElementsOf(parts);
        sketch.run(new JoinInLine(parts));
        assertTip(one, 5000, 50);
        assertTip(two, 1000, 50);
        assertThat(found()).isEmpty();
    }

    @Test
    void whatIsDeletedIsPointedAtWhereItWasAndFound() {
        Opening door = sketch.door(south, 2000, 900);
        Note note = written("{mark} is {width} wide", at(door, 4700, 100));
        assertThat(says(note)).isEqualTo("D1 is 900 wide");
        Vec was = tip(note);
        sketch.run(new Delete(List.of(door.id())));
        assertThat(now(note).leaders().targets()).containsExactly(new Target.Lost(was));
        assertThat(found())
                .containsExactly(
                        "A note of Plan points at what was deleted: \"{mark} is {width} wide\".",
                        "A note of Plan says {mark} and {width}, and neither what it points at nor the project has that.");
        sketch.run(new PointNote(note.id(), new Picked.Place(was), 10));
        assertThat(now(note).leaders().targets()).isEmpty();
    }

    @Test
    void fieldsSayWhatIsTrueNow() {
        Note note = written("{build-up mark}: {thickness}, {ply}", at(south, 3000, 220));
        assertThat(says(note)).isEqualTo("shell: 290, 140 mm stud");
        sketch.run(new RemakeWalls(List.of(south.id()), Sketch.LINED, new RemakeWalls.Kept()));
        assertThat(says(note)).isEqualTo("lined: 155, 140 mm stud");
        assertThat(found()).isEmpty();
    }

    @Test
    void bracesThatAskForNothingKnownStandAsTheyAreTyped() {
        Note note = written("{thickness} of {nothing} {1 to 3}", at(south, 3000, 220));
        assertThat(says(note)).isEqualTo("290 of {nothing} {1 to 3}");
        assertThat(found())
                .containsExactly(
                        "A note of Plan says {nothing}, and neither what it points at nor the project has that.");
    }

    /** An opening is pointed at beside its middle; handed, the same place of it is pointed at, mirrored. */
    @Test
    void aTipIsHandedWithItsThing() {
        Opening door = sketch.door(south, 2000, 900);
        WallPiece.Mass stud = new WallPiece.Solid(Sketch.id("stud"), 90);
        Post post = (Post) sketch.run(new PlacePost(Sketch.STOREY, Sketch.LAYER, new Vec(3000, 2000), 0.3, 90, stud))
                .after()
                .getFirst();
        List<Note> notes = List.of(
                written("Door", at(door, 4500, 30)),
                written("Facing", at(south, 1000, 50)),
                written("Post", at(post, 3020, 2030)),
                written("There", new Picked.Place(new Vec(6000, 3000))));
        List<Vec> before = notes.stream().map(this::tip).toList();
        sketch.run(new Hand(new Vec(3600, 0)));
        for (int i = 0; i < notes.size(); i++)
            assertTip(notes.get(i), 7200 - before.get(i).x(), before.get(i).y());
        sketch.run(new Turn(List.of(post.id(), notes.get(2).id()), new Vec(0, 0), Math.PI / 2, false));
        assertTip(notes.get(2), -before.get(2).y(), 7200 - before.get(2).x());
    }

    /** A note moved alone keeps pointing where it did; with the rest of the house it takes a bare tip along. */
    @Test
    void aBareTipMovesWithTheHouseAndNotWithTheWords() {
        Note note = written("Here", new Picked.Place(new Vec(3000, 2000)));
        sketch.run(new Move(List.of(note.id()), new Vec(100, 100)));
        assertTip(note, 3000, 2000);
        assertThat(now(note).at()).isEqualTo(new Vec(2100, -1400));
        List<ElementId> all = new ArrayList<>(shell.stream().map(Wall::id).toList());
        all.add(note.id());
        sketch.run(new Move(all, new Vec(1000, 0)));
        assertTip(note, 4000, 2000);
    }

    @Test
    void aClickOnATipTakesItsLeaderAway() {
        Note note = written("Both", at(south, 3000, 50));
        sketch.run(new PointNote(note.id(), at(shell.get(0), 50, 2000), 30));
        assertThat(now(note).leaders().targets()).hasSize(2);
        sketch.run(new PointNote(note.id(), at(south, 3010, 60), 30));
        assertThat(now(note).leaders().targets()).hasSize(1);
        assertTip(note, 50, 2000);
    }

    /** In a column notes keep clear of each other, and no leader crosses another, wherever they pointed from. */
    @Test
    void inAColumnNoLeaderCrossesAnother() {
        Random random = new Random(5);
        for (int round = 0; round < 60; round++) {
            List<ElementId> notes = new ArrayList<>();
            int count = 2 + random.nextInt(8);
            for (int i = 0; i < count; i++) {
                Vec tip = new Vec(random.nextInt(7200), random.nextInt(4800));
                Note n = written("Note " + "words ".repeat(random.nextInt(4)), new Picked.Place(tip));
                sketch.run(new Move(List.of(n.id()), new Vec(6000 + random.nextInt(3000), random.nextInt(6000))));
                notes.add(n.id());
            }
            sketch.run(new TidyNotes(notes));
            assertTidy(
                    notes.stream().map(id -> sketch.model().get(id, Note.class)).toList());
            sketch.run(new Delete(notes));
        }
    }

    private void assertTidy(List<Note> notes) {
        for (Note a : notes)
            for (Note b : notes) {
                if (a == b) continue;
                assertThat(a.at().x()).isCloseTo(b.at().x(), within(1e-6));
                assertThat(Math.abs(a.at().y() - b.at().y())).isGreaterThan(2.5 * 50);
                assertThat(cross(landing(a), tip(a), landing(b), tip(b)))
                        .as("%s at %s and %s at %s", a.text(), a.at(), b.text(), b.at())
                        .isFalse();
            }
    }

    /** From the left end of the words, half as high as they are. */
    private static Vec landing(Note n) {
        return n.at().plus(new Vec(-1.2, 1.25).times(50));
    }

    private static boolean cross(Vec a, Vec b, Vec c, Vec d) {
        Vec ab = b.minus(a), cd = d.minus(c);
        return ab.cross(c.minus(a)) * ab.cross(d.minus(a)) < 0 && cd.cross(a.minus(c)) * cd.cross(b.minus(c)) < 0;
    }
}
