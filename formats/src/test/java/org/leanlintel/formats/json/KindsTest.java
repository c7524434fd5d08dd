package org.leanlintel.formats.json;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.edit.run.EditKinds;
import org.leanlintel.core.model.Element;

class KindsTest {

    /** Whatever an edit or an element holds that may be one of several kinds says in JSON which it is. */
    @Test
    void everyFamilyThatIsSentOrStoredIsToldApart() {
        Deque<Class<?>> open = new ArrayDeque<>();
        Set<Class<?>> seen = new LinkedHashSet<>(), families = new LinkedHashSet<>();
        open.add(Element.class);
        open.addAll(EditKinds.ALL);
        while (!open.isEmpty()) {
            Class<?> type = open.remove();
            if (!seen.add(type)) continue;
            if (type.isInterface() && type.isSealed() && type.getName().startsWith("org.leanlintel")) {
                boolean within = Kinds.FAMILIES.stream().anyMatch(f -> f != type && f.isAssignableFrom(type));
                if (!within) families.add(type);
                open.addAll(Set.of(type.getPermittedSubclasses()));
            }
            if (type.isRecord()) for (RecordComponent c : type.getRecordComponents()) add(c.getGenericType(), open);
        }
        assertThat(families).hasSizeGreaterThan(20).isSubsetOf(Kinds.FAMILIES);
    }

    private static void add(Type type, Deque<Class<?>> open) {
        if (type instanceof Class<?> c) open.add(c);
        if (type instanceof ParameterizedType p) for (Type argument : p.getActualTypeArguments()) add(argument, open);
    }
}
