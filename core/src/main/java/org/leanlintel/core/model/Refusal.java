package org.leanlintel.core.model;

import java.util.List;

/**
 * Why an edit cannot be done.
 *
 * @param sentence for the drafter
 * @param concerns the elements it speaks of
 * @param overtaken whether it could be done but for what somebody else did since the drafter last looked
 */
public record Refusal(String sentence, List<ElementId> concerns, boolean overtaken) implements Outcome {

    public Refusal {
        concerns = List.copyOf(concerns);
    }

    public Refusal(String sentence, List<ElementId> concerns) {
        this(sentence, concerns, false);
    }

    public static Refusal because(String sentence, ElementId... concerns) {
        return new Refusal(sentence, List.of(concerns));
    }
}
