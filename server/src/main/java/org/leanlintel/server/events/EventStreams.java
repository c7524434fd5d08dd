package org.leanlintel.server.events;

import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The open event streams, one for each browser. */
@Component
public class EventStreams {

    /** A project has a new revision. @param window the window that made it, or "-" */
    public record Revised(UUID project, long revision, String window) {}

    private final Set<EventStream> streams = ConcurrentHashMap.newKeySet();

    public SseEmitter open() {
        EventStream[] opened = new EventStream[1];
        opened[0] = new EventStream(() -> streams.remove(opened[0]));
        streams.add(opened[0]);
        return opened[0].open();
    }

    void tell(Revised revised) {
        for (EventStream s : streams)
            s.tell(SseEmitter.event().name("revised").data(revised, MediaType.APPLICATION_JSON));
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
