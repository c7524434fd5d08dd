package org.leanlintel.core.sheet;

import java.util.List;

/**
 * What a title block says that the model does not know.
 *
 * @param printed the day it is printed
 * @param issues those it has been issued in, the oldest first
 */
public record TitleFacts(String printed, List<Issued> issues) {

    public TitleFacts {
        issues = List.copyOf(issues);
    }

    public static TitleFacts printed(String day) {
        return new TitleFacts(day, List.of());
    }
}
