package org.leanlintel.core.edit.fitting;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.setting.Setting;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Stop;
import org.leanlintel.core.model.Symbol;

/** Stretches a fitting on a wall from the wall at its one side to that at its other, as a run of units or a rail. */
public record FillBetweenWalls(ElementId fitting) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(fitting);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Fitting f = model.get(fitting, Fitting.class);
        Symbol symbol = model.get(f.symbol(), Symbol.class);
        if (!(f.seat() instanceof Fitting.OnWall seat))
            return Refusal.because("%s stands on no wall.".formatted(f.mark()), fitting);
        if (!symbol.width().varies())
            return Refusal.because("%s has one width only.".formatted(symbol.name()), fitting);
        WallSolid solid = building.solid(seat.wall());
        Span now = solid == null ? null : solid.place(seat.placing(), f.widthMm());
        if (solid == null || now == null) return Refusal.because("%s stands on no wall.".formatted(f.mark()), fitting);
        Setting there = Setting.at(solid, seat.side(), Stop.Of.FINISH, now.from(), now.to(), false);
        double room = there.high() - there.low();
        double width =
                Math.max(symbol.width().leastMm(), Math.min(symbol.width().mostMm(), room));
        Fitting.Seat from =
                new Fitting.OnWall(seat.wall(), seat.side(), new Placing.Off(there.lower(), Placing.Edge.NEAR, 0));
        Fitting filled = f.of(f.symbol(), width, f.depthMm()).seated(from);
        return Change.to(model, "fill with " + Naming.of(f), List.of(filled), List.of());
    }
}
