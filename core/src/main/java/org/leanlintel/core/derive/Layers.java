package org.leanlintel.core.derive;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What is known, laid in layers: each newer one says what is known otherwise since. Immutable; most of it is shared by
 * the models that come of each other.
 */
final class Layers {

    /** A layer is this many times as large as the one on it; else they become one. */
    private static final int TIMES = 4;

    static final Layers NONE = new Layers(List.of());

    /** The newest first. */
    private final List<Map<Key<?>, Entry>> layers;

    private Layers(List<Map<Key<?>, Entry>> layers) {
        this.layers = layers;
    }

    @Nullable
    Entry get(Key<?> key) {
        for (Map<Key<?>, Entry> layer : layers) {
            Entry found = layer.get(key);
            if (found != null) return found;
        }
        return null;
    }

    /**
     * These with another on top, which must not change any more. What was in doubt already when the lowest layer was made
     * last, and was not looked at since, is let go whenever that layer is made anew.
     */
    Layers under(Map<Key<?>, Entry> top) {
        List<Map<Key<?>, Entry>> all = new ArrayList<>(layers);
        Map<Key<?>, Entry> newest = top;
        while (!all.isEmpty() && all.getFirst().size() <= TIMES * newest.size()) {
            Map<Key<?>, Entry> below = new HashMap<>(all.removeFirst());
            if (all.isEmpty()) below.values().removeIf(Entry::isInDoubt);
            below.putAll(newest);
            newest = below;
        }
        all.addFirst(newest);
        return new Layers(List.copyOf(all));
    }

    /** Everything, the newest of each. */
    Map<Key<?>, Entry> all() {
        Map<Key<?>, Entry> all = new HashMap<>();
        for (Map<Key<?>, Entry> layer : layers.reversed()) all.putAll(layer);
        return all;
    }

    /** How many are known, or were: not fewer than are. */
    int size() {
        int size = 0;
        for (Map<Key<?>, Entry> layer : layers) size += layer.size();
        return size;
    }
}
