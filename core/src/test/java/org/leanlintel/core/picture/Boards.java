package org.leanlintel.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** What boards show, one for each drawing, that were told once what there is and then only heard of differences. */
public final class Boards {

    private final Lettering lettering;
    private final Map<ElementId, DrawingPicture> drawn = new HashMap<>();
    private final Map<ElementId, Map<ElementId, Group>> shown = new HashMap<>();

    public Boards(Lettering lettering) {
        this.lettering = lettering;
    }

    /** Tells them what came of the building they were told of last. */
    public void hear(Building building) {
        drawn.keySet().removeIf(id -> building.model().find(id) == null);
        shown.keySet().retainAll(drawn.keySet());
        for (Drawing d : building.model().all(Drawing.class)) {
            DrawingPicture now = DrawingPicture.of(building, d.id(), lettering);
            DrawingPicture was = drawn.put(d.id(), now);
            if (was == null) shown.put(d.id(), byElement(now.picture()));
            else {
                Picture.Difference difference = now.since(was);
                difference.gone().forEach(shown.get(d.id())::remove);
                difference.changed().forEach(g -> shown.get(d.id()).put(g.element(), g));
            }
        }
    }

    /** Works out what would come of a building that is not kept. */
    public void preview(Building building) {
        drawn.forEach((id, was) -> {
            if (building.model().find(id) != null)
                DrawingPicture.of(building, id, lettering).since(was);
        });
    }

    /** Each shows what is drawn of a building from nothing. */
    public void assertShow(Building anew) {
        for (Drawing d : anew.model().all(Drawing.class))
            assertThat(shown.get(d.id()))
                    .as(d.name())
                    .isEqualTo(
                            byElement(DrawingPicture.of(anew, d.id(), lettering).picture()));
    }

    private static Map<ElementId, Group> byElement(Picture picture) {
        return new HashMap<>(picture.groups().stream().collect(Collectors.toMap(Group::element, Function.identity())));
    }
}
