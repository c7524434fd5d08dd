package org.leanlintel.core.model;

/**
 * A value that cannot be used; the message is a sentence for the drafter. Any other exception out of the core is a fault of ours:
 * it is logged, and never shown as if the drafter had done something wrong.
 */
public final class Unusable extends IllegalArgumentException {

    private static final long serialVersionUID = 1;

    public Unusable(String sentence) {
        super(sentence);
    }
}
