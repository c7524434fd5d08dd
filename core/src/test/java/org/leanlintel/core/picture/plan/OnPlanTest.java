package org.leanlintel.core.picture.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.room.NameRoom;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Extent;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.PlanOf;
import org.leanlintel.core.picture.Undrawn;

/** What one thing shows at one stage of a plan: a fault there costs the plan that thing and nothing else. */
class OnPlanTest {

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(6000, 4000);
    private final Room room = (Room) sketch.run(new NameRoom(
                    Sketch.STOREY, Sketch.LAYER, new Vec(3000, 2000), "1", "Hall", Room.Use.HALL, Room.Finishes.NONE))
            .after()
            .getFirst();

    private OnPlan member(Stage stage, ElementId of) {
        PlanOf planOf = PlanOf.of(Sketch.PLAN, new Lettering(Map.of(), Map.of(), 0.5, 0.7), sketch.building());
        return new OnPlan(planOf, stage, of);
    }

    private Shows failing(Stage stage, Element of) {
        return member(stage, of.id()).orMark(sketch.building(), () -> {
            throw new IllegalStateException("a fault");
        });
    }

    @Test
    void aLabelThatCannotBePlacedIsMarkedInItsRoom() {
        Shows shows = failing(Stage.INSIDE, room);
        assertThat(shows.groups()).singleElement().satisfies(g -> {
            assertThat(Undrawn.said(g)).isEqualTo("Hall cannot be drawn");
            assertThat(g.layer()).isEqualTo(room.layer());
            assertThat(Extent.of(new Picture(50, List.of(g))).meets(new Bounds(3000, 2000, 3000, 2000)))
                    .isTrue();
        });
        assertThat(shows.things()).as("nothing keeps clear of it").isEmpty();
        assertThat(shows.barred()).isEmpty();
    }

    @Test
    void theMarksOfAWallsOpeningsAreMarkedOnTheWall() {
        Wall south = shell.get(3);
        assertThat(failing(Stage.OPENINGS, south).groups()).singleElement().satisfies(g -> {
            assertThat(Undrawn.said(g)).isEqualTo(south.mark() + " cannot be drawn");
            assertThat(Extent.of(new Picture(50, List.of(g)))
                            .meets(sketch.building().solid(south.id()).bounds()))
                    .isTrue();
        });
    }

    @Test
    void whatCanBeDrawnIs() {
        OnPlan label = member(Stage.INSIDE, room.id());
        Shows shown = sketch.building().get(label);
        assertThat(shown.groups()).singleElement().satisfies(g -> assertThat(Undrawn.said(g))
                .isNull());
        assertThat(label.orMark(sketch.building(), () -> shown)).isSameAs(shown);
    }
}
