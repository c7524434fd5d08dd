package org.leanlintel.core.edit.storey;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Marks;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.WorkState;

/**
 * Lays foundations, one under each of what is given; what has one already is passed over.
 *
 * @param undersideMm above the storey's level, below it where negative
 */
public record LayFootings(
        ElementId storey,
        ElementId layer,
        List<Footing.Under> under,
        double widthMm,
        double depthMm,
        double undersideMm,
        ElementId material,
        Footing.Rising rising)
        implements Edit {

    public LayFootings {
        under = List.copyOf(under);
    }

    @Override
    public Set<ElementId> reads() {
        Set<ElementId> reads = new LinkedHashSet<>(List.of(storey, layer, material));
        if (rising instanceof Footing.Stem s) reads.add(s.material());
        for (Footing.Under u : under)
            switch (u) {
                case Footing.UnderShell s -> {}
                case Footing.UnderWall w -> reads.add(w.wall());
                case Footing.UnderPost p -> reads.add(p.post());
            }
        return reads;
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        NewIds ids = new NewIds(model);
        Marks marks = new Marks(model);
        List<Element> put = new ArrayList<>();
        for (Footing.Under u : new LinkedHashSet<>(under)) {
            boolean there = model.all(Footing.class).stream()
                    .anyMatch(f -> f.storey().equals(storey) && f.under().equals(u));
            if (!there)
                put.add(new Footing(
                        ids.next(),
                        storey,
                        layer,
                        marks.next("FT"),
                        u,
                        widthMm,
                        depthMm,
                        undersideMm,
                        material,
                        rising,
                        WorkState.NEW));
        }
        if (put.isEmpty()) return Refusal.because("Foundations lie under all of that already.");
        String words =
                put.size() == 1 ? "lay " + Naming.of(put.getFirst()) : "lay %d foundations".formatted(put.size());
        return Change.to(model, words, put, List.of());
    }
}
