package org.leanlintel.server.live;

import java.lang.ref.SoftReference;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.leanlintel.server.store.ProjectStore;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/**
 * The projects lately in work. Whatever is here can be rebuilt from the store by any instance, so where memory runs short
 * the ones least used are let go.
 */
@Component
public class LiveProjects {

    private static final int MOST = 32;

    private final ProjectStore store;
    private final Map<UUID, SoftReference<Live>> known =
            Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
                @Override
                protected boolean removeEldestEntry(Map.Entry<UUID, SoftReference<Live>> eldest) {
                    return size() > MOST;
                }
            });

    LiveProjects(ProjectStore store) {
        this.store = store;
    }

    private static @Nullable Live of(@Nullable SoftReference<Live> reference) {
        return reference == null ? null : reference.get();
    }

    /** The project as last known here; instances tell each other of newer revisions. */
    public Live get(UUID project) {
        Live live = here(project);
        if (live != null) return live;
        Live loaded = Live.of(store.load(project));
        put(project, loaded);
        return loaded;
    }

    /** The same where it is here already. */
    public @Nullable Live here(UUID project) {
        return of(known.get(project));
    }

    /** The project at exactly {@code revision}, which the caller has locked. */
    public Live at(UUID project, long revision) {
        Live live = here(project);
        return live != null && live.model().revision() == revision ? live : Live.of(store.load(project));
    }

    /**
     * Keeps what was read or made. A newer revision may have been heard of just before it was here to be forgotten: the store
     * is asked once it is.
     */
    public void put(UUID project, Live live) {
        known.merge(project, new SoftReference<>(live), (old, next) -> {
            Live there = of(old);
            return there == null || live.model().revision() >= there.model().revision() ? next : old;
        });
        try {
            store.revisions(Set.of(project)).forEach(this::heardOf);
        } catch (DataAccessException | TransactionException away) {
            forget(project);
        }
    }

    /** Another instance made {@code revision}: forget what is older. */
    public void heardOf(UUID project, long revision) {
        known.computeIfPresent(project, (id, reference) -> {
            Live live = of(reference);
            return live == null || live.model().revision() < revision ? null : reference;
        });
    }

    /** Those that are here. */
    public Set<UUID> known() {
        synchronized (known) {
            return Set.copyOf(known.keySet());
        }
    }

    public void forget(UUID project) {
        known.remove(project);
    }
}
