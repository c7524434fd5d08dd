package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.TakenBoxes;

/** What a drawing shows, to be asked for by place: what is written in it keeps clear of that. */
public interface Around {

    Near near(Bounds reach);

    /**
     * Boxes, in the drawing's own millimetres.
     *
     * @param solid of what figures never stand on: what is cut, and words
     * @param light of lines that figures cover where they find no free place
     */
    record Near(List<Bounds> solid, List<Bounds> light) {

        public static final Near NOTHING = new Near(List.of(), List.of());

        public Near {
            solid = List.copyOf(solid);
            light = List.copyOf(light);
        }

        /** All that groups draw, but for hatches and what does not print. */
        public static Near of(List<Group> groups, double scale) {
            List<Bounds> solid = new ArrayList<>(), light = new ArrayList<>();
            for (Group g : groups)
                for (Item item : g.items())
                    if (item.prints())
                        switch (item) {
                            case Item.Text t -> solid.add(TakenBoxes.text(t, scale));
                            case Item.Strokes s -> TakenBoxes.lines(s, s.role().isCut() ? solid : light);
                            case Item.Arc a -> TakenBoxes.lines(a, a.role().isCut() ? solid : light);
                            default -> {}
                        }
            return new Near(solid, light);
        }

        /** What of some lies within bounds; what lies in several of them counts as often. */
        public static Near within(Bounds reach, List<Near> all) {
            List<Bounds> solid = new ArrayList<>(), light = new ArrayList<>();
            for (Near near : all) {
                for (Bounds b : near.solid) if (b.meets(reach)) solid.add(b);
                for (Bounds b : near.light) if (b.meets(reach)) light.add(b);
            }
            return new Near(solid, light);
        }
    }
}
