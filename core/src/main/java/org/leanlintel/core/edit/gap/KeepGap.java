package org.leanlintel.core.edit.gap;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.Gaps;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.edit.Steps;
import org.leanlintel.core.edit.run.Holding;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Gap;
import org.leanlintel.core.model.KeptGap;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Wall;

/** Makes a gap between two walls what it should be, and keeps it so: later edits hold it ({@link Holding}). */
public record KeepGap(Gap.Beside gap, Gap.Faces faces, double clearMm) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(gap.wall(), gap.other());
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Steps steps = new Steps(building);
        Gaps.Measured now = Gaps.of(building, gap, faces);
        if (now == null || Math.abs(now.clearMm() - clearMm) > Tolerance.SAME_MM) {
            Refusal refusal = steps.then(new SetGap(gap, faces, clearMm, false).change(building));
            if (refusal != null) return refusal;
        }
        KeptGap kept = new KeptGap(idFor(model), gap, faces, clearMm);
        steps.then(Change.to(steps.now().model(), "", List.of(kept), List.of()));
        return steps.as("keep %s between %s and %s"
                .formatted(
                        LengthPrinter.ofScreen(model.settings().units()).print(clearMm),
                        mark(model, gap.wall()),
                        mark(model, gap.other())));
    }

    /** The one that keeps this gap already, with another value, or a new one. */
    private ElementId idFor(Model model) {
        for (KeptGap known : model.all(KeptGap.class))
            if (known.isOf(gap.wall()) && known.isOf(gap.other()) && known.faces() == faces) return known.id();
        return new NewIds(model).next();
    }

    private static String mark(Model model, ElementId wall) {
        return Objects.requireNonNull(model.find(wall, Wall.class)).mark();
    }
}
