package org.leanlintel.core.derive;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;

/** All spreads of one model as they lie. Does not change; what is settled in it is found out once. */
final class Plane {

    static final Plane EMPTY = new Plane(Map.of());

    private final Map<Spread<?>, Laid> laid;
    private final Map<Object, Boolean> settled = new ConcurrentHashMap<>();

    private Plane(Map<Spread<?>, Laid> laid) {
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
        Map<Spread<?>, Laid> all = new LinkedHashMap<>(laid);
        all.put(spread, is);
        return new Plane(all);
    }

    /** With some members in doubt. */
    Plane moving(Set<Member<?>> members) {
        Map<Spread<?>, Laid> all = new LinkedHashMap<>(laid);
        for (Member<?> m : members) all.computeIfPresent(m.spread(), (s, is) -> is.moving(Set.of(m)));
        return new Plane(all);
    }

    Plane each(BiFunction<Spread<?>, Laid, Laid> change) {
        Map<Spread<?>, Laid> all = new LinkedHashMap<>();
        laid.forEach((spread, is) -> all.put(spread, change.apply(spread, is)));
        return new Plane(all);
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
