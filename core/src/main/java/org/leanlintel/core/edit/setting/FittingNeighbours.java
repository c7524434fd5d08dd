package org.leanlintel.core.edit.setting;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stop;

/**
 * The fittings that lie beside something on a wall, to set it out from: from the nearest on either side, from its edge to
 * edge and to middle, and from middle to middle. The rule that is kept goes by the wall, not by the fitting.
 */
public final class FittingNeighbours {

    /** How far before a wall's face these distances are shown. */
    private static final double OFF_MM = 750;

    private record Beside(PlacedFitting fitting, Span span) {

        double middle() {
            return (span.from() + span.to()) / 2;
        }

        String name() {
            return fitting.symbol().name() + " " + fitting.fitting().mark();
        }
    }

    private final WallSolid solid;
    private final Side side;
    private final Span span;
    private final List<SettingOut.Measure> measures = new ArrayList<>();

    private FittingNeighbours(WallSolid solid, Side side, Span span) {
        this.solid = solid;
        this.side = side;
        this.span = span;
    }

    /** @param depthMm how far before the wall others count; @param except the thing itself */
    public static List<SettingOut.Measure> measures(
            Building building,
            WallSolid solid,
            Side side,
            Span span,
            double depthMm,
            ElementId storey,
            @Nullable ElementId except) {
        FittingNeighbours all = new FittingNeighbours(solid, side, span);
        Beside lower = null, higher = null;
        for (Fitting f : building.model().all(Fitting.class)) {
            if (!f.storey().equals(storey) || f.id().equals(except)) continue;
            Beside beside = all.beside(PlacedFitting.of(f, building), depthMm);
            if (beside == null) continue;
            if (beside.span().to() <= span.from() + Tolerance.SAME_MM
                    && (lower == null || beside.span().to() > lower.span().to())) lower = beside;
            if (beside.span().from() >= span.to() - Tolerance.SAME_MM
                    && (higher == null || beside.span().from() < higher.span().from())) higher = beside;
        }
        if (lower != null) all.add(lower, End.START, lower.span().to());
        if (higher != null) all.add(higher, End.END, higher.span().from());
        return all.measures;
    }

    /** Null where it does not lie before this side of the wall, as near to it as the depth. */
    private @Nullable Beside beside(@Nullable PlacedFitting fitting, double depthMm) {
        if (fitting == null) return null;
        Strip strip = solid.strip();
        double face = side == Side.LEFT ? strip.hi() : strip.lo();
        double low = Double.POSITIVE_INFINITY, high = Double.NEGATIVE_INFINITY, near = low, far = high;
        for (Vec corner : fitting.outline()) {
            double s = strip.axis().s(corner);
            double off = side.sign()
                    * (corner.minus(strip.at(s, 0))
                                    .dot(strip.axis().directionAt(s).left())
                            - face);
            low = Math.min(low, s);
            high = Math.max(high, s);
            near = Math.min(near, off);
            far = Math.max(far, off);
        }
        boolean here = far > Tolerance.SAME_MM && near < depthMm && near > -Tolerance.SAME_MM;
        return here ? new Beside(fitting, new Span(low, high, null)) : null;
    }

    private void add(Beside beside, End from, double edge) {
        add(from, edge, Placing.Edge.NEAR, "From %s".formatted(beside.name()));
        add(from, edge, Placing.Edge.CENTRE, "From %s, to the middle".formatted(beside.name()));
        add(
                from,
                beside.middle(),
                Placing.Edge.CENTRE,
                "From the middle of %s, to the middle".formatted(beside.name()));
    }

    /** @param from the end of the wall that the neighbour lies towards */
    private void add(End from, double at, Placing.Edge to, String words) {
        Stop stop = new Stop.WallsEnd(from, Stop.Line.of(side, Stop.Of.FINISH));
        Double end = solid.place(stop);
        if (end == null) return;
        boolean onwards = from == End.START;
        double until = to == Placing.Edge.CENTRE ? (span.from() + span.to()) / 2 : onwards ? span.from() : span.to();
        double beyond = Math.abs(at - end), mm = Math.abs(until - at);
        Strip strip = solid.strip();
        double t = (side == Side.LEFT ? strip.hi() : strip.lo()) + side.sign() * OFF_MM;
        measures.add(new SettingOut.Measure(
                new Placing.Off(stop, to, beyond + mm), beyond, mm, strip.at(at, t), strip.at(until, t), words));
    }
}
