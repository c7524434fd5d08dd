package org.leanlintel.core.edit.gap;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.Gaps;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Gap;
import org.leanlintel.core.model.KeptGap;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;

/**
 * Makes a gap what it should be. The wall it is a gap of moves square to itself, or its free end along it; or the other
 * wall moves instead. What is joined to the wall that moves stretches and stays joined.
 *
 * @param clearMm what it is to be
 * @param otherMoves whether the other wall moves instead
 */
public record SetGap(Gap gap, Gap.Faces faces, double clearMm, boolean otherMoves) implements Edit {

    private static final int MOST_MM = 1_000_000;

    public SetGap {
        if (!(clearMm >= 0 && clearMm <= MOST_MM))
            throw new Unusable("A gap must be between 0 and %d mm, not %s.".formatted(MOST_MM, clearMm));
    }

    @Override
    public Set<ElementId> reads() {
        return Set.of(gap.wall(), gap.other());
    }

    @Override
    public Outcome on(Building building) {
        for (KeptGap kept : building.model().all(KeptGap.class))
            if (kept.isOf(gap.wall()) && kept.isOf(gap.other())) return isKept(building.model(), kept);
        return change(building);
    }

    private Refusal isKept(Model model, KeptGap kept) {
        LengthPrinter lengths = LengthPrinter.ofScreen(model.settings().units());
        return Refusal.because(
                "The gap between %s and %s is kept at %s. Let it go first, or keep it at another value."
                        .formatted(
                                model.get(gap.wall(), Wall.class).mark(),
                                model.get(gap.other(), Wall.class).mark(),
                                lengths.print(kept.clearMm())),
                gap.wall(),
                gap.other());
    }

    /** What moves, whether or not the gap is kept. */
    public Outcome change(Building building) {
        Model model = building.model();
        Wall wall = model.get(gap.wall(), Wall.class), other = model.get(gap.other(), Wall.class);
        Gaps.Measured now = Gaps.of(building, gap, faces);
        if (now == null)
            return Refusal.because(
                    "%s and %s do not lie beside each other any more, so there is no gap between them."
                            .formatted(wall.mark(), other.mark()),
                    wall.id(),
                    other.id());
        String printed = LengthPrinter.ofScreen(model.settings().units()).print(clearMm);
        double more = clearMm - now.clearMm();
        if (Math.abs(more) < Tolerance.SAME_MM)
            return Refusal.because("That gap is %s already.".formatted(printed), wall.id(), other.id());
        return switch (moved(building, more)) {
            case Refusal refusal -> refusal;
            case Change change ->
                change.named("set gap of %s to %s to %s"
                        .formatted(
                                otherMoves ? other.mark() : wall.mark(),
                                otherMoves ? wall.mark() : other.mark(),
                                printed));
        };
    }

    private Outcome moved(Building building, double more) {
        Strip strip = Objects.requireNonNull(building.strip(gap.wall()));
        Vec outwards =
                switch (gap) {
                    case Gap.Beside b ->
                        strip.axis().chord().direction().left().times(b.side().sign());
                    case Gap.Ahead a -> strip.away(a.end()).times(-1);
                };
        if (otherMoves) return new Move(List.of(gap.other()), square(building, outwards, more)).on(building);
        return switch (gap) {
            case Gap.Beside b -> new Move(List.of(gap.wall()), outwards.times(-more)).on(building);
            case Gap.Ahead a -> lengthened(building.model(), strip.wall(), a.end(), outwards.times(-more));
        };
    }

    /** The way to move the other wall square to itself, so that the distance along {@code outwards} grows by {@code more}. */
    private Vec square(Building building, Vec outwards, double more) {
        Strip other = Objects.requireNonNull(building.strip(gap.other()));
        Vec normal = other.axis().chord().direction().left();
        return normal.times(more * outwards.dot(normal));
    }

    private static Outcome lengthened(Model model, Wall wall, End end, Vec by) {
        if (!(wall.at(end) instanceof WallEnd.AtCorner c))
            return Refusal.because("That end of %s is not free.".formatted(wall.mark()), wall.id());
        Corner corner = model.get(c.corner(), Corner.class);
        return Change.to(model, "", List.of(corner.moved(corner.at().plus(by))), List.of());
    }
}
