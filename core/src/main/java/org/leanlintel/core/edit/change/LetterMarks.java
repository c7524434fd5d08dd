package org.leanlintel.core.edit.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.MarkLetters;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Wall;

/** Lets the marks of walls, doors and windows begin with other letters; those there are keep their numbers. A mark somebody typed stays. */
public record LetterMarks(MarkLetters letters) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(Settings.ID);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        MarkLetters was = model.settings().letters();
        List<Element> put = new ArrayList<>(List.of(model.settings().lettered(letters)));
        for (Wall w : model.all(Wall.class)) {
            String mark = begun(w.mark(), was.walls(), letters.walls());
            if (!mark.equals(w.mark())) put.add(w.named(w.id(), mark));
        }
        for (Opening o : model.all(Opening.class)) {
            String mark = begun(o.mark(), o.letter(was), o.letter(letters));
            if (!mark.equals(o.mark())) put.add(o.named(o.id(), mark));
        }
        return Change.to(model, "letter the marks of walls, doors and windows", put, List.of());
    }

    /** A mark of a letter and a number, with another letter. */
    private static String begun(String mark, String was, String now) {
        boolean counted = mark.startsWith(was) && mark.substring(was.length()).matches("\\d+");
        return counted ? now + mark.substring(was.length()) : mark;
    }
}
