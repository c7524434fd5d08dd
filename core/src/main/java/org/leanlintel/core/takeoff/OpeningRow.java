package org.leanlintel.core.takeoff;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WorkState;

/**
 * One door or window of a schedule. Sizes are those of the structural opening, millimetres.
 *
 * @param kind in words
 * @param detail what else its kind says: the side it hangs on, its lights; empty where nothing
 * @param wall the mark of its wall
 * @param buildUp the mark of what that is made of
 */
public record OpeningRow(Opening opening, String kind, String detail, String storey, String wall, String buildUp) {

    /** @param listed which states are listed */
    public static List<OpeningRow> doors(Model model, Predicate<WorkState> listed) {
        return rows(model, false, listed);
    }

    /** @param listed which states are listed */
    public static List<OpeningRow> windows(Model model, Predicate<WorkState> listed) {
        return rows(model, true, listed);
    }

    /** In the order of marks, D2 before D11. */
    private static List<OpeningRow> rows(Model model, boolean windows, Predicate<WorkState> listed) {
        List<OpeningRow> rows = new ArrayList<>();
        for (Opening o : model.all(Opening.class)) {
            Wall wall = model.get(o.wall(), Wall.class);
            if (o.kind() instanceof Opening.Window != windows || !listed.test(o.stateIn(wall))) continue;
            rows.add(new OpeningRow(
                    o,
                    kind(o.kind()),
                    detail(o.kind()),
                    model.get(wall.storey(), Storey.class).name(),
                    wall.mark(),
                    model.get(wall.buildUp(), BuildUp.class).mark()));
        }
        rows.sort(Comparator.<OpeningRow>comparingInt(r -> r.opening().mark().length())
                .thenComparing(r -> r.opening().mark()));
        return rows;
    }

    private static String kind(Opening.Kind kind) {
        return switch (kind) {
            case Opening.SwingDoor d -> "Side hung";
            case Opening.PairDoor d -> "Pair of leaves";
            case Opening.PocketDoor d -> "Sliding, in a pocket";
            case Opening.SlidingDoor d -> "Sliding, before the wall";
            case Opening.FoldingDoor d -> "Folding";
            case Opening.FoldingPair d -> "Folding, in two halves";
            case Opening.LiftingDoor d -> "Lifting";
            case Opening.OpenWay o -> "Open way";
            case Opening.Window w -> LightWords.kind(w.lights());
        };
    }

    private static String detail(Opening.Kind kind) {
        return switch (kind) {
            case Opening.SwingDoor d -> "hung %s, from the pull side".formatted(hungLeft(d) ? "left" : "right");
            case Opening.PairDoor d ->
                d.part() == 0.5 ? "equal leaves" : "active leaf %d %%".formatted(Math.round(d.part() * 100));
            case Opening.FoldingDoor d -> d.panels() + " panels";
            case Opening.FoldingPair d -> d.panels() + " panels";
            case Opening.OpenWay o -> o.lined() ? "with a lining" : "without a lining";
            case Opening.Window w -> LightWords.detail(w.lights()) + form(w.form());
            case Opening.PocketDoor d -> "";
            case Opening.SlidingDoor d -> "";
            case Opening.LiftingDoor d -> "";
        };
    }

    private static String form(Opening.Form form) {
        return switch (form) {
            case Opening.Flat f -> "";
            case Opening.Bay b -> ", a bay of three";
            case Opening.ToCorner c -> ", round the corner";
        };
    }

    /** Seen from the side it opens to, facing the wall; from the left of a wall its end is at the left hand. */
    private static boolean hungLeft(Opening.SwingDoor door) {
        return (door.hinge() == End.END) == (door.swing() == Side.LEFT);
    }
}
