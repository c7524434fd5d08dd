package org.leanlintel.core.model;

import java.util.Locale;

/** Something was asked of an element that is not in the model, or is of another kind. */
public final class MissingElement extends RuntimeException {

    private static final long serialVersionUID = 1;

    MissingElement(ElementId id, Class<?> kind) {
        super("There is no %s \"%s\" in this project; it may have been deleted.".formatted(noun(kind), id));
    }

    private static String noun(Class<?> kind) {
        return kind.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", " ").toLowerCase(Locale.ROOT);
    }
}
