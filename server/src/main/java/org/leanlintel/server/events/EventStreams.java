package org.leanlintel.server.events;

import java.io.IOException;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
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

    private final List<SseEmitter> streams = new CopyOnWriteArrayList<>();

    public SseEmitter open() {
        SseEmitter stream = new SseEmitter(0L);
        streams.add(stream);
        stream.onCompletion(() -> streams.remove(stream));
        stream.onError(e -> streams.remove(stream));
        send(stream, SseEmitter.event().comment("open"));
        return stream;
    }

    void tell(Revised revised) {
        for (SseEmitter s : streams)
            send(s, SseEmitter.event().name("revised").data(revised, MediaType.APPLICATION_JSON));
    }

    /** Keeps streams open and finds out which are gone. */
    void beat() {
        for (SseEmitter s : streams) send(s, SseEmitter.event().comment("beat"));
    }

    private void send(SseEmitter stream, SseEmitter.SseEventBuilder event) {
        try {
            stream.send(event);
        } catch (IOException | IllegalStateException gone) {
            streams.remove(stream);
        }
    }

    /** Ends the streams so that the server can stop. */
    @EventListener(ContextClosedEvent.class)
    void end() {
        streams.forEach(SseEmitter::complete);
    }
}
