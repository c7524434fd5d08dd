package org.leanlintel.core.building.roof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.RoofedHouse;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.drawing.AddDrawing;
import org.leanlintel.core.edit.storey.LayTrusses;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.TextBox;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/**
 * Trusses in the gabled roof of 35 degrees over a house of 6,000 by 4,000: its heel is 113.1, its plates 3,700 apart, facings of 150
 * left out; its ridge 1,408.5 over the plates.
 */
class TrussesTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);
    private static final Truss.Form FINK = new Truss.Level(Truss.Webs.FINK);
    private static final Truss.Along ALL = new Truss.AllAlong();

    private final RoofedHouse house = new RoofedHouse();
    private final Sketch sketch = house.sketch;
    private final Roof roof = house.gabled();

    private LayTrusses lay(Truss.Form form, double chordMm, Truss.Along along) {
        return new LayTrusses(roof.id(), Sketch.LAYER, form, chordMm, chordMm, 60, 35, 600, along);
    }

    private Truss laid(Truss.Form form, Truss.Along along) {
        return (Truss) sketch.run(lay(form, 70, along)).after().getFirst();
    }

    private BuiltTruss built(Truss truss) {
        BuiltTruss built = sketch.building().get(new BuiltTruss.Of(truss.id()));
        assertThat(built).isNotNull();
        return built;
    }

    @Test
    void spanHeelAndPeakAreTheRoofs() {
        BuiltTruss built = built(laid(FINK, ALL));
        assertThat(built.shape().sum().spanMm()).isEqualTo(3700);
        assertThat(built.shape().sum().heelMm()).isCloseTo(113.1, within(0.05));
        assertThat(built.shape().peakTopMm()).isCloseTo(1408.48, within(0.05));
        assertThat(built.plateMm()).isEqualTo(5100);
    }

    /** From the inner face of one gable's structure to that of the other, 600 apart, the last as near as is left. */
    @Test
    void theyStandAtTheirSpacingBetweenTheGables() {
        Truss truss = laid(FINK, ALL);
        BuiltTruss built = built(truss);
        Bounds inside = house.built(roof).inside().bounds();
        List<Double> at = built.at();
        assertThat(at).hasSize((int) Math.ceil((inside.width() - 35) / 600) + 1);
        assertThat(at.getLast() - at.getFirst()).isCloseTo(inside.width() - 35, within(0.01));
        for (int i = 1; i < at.size() - 1; i++)
            assertThat(at.get(i) - at.get(i - 1)).isCloseTo(600, within(1e-6));
        assertThat(new Bodies(sketch.building()).trusses(roof.storey())).allSatisfy(b -> assertThat(
                        inside.grown(0.01).covers(Bounds.of(b.outline()).centre())
                                || b.outline().stream().anyMatch(p -> p.y() < inside.minY() || p.y() > inside.maxY()))
                .isTrue());
    }

    /** At 1:100 there is hardly room for a figure between the uprights of a gable. */
    @Test
    void figuresOfNarrowPartsStandBesideEachOther() {
        Truss truss = laid(new Truss.Gable(400, 0), new Truss.AtEnds());
        List<Item.Text> figures = picture(drawn(truss, 100)).groups().stream()
                .flatMap(g -> g.items().stream())
                .filter(Item.Text.class::isInstance)
                .map(Item.Text.class::cast)
                .filter(t -> t.text().matches("[\\d,]+"))
                .toList();
        List<Bounds> boxes =
                figures.stream().map(t -> TextBox.of(t, 100, LETTERS).bounds()).toList();
        assertThat(boxes).hasSizeGreaterThan(8);
        for (int i = 0; i < boxes.size(); i++)
            for (int k = 0; k < i; k++)
                assertThat(boxes.get(i).meets(boxes.get(k)))
                        .as(figures.get(i).text() + " and " + figures.get(k).text())
                        .isFalse();
    }

    @Test
    void aPartOfTheRoofHasThemAlone() {
        BuiltTruss built = built(laid(FINK, new Truss.PartAlong(1000, 2835)));
        assertThat(built.at()).hasSize(4);
        assertThat(built.at().getLast() - built.at().getFirst()).isCloseTo(1800, within(0.01));
    }

    /** A girder of two and gables at the ends: those spread along the roof are counted anew from each, never further apart than 600. */
    @Test
    void placedOnesTakeThePlacesOfThoseSpreadAlong() {
        Truss all = laid(FINK, ALL);
        List<Double> before = built(all).at();
        Truss ends = laid(new Truss.Gable(400, 0), new Truss.AtEnds());
        assertThat(built(ends).at()).containsExactly(before.getFirst(), before.getLast());
        assertThat(built(all).at()).isEqualTo(before.subList(1, before.size() - 1));
        double first = before.getFirst();
        Truss girder = laid(new Truss.Level(Truss.Webs.HOWE), new Truss.OneAt(17.5 + 2000))
                .ofPlies(2);
        sketch.run(new Revise(girder));
        assertThat(girder.words()).isEqualTo("girder of 2, Howe");
        assertThat(built(girder).at()).containsExactly(first + 2000);
        List<Double> after = built(all).at();
        assertThat(after.subList(0, 5))
                .containsExactly(first + 600, first + 1200, first + 1800, first + 2600, first + 3200);
        List<Double> every = Stream.of(after, built(ends).at(), built(girder).at())
                .flatMap(List::stream)
                .sorted()
                .toList();
        for (int i = 1; i < every.size(); i++)
            assertThat(every.get(i) - every.get(i - 1)).isBetween(35.0, 600.001);
        double thick = new Bodies(sketch.building())
                .trusses(roof.storey()).stream()
                        .filter(b -> b.element().equals(girder.id()))
                        .mapToDouble(b -> Bounds.of(b.outline()).width())
                        .min()
                        .orElseThrow();
        assertThat(thick).isCloseTo(70, within(0.01));
        assertThat(sketch.refusal(lay(FINK, 70, new Truss.OneAt(50_000)))).contains("no place for them there");
    }

    /** Lowered by 60 its top chord is cut on the plate, 27.6 - 60 under which its underside would begin, and nothing of it is further out. */
    @Test
    void aLoweredGableEndStandsBetweenThePlates() {
        Truss ends = laid(new Truss.Gable(400, 60), new Truss.AtEnds());
        BuiltTruss built = built(ends);
        assertThat(ends.words()).isEqualTo("gable end, lowered");
        assertThat(built.shape().peakTopMm()).isCloseTo(1408.48 - 60, within(0.05));
        assertThat(new Bodies(sketch.building()).trusses(roof.storey()))
                .isNotEmpty()
                .allSatisfy(b -> {
                    assertThat(Bounds.of(b.outline()).minY()).isGreaterThan(149.9);
                    assertThat(b.lowMm()).isGreaterThan(5099.9);
                });
        assertThat(sketch.refusal(lay(new Truss.Parallel(1200), 70, ALL))).contains("need a heel of 231 mm");
    }

    /** 3,000 deep against a wall at 35 degrees: the seat of 100 leaves a heel of 150 / cos 35 - 100 tan 35 = 113.1. */
    @Test
    void aLeanToHasHalvesOfTrusses() {
        Roof lean = house.draw(house.over(
                new Roof.OverRing(
                        List.of(new Vec(10_000, 0), new Vec(14_000, 0), new Vec(14_000, 3000), new Vec(10_000, 3000))),
                RoofedHouse.EAVES,
                new Roof.OwnEdge(new Roof.OnSide(1), RoofedHouse.VERGE),
                new Roof.OwnEdge(new Roof.OnSide(2), RoofedHouse.AGAINST),
                new Roof.OwnEdge(new Roof.OnSide(3), RoofedHouse.VERGE)));
        Truss truss = (Truss) sketch.run(new LayTrusses(lean.id(), Sketch.LAYER, FINK, 70, 70, 60, 35, 600, ALL))
                .after()
                .getFirst();
        BuiltTruss built = built(truss);
        assertThat(built.shape().sum().hasOneSlope()).isTrue();
        assertThat(built.shape().sum().spanMm()).isEqualTo(3000);
        assertThat(built.shape().peakTopMm()).isCloseTo(113.1 + 3000 * 0.700208, within(0.1));
        assertThat(built.plan(3000, 0).y()).isCloseTo(3000, within(0.01));
        assertThat(built.at()).hasSize((int) Math.ceil((4000 - 35) / 600.0) + 1);
    }

    /** 97 / cos 35 is 118.4: 5 more than the heel. */
    @Test
    void aChordDeeperThanTheHeelIsRefused() {
        assertThat(sketch.refusal(lay(FINK, 97, ALL)))
                .isEqualTo("truss T1 cannot stand: The heel of R1 is 5 mm too low for a top chord of 97 mm:"
                        + " make the heel higher or the chord less deep.");
        assertThat(sketch.refusal(lay(new Truss.Scissor(Pitch.degrees(35)), 70, ALL)))
                .contains("as steeply as the top chords");
    }

    @Test
    void theyFollowTheHouseAndGoWithTheirRoof() {
        Truss truss = laid(FINK, ALL);
        sketch.run(new Move(List.of(house.wall(3000, 4000).id()), new Vec(0, 500)));
        assertThat(built(truss).shape().sum().spanMm()).isCloseTo(4200, within(0.01));
        sketch.run(new Delete(List.of(roof.id())));
        assertThat(sketch.model().find(truss.id())).isNull();
    }

    /** Its timbers, in a drawing of its own and beyond the cut of a section. */
    @Test
    void itsDrawingNamesEveryTimber() {
        Truss truss = laid(new Truss.Scissor(Pitch.degrees(15)), ALL);
        Drawing drawing = drawn(truss, 20);
        List<String> words = texts(picture(drawing));
        assertThat(words)
                .anyMatch(w -> w.startsWith("T1: scissor, 15\u00b0 inside"))
                .contains("3700", "Timber")
                .anyMatch(w -> w.startsWith("top chord, left"))
                .anyMatch(w -> w.startsWith("web 5"))
                .anyMatch(w -> w.contains("designed by the truss supplier"));
        sketch.run(new Delete(List.of(truss.id())));
        assertThat(sketch.model().find(drawing.id())).isNull();
    }

    private Drawing drawn(Truss truss, double scale) {
        return (Drawing) sketch.run(new AddDrawing(
                        "T1",
                        Drawing.Kind.TRUSS,
                        Sketch.STOREY,
                        Sketch.LENS,
                        scale,
                        new Drawing.One(truss.id()),
                        new Drawing.All(),
                        List.of()))
                .after()
                .getFirst();
    }

    private Picture picture(Drawing drawing) {
        return DrawingPicture.of(sketch.building(), drawing.id(), LETTERS).picture();
    }

    private static List<String> texts(Picture picture) {
        return picture.groups().stream()
                .flatMap(g -> g.items().stream())
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }
}
