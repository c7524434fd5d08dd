package org.leanlintel.core.edit.run;

import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.edit.change.References;
import org.leanlintel.core.edit.gap.SetGap;
import org.leanlintel.core.edit.sound.Indispensable;
import org.leanlintel.core.edit.sound.ManyArms;
import org.leanlintel.core.edit.sound.PlacingSoundness;
import org.leanlintel.core.edit.sound.Soundness;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Gap;
import org.leanlintel.core.model.KeptGap;
import org.leanlintel.core.model.MissingElement;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Unusable;

/** Runs edits: a value out of bounds, a missing element or an unsound result becomes a refusal with a sentence. */
public final class Editing {

    /** What became of an edit, and the building after it; the same building as before where it was refused. */
    public record Result(Outcome outcome, Building after) {}

    private Editing() {}

    public static Result run(Edit edit, Building building) {
        return guarded(() -> checked(edit.on(building), building, asked(edit, building)), building);
    }

    /** Applies a change that was not made by an edit, if the result is sound. */
    public static Result apply(Change change, Building building) {
        return guarded(() -> checked(change, building, null), building);
    }

    private static Result guarded(Supplier<Result> work, Building building) {
        try {
            return work.get();
        } catch (Unusable | MissingElement refused) {
            return new Result(Refusal.because(String.valueOf(refused.getMessage())), building);
        }
    }

    /**
     * Applies a change that leads to a state which was accepted once. That state is not judged again: a later edit may have been
     * accepted that could not have been made from it.
     */
    public static Result restore(Change change, Building building) {
        return new Result(change, building.after(change, building.model().after(change)));
    }

    /** A gap that an edit has to come to, whatever kept gaps make of it. */
    private static @Nullable KeptGap asked(Edit edit, Building building) {
        return edit instanceof SetGap s && s.gap() instanceof Gap.Beside gap
                ? new KeptGap(new NewIds(building.model()).next(), gap, s.faces(), s.clearMm())
                : null;
    }

    private static Result checked(Outcome outcome, Building building, @Nullable KeptGap asked) {
        return switch (outcome) {
            case Refusal refusal -> new Result(refusal, building);
            case Change change -> held(change, building, asked);
        };
    }

    private static Result held(Change change, Building building, @Nullable KeptGap asked) {
        if (change.isEmpty()) return nothing(building);
        Holding.Held held = Holding.hold(building, change, asked);
        return switch (held.outcome()) {
            case Refusal refusal -> new Result(refusal, building);
            case Change whole -> {
                Result result = sound(whole, building, held.after());
                yield result.outcome() instanceof Refusal refusal
                                && !held.gaveWay().isEmpty()
                        ? new Result(held.inTheWay(refusal, building.model()), building)
                        : result;
            }
        };
    }

    /** @param known the building after the change, where that is worked out already */
    private static Result sound(Change change, Building building, @Nullable Building known) {
        Model next = building.model().after(change);
        Refusal dangling = References.dangling(next, change);
        if (dangling != null) return new Result(dangling, building);
        Refusal needed = Indispensable.check(next, change);
        if (needed != null) return new Result(needed, building);
        Refusal taken = Taken.by(next, change);
        if (taken != null) return new Result(taken, building);
        Refusal misplaced = PlacingSoundness.check(building.model(), next, change);
        if (misplaced != null) return new Result(misplaced, building);
        Building after = known != null ? known : building.after(change, next);
        Change joined = ManyArms.cutWhole(building, change, after);
        if (joined != change) after = building.after(joined, building.model().after(joined));
        Change placed = Following.places(building, joined, after);
        if (placed != joined) after = building.after(placed, building.model().after(placed));
        Refusal unsound = Soundness.check(building, after, placed);
        if (unsound != null) return new Result(unsound, building);
        Change named = Following.rooms(building, placed, after);
        if (named != placed) after = building.after(named, building.model().after(named));
        Change whole = Following.interiors(building, named, after);
        if (whole != named) after = building.after(whole, building.model().after(whole));
        return whole.isEmpty() ? nothing(building) : new Result(whole, after);
    }

    private static Result nothing(Building building) {
        return new Result(Refusal.because("Nothing would change."), building);
    }
}
