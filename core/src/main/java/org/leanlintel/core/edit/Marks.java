package org.leanlintel.core.edit;

import java.util.HashMap;
import java.util.Map;
import org.leanlintel.core.model.Model;

/** Marks for what one edit makes: each letter counts on from the highest in use. */
final class Marks {

    private final Model model;
    private final Map<String, Integer> made = new HashMap<>();

    Marks(Model model) {
        this.model = model;
    }

    String next(String letter) {
        return Naming.nextMark(model, letter, made.merge(letter, 1, Integer::sum));
    }
}
