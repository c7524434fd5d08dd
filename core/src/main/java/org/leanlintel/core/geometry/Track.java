package org.leanlintel.core.geometry;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** What something runs along: an endless line, or a circle followed one way round. */
public sealed interface Track permits Line, Circle {

    /** The point {@code along} from where it begins, moved {@code left} of it; millimetres. */
    Vec at(double along, double left);

    /** One long. */
    Vec directionAt(double along);

    /** How far along, from where it begins, {@code point} lies; on a circle less than half a turn either way. */
    double along(Vec point);

    /** The parallel track {@code offset} to its left; null where a circle would have no radius left. */
    @Nullable
    Track shiftedLeft(double offset);

    /** Where two tracks meet: at most two points, none where they are parallel or apart. */
    static List<Vec> meetings(Track one, Track two) {
        return switch (one) {
            case Line a ->
                switch (two) {
                    case Line b -> a.meets(b) instanceof Double along ? List.of(a.at(along)) : List.of();
                    case Circle b -> b.meets(a);
                };
            case Circle a ->
                switch (two) {
                    case Line b -> a.meets(b);
                    case Circle b -> a.meets(b);
                };
        };
    }

    /** The meeting nearest to {@code point}; null where there is none. */
    static @Nullable Vec meetingNearest(Track one, Track two, Vec point) {
        Vec nearest = null;
        for (Vec v : meetings(one, two))
            if (nearest == null || v.distanceTo(point) < nearest.distanceTo(point)) nearest = v;
        return nearest;
    }
}
