package org.leanlintel.core.edit.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Changes what stands in front in a plan: all the way, or by one step; what is nowhere in front is hidden by all that is. */
public record PutInFront(ElementId drawing, List<ElementId> things, How how) implements Edit {

    public enum How {
        FRONT,
        FORWARD,
        BACKWARD,
        /** As everything is drawn that nobody put in front. */
        BACK
    }

    public PutInFront {
        things = things.stream().distinct().toList();
    }

    @Override
    public Set<ElementId> reads() {
        return Set.copyOf(Stream.concat(Stream.of(drawing), things.stream()).toList());
    }

    @Override
    public Outcome on(Building building) {
        Drawing in = building.model().get(drawing, Drawing.class);
        if (in.kind() != Drawing.Kind.PLAN)
            return Refusal.because("Things stand in front of each other in plans only.", drawing);
        if (things.isEmpty()) return Refusal.because("Nothing is selected.");
        List<ElementId> order = new ArrayList<>(in.inFront().stream()
                .filter(id -> building.model().find(id) != null)
                .toList());
        List<ElementId> moved = how == How.FORWARD ? things.reversed() : things;
        for (ElementId id : moved) move(id, order);
        if (order.equals(in.inFront())) return Refusal.because("It stands there already.", things.getFirst());
        return Change.to(building.model(), "put in front", List.of(in.withInFront(order)), List.of());
    }

    private void move(ElementId id, List<ElementId> order) {
        int at = order.indexOf(id);
        order.remove(id);
        switch (how) {
            case FRONT -> order.add(id);
            case FORWARD -> order.add(Math.min(at + 1, order.size()), id);
            case BACKWARD -> {
                if (at > 0) order.add(at - 1, id);
            }
            case BACK -> {}
        }
    }
}
