package org.leanlintel.server.events;

import java.io.IOException;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter.SseEventBuilder;

/** One browser's events, sent by a thread of its own, so that one that does not read holds up nobody. */
final class EventStream {

    /** Events that may wait. A browser further behind is let go; it comes again and looks at everything anew. */
    private static final int MOST_WAITING = 200;

    private final SseEmitter emitter = new SseEmitter(0L);
    private final BlockingQueue<SseEventBuilder> waiting = new LinkedBlockingQueue<>(MOST_WAITING);
    private final Thread sender;

    private final Set<UUID> projects;

    /**
     * @param projects whose events it tells; those of all where there are none
     * @param gone called once when it has ended
     */
    EventStream(Set<UUID> projects, Runnable gone) {
        this.projects = projects;
        emitter.onCompletion(gone);
        emitter.onError(e -> gone.run());
        sender = Thread.ofVirtual().name("event-stream").unstarted(() -> {
            send();
            gone.run();
        });
    }

    SseEmitter open() {
        waiting.add(SseEmitter.event().comment("open"));
        sender.start();
        return emitter;
    }

    Set<UUID> projects() {
        return projects;
    }

    boolean tellsOf(UUID project) {
        return projects.isEmpty() || projects.contains(project);
    }

    void tell(SseEventBuilder event) {
        if (!waiting.offer(event)) end();
    }

    /** Without waiting for what a slow reader has not read. */
    void end() {
        sender.interrupt();
        Thread.ofVirtual().start(emitter::complete);
    }

    private void send() {
        try {
            for (; ; ) emitter.send(waiting.take());
        } catch (InterruptedException | IOException | IllegalStateException over) {
            waiting.clear();
        }
    }
}
