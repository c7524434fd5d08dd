package org.leanlintel.server.live;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.leanlintel.server.store.ProjectStore;
import org.springframework.stereotype.Component;

/** The projects lately in work. Whatever is here can be rebuilt from the store by any instance. */
@Component
public class LiveProjects {

    private static final int MOST = 32;

    private final ProjectStore store;
    private final Map<UUID, Live> known = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, Live> eldest) {
            return size() > MOST;
        }
    });

    LiveProjects(ProjectStore store) {
        this.store = store;
    }

    /** The project as last known here; instances tell each other of newer revisions. */
    public Live get(UUID project) {
        Live live = known.get(project);
        if (live != null) return live;
        Live loaded = Live.of(store.load(project));
        known.put(project, loaded);
        return loaded;
    }

    /** The project at exactly {@code revision}, which the caller has locked. */
    public Live at(UUID project, long revision) {
        Live live = known.get(project);
        return live != null && live.model().revision() == revision ? live : Live.of(store.load(project));
    }

    public void put(UUID project, Live live) {
        known.merge(
                project,
                live,
                (old, next) -> next.model().revision() >= old.model().revision() ? next : old);
    }

    /** Another instance made {@code revision}: forget what is older. */
    public void heardOf(UUID project, long revision) {
        known.computeIfPresent(project, (id, live) -> live.model().revision() < revision ? null : live);
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
