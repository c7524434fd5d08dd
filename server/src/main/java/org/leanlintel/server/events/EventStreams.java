package org.leanlintel.server.events;

import java.util.HashSet;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.leanlintel.server.store.ProjectStore;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter.SseEventBuilder;

/** The open event streams, one for each browser. */
@Component
public class EventStreams {

    private static final Logger LOG = LoggerFactory.getLogger(EventStreams.class);

    /** A project has a new revision. @param window the window that made it, or "-" */
    public record Revised(UUID project, long revision, String window) {}

    private final Set<EventStream> streams = ConcurrentHashMap.newKeySet();

    private final ProjectStore store;

    EventStreams(ProjectStore store) {
        this.store = store;
    }

    /**
     * A stream that begins with the revision of each project, so that one that was away misses nothing.
     *
     * @param projects whose revisions it tells; those of all where there are none
     */
    public SseEmitter open(Set<UUID> projects) {
        EventStream[] opened = new EventStream[1];
        opened[0] = new EventStream(projects, () -> streams.remove(opened[0]));
        streams.add(opened[0]);
        SseEmitter emitter = opened[0].open();
        try {
            store.revisions(projects)
                    .forEach((project, revision) -> opened[0].tell(event(new Revised(project, revision, "-"))));
        } catch (DataAccessException | TransactionException away) {
            LOG.warn("The database does not answer; revisions are told when it does.");
        }
        return emitter;
    }

    /** What anybody looks at. */
    Set<UUID> lookedAt() {
        Set<UUID> all = new HashSet<>();
        for (EventStream s : streams) all.addAll(s.projects());
        return all;
    }

    void tell(Revised revised) {
        for (EventStream s : streams) if (s.tellsOf(revised.project)) s.tell(event(revised));
    }

    private static SseEventBuilder event(Revised revised) {
        return SseEmitter.event().name("revised").data(revised, MediaType.APPLICATION_JSON);
    }

    /** Keeps streams open and finds out which are gone. */
    void beat() {
        for (EventStream s : streams) s.tell(SseEmitter.event().comment("beat"));
    }

    /** Ends the streams so that the server can stop. */
    @EventListener(ContextClosedEvent.class)
    void end() {
        streams.forEach(EventStream::end);
    }
}
