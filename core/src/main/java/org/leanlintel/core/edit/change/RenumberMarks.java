package org.leanlintel.core.edit.change;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.MarkLetters;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.StoreySpace;

/**
 * Numbers the marks of doors and windows anew, storey by storey from the lowest, across the drawing in rows from the top.
 *
 * @param keep those whose marks stay, which others pass over
 */
public record RenumberMarks(List<ElementId> keep) implements Edit {

    /** Millimetres. Openings whose middles lie so close in height on the drawing count as one row. */
    private static final double ROW_MM = 2000;

    public RenumberMarks {
        keep = List.copyOf(keep);
    }

    @Override
    public Set<ElementId> reads() {
        return Set.copyOf(keep);
    }

    private record At(Opening opening, Vec middle) {}

    @Override
    public Outcome on(Building building) {
        List<At> all = new ArrayList<>();
        StoreySpace.stack(building.model()).stream().forEach(storey -> all.addAll(rows(building, storey.id())));
        if (all.isEmpty()) return Refusal.because("There are no doors or windows to number.");
        List<String> kept = all.stream()
                .filter(a -> keep.contains(a.opening().id()))
                .map(a -> a.opening().mark())
                .toList();
        List<Opening> put = new ArrayList<>();
        MarkLetters letters = building.model().settings().letters();
        for (String letter : List.of(letters.doors(), letters.windows())) {
            int next = 1;
            for (At a : all) {
                Opening o = a.opening();
                if (!o.letter(letters).equals(letter) || keep.contains(o.id())) continue;
                while (kept.contains(letter + next)) next++;
                put.add(o.named(o.id(), letter + next++));
            }
        }
        return Change.to(building.model(), "number doors and windows", put, List.of());
    }

    private static List<At> rows(Building building, ElementId storey) {
        List<At> all = new ArrayList<>();
        for (WallSolid solid : building.solidsOf(storey))
            for (PlacedOpening o : solid.openings())
                all.add(new At(o.opening(), solid.strip().at((o.from() + o.to()) / 2, 0)));
        all.sort(Comparator.<At>comparingDouble(a -> -Math.floor(a.middle().y() / ROW_MM))
                .thenComparingDouble(a -> a.middle().x()));
        return all;
    }
}
