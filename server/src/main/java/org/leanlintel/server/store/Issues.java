package org.leanlintel.server.store;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.sheet.Issued;
import org.leanlintel.formats.json.Json;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;

/** Sets that were handed out. They are added, withdrawn and given to people; nothing else of them changes. */
@Repository
@Transactional
public class Issues {

    private static final TypeReference<List<Issue.Recipient>> RECIPIENTS = new TypeReference<>() {};
    private static final int MOST_RECIPIENTS = 100, LONGEST_REASON = 200;

    private final EntityManager entities;
    private final ProjectStore projects;

    Issues(EntityManager entities, ProjectStore projects) {
        this.entities = entities;
        this.projects = projects;
    }

    /** The oldest first. */
    public List<Issue> of(UUID project) {
        return entities
                .createQuery("from IssueRow where projectId = :id order by madeAt", IssueRow.class)
                .setParameter("id", project)
                .getResultList()
                .stream()
                .map(Issues::read)
                .toList();
    }

    public Issue get(UUID project, UUID issue) {
        return read(row(project, issue));
    }

    /**
     * Hands the set out as it stands.
     *
     * @param document of the project as it stands
     */
    public Issue add(UUID project, Issued issued, Function<Model, byte[]> document) {
        for (Issue i : of(project))
            if (i.issued().number().equalsIgnoreCase(issued.number()))
                throw new Unusable("There is an issue %s already.".formatted(issued.number()));
        byte[] pdf = document.apply(projects.load(project));
        String name =
                "Issue %s, for %s".formatted(issued.number(), issued.purpose().words());
        IssueRow row = new IssueRow(project, projects.nameVersion(project, name).id(), issued, Instant.now());
        entities.persist(row);
        entities.flush();
        entities.persist(new IssueDocumentRow(row.id(), pdf));
        return read(row);
    }

    public byte[] document(UUID project, UUID issue) {
        IssueDocumentRow row =
                entities.find(IssueDocumentRow.class, row(project, issue).id());
        if (row == null) throw new NoSuchProject();
        return row.pdf();
    }

    /** @param reason why it no longer counts */
    public Issue withdraw(UUID project, UUID issue, String reason) {
        if (reason.isBlank() || reason.length() > LONGEST_REASON)
            throw new Unusable("Say why it is withdrawn, in %d characters at most.".formatted(LONGEST_REASON));
        IssueRow row = row(project, issue);
        if (!row.withdrawn().isEmpty())
            throw new Unusable(
                    "Issue %s is withdrawn already.".formatted(row.issued().number()));
        row.withdraw(reason.strip());
        return read(row);
    }

    public Issue give(UUID project, UUID issue, Issue.Recipient recipient) {
        IssueRow row = row(project, issue);
        List<Issue.Recipient> all = new ArrayList<>(read(row).recipients());
        if (all.size() == MOST_RECIPIENTS)
            throw new Unusable("An issue has %d recipients at most.".formatted(MOST_RECIPIENTS));
        all.add(recipient);
        row.recipients(Json.mapper().writerFor(RECIPIENTS).writeValueAsString(all));
        return read(row);
    }

    private IssueRow row(UUID project, UUID issue) {
        IssueRow row = entities.find(IssueRow.class, issue);
        if (row == null || !row.projectId().equals(project)) throw new NoSuchProject();
        return row;
    }

    private static Issue read(IssueRow row) {
        List<Issue.Recipient> recipients = Json.mapper().readValue(row.recipients(), RECIPIENTS);
        return new Issue(row.id(), row.versionId(), row.issued(), row.withdrawn(), recipients, row.madeAt());
    }
}
