package org.leanlintel.core.edit.office;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.building.body.SymbolLines;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.fitting.PlaceFitting;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Symbol;

/** A desk of our own, 1,200 by 600, that stretches: its uses follow it, one is set free, and it is placed by its point. */
class OwnSymbolsTest {

    private final Sketch sketch = new Sketch();
    private final Symbol desk = desk("Desk", new Vec(0, 0), new Symbol.Rounded(Vec.ORIGIN, 1200, 600, 0));

    OwnSymbolsTest() {
        sketch.run(new AddSymbol(desk, List.of()));
    }

    private static Symbol desk(String name, Vec point, Symbol.Mark... drawn) {
        return new Symbol(
                Sketch.id("desk"),
                name,
                Symbol.Kind.TABLE,
                "Our own",
                false,
                point,
                new Symbol.Extent(600, 1200, 2400),
                Symbol.Extent.fixed(600),
                0,
                750,
                List.of(600.0),
                List.of(),
                List.of(drawn),
                List.of(),
                "");
    }

    private Fitting placed(double x, double width, boolean mirrored) {
        PlaceFitting.Near near = new PlaceFitting.Near(new Vec(x, 0));
        return (Fitting)
                sketch.run(new PlaceFitting(Sketch.STOREY, Sketch.LAYER, desk.id(), near, 0, mirrored, width, 600))
                        .after()
                        .getFirst();
    }

    private PlacedFitting now(Fitting f) {
        return PlacedFitting.of(sketch.model().get(f.id(), Fitting.class), sketch.building());
    }

    private int lines(Fitting f) {
        return SymbolLines.of(now(f)).lines().size();
    }

    @Test
    void everyUseFollowsTheOriginalAndOneIsSetFree() {
        Fitting one = placed(0, 1200, false), two = placed(3000, 1800, false);
        Symbol.Path drawer = new Symbol.Path(List.of(new Vec(0, 300), new Vec(1200, 300)), false);
        Symbol free = desk.named(Sketch.id("desk"), "Desk, F1");
        List<Element> put = sketch.run(new AddSymbol(free, List.of(one.id()))).after();
        ElementId copy = put.getFirst().id();
        assertThat(copy).isNotEqualTo(desk.id());
        assertThat(sketch.model().get(one.id(), Fitting.class).symbol()).isEqualTo(copy);
        sketch.run(new Revise(desk("Desk", desk.point(), desk.drawn().getFirst(), drawer)));
        assertThat(lines(two)).as("the outline and the drawer").isEqualTo(2);
        assertThat(lines(one)).as("free of it").isEqualTo(1);
        Bounds drawn = Bounds.of(SymbolLines.of(now(two)).lines().get(1).points());
        assertThat(drawn.width()).as("stretched with the desk").isCloseTo(1800, within(1e-6));
        assertThat(sketch.refusal(new AddSymbol(desk, List.of()))).isEqualTo("There is a symbol \"Desk\" already.");
        assertThat(sketch.refusal(new Delete(List.of(desk.id())))).contains("is still used by fitting");
    }

    /** Its left back corner is at the point; mirrored its right one; of a point in the middle of its front, that. */
    @Test
    void itIsPlacedByItsPoint() {
        assertThat(Bounds.of(now(placed(1000, 1200, false)).outline()).minX()).isCloseTo(1000, within(1e-6));
        assertThat(Bounds.of(now(placed(1000, 1200, true)).outline()).maxX()).isCloseTo(1000, within(1e-6));
        sketch.run(new Revise(desk("Desk", new Vec(600, 0), desk.drawn().getFirst())));
        assertThat(Bounds.of(now(placed(9000, 1800, false)).outline()).centre().x())
                .as("the middle of its back stays that")
                .isCloseTo(9000, within(1e-6));
        sketch.run(new Revise(desk("Desk", new Vec(1200, 600), desk.drawn().getFirst())));
        Bounds box = Bounds.of(now(placed(5000, 1800, false)).outline());
        assertThat(box.maxX()).as("past the line it stretches along").isCloseTo(5000, within(1e-6));
        assertThat(box.minY()).isCloseTo(0, within(1e-6));
    }
}
