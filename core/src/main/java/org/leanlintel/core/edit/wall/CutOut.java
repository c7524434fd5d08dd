package org.leanlintel.core.edit.wall;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.join.WallAxis;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Steps;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Wall;

/**
 * Takes a stretch out of a wall, with the openings in it: what is left has free ends there. @param from and {@code to} its
 * ends, as points; either way round
 */
public record CutOut(ElementId wall, Vec from, Vec to) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(wall);
    }

    @Override
    public Outcome on(Building building) {
        Wall known = building.model().get(wall, Wall.class);
        if (!(building.strip(wall) instanceof Strip strip))
            return Refusal.because("%s has no length.".formatted(known.mark()), wall);
        WallAxis axis = strip.axis();
        boolean inOrder = axis.s(from) <= axis.s(to);
        Vec first = inOrder ? from : to, second = inOrder ? to : from;
        double start = Math.clamp(axis.s(first), 0, strip.length()),
                end = Math.clamp(axis.s(second), 0, strip.length());
        double length = end - start;
        if (length < Tolerance.SHORTEST_WALL_MM)
            return Refusal.because(
                    "Pick two places along %s to take out what lies between.".formatted(known.mark()), wall);
        boolean fromStart = start < Tolerance.SHORTEST_WALL_MM;
        boolean toEnd = end > strip.length() - Tolerance.SHORTEST_WALL_MM;
        if (fromStart && toEnd)
            return Refusal.because("That is all of %s: delete it instead.".formatted(known.mark()), wall);
        Steps steps = new Steps(building);
        Refusal refusal = toEnd ? null : steps.then(new Split(wall, second));
        if (refusal == null && !fromStart) refusal = steps.then(new Split(wall, first));
        if (refusal != null) return refusal;
        double half = (start + end) / 2;
        ElementId middle = middle(steps.now(), known.storey(), strip.at(half, 0));
        refusal = steps.then(new Delete(List.of(middle)));
        if (refusal == null && middle.equals(wall)) refusal = keepMark(steps, known, strip.at(strip.length(), 0));
        String printed =
                LengthPrinter.ofScreen(building.model().settings().units()).print(length);
        return refusal != null ? refusal : steps.as("cut %s out of %s".formatted(printed, known.mark()));
    }

    /** What is left of a wall whose start was taken off goes on under its mark. */
    private static @Nullable Refusal keepMark(Steps steps, Wall known, Vec end) {
        Wall left = steps.now().near(end, known.storey()).stream()
                .min(Comparator.comparingDouble(s -> s.at(s.length(), 0).distanceTo(end)))
                .orElseThrow()
                .wall();
        return steps.then(new Revise(left.named(left.id(), known.mark())));
    }

    /** The part that lies between: of those in line here, the one whose middle is that of the stretch. */
    private static ElementId middle(Building now, ElementId storey, Vec centre) {
        return now.near(centre, storey).stream()
                .min(Comparator.comparingDouble(s -> s.at(s.length() / 2, 0).distanceTo(centre)))
                .orElseThrow()
                .wall()
                .id();
    }
}
