package org.leanlintel.core.derive;

import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;
import org.pcollections.HashPMap;
import org.pcollections.HashTreePMap;

/** All spreads of one model as they lie. Does not change; what is settled in it is found out once. */
final class Plane {

    static final Plane EMPTY = new Plane(HashTreePMap.empty());

    private final HashPMap<Spread<?>, Laid> laid;
    private final Map<Object, Boolean> settled = new ConcurrentHashMap<>();

    private Plane(HashPMap<Spread<?>, Laid> laid) {
        this.laid = laid;
    }

    @Nullable
    Laid get(Spread<?> spread) {
        return laid.get(spread);
    }

    Set<Spread<?>> spreads() {
        return laid.keySet();
    }

    Plane with(Spread<?> spread, Laid is) {
        return new Plane(laid.plus(spread, is));
    }

    /** With some members in doubt. */
    Plane moving(Set<Member<?>> members) {
        HashPMap<Spread<?>, Laid> all = laid;
        for (Member<?> m : members) {
            Laid is = all.get(m.spread()), next = is == null ? null : is.moving(Set.of(m));
            if (next != null && next != is) all = all.plus(m.spread(), next);
        }
        return all == laid ? this : new Plane(all);
    }

    Plane each(BiFunction<Spread<?>, Laid, Laid> change) {
        HashPMap<Spread<?>, Laid> all = laid;
        for (Map.Entry<Spread<?>, Laid> of : laid.entrySet()) {
            Laid next = change.apply(of.getKey(), of.getValue());
            if (next != of.getValue()) all = all.plus(of.getKey(), next);
        }
        return all == laid ? this : new Plane(all);
    }

    /** Whether all that lies in a spread is known, and in those that it stands on. */
    boolean isSettled(Spread<?> spread) {
        Boolean known = settled.get(spread);
        if (known != null) return known;
        Laid is = laid.get(spread);
        boolean now = is != null && is.moving().isEmpty() && isSettled(is.grounds());
        settled.put(spread, now);
        return now;
    }

    boolean isSettled(Grounds grounds) {
        if (grounds == Grounds.NONE) return true;
        Boolean known = settled.get(grounds);
        if (known != null) return known;
        boolean now = grounds.spreads().stream().allMatch(this::isSettled);
        settled.put(grounds, now);
        return now;
    }
}
