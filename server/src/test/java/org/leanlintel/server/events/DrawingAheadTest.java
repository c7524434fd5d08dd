package org.leanlintel.server.events;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.server.live.Live;
import org.leanlintel.server.live.OneProject;

/** Drawings that nobody asked for are there when somebody turns to them, where the project was left alone for a while. */
class DrawingAheadTest {

    private static final long STILL_MS = 1000;

    private final OneProject store = new OneProject();
    private final EventStreams streams = new EventStreams(store);
    private final AtomicLong clock = new AtomicLong();
    private final DrawingAhead ahead = new DrawingAhead(store.live, streams, STILL_MS, clock::get);

    private void lookAfter(long ms) {
        clock.addAndGet(ms);
        ahead.look();
    }

    private static boolean isDrawn(Live live) {
        return live.model().all(Drawing.class).stream().allMatch(d -> live.isDrawn(d.id()));
    }

    @Test
    void whatIsLookedAtAndLeftAloneIsDrawn() {
        Live live = store.live.get(OneProject.ID);
        streams.open(Set.of(OneProject.ID));
        lookAfter(0);
        lookAfter(STILL_MS - 1);
        assertThat(isDrawn(live)).isFalse();
        lookAfter(1);
        assertThat(isDrawn(live)).isTrue();
    }

    @Test
    void aNewRevisionIsWaitedForAnew() {
        store.live.get(OneProject.ID);
        streams.open(Set.of(OneProject.ID));
        lookAfter(0);
        store.another(2);
        Live next = store.live.get(OneProject.ID);
        lookAfter(STILL_MS);
        assertThat(isDrawn(next)).isFalse();
        lookAfter(STILL_MS);
        assertThat(isDrawn(next)).isTrue();
    }

    @Test
    void whatNobodyLooksAtIsNeitherReadNorDrawn() {
        Live live = store.live.get(OneProject.ID);
        lookAfter(0);
        lookAfter(STILL_MS);
        assertThat(isDrawn(live)).isFalse();
        store.live.forget(OneProject.ID);
        streams.open(Set.of(OneProject.ID));
        lookAfter(0);
        lookAfter(STILL_MS);
        assertThat(store.live.known()).isEmpty();
    }
}
