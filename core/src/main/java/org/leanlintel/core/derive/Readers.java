package org.leanlintel.core.derive;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.LongAdder;
import java.util.function.Predicate;
import org.leanlintel.core.derive.Entry.Seen;

/**
 * Which values were ever worked out from what, in any of the models that came of each other. It may say too much: a value
 * that is in doubt without need proves right when it is looked at.
 */
final class Readers {

    private final Map<Object, Set<Key<?>>> of = new ConcurrentHashMap<>();
    private final LongAdder count = new LongAdder();
    private final Map<Set<Spread<?>>, Grounds> grounds = new ConcurrentHashMap<>();

    /** The same object for the same grounds. */
    Grounds one(Grounds of) {
        return grounds.computeIfAbsent(of.spreads(), same -> of);
    }

    void add(Object what, Key<?> reader) {
        Set<Key<?>> readers = of.computeIfAbsent(what, w -> new LinkedHashSet<>(2));
        synchronized (readers) {
            if (readers.add(reader)) count.increment();
        }
    }

    void addAll(Key<?> reader, Entry entry) {
        for (Seen s : entry.seen()) add(s.what(), reader);
    }

    long count() {
        return count.sum();
    }

    /**
     * What some things bear on, directly or through others, up to members of spreads: on what follows from these they bear
     * only if these are not the same.
     */
    Set<Key<?>> reachedFrom(Collection<?> things, Predicate<Key<?>> further) {
        Set<Key<?>> reached = new LinkedHashSet<>();
        List<Object> todo = new ArrayList<>(things);
        while (!todo.isEmpty()) {
            Set<Key<?>> readers = of.get(todo.removeLast());
            if (readers == null) continue;
            synchronized (readers) {
                for (Key<?> k : readers)
                    if (reached.add(k) && further.test(k) && !(k instanceof Member<?>)) todo.add(k);
            }
        }
        return reached;
    }
}
