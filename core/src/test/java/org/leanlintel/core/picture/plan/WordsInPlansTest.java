package org.leanlintel.core.picture.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.leanlintel.core.Records.with;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.carry.Hand;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.PutInFront;
import org.leanlintel.core.edit.change.PutMark;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.drawing.AddLike;
import org.leanlintel.core.edit.room.NameRoom;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.Worded;
import org.leanlintel.core.model.WordsAt;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.Plan;

/** What is written of a thing put by hand in one plan: others of its storey, at other scales, keep theirs. */
class WordsInPlansTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(6000, 4000);
    private final Drawing large = sketch.drawing("Large", Drawing.Kind.PLAN, Sketch.STOREY, 20);
    private Opening window;
    private Fitting table;
    private Room room;

    @BeforeEach
    void furnish() {
        Lens lens = sketch.model().get(Sketch.LENS, Lens.class);
        sketch.put(with(lens, "marks", List.of(Lens.MarkOf.WINDOWS, Lens.MarkOf.FITTINGS)));
        window = sketch.window(shell.get(3), 3000, 1200, 900, 1200);
        table = sketch.table(new Vec(4800, 3000), Math.PI / 2, 900);
        room = (Room) sketch.run(new NameRoom(
                        Sketch.STOREY,
                        Sketch.LAYER,
                        new Vec(3000, 2000),
                        "1",
                        "Living",
                        Room.Use.LIVING,
                        Room.Finishes.NONE))
                .after()
                .getFirst();
    }

    /** Where words stand in a plan. */
    private Vec at(ElementId plan, Worded of, String words) {
        return Plan.of(sketch.building(), plan, LETTERS).picture().groups().stream()
                .filter(g -> g.element().equals(of.id()))
                .flatMap(g -> g.items().stream())
                .filter(i -> i instanceof Item.Text t && t.text().equals(words))
                .map(i -> ((Item.Text) i).at())
                .findFirst()
                .orElseThrow();
    }

    private Worded now(Worded thing) {
        return (Worded) sketch.model().get(thing.id(), Element.class);
    }

    @Test
    void aMarkThatIsPutInOnePlanStaysInOthers() {
        Vec windowThere = at(large.id(), window, window.mark()), tableThere = at(large.id(), table, table.mark());
        sketch.run(new PutMark(window.id(), Sketch.PLAN, new Vec(3600, 900)));
        sketch.run(new PutMark(table.id(), Sketch.PLAN, new Vec(3700, 2600)));
        double down = Lettering.NOTE_MM / 2 * 50;
        assertThat(at(Sketch.PLAN, window, window.mark()).distanceTo(new Vec(3600, 900 - down)))
                .isLessThan(0.1);
        assertThat(at(Sketch.PLAN, table, table.mark()).distanceTo(new Vec(3700, 2600 - down)))
                .isLessThan(0.1);
        assertThat(at(large.id(), window, window.mark())).isEqualTo(windowThere);
        assertThat(at(large.id(), table, table.mark())).isEqualTo(tableThere);
        sketch.run(new PutMark(window.id(), large.id(), new Vec(2500, 700)));
        assertThat(now(window).words().own()).hasSize(2);
    }

    @Test
    void aMarkKeepsItsPlaceBesideAFittingThatMovesAndIsTurned() {
        sketch.run(new PutMark(table.id(), Sketch.PLAN, new Vec(4000, 3000)));
        Vec before = at(Sketch.PLAN, table, table.mark());
        sketch.run(new Move(List.of(table.id()), new Vec(-700, -500)));
        Vec moved = at(Sketch.PLAN, table, table.mark());
        assertThat(moved.minus(before).distanceTo(new Vec(-700, -500))).isLessThan(0.1);
        sketch.run(new Revise(
                ((Fitting) now(table)).seated(new Fitting.Free(new Vec(4100, 2500), Math.PI / 2 + Math.PI))));
        assertThat(at(Sketch.PLAN, table, table.mark()).x() - 4100)
                .as("on its other side")
                .isCloseTo(4100 - moved.x(), within(0.1));
    }

    @Test
    void aLabelThatIsMovedInOnePlanStaysInOthers() {
        Vec there = at(large.id(), room, "Living");
        Move.LabelIn seen = new Move.LabelIn(room.id(), Sketch.PLAN, new Vec(900, 3000));
        sketch.run(new Move(List.of(room.id()), new Vec(300, 0), List.of(seen)));
        sketch.run(new Move(List.of(room.id()), new Vec(300, 0), List.of(seen)));
        assertThat(now(room).words())
                .as("both moves count, though the second was meant before the first was seen")
                .isEqualTo(WordsAt.CLEAR.put(Sketch.PLAN, new Vec(1500, 3000)));
        assertThat(at(Sketch.PLAN, room, "Living").distanceTo(new Vec(1500, 3000)))
                .isLessThan(700);
        assertThat(at(large.id(), room, "Living")).isEqualTo(there);
        sketch.run(new Revise((Room) now(room).worded(now(room).words().put(new Vec(2000, 1000)))));
        assertThat(at(large.id(), room, "Living").distanceTo(new Vec(2000, 1000)))
                .as("elsewhere where all have it")
                .isLessThan(700);
        assertThat(at(Sketch.PLAN, room, "Living").distanceTo(new Vec(1500, 3000)))
                .isLessThan(700);
    }

    @Test
    void whatIsPutGoesWithTheHouse() {
        sketch.run(new PutMark(window.id(), Sketch.PLAN, new Vec(3600, 900)));
        sketch.run(new PutMark(table.id(), Sketch.PLAN, new Vec(4000, 3200)));
        sketch.run(new Revise(room.worded(room.words().put(Sketch.PLAN, new Vec(1500, 3000)))));
        Vec of = at(Sketch.PLAN, window, window.mark()), on = at(Sketch.PLAN, table, table.mark());
        sketch.run(new Hand(new Vec(3600, 0)));
        assertThat(now(room).words().in(Sketch.PLAN).distanceTo(new Vec(5700, 3000)))
                .isLessThan(0.1);
        assertThat(at(Sketch.PLAN, window, window.mark()).x()).isCloseTo(7200 - of.x(), within(0.1));
        assertThat(at(Sketch.PLAN, table, table.mark()).x()).isCloseTo(7200 - on.x(), within(0.1));
    }

    @Test
    void aDrawingThatGoesTakesItsPlacesAlong() {
        sketch.run(new PutMark(window.id(), large.id(), new Vec(3600, 900)));
        sketch.run(new PutMark(window.id(), Sketch.PLAN, new Vec(3600, 900)));
        sketch.run(new Revise(room.worded(room.words().put(large.id(), new Vec(1500, 3000)))));
        sketch.run(new Delete(List.of(large.id())));
        assertThat(now(room).words()).isEqualTo(WordsAt.CLEAR);
        assertThat(now(window).words().own())
                .extracting(WordsAt.InDrawing::drawing)
                .containsExactly(Sketch.PLAN);
    }

    /** Of a plan like another all stands where it was put in that; what is put in one of them then is so in it alone. */
    @Test
    void aPlanLikeAnotherBeginsWithItsPlaces() {
        sketch.run(new PutMark(window.id(), Sketch.PLAN, new Vec(3600, 900)));
        sketch.run(new PutInFront(Sketch.PLAN, List.of(table.id()), PutInFront.How.FRONT));
        sketch.run(new AddLike(Sketch.PLAN, "Another", Sketch.LENS));
        Drawing like = sketch.model().all(Drawing.class).stream()
                .filter(d -> d.name().equals("Another"))
                .findFirst()
                .orElseThrow();
        assertThat(like.inFront()).containsExactly(table.id());
        Vec begun = at(like.id(), window, window.mark());
        assertThat(begun).isEqualTo(at(Sketch.PLAN, window, window.mark()));
        sketch.run(new PutMark(window.id(), Sketch.PLAN, new Vec(2000, 900)));
        assertThat(at(like.id(), window, window.mark())).isEqualTo(begun);
        assertThat(sketch.refusal(new AddLike(Sketch.PLAN, "another", Sketch.LENS)))
                .isEqualTo("There is a drawing \"Another\" already.");
    }

    @Test
    void onlyWhatHasAMarkIsPut() {
        assertThat(sketch.refusal(new PutMark(shell.get(0).id(), Sketch.PLAN, Vec.ORIGIN)))
                .isEqualTo("Wall W1 has no mark that could be put anywhere.");
    }
}
