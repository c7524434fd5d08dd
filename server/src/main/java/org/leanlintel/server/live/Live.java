package org.leanlintel.server.live;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BooleanSupplier;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.run.Editing;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.formats.pdf.DrawingLettering;

/** One revision of a project with what was derived from it so far. */
public final class Live {

    private final Building building;
    private final Map<ElementId, DrawingPicture> drawings = new ConcurrentHashMap<>();
    private final Tried tried = new Tried();

    private Live(Building building) {
        this.building = building;
    }

    public static Live of(Model model) {
        return new Live(Building.of(model));
    }

    /** What an edit of this revision comes to. */
    Tried.Result run(Edit edit) {
        return tried.of(edit, e -> {
            Editing.Result result = Editing.run(e, building);
            return new Tried.Result(result.outcome(), result.after() == building ? this : after(result.after()));
        });
    }

    /** The next revision. */
    Live after(Building next) {
        return new Live(next);
    }

    /** The same to be kept, without what is not needed any more. */
    Live kept() {
        Building kept = building.kept();
        return kept == building ? this : new Live(kept);
    }

    public Building building() {
        return building;
    }

    public Model model() {
        return building.model();
    }

    /**
     * Draws what nobody asked for yet, in the order of the register.
     *
     * @param most drawings
     * @param wanted whether to go on, asked before each
     * @return whether it was wanted to the end
     */
    public boolean drawAll(int most, BooleanSupplier wanted) {
        List<Drawing> drawings = Drawing.register(model());
        for (Drawing d : drawings.subList(0, Math.min(most, drawings.size()))) {
            if (!wanted.getAsBoolean()) return false;
            drawing(d.id()).picture();
        }
        return true;
    }

    public boolean isDrawn(ElementId id) {
        return drawings.containsKey(id);
    }

    public DrawingPicture drawing(ElementId id) {
        return drawings.computeIfAbsent(id, d -> DrawingPicture.of(building, d, DrawingLettering.get()));
    }
}
