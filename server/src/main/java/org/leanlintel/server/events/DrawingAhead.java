package org.leanlintel.server.events;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.LongSupplier;
import org.jspecify.annotations.Nullable;
import org.leanlintel.server.live.Live;
import org.leanlintel.server.live.LiveProjects;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * Draws the other drawings of a project that somebody looks at while nobody changes it, so that turning to one shows it at once.
 * One drawing at a time on one thread, and no more of a revision once there is a newer one.
 */
@Component
public class DrawingAhead implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(DrawingAhead.class);
    private static final long LOOK_EVERY_MS = 500;

    /** Drawings of one project that are drawn so; the rest of a longer register is drawn when it is asked for. */
    private static final int MOST = 24;

    /** A revision, and since when it has been the newest. @param done whether all was drawn of it */
    private record Still(Live live, long sinceMs, boolean done) {}

    private final LiveProjects projects;
    private final EventStreams streams;
    private final long stillMs;
    private final LongSupplier clockMs;
    private final Map<UUID, Still> still = new HashMap<>();
    private volatile @Nullable ScheduledExecutorService worker;

    @Autowired
    DrawingAhead(LiveProjects projects, EventStreams streams, @Value("${lintel.ahead.still-ms:1500}") long stillMs) {
        this(projects, streams, stillMs, () -> TimeUnit.NANOSECONDS.toMillis(System.nanoTime()));
    }

    DrawingAhead(LiveProjects projects, EventStreams streams, long stillMs, LongSupplier clockMs) {
        this.projects = projects;
        this.streams = streams;
        this.stillMs = stillMs;
        this.clockMs = clockMs;
    }

    /** Draws what is due. */
    void look() {
        still.keySet().retainAll(streams.lookedAt());
        for (UUID project : streams.lookedAt()) {
            Live now = projects.here(project);
            Still was = still.get(project);
            if (now == null) still.remove(project);
            else if (was == null || was.live != now) still.put(project, new Still(now, clockMs.getAsLong(), false));
            else if (!was.done
                    && clockMs.getAsLong() - was.sinceMs >= stillMs
                    && now.drawAll(MOST, () -> projects.here(project) == now))
                still.put(project, new Still(now, was.sinceMs, true));
        }
    }

    private void lookSafely() {
        try {
            look();
        } catch (RuntimeException | StackOverflowError fault) {
            if (isRunning()) LOG.error("Drawing ahead failed; what is asked for is drawn all the same.", fault);
        }
    }

    @Override
    public void start() {
        worker = Executors.newSingleThreadScheduledExecutor(
                Thread.ofPlatform().daemon().name("drawing-ahead").factory());
        var unused =
                worker.scheduleWithFixedDelay(this::lookSafely, LOOK_EVERY_MS, LOOK_EVERY_MS, TimeUnit.MILLISECONDS);
    }

    @Override
    public void stop() {
        ScheduledExecutorService running = worker;
        worker = null;
        if (running != null) running.shutdownNow();
    }

    @Override
    public boolean isRunning() {
        return worker != null;
    }
}
