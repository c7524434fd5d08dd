package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.BuiltFooting;
import org.leanlintel.core.building.roof.BuiltRoof;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;

/** The levels that sections and elevations tell. */
public final class HouseLevels {

    /** One of them. @param weight what gives way where two stand too near each other: the greater stays */
    private record Level(double mm, String name, int weight, @Nullable ElementId of) {}

    /** What a drawing of a part shows. */
    public record Shown(Bounds frame, Set<ElementId> elements) {

        private boolean tells(Level level) {
            boolean ofShown = level.of() == null || elements.contains(level.of());
            return ofShown && level.mm() >= frame.minY() && level.mm() <= frame.maxY();
        }
    }

    private HouseLevels() {}

    /**
     * @param groundMm where the levels stand
     * @param foundations whether those are shown
     * @param shown what is drawn of a part of the house, and between which heights; null for all
     */
    public static void mark(
            Building building,
            double groundMm,
            boolean foundations,
            @Nullable Shown shown,
            LevelMarks marks,
            double scale) {
        List<Level> all = new ArrayList<>();
        List<Storey> stack = StoreySpace.stack(building.model());
        for (Storey s : stack) all.add(new Level(s.levelMm(), s.name(), 4, null));
        boolean roofed = false;
        for (Roof r : building.model().all(Roof.class)) {
            BuiltRoof built = building.get(new BuiltRoof.Of(r.id()));
            if (built == null || built.shape() == null || !r.stays()) continue;
            roofed = true;
            all.add(new Level(built.plateMm(), "plate of " + r.mark(), 2, r.id()));
            all.add(new Level(built.lowestEavesMm(), "eaves of " + r.mark(), 1, r.id()));
            all.add(new Level(built.ridgeMm(), built.highest(), 3, r.id()));
            for (double parapet : built.parapetsMm()) all.add(new Level(parapet, "parapet of " + r.mark(), 3, r.id()));
        }
        if (!roofed) all.add(new Level(stack.getLast().topMm(), "wall heads", 2, null));
        if (groundMm != 0) all.add(new Level(groundMm, "ground", 3, null));
        for (Footing f : building.model().all(Footing.class))
            if (foundations && f.stays() && building.get(new BuiltFooting.Of(f.id())) instanceof BuiltFooting built)
                all.add(new Level(built.lowMm(), "underside of " + f.mark(), 2, f.id()));
        if (shown != null) all.removeIf(l -> !shown.tells(l));
        all.sort(Comparator.comparingInt(Level::weight).reversed().thenComparingDouble(Level::mm));
        List<Level> told = new ArrayList<>();
        for (Level l : all)
            if (told.stream().noneMatch(t -> Math.abs(t.mm() - l.mm()) < LevelMarks.apartMm(scale))) told.add(l);
        told.forEach(l -> marks.mark(l.mm(), l.name()));
    }
}
