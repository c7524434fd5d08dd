package org.leanlintel.core.edit;

import java.util.HashMap;
import java.util.Map;
import org.leanlintel.core.model.Model;

/** Marks for what one edit makes: each letter counts on from the highest in use. */
public final class Marks {

    private final Model model;
    private final Map<String, Integer> last = new HashMap<>();

    public Marks(Model model) {
        this.model = model;
    }

    public String next(String letter) {
        int next = last.computeIfAbsent(letter, l -> Naming.highestMark(model, l)) + 1;
        last.put(letter, next);
        return letter + next;
    }
}
