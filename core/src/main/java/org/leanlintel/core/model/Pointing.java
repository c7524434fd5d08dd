package org.leanlintel.core.model;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Vec;

/** What is written beside what it points at. */
public sealed interface Pointing extends Annotation permits Note, KeyMark {

    Vec at();

    Leaders leaders();

    /** The same with other leaders. */
    Pointing pointing(Leaders others);

    /** All of a model. */
    static List<Pointing> all(Model model) {
        List<Pointing> all = new ArrayList<>(model.all(Note.class));
        all.addAll(model.all(KeyMark.class));
        return all;
    }
}
