package org.leanlintel.server.store;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.formats.json.ProjectFile;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;

/** Projects and their elements. Every method takes part in the caller's transaction or makes its own. */
@Repository
@Transactional
public class ProjectStore {

    /** How long a deleted project can be had back. */
    public static final int DAYS_KEPT = 30;

    /** The revision that is told of a project which was deleted: whatever is known of it is older. */
    private static final long GONE = Long.MAX_VALUE;

    private final EntityManager entities;

    public ProjectStore(EntityManager entities) {
        this.entities = entities;
    }

    /** Newest change first. */
    public List<ProjectRow> all(boolean deleted) {
        String which = deleted ? "is not null" : "is null";
        return entities.createQuery(
                        "from ProjectRow where deletedAt " + which + " order by changedAt desc", ProjectRow.class)
                .getResultList();
    }

    /** @throws NoSuchProject if there is none, or it is deleted */
    public ProjectRow get(UUID id) {
        ProjectRow row = entities.find(ProjectRow.class, id);
        if (row == null || row.deletedAt() != null) throw new NoSuchProject();
        return row;
    }

    /** The revisions of those of some projects that there are; of one that is deleted, the one that is told of it. */
    public Map<UUID, Long> revisions(Collection<UUID> ids) {
        Map<UUID, Long> revisions = new HashMap<>();
        if (!ids.isEmpty())
            entities.createQuery("from ProjectRow where id in :ids", ProjectRow.class)
                    .setParameter("ids", ids)
                    .getResultList()
                    .forEach(row -> revisions.put(row.id(), row.deletedAt() == null ? row.revision() : GONE));
        return revisions;
    }

    /** The same, held against other editors until the transaction ends. */
    public ProjectRow lock(UUID id) {
        ProjectRow row = entities.find(ProjectRow.class, id, LockModeType.PESSIMISTIC_WRITE);
        if (row == null || row.deletedAt() != null) throw new NoSuchProject();
        return row;
    }

    public ProjectRow add(Model model) {
        ProjectRow row = new ProjectRow(UUID.randomUUID(), model.revision(), model.settings(), Instant.now());
        entities.persist(row);
        model.elements().forEach(e -> put(row.id(), e));
        announce(row.id(), row.revision(), null);
        return row;
    }

    /** A project as it is at one moment, whoever writes it meanwhile. */
    @Transactional(isolation = Isolation.REPEATABLE_READ)
    public Model load(UUID id) {
        ProjectRow row = get(id);
        List<Element> elements = entities
                .createQuery("from ElementRow where key.projectId = :id", ElementRow.class)
                .setParameter("id", id)
                .getResultList()
                .stream()
                .map(e -> ProjectFile.readElement(e.body(), e.format()))
                .toList();
        return Model.of(row.revision(), ProjectFile.completed(elements, row.format()));
    }

    /**
     * Writes what {@code change} did to a locked project, which {@code after} is the result of; all of a project that was of an
     * earlier form.
     */
    void save(ProjectRow locked, Change change, Model after) {
        for (Element e : change.before()) if (after.find(e.id()) == null) remove(locked.id(), e.id());
        (locked.isOfEarlierForm() ? after.elements() : change.after()).forEach(e -> put(locked.id(), e));
        locked.broughtUp();
        locked.changed(after.revision(), after.settings(), Instant.now());
    }

    private void put(UUID project, Element element) {
        entities.merge(new ElementRow(key(project, element.id()), ProjectFile.VERSION, Stored.write(element)));
    }

    private void remove(UUID project, ElementId element) {
        ElementRow row = entities.find(ElementRow.class, key(project, element));
        if (row != null) entities.remove(row);
    }

    private static ElementRow.Key key(UUID project, ElementId element) {
        return new ElementRow.Key(project, element.value());
    }

    public void delete(UUID id) {
        lock(id).deletedAt(Instant.now());
        announce(id, GONE, null);
    }

    public ProjectRow restore(UUID id) {
        ProjectRow row = entities.find(ProjectRow.class, id, LockModeType.PESSIMISTIC_WRITE);
        if (row == null) throw new NoSuchProject();
        row.deletedAt(null);
        announce(id, row.revision(), null);
        return row;
    }

    /** Removes for good what was deleted {@value #DAYS_KEPT} days ago. */
    public void removeExpired() {
        entities.createQuery("delete from ProjectRow where deletedAt < :limit")
                .setParameter("limit", Instant.now().minus(DAYS_KEPT, ChronoUnit.DAYS))
                .executeUpdate();
    }

    public List<VersionRow> versions(UUID project) {
        return entities.createQuery("from VersionRow where projectId = :id order by madeAt desc", VersionRow.class)
                .setParameter("id", project)
                .getResultList();
    }

    public VersionRow nameVersion(UUID project, String name) {
        return keepVersion(project, name, load(project));
    }

    /** @param model a state of the project */
    VersionRow keepVersion(UUID project, String name, Model model) {
        VersionRow row =
                new VersionRow(project, name, model.revision(), ProjectFile.VERSION, Stored.write(model.elements()));
        entities.persist(row);
        return row;
    }

    public Model loadVersion(UUID project, UUID version) {
        VersionRow row = version(project, version);
        List<Element> elements = ProjectFile.readElements(row.elements(), row.format());
        return Model.of(row.revision(), ProjectFile.completed(elements, row.format()));
    }

    public VersionRow version(UUID project, UUID version) {
        VersionRow row = entities.find(VersionRow.class, version);
        if (row == null || !row.projectId().equals(project)) throw new NoSuchProject();
        return row;
    }

    /** Tells every instance, once the transaction commits, that a project has a new revision. */
    void announce(UUID project, long revision, @Nullable String window) {
        entities.createNativeQuery("select pg_notify('lintel', :what)", Object.class)
                .setParameter("what", project + " " + revision + " " + (window == null ? "-" : window))
                .getSingleResult();
    }
}
