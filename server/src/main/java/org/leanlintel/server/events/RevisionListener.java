package org.leanlintel.server.events;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HashSet;
import java.util.Set;
import java.util.UUID;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.leanlintel.server.live.LiveProjects;
import org.leanlintel.server.store.ProjectStore;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/** Hears from PostgreSQL which projects have new revisions, whichever instance made them, and tells the open windows. */
@Component
public class RevisionListener implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(RevisionListener.class);
    private static final int WAIT_MS = 250, BEAT_EVERY = 60, RETRY_MS = 1000, STOP_MS = 3000;

    private final DataSource database;
    private final LiveProjects live;
    private final EventStreams streams;
    private final ProjectStore store;
    private volatile boolean running;
    private @Nullable Thread thread;

    RevisionListener(DataSource database, LiveProjects live, EventStreams streams, ProjectStore store) {
        this.database = database;
        this.live = live;
        this.streams = streams;
        this.store = store;
    }

    @Override
    public void start() {
        running = true;
        thread = Thread.ofVirtual().name("revision-listener").start(this::run);
    }

    private void run() {
        while (running) {
            try (Connection connection = database.getConnection();
                    Statement statement = connection.createStatement()) {
                statement.execute("listen lintel");
                lookAnew();
                listen(connection.unwrap(PGConnection.class));
            } catch (SQLException | DataAccessException | TransactionException lost) {
                if (running) LOG.warn("The database does not answer; trying again.");
                pause();
            }
        }
    }

    private void listen(PGConnection connection) throws SQLException {
        for (int beats = 1; running; beats++) {
            PGNotification[] heard = connection.getNotifications(WAIT_MS);
            if (heard != null)
                for (PGNotification n : heard) tell(n.getParameter().split(" ", 3));
            if (beats % BEAT_EVERY == 0) streams.beat();
        }
    }

    /** Revisions made while nobody listened were not heard of. */
    private void lookAnew() {
        Set<UUID> known = new HashSet<>(live.known());
        known.addAll(streams.lookedAt());
        store.revisions(known).forEach((project, revision) -> {
            live.heardOf(project, revision);
            streams.tell(new EventStreams.Revised(project, revision, "-"));
        });
    }

    private void tell(String[] parts) {
        UUID project = UUID.fromString(parts[0]);
        long revision = Long.parseLong(parts[1]);
        live.heardOf(project, revision);
        streams.tell(new EventStreams.Revised(project, revision, parts[2]));
    }

    private static void pause() {
        try {
            Thread.sleep(RETRY_MS);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void stop() {
        running = false;
        try {
            if (thread != null) thread.join(STOP_MS);
        } catch (InterruptedException hurried) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}
