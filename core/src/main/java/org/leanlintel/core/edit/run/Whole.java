package org.leanlintel.core.edit.run;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.change.References;
import org.leanlintel.core.edit.sound.Indispensable;
import org.leanlintel.core.edit.sound.PlacingSoundness;
import org.leanlintel.core.edit.sound.Soundness;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Settings;

/** Judges a project that comes whole, as from a file, as edits are judged that would draw it. */
public final class Whole {

    private Whole() {}

    /**
     * The first thing in it that could not be drawn; null where all could. What deletions may leave behind, such as a stair
     * without a storey above, is no fault.
     */
    public static @Nullable Refusal judged(Building building) {
        Model model = building.model();
        Refusal lacking = Indispensable.lacking(model);
        if (lacking != null) return lacking;
        Refusal dangling = References.dangling(model);
        if (dangling != null) return dangling;
        Model none = Model.of(0, List.of());
        Change all = Change.to(
                none, "import " + model.get(Settings.ID, Settings.class).name(), model.elements(), List.of());
        Refusal taken = Taken.by(model, all);
        if (taken != null) return taken;
        Refusal misplaced = PlacingSoundness.check(none, model, all);
        return misplaced != null ? misplaced : Soundness.standing(Building.of(none), building, all);
    }
}
