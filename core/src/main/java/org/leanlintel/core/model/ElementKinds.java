package org.leanlintel.core.model;

import java.util.ArrayList;
import java.util.List;

/** The records that are elements. */
public final class ElementKinds {

    private static final List<Class<? extends Element>> ALL = List.copyOf(below(Element.class));

    private ElementKinds() {}

    public static List<Class<? extends Element>> all() {
        return ALL;
    }

    private static List<Class<? extends Element>> below(Class<? extends Element> family) {
        List<Class<? extends Element>> kinds = new ArrayList<>();
        for (Class<?> member : family.getPermittedSubclasses())
            if (member.isRecord()) kinds.add(member.asSubclass(Element.class));
            else kinds.addAll(below(member.asSubclass(Element.class)));
        return kinds;
    }

    /** What a kind is called in files: its class's name with a small first letter. */
    public static String name(Class<? extends Element> kind) {
        String simple = kind.getSimpleName();
        return Character.toLowerCase(simple.charAt(0)) + simple.substring(1);
    }
}
