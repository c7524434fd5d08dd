package org.leanlintel.core.derive;

import java.util.HashSet;
import java.util.Set;

/** The spreads that a value was worked out from, directly or through others: it stands only as they lie. Told apart as objects. */
final class Grounds {

    static final Grounds NONE = new Grounds(Set.of());

    private final Set<Spread<?>> spreads;

    private Grounds(Set<Spread<?>> spreads) {
        this.spreads = spreads;
    }

    Set<Spread<?>> spreads() {
        return spreads;
    }

    /** These and others; one of both where that has all. */
    Grounds and(Grounds others) {
        if (others == this || spreads.containsAll(others.spreads)) return this;
        if (others.spreads.containsAll(spreads)) return others;
        Set<Spread<?>> all = new HashSet<>(spreads);
        all.addAll(others.spreads);
        return new Grounds(Set.copyOf(all));
    }

    Grounds and(Spread<?> spread) {
        return spreads.contains(spread) ? this : and(new Grounds(Set.of(spread)));
    }
}
