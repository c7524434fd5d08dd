package org.leanlintel.core.model;

import java.util.List;

/**
 * Why an edit cannot be done.
 *
 * @param sentence for the drafter
 * @param concerns the elements it speaks of
 */
public record Refusal(String sentence, List<ElementId> concerns) implements Outcome {

    public Refusal {
        concerns = List.copyOf(concerns);
    }

    public static Refusal because(String sentence, ElementId... concerns) {
        return new Refusal(sentence, List.of(concerns));
    }
}
