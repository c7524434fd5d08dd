package org.leanlintel.core.building.body;

import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Tin;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.SpotLevel;

/** The ground outside the house: through its spot levels, or level as the site says where there are none. */
public final class Ground {

    /** The ground at a time. */
    public record Of(When when) implements Key<Ground> {
        @Override
        public Ground from(Reads reads) {
            List<SpotLevel> spots = reads.model().all(SpotLevel.class);
            if (spots.isEmpty())
                return new Ground(Tin.through(
                        List.of(new Tin.Point(Vec.ORIGIN, Site.of(reads.model()).groundMm()))));
            return new Ground(Tin.through(spots.stream()
                    .map(s -> new Tin.Point(s.at(), when == When.EXISTING ? s.existingMm() : s.finishedMm()))
                    .toList()));
        }
    }

    public enum When {
        EXISTING,
        FINISHED
    }

    private final Tin surface;

    private Ground(Tin surface) {
        this.surface = surface;
    }

    /** After the work. */
    public static Ground finished(Building building) {
        return building.get(new Of(When.FINISHED));
    }

    /** Before the work. */
    public static Ground existing(Building building) {
        return building.get(new Of(When.EXISTING));
    }

    /** Above the project's zero at a point in plan. */
    public double at(Vec p) {
        return surface.at(p);
    }

    /** Its line over a straight way: x from the start of the way, y above the project's zero. */
    public List<Vec> along(Vec from, Vec to) {
        return surface.along(from, to);
    }
}
