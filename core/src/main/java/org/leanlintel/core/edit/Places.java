package org.leanlintel.core.edit;

import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Stop;

/** Changes of placing rules that leave things where they are, or shift them. */
public final class Places {

    private Places() {}

    /** The rule that holds something of a width where its middle is now: from the nearer end of the wall. */
    public static Placing fixed(WallSolid solid, double middle, double widthMm) {
        double start = solid.visible(End.START), end = solid.visible(End.END);
        return middle - start <= end - middle
                ? Placing.from(End.START, middle - widthMm / 2 - start)
                : Placing.from(End.END, end - middle - widthMm / 2);
    }

    /** The rule by which it lies further along its wall: a distance grows, any other rule becomes a distance. */
    public static Placing shifted(Placing was, double along, WallSolid solid, double from, double to) {
        if (was instanceof Placing.Off off)
            return off.at(off.distanceMm() + (off.stop().towards() == End.END ? along : -along));
        if (was instanceof Placing.Between between && solid.place(between.one()) instanceof Double stop) {
            boolean onwards = between.one().towards() == End.END;
            double distance = onwards ? from + along - stop : stop - to - along;
            return new Placing.Off(between.one(), Placing.Edge.NEAR, distance);
        }
        return fixed(solid, (from + to) / 2 + along, to - from);
    }

    /** Whether it goes by nothing but an end of its wall. @param end which */
    public static boolean isFromEnd(Placing placing, End end) {
        return placing instanceof Placing.Off off
                && off.stop() instanceof Stop.WallsEnd stop
                && stop.line() == Stop.Line.SET_OUT
                && off.to() == Placing.Edge.NEAR
                && stop.end() == end;
    }
}
