package org.leanlintel.core.model;

/** What a drafter asks for by its mark: W12. */
public interface Marked {

    String mark();
}
