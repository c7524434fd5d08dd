package org.leanlintel.server.store;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Model;
import org.leanlintel.formats.json.ProjectFile;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The journal of accepted edits: one row each, in one transaction with the elements it put and removed. */
@Repository
@Transactional
public class Journal {

    /** Who sends an edit: a person, from one window. @param editId made by the sender; sent twice, it counts once */
    public record Sender(long personId, UUID editId, @Nullable String window) {}

    private final EntityManager entities;
    private final ProjectStore projects;

    Journal(EntityManager entities, ProjectStore projects) {
        this.entities = entities;
        this.projects = projects;
    }

    /** Writes an accepted change of a locked project. */
    public JournalRow write(ProjectRow locked, Sender sender, JournalRow.Kind kind, Change change, Model after) {
        projects.save(locked, change, after);
        JournalRow row = new JournalRow(
                locked.id(),
                after.revision(),
                sender.editId(),
                sender.personId(),
                kind,
                change.name(),
                ProjectFile.VERSION,
                Stored.write(change.before()),
                Stored.write(change.after()));
        entities.persist(row);
        projects.announce(locked.id(), after.revision(), sender.window());
        return row;
    }

    public Optional<JournalRow> find(UUID project, UUID editId) {
        return entities.createQuery("from JournalRow where projectId = :p and editId = :e", JournalRow.class)
                .setParameter("p", project)
                .setParameter("e", editId)
                .getResultStream()
                .findFirst();
    }

    /** Edits made after {@code revision}, oldest first. */
    public List<Change> since(UUID project, long revision) {
        return entities.createQuery(
                        "from JournalRow where projectId = :p and revision > :r order by revision", JournalRow.class)
                .setParameter("p", project)
                .setParameter("r", revision)
                .getResultStream()
                .map(Journal::change)
                .toList();
    }

    /** Whether anybody but {@code person} made an edit after {@code revision}. */
    public boolean othersChanged(UUID project, long revision, long person) {
        return !entities.createQuery(
                        "select 1 from JournalRow where projectId = :p and revision > :r and personId <> :who",
                        Integer.class)
                .setParameter("p", project)
                .setParameter("r", revision)
                .setParameter("who", person)
                .setMaxResults(1)
                .getResultList()
                .isEmpty();
    }

    /** A person's last own edit that is not taken back. */
    public Optional<JournalRow> toUndo(UUID project, long person) {
        return last(
                "from JournalRow where projectId = :p and personId = :who and kind <> :undo and not takenBack order by revision desc",
                project,
                person);
    }

    /** A person's last undo that is not taken back and that no edit of theirs followed. */
    public Optional<JournalRow> toRedo(UUID project, long person) {
        return last(
                "from JournalRow u where projectId = :p and personId = :who and kind = :undo and not takenBack and not exists"
                        + " (from JournalRow e where e.projectId = :p and e.personId = :who and e.kind = 'EDIT' and e.revision > u.revision)"
                        + " order by revision desc",
                project,
                person);
    }

    private Optional<JournalRow> last(String query, UUID project, long person) {
        return entities.createQuery(query, JournalRow.class)
                .setParameter("p", project)
                .setParameter("who", person)
                .setParameter("undo", JournalRow.Kind.UNDO)
                .setMaxResults(1)
                .getResultStream()
                .findFirst();
    }

    public void takeBack(JournalRow row) {
        row.takeBack();
    }

    public static Change change(JournalRow row) {
        return new Change(
                row.name(),
                ProjectFile.readElements(row.before(), row.format()),
                ProjectFile.readElements(row.after(), row.format()));
    }

    /** The person who drafts where there are no accounts yet. */
    public long localDrafter() {
        return ((Number) entities.createNativeQuery("select id from person where name = 'Local drafter'", Long.class)
                        .getSingleResult())
                .longValue();
    }
}
