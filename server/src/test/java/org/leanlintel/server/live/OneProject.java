package org.leanlintel.server.live;

import jakarta.persistence.EntityManager;
import java.lang.reflect.Proxy;
import java.util.Collection;
import java.util.Map;
import java.util.UUID;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.formats.standard.OfficeStandard;
import org.leanlintel.server.store.ProjectStore;
import org.springframework.transaction.CannotCreateTransactionException;

/** A store of one new project, without a database, and what is live of it. */
public final class OneProject extends ProjectStore {

    public static final UUID ID = UUID.randomUUID();

    private static final Model NEW = OfficeStandard.newProject(
            OfficeStandard.settings(OfficeStandard.region("US"), "Two servers", "", "", "", PaperSize.ARCH_D),
            OfficeStandard.region("US"));

    public final LiveProjects live = new LiveProjects(this);
    boolean away;
    Runnable whileReading = () -> {};
    private long revision = 1;

    public OneProject() {
        super((EntityManager) Proxy.newProxyInstance(
                OneProject.class.getClassLoader(), new Class<?>[] {EntityManager.class}, (proxy, method, args) -> {
                    throw new AssertionError(method);
                }));
    }

    /** Another instance stores a revision, and it is told at once. */
    public void another(long stored) {
        revision = stored;
        live.heardOf(ID, stored);
    }

    @Override
    public Model load(UUID id) {
        Model read = Model.of(revision, NEW.elements());
        Runnable meanwhile = whileReading;
        whileReading = () -> {};
        meanwhile.run();
        return read;
    }

    @Override
    public Map<UUID, Long> revisions(Collection<UUID> ids) {
        if (away) throw new CannotCreateTransactionException("away");
        return Map.of(ID, revision);
    }
}
