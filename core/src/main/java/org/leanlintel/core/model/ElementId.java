package org.leanlintel.core.model;

import java.util.regex.Pattern;

/**
 * Names one element of a project. Elements made by an edit are named after the revision the edit made ({@code r12-3}),
 * so that a preview and the edit it previews give the same names; elements of the office standard have telling names.
 */
public record ElementId(String value) implements Comparable<ElementId> {

    private static final Pattern ALLOWED = Pattern.compile("[A-Za-z0-9][A-Za-z0-9-]{0,47}");

    public ElementId {
        if (!ALLOWED.matcher(value).matches()) {
            throw new Unusable("An id is 1 to 48 letters, digits and hyphens, not \"" + value + "\"");
        }
    }

    @Override
    public int compareTo(ElementId other) {
        return value.compareTo(other.value);
    }

    /** That of its name, which is known once it was asked for: ids are looked up more than anything. */
    @Override
    public int hashCode() {
        return value.hashCode();
    }

    @Override
    public String toString() {
        return value;
    }
}
