package org.leanlintel.core.edit.note;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Pointing;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.note.Pointed;

/**
 * Takes away the leader of a note that ends where something was picked; where none does, gives it one to that.
 *
 * @param withinMm how near to a tip means it
 */
public record PointNote(ElementId note, Picked picked, double withinMm) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(note);
    }

    @Override
    public Outcome on(Building building) {
        Pointing of = building.model().get(note, Pointing.class);
        Pointed pointed = Pointed.in(building.model().get(of.drawing(), Drawing.class), building);
        List<Target> targets = new ArrayList<>(of.leaders().targets());
        int nearest = nearest(targets, pointed);
        if (nearest < 0) targets.add(picked.in(pointed));
        else targets.remove(nearest);
        String words = nearest < 0 ? "point a note at something" : "take away a leader";
        return Change.to(
                building.model(), words, List.of(of.pointing(of.leaders().to(targets))), List.of());
    }

    private int nearest(List<Target> targets, Pointed pointed) {
        int nearest = -1;
        double least = withinMm;
        for (int i = 0; i < targets.size(); i++) {
            Vec tip = pointed.at(targets.get(i));
            if (tip == null || tip.distanceTo(picked.at()) > least) continue;
            nearest = i;
            least = tip.distanceTo(picked.at());
        }
        return nearest;
    }
}
