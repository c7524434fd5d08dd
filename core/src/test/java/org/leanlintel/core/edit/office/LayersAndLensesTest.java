package org.leanlintel.core.edit.office;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.MoveToLayer;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.note.PlaceNote;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.LetterStyle;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Wall;

/** Layers and lenses made, merged and deleted. */
class LayersAndLensesTest {

    private static final ElementId OTHER = Sketch.id("other");

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(7200, 4800);
    private final Opening door = sketch.door(shell.get(3), 1000, 900);

    LayersAndLensesTest() {
        sketch.run(new AddLayer(Layer.plain(OTHER, "Other", List.of("wall"))));
    }

    private long on(ElementId layer) {
        return sketch.model().all(Wall.class).stream()
                .filter(w -> w.layer().equals(layer))
                .count();
    }

    @Test
    void aNewLayerTakesNoKindByItself() {
        assertThat(sketch.model().get(OTHER, Layer.class).takes()).isEmpty();
        assertThat(sketch.refusal(new AddLayer(Layer.plain(OTHER, "other", List.of()))))
                .contains("There is a layer \"Other\" already");
    }

    @Test
    void thingsMoveToALayerAndNothingElseOfThemChanges() {
        sketch.run(new MoveToLayer(List.of(shell.get(0).id(), door.id()), OTHER));
        Wall moved = sketch.wall(shell.get(0));
        assertThat(moved.layer()).isEqualTo(OTHER);
        assertThat(moved.onLayer(Sketch.LAYER)).isEqualTo(shell.get(0));
        assertThat(sketch.refusal(new MoveToLayer(List.of(Sketch.LENS), OTHER))).contains("lies on no layer");
    }

    @Test
    void aLayerThatIsMergedGivesItsThingsAndItsKindsToTheOther() {
        sketch.run(new Revise(sketch.model().get(Sketch.LAYER, Layer.class).taking(List.of("wall"))));
        hide(Sketch.LAYER);
        sketch.run(new DeleteLayer(Sketch.LAYER, new DeleteLayer.ToLayer(OTHER)));
        assertThat(sketch.model().find(Sketch.LAYER)).isNull();
        assertThat(on(OTHER)).isEqualTo(4);
        assertThat(sketch.model().get(OTHER, Layer.class).takes()).containsExactly("wall");
        assertThat(sketch.model().get(Sketch.LENS, Lens.class).layers())
                .as("no lens speaks of it any more")
                .isEmpty();
        assertThat(sketch.refusal(new DeleteLayer(OTHER, new DeleteLayer.ToLayer(OTHER))))
                .contains("merged with itself");
    }

    @Test
    void aLayerThatGoesWithItsThingsTakesThemAndWhatStandsInThem() {
        sketch.run(new MoveToLayer(List.of(shell.get(3).id()), OTHER));
        sketch.run(new DeleteLayer(OTHER, new DeleteLayer.Nothing()));
        assertThat(sketch.model().find(shell.get(3).id())).isNull();
        assertThat(sketch.model().find(door.id())).as("its door").isNull();
        assertThat(on(Sketch.LAYER)).isEqualTo(3);
        assertThat(sketch.refusal(new DeleteLayer(Sketch.LAYER, new DeleteLayer.Nothing())))
                .contains("needs a layer");
    }

    @Test
    void aLensIsCopiedAndGoesWithItsDrawingsSeenThroughAnother() {
        Lens lens = sketch.model().get(Sketch.LENS, Lens.class);
        Lens copy = (Lens)
                sketch.run(new AddLens(lens.called(lens.id(), "Copy"))).after().getFirst();
        assertThat(copy.id()).isNotEqualTo(lens.id());
        assertThat(copy.called(lens.id(), lens.name())).isEqualTo(lens);
        assertThat(sketch.refusal(new AddLens(lens))).contains("already");
        assertThat(sketch.refusal(new DeleteLens(lens.id(), lens.id()))).contains("another lens");
        sketch.run(new DeleteLens(lens.id(), copy.id()));
        assertThat(sketch.model().get(Sketch.PLAN, Drawing.class).lens()).isEqualTo(copy.id());
        assertThat(sketch.refusal(new Delete(List.of(copy.id())))).contains("still used by drawing Plan");
    }

    @Test
    void aStyleOfLettersIsCopiedAndStaysWhileNotesAreSetInIt() {
        Element note = sketch.run(
                        new PlaceNote(Sketch.PLAN, Sketch.LAYER, new Vec(0, 9000), "North light", Sketch.LETTERS))
                .after()
                .getFirst();
        LetterStyle copy = (LetterStyle)
                sketch.run(new AddStyle(Sketch.LETTERS, "Large")).after().getFirst();
        assertThat(copy).isEqualTo(Sketch.letters().getFirst().called(copy.id(), "Large"));
        assertThat(sketch.refusal(new AddStyle(Sketch.LETTERS, "large")))
                .isEqualTo("There is a letter style large already.");
        assertThat(sketch.refusal(new AddStyle(Sketch.LENS, "Large"))).contains("Only styles");
        assertThat(sketch.refusal(new Delete(List.of(Sketch.LETTERS)))).contains("still used by note \"North light\"");
        sketch.run(new Delete(List.of(note.id(), Sketch.LETTERS, Sketch.NAMES)));
        assertThat(sketch.refusal(new Delete(List.of(copy.id()))))
                .isEqualTo("A project needs a style of letters: that cannot be deleted.");
    }

    @Test
    void thingsOnALayerMeantForOthersAreFound() {
        sketch.run(new Revise(sketch.model().get(Sketch.LAYER, Layer.class).taking(List.of("opening"))));
        assertThat(layerFindings()).as("walls are meant for no layer").isEmpty();
        sketch.run(new Revise(sketch.model().get(OTHER, Layer.class).taking(List.of("wall"))));
        assertThat(layerFindings())
                .singleElement()
                .satisfies(f -> assertThat(f.concerns()).hasSize(4))
                .extracting(Finding::sentence)
                .isEqualTo("4 things lie on layer All, and would be looked for on Other.");
        List<ElementId> walls = layerFindings().getFirst().concerns();
        sketch.run(new MoveToLayer(walls, OTHER));
        assertThat(layerFindings()).isEmpty();
        sketch.run(new AddLayer(Layer.plain(Sketch.id("mine"), "Mine", List.of())));
        sketch.run(new MoveToLayer(walls, Sketch.id("mine")));
        assertThat(layerFindings()).as("a layer of the drafter's own").isEmpty();
    }

    private List<Finding> layerFindings() {
        return Findings.of(sketch.building()).stream()
                .filter(f -> f.kind() == Finding.Kind.LAYER)
                .toList();
    }

    private void hide(ElementId layer) {
        Lens lens = sketch.model().get(Sketch.LENS, Lens.class);
        sketch.run(new Revise(lens.showing(List.of(new Lens.LayerShown(layer, Lens.Shown.HIDDEN)))));
    }
}
