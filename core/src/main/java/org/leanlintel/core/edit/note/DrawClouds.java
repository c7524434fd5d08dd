package org.leanlintel.core.edit.note;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Steps;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Revision clouds in several drawings at once, as a comparison of issues proposes them. */
public record DrawClouds(List<DrawCloud> clouds) implements Edit {

    private static final int MOST = 500;

    public DrawClouds {
        clouds = List.copyOf(clouds);
    }

    @Override
    public Set<ElementId> reads() {
        Set<ElementId> reads = new LinkedHashSet<>();
        for (DrawCloud c : clouds) reads.addAll(c.reads());
        return reads;
    }

    @Override
    public Outcome on(Building building) {
        if (clouds.size() > MOST) return Refusal.because("So many clouds are not drawn at once.");
        Steps steps = new Steps(building);
        for (DrawCloud c : clouds) if (steps.then(c) instanceof Refusal refusal) return refusal;
        return steps.as(
                clouds.size() == 1 ? "draw a revision cloud" : "draw %d revision clouds".formatted(clouds.size()));
    }
}
