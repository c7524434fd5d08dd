package org.leanlintel.core.edit.office;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.office.Standard.Likeness;
import org.leanlintel.core.edit.run.BegunWith;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hatch;
import org.leanlintel.core.model.Heat;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.LetterStyle;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Surface;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.model.Wall;

/** A standard beside a project, and what of it is taken over. */
class StandardTest {

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(7200, 4800);

    private static Material material(String id, String name, String tint) {
        return new Material(
                Sketch.id(id),
                name,
                name,
                new Hatch(Hatch.Pattern.NONE, 1),
                tint,
                new Heat.Unstated(),
                new Surface.Plain(),
                0,
                "");
    }

    private List<Likeness> likenesses(Element... items) {
        return Standard.compare(sketch.model(), List.of(items)).stream()
                .map(Standard.Compared::likeness)
                .toList();
    }

    @Test
    void aProjectsOwnStandardIsAllTheSameAndChangesNothing() {
        List<Element> own =
                sketch.model().elements().stream().filter(Standard::holds).toList();
        assertThat(own).hasSizeGreaterThan(8);
        assertThat(Standard.compare(sketch.model(), own))
                .extracting(Standard.Compared::likeness)
                .containsOnly(Likeness.SAME);
        assertThat(sketch.refusal(new TakeStandard(own))).contains("has all of that already");
    }

    @Test
    void itemsAreToldApartByIdAndElseByName() {
        Material brick = sketch.model().get(Sketch.id("brick"), Material.class);
        assertThat(likenesses(brick, material("brick", "brick", "#aa0000"), material("slate", "Slate", "#333333")))
                .containsExactly(Likeness.DIFFERENT, Likeness.NEW);
        assertThat(likenesses(material("other-id", "Brick", "#ffffff")))
                .as("by name, and called a little otherwise")
                .containsExactly(Likeness.DIFFERENT);
    }

    /** A wall of the project goes on being made of the build-up that was replaced, with the standard's material by another id. */
    @Test
    void whatRefersToAReplacedItemFollows() {
        BuildUp now = sketch.model().get(Sketch.SHELL, BuildUp.class);
        Material facing = material("office-brick", "brick", "#8a3b2a");
        List<Ply> plies = List.of(
                Ply.solid(facing.id(), 110, now.plies().getFirst().does()),
                now.plies().get(1),
                now.plies().get(2));
        BuildUp other = new BuildUp(now.id(), now.mark(), now.name(), now.use(), plies, "", "", "");
        sketch.run(new TakeStandard(List.of(facing, other)));
        assertThat(sketch.model().find(facing.id())).as("not twice").isNull();
        assertThat(sketch.model().get(Sketch.id("brick"), Material.class).tint())
                .isEqualTo("#8a3b2a");
        BuildUp taken = sketch.model().get(Sketch.SHELL, BuildUp.class);
        assertThat(taken.plies().getFirst().material()).isEqualTo(Sketch.id("brick"));
        assertThat(sketch.building().strip(shell.get(0).id()).thickness()).isEqualTo(300);
        assertThat(sketch.model().all(Wall.class)).hasSize(4);
    }

    @Test
    void anIdThatMeansSomethingElseHereIsGivenAnother() {
        Material odd = material("plan", "Odd", "#123456");
        sketch.run(new TakeStandard(List.of(odd)));
        assertThat(sketch.model().all(Material.class))
                .filteredOn(m -> m.name().equals("Odd"))
                .singleElement()
                .satisfies(m -> assertThat(m.id()).isNotEqualTo(odd.id()));
    }

    @Test
    void aLensComesWithoutLayersThatDoNotAndALayerWithoutKindsThatAreTaken() {
        sketch.run(new Revise(sketch.model().get(Sketch.LAYER, Layer.class).taking(List.of("wall"))));
        ElementId gone = Sketch.id("gone");
        Lens lens = Sketch.lens()
                .called(Sketch.id("office"), "Office plan")
                .showing(List.of(
                        new Lens.LayerShown(gone, Lens.Shown.HIDDEN),
                        new Lens.LayerShown(Sketch.LAYER, Lens.Shown.FAINT)));
        Layer walls = Layer.plain(Sketch.id("office-walls"), "Office walls", List.of("wall", "post"));
        sketch.run(new TakeStandard(List.of(lens, walls)));
        assertThat(sketch.model().get(lens.id(), Lens.class).layers())
                .containsExactly(new Lens.LayerShown(Sketch.LAYER, Lens.Shown.FAINT));
        assertThat(sketch.model().get(walls.id(), Layer.class).takes()).containsExactly("post");
    }

    @Test
    void whatIsNoStockIsRefused() {
        assertThatExceptionOfType(Unusable.class)
                .isThrownBy(() -> Standard.compare(sketch.model(), List.of(shell.getFirst())))
                .withMessageContaining("no part of an office standard");
        assertThat(sketch.refusal(new TakeStandard(List.of(shell.getFirst())))).contains("no part of");
    }

    /** The stock that came with it goes but for what the plan needs; the office's layer takes the walls. */
    @Test
    void aProjectBegunWithAStandardHasItsStockAndNoOther() {
        Sketch fresh = new Sketch();
        fresh.put(Layer.plain(Sketch.id("walls"), "Walls", List.of("wall")));
        Layer office = Layer.plain(Sketch.id("office-walls"), "Office walls", List.of("wall"));
        Model begun = BegunWith.standard(List.of(office, material("slate", "Slate", "#333333")), fresh.model());
        assertThat(begun.get(office.id(), Layer.class).takes()).containsExactly("wall");
        assertThat(begun.all(Layer.class)).containsExactly(begun.get(office.id(), Layer.class));
        assertThat(begun.all(Material.class)).extracting(Material::name).containsExactly("Slate");
        assertThat(begun.all(BuildUp.class)).isEmpty();
        assertThat(begun.find(Sketch.LENS)).as("the plan is seen through it").isNotNull();
        assertThat(begun.all(LetterStyle.class)).as("it is older than these").hasSameSizeAs(Sketch.letters());
        LetterStyle large = Sketch.letters().getFirst().called(Sketch.id("large"), "Large");
        assertThat(BegunWith.standard(List.of(office, large), fresh.model()).all(LetterStyle.class))
                .containsExactly(large);
        List<Element> own =
                fresh.model().elements().stream().filter(Standard::holds).toList();
        assertThat(BegunWith.standard(own, fresh.model())).isEqualTo(fresh.model());
    }

    @Test
    void aStandardThatCannotBeBegunWithIsRefusedInWords() {
        BuildUp odd = Sketch.buildUp("odd", Sketch.ply("nowhere", 100, Does.CARRIES));
        assertThatExceptionOfType(Unusable.class)
                .isThrownBy(() -> BegunWith.standard(List.of(odd), new Sketch().model()));
    }
}
