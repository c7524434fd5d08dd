package org.leanlintel.core.issue;

import java.util.List;
import java.util.function.Function;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.Picture;

/**
 * A project as it stood at a time.
 *
 * @param drawings the picture of each of its drawings
 * @param sheets which are looked at; none named stands for all
 */
public record State(Model model, Function<ElementId, Picture> drawings, List<ElementId> sheets) {

    public State {
        sheets = List.copyOf(sheets);
    }

    /** With all of its sheets. */
    public State(Model model, Function<ElementId, Picture> drawings) {
        this(model, drawings, List.of());
    }

    boolean holds(Sheet sheet) {
        return sheets.isEmpty() || sheets.contains(sheet.id());
    }
}
