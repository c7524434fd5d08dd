package org.leanlintel.core.edit.opening;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Marks;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.edit.setting.Aim;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OpeningMake;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.WordsAt;

/** Cuts a wall for a door or a window, or for several alike. Sizes in millimetres as in {@link Opening}. */
public record PlaceOpening(
        ElementId wall,
        ElementId layer,
        Aim aim,
        double widthMm,
        double heightMm,
        double sillMm,
        Opening.Kind kind,
        OpeningMake make)
        implements Edit {

    /** By a rule, and of the usual make. */
    public PlaceOpening(
            ElementId wall,
            ElementId layer,
            Placing placing,
            double widthMm,
            double heightMm,
            double sillMm,
            Opening.Kind kind) {
        this(wall, layer, new Aim.By(placing), widthMm, heightMm, sillMm, kind, OpeningMake.usual(kind));
    }

    @Override
    public Set<ElementId> reads() {
        Set<ElementId> read = new LinkedHashSet<>(List.of(wall, layer));
        if (aim instanceof Aim.InLineWith line) read.add(line.opening());
        return read;
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        WallSolid solid = building.solid(wall);
        if (solid == null) return Refusal.because("There is no such wall any more.", wall);
        NewIds ids = new NewIds(model);
        Marks marks = new Marks(model);
        List<Opening> made = new ArrayList<>();
        for (Placing placing : aim.placings(solid, widthMm, model))
            made.add(new Opening(
                    ids.next(),
                    layer,
                    "?",
                    wall,
                    placing,
                    widthMm,
                    heightMm,
                    sillMm,
                    kind,
                    make,
                    "",
                    WordsAt.CLEAR,
                    Opening.Work.AS_WALL));
        List<Opening> marked = made.stream()
                .map(o -> o.named(o.id(), marks.next(o.letter(model.settings().letters()))))
                .toList();
        return Change.to(model, "place " + Naming.of(marked), marked, List.of());
    }
}
