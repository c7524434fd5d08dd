package org.leanlintel.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.leanlintel.core.model.Model;

/** What is kept of a project is never older than what was heard of, whenever it was heard. */
class LiveProjectsTest {

    private final OneProject store = new OneProject();
    private final LiveProjects live = store.live;

    @Test
    void aRevisionHeardOfWhileAnOlderOneIsReadIsSeen() {
        store.whileReading = () -> store.another(2);
        live.get(OneProject.ID);
        assertThat(live.get(OneProject.ID).model().revision()).isEqualTo(2);
    }

    @Test
    void aRevisionHeardOfBeforeAnOlderOneWasKeptIsSeen() {
        Live accepted = Live.of(Model.of(1, live.get(OneProject.ID).model().elements()));
        store.another(2);
        live.put(OneProject.ID, accepted);
        assertThat(live.get(OneProject.ID).model().revision()).isEqualTo(2);
    }

    @Test
    void whereTheStoreCannotBeAskedNothingIsKept() {
        Live accepted = live.get(OneProject.ID);
        store.away = true;
        live.put(OneProject.ID, accepted);
        assertThat(live.known()).isEmpty();
    }

    @Test
    void whatIsTheNewestIsReadOnce() {
        assertThat(live.get(OneProject.ID)).isSameAs(live.get(OneProject.ID));
    }
}
