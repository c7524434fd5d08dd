package org.leanlintel.core.edit.fitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.edit.setting.Aim;
import org.leanlintel.core.edit.setting.FittingNeighbours;
import org.leanlintel.core.edit.setting.SettingOut;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Stop;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.WordsAt;
import org.leanlintel.core.model.WorkState;

/** Places a fitting of the stock. Sizes in millimetres. @param angle of its x axis where it stands free, radians */
public record PlaceFitting(
        ElementId storey,
        ElementId layer,
        ElementId symbol,
        Where where,
        double angle,
        boolean mirrored,
        double widthMm,
        double depthMm)
        implements Edit {

    /** Where it is to stand. */
    public sealed interface Where {}

    /** At a point: with its back to the wall nearest there, if it has a back. */
    public record Near(Vec at) implements Where {}

    /** The same, and at a typed distance. @param measure as in {@link Aim.Typed}, where it would stand */
    public record NearAt(Vec at, int measure, double mm) implements Where {
        public NearAt {
            SettingOut.checkMeasure(measure);
        }
    }

    /** At its place. */
    public record Seated(Fitting.Seat seat) implements Where {}

    @Override
    public Set<ElementId> reads() {
        return Set.of(storey, layer, symbol);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        String mark = Naming.nextMark(model, "F", 1);
        Fitting made = new Fitting(
                new NewIds(model).next(),
                storey,
                layer,
                mark,
                symbol,
                seat(building),
                mirrored,
                widthMm,
                depthMm,
                WorkState.NEW,
                WordsAt.CLEAR);
        return Change.to(model, "place " + model.get(symbol, Symbol.class).name(), List.of(made), List.of());
    }

    private Fitting.Seat seat(Building building) {
        return switch (where) {
            case Seated s -> s.seat();
            case Near n -> near(building, n.at());
            case NearAt n -> {
                Fitting.Seat seat = near(building, n.at());
                yield seat instanceof Fitting.OnWall on ? measured(building, on, n) : seat;
            }
        };
    }

    private Fitting.Seat measured(Building building, Fitting.OnWall seat, NearAt n) {
        WallSolid solid = building.solid(seat.wall());
        Span span = solid == null ? null : solid.place(seat.placing(), widthMm);
        if (solid == null || span == null) return seat;
        List<SettingOut.Measure> measures =
                new ArrayList<>(SettingOut.measures(solid, seat.side(), Stop.Of.FINISH, span, o -> false));
        measures.addAll(FittingNeighbours.measures(building, solid, seat.side(), span, depthMm, storey, null));
        Placing.Off off = SettingOut.chosen(measures, n.measure()).at(n.mm());
        return new Fitting.OnWall(seat.wall(), seat.side(), off);
    }

    private Fitting.Seat near(Building building, Vec at) {
        Symbol of = building.model().get(symbol, Symbol.class);
        Vec drawn = of.stretched(of.point(), widthMm, depthMm);
        Vec point = mirrored ? new Vec(widthMm - drawn.x(), drawn.y()) : drawn;
        Fitting.OnWall seat =
                of.back() ? new Seating(building, storey, Set.of()).nearest(at, widthMm, point.x()) : null;
        if (seat != null) return seat;
        Vec along = Vec.ofAngle(angle), out = along.left().times(-1);
        Vec middle = at.along(along, widthMm / 2 - point.x()).along(out, depthMm / 2 - point.y());
        return new Fitting.Free(middle, angle);
    }
}
