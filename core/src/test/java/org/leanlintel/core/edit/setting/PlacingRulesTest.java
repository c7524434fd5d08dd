package org.leanlintel.core.edit.setting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.opening.PlaceOpening;
import org.leanlintel.core.edit.wall.DrawWalls;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stop;
import org.leanlintel.core.model.Wall;

/** What a rule of placing may go by: things that are there, and never, by however many steps, the thing itself. */
class PlacingRulesTest {

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(9000, 5000);
    private final Wall north = shell.get(1);

    private PlaceOpening door(Wall wall, Placing placing) {
        return new PlaceOpening(
                wall.id(), Sketch.LAYER, placing, 900, 2100, 0, new Opening.SwingDoor(End.START, Side.RIGHT));
    }

    private static Placing by(Opening opening) {
        return new Placing.Off(new Stop.AtOpening(opening.id(), End.END), Placing.Edge.NEAR, 600);
    }

    private Opening now(Opening opening) {
        return sketch.model().get(opening.id(), Opening.class);
    }

    @Test
    void aRuleThatGoesByWhatIsNotThereIsRefused() {
        assertThat(sketch.refusal(door(north, new Placing.InLine(Sketch.id("nowhere")))))
                .contains("placed by \"nowhere\", which is not in the project");
        Stop gone = new Stop.AtWall(Sketch.id("gone"), End.START, Stop.Of.FINISH);
        assertThat(sketch.refusal(door(north, new Placing.Off(gone, Placing.Edge.NEAR, 100))))
                .contains("\"gone\", which is not in the project");
    }

    @Test
    void aCircleIsRefusedAndNotOffered() {
        Opening first = sketch.door(north, 1000, 900);
        Opening second = (Opening) sketch.run(door(north, by(first))).after().getFirst();
        Opening third = (Opening) sketch.run(door(north, by(second))).after().getFirst();
        assertThat(sketch.refusal(new Revise(now(first).placed(north.id(), by(third)))))
                .isEqualTo("D1 cannot be placed by D3, which is itself placed by D1.");
        assertThat(sketch.refusal(new Revise(now(first).placed(north.id(), by(first)))))
                .contains("D1 cannot be placed by D1");
        SettingOut.Answer offered = SettingOut.of(sketch.building(), first.id(), Stop.Of.FINISH);
        assertThat(offered.choices()).allSatisfy(choice -> {
            sketch.tryRun(new Revise(now(first).placed(north.id(), choice.placing())));
            assertThat(now(second).placing()).as("after %s", choice.words()).isEqualTo(by(first));
            assertThat(now(third).placing()).isEqualTo(by(second));
        });
    }

    /** The pocket of a 900 door at 2,000 lies from 2,900 to 3,800; a partition of 114 at 3,300 stands in it. */
    @Test
    void aPocketDoesNotRunThroughAJunction() {
        sketch.run(new PlaceOpening(
                north.id(),
                Sketch.LAYER,
                Placing.from(End.START, 2000),
                900,
                2100,
                0,
                new Opening.PocketDoor(End.END)));
        Wall south = shell.get(3);
        assertThat(sketch.refusal(new DrawWalls(
                        sketch.newWall(Sketch.PARTITION),
                        List.of(
                                new Pick(new Vec(3300, 290), new org.leanlintel.core.model.Hold.OnFace(south.id(), 0)),
                                new Pick(
                                        new Vec(3300, 4710), new org.leanlintel.core.model.Hold.OnFace(north.id(), 0))),
                        false)))
                .isEqualTo("The pocket of the door D1 would run through where W5 meets W2.");
    }
}
