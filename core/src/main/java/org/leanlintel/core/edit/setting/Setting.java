package org.leanlintel.core.edit.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stop;

/**
 * What lies nearest to either side of a stretch of a wall, to set something out from.
 *
 * @param low where {@code lower} lies along the wall, millimetres; not above {@code high}
 */
public record Setting(Stop lower, double low, Stop higher, double high) {

    private record Known(Stop stop, double at) {}

    /**
     * The neighbours of what lies from {@code from} to {@code to}: the wall's inside corners, walls that stand on that side,
     * and with {@code openings} the edges of openings.
     */
    public static Setting at(WallSolid solid, Side side, Stop.Of of, double from, double to, boolean openings) {
        return at(solid, side, of, from, to, openings ? o -> true : o -> false);
    }

    /** The same by some openings only. */
    static Setting at(
            WallSolid solid, Side side, Stop.Of of, double from, double to, Predicate<PlacedOpening> openings) {
        double middle = (from + to) / 2;
        List<Known> all = stops(solid, side, of, openings);
        Known low = all.get(0), high = all.get(1);
        for (Known k : all) {
            boolean onwards = k.stop().towards() == End.END;
            if (onwards && k.at() <= middle + Tolerance.SAME_MM && k.at() > low.at()) low = k;
            if (!onwards && k.at() >= middle - Tolerance.SAME_MM && k.at() < high.at()) high = k;
        }
        return new Setting(low.stop(), low.at(), high.stop(), Math.max(low.at(), high.at()));
    }

    /** The wall's ends first. */
    private static List<Known> stops(WallSolid solid, Side side, Stop.Of of, Predicate<PlacedOpening> openings) {
        Stop.Line line = Stop.Line.of(side, of);
        List<Known> all = new ArrayList<>();
        for (End end : End.values()) all.add(known(solid, new Stop.WallsEnd(end, line)));
        for (WallSolid.Standing w : solid.wallsStanding(side, of)) {
            all.add(new Known(new Stop.AtWall(w.wall(), End.START, of), w.from()));
            all.add(new Known(new Stop.AtWall(w.wall(), End.END, of), w.to()));
        }
        for (PlacedOpening o : solid.openings()) {
            if (!openings.test(o)) continue;
            all.add(new Known(new Stop.AtOpening(o.opening().id(), End.START), o.from()));
            all.add(new Known(new Stop.AtOpening(o.opening().id(), End.END), o.to()));
        }
        return all;
    }

    private static Known known(WallSolid solid, Stop stop) {
        Double at = solid.place(stop);
        return new Known(stop, at == null ? 0 : at);
    }
}
