package org.leanlintel.core.edit;

import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.MissingElement;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Runs edits: a value out of bounds, a missing element or an unsound result becomes a refusal with a sentence. */
public final class Editing {

    /** What became of an edit, and the building after it; the same building as before where it was refused. */
    public record Result(Outcome outcome, Building after) {}

    private Editing() {}

    public static Result run(Edit edit, Building building) {
        try {
            return checked(edit.on(building), building);
        } catch (IllegalArgumentException | MissingElement refused) {
            return new Result(Refusal.because(String.valueOf(refused.getMessage())), building);
        }
    }

    /** Applies a change that was not made by an edit, such as an undo, if the result is sound. */
    public static Result apply(Change change, Building building) {
        return checked(change, building);
    }

    private static Result checked(Outcome outcome, Building building) {
        return switch (outcome) {
            case Refusal refusal -> new Result(refusal, building);
            case Change change -> sound(change, building);
        };
    }

    private static Result sound(Change change, Building building) {
        if (change.isEmpty()) return new Result(Refusal.because("Nothing would change."), building);
        Model next = building.model().after(change);
        Refusal dangling = References.dangling(next, change);
        if (dangling != null) return new Result(dangling, building);
        Refusal taken = Taken.by(next, change);
        if (taken != null) return new Result(taken, building);
        Building after = building.after(change, next);
        Refusal unsound = Soundness.check(building, after, change);
        return unsound == null ? new Result(change, after) : new Result(unsound, building);
    }
}
