package org.leanlintel.core.edit.sound;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Stop;
import org.leanlintel.core.model.Wall;

/** What must be true of a rule by which something is placed: what it goes by is there, and does not go by it in turn. */
public final class PlacingSoundness {

    private PlacingSoundness() {}

    /** Looks at rules that the change gives, not at those it leaves as they were. */
    public static @Nullable Refusal check(Model before, Model next, Change change) {
        for (Element e : change.after()) {
            Placing placing = placing(e);
            if (placing == null || placing.equals(placing(before.find(e.id())))) continue;
            for (ElementId stop : stops(placing)) {
                if (next.find(stop) instanceof Opening || next.find(stop) instanceof Wall) continue;
                return Refusal.because(
                        "%s is to be placed by \"%s\", which is not in the project.".formatted(Naming.of(e), stop),
                        e.id());
            }
            if (e instanceof Opening o && circle(o, next) instanceof Opening other)
                return Refusal.because(
                        "%s cannot be placed by %s, which is itself placed by %s."
                                .formatted(o.mark(), other.mark(), o.mark()),
                        o.id(),
                        other.id());
        }
        return null;
    }

    /** Whether a thing is placed by an opening, or by one that is, however many lie between. */
    public static boolean goesBy(Opening thing, ElementId opening, Model model) {
        Set<ElementId> seen = new HashSet<>();
        List<ElementId> open = new ArrayList<>(stops(thing.placing()));
        while (!open.isEmpty()) {
            ElementId id = open.removeLast();
            if (id.equals(opening)) return true;
            if (seen.add(id) && model.find(id) instanceof Opening next) open.addAll(stops(next.placing()));
        }
        return false;
    }

    /** What the opening goes by directly and that goes by it; null where there is none. */
    private static @Nullable Opening circle(Opening opening, Model model) {
        for (ElementId stop : stops(opening.placing()))
            if (model.find(stop) instanceof Opening other
                    && (stop.equals(opening.id()) || goesBy(other, opening.id(), model))) return other;
        return null;
    }

    private static @Nullable Placing placing(@Nullable Element element) {
        if (element instanceof Opening o) return o.placing();
        return element instanceof Fitting f && f.seat() instanceof Fitting.OnWall seat ? seat.placing() : null;
    }

    private static List<ElementId> stops(Placing placing) {
        return switch (placing) {
            case Placing.Off off -> stops(off.stop());
            case Placing.Between between -> {
                List<ElementId> both = new ArrayList<>(stops(between.one()));
                both.addAll(stops(between.two()));
                yield both;
            }
            case Placing.InLine line -> List.of(line.opening());
        };
    }

    private static List<ElementId> stops(Stop stop) {
        return switch (stop) {
            case Stop.WallsEnd end -> List.of();
            case Stop.AtWall w -> List.of(w.wall());
            case Stop.AtOpening o -> List.of(o.opening());
        };
    }
}
