package org.leanlintel.core.edit.carry;

import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.edit.Places;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Stop;

/** The rules by which openings and fittings lie along walls that are carried. */
record CarriedPlacings(Carriage carry) {

    /** The same rule among what is carried; where what it goes by stays behind, the place it has now. */
    Placing of(ElementId wall, Placing was, ElementId thing, double widthMm) {
        Placing there =
                switch (was) {
                    case Placing.Off off ->
                        stop(off.stop()) instanceof Stop s ? new Placing.Off(s, off.to(), off.distanceMm()) : null;
                    case Placing.Between b ->
                        stop(b.one()) instanceof Stop one && stop(b.two()) instanceof Stop two
                                ? new Placing.Between(one, two, b.place(), b.of())
                                : null;
                    case Placing.InLine line ->
                        carry.carried(line.opening()) instanceof ElementId id ? new Placing.InLine(id) : null;
                };
        if (there != null) return there;
        WallSolid solid = carry.from().solid(wall);
        Span now = solid == null ? null : stretch(solid, was, thing, widthMm);
        return solid == null || now == null ? was : Places.fixed(solid, (now.from() + now.to()) / 2, widthMm);
    }

    private static @Nullable Span stretch(WallSolid solid, Placing placing, ElementId thing, double widthMm) {
        return solid.opening(thing) instanceof PlacedOpening o
                ? new Span(o.from(), o.to(), null)
                : solid.place(placing, widthMm);
    }

    /** Null where it is of something that stays behind. */
    private @Nullable Stop stop(Stop was) {
        return switch (was) {
            case Stop.WallsEnd e ->
                carry.movement().mirrors() ? new Stop.WallsEnd(e.end(), e.line().mirrored()) : e;
            case Stop.AtWall w ->
                carry.takes(w.wall()) ? new Stop.AtWall(carry.taken(w.wall()), w.towards(), w.of()) : null;
            case Stop.AtOpening o ->
                carriedWith(o.opening()) instanceof ElementId id ? new Stop.AtOpening(id, o.towards()) : null;
        };
    }

    /** The id an opening will have that goes with its wall; null where that stays. */
    private @Nullable ElementId carriedWith(ElementId opening) {
        return carry.from().model().find(opening, Opening.class) instanceof Opening o && carry.takes(o.wall())
                ? carry.idOf(o)
                : null;
    }
}
