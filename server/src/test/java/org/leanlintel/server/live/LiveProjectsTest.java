package org.leanlintel.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import java.lang.reflect.Proxy;
import java.util.Collection;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.formats.standard.OfficeStandard;
import org.leanlintel.server.store.ProjectStore;
import org.springframework.dao.DataAccessResourceFailureException;

/** What is kept of a project is never older than what was heard of, whenever it was heard. */
class LiveProjectsTest {

    private static final UUID PROJECT = UUID.randomUUID();
    private static final Model EMPTY = OfficeStandard.newProject(
            OfficeStandard.settings(OfficeStandard.region("US"), "Two servers", "", "", "", PaperSize.ARCH_D),
            OfficeStandard.region("US"));

    private final Store store = new Store();
    private final LiveProjects live = new LiveProjects(store);

    @Test
    void aRevisionHeardOfWhileAnOlderOneIsReadIsSeen() {
        store.whileReading = () -> another(2);
        live.get(PROJECT);
        assertThat(live.get(PROJECT).model().revision()).isEqualTo(2);
    }

    @Test
    void aRevisionHeardOfBeforeAnOlderOneWasKeptIsSeen() {
        Live accepted = Live.of(Model.of(1, live.get(PROJECT).model().elements()));
        another(2);
        live.put(PROJECT, accepted);
        assertThat(live.get(PROJECT).model().revision()).isEqualTo(2);
    }

    @Test
    void whereTheStoreCannotBeAskedNothingIsKept() {
        Live accepted = live.get(PROJECT);
        store.away = true;
        live.put(PROJECT, accepted);
        assertThat(live.known()).isEmpty();
    }

    @Test
    void whatIsTheNewestIsReadOnce() {
        assertThat(live.get(PROJECT)).isSameAs(live.get(PROJECT));
    }

    /** Another instance stores a revision, and it is told at once. */
    private void another(long revision) {
        store.revision = revision;
        live.heardOf(PROJECT, revision);
    }

    private static final class Store extends ProjectStore {

        private long revision = 1;
        private boolean away;
        private Runnable whileReading = () -> {};

        Store() {
            super((EntityManager) Proxy.newProxyInstance(
                    Store.class.getClassLoader(), new Class<?>[] {EntityManager.class}, (proxy, method, args) -> {
                        throw new AssertionError(method);
                    }));
        }

        @Override
        public Model load(UUID id) {
            Model read = Model.of(revision, EMPTY.elements());
            Runnable meanwhile = whileReading;
            whileReading = () -> {};
            meanwhile.run();
            return read;
        }

        @Override
        public Map<UUID, Long> revisions(Collection<UUID> ids) {
            if (away) throw new DataAccessResourceFailureException("away");
            return Map.of(PROJECT, revision);
        }
    }
}
