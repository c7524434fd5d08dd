package org.leanlintel.server.store;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.sheet.Issued;
import org.leanlintel.core.sheet.SheetOrder;
import org.leanlintel.core.sheet.Told;
import org.leanlintel.formats.json.Json;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;

/** Sets that were handed out. They are added, withdrawn and given to people; nothing else of them changes. */
@Repository
@Transactional
public class Issues {

    private static final TypeReference<List<Issue.Recipient>> RECIPIENTS = new TypeReference<>() {};

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
     * Keeps a set that is handed out. Its number is one that no other has.
     *
     * @param model the project as it is handed out; @param pdf the document of that
     */
    public Issue add(UUID project, Told told, Model model, byte[] pdf) {
        Issued issued = told.issued();
        String name =
                "Issue %s, for %s".formatted(issued.number(), issued.purpose().words());
        String sheets = Json.mapper()
                .writeValueAsString(told.sheets().stream().map(ElementId::value).toList());
        List<String> sets = SheetOrder.of(model, told.sheets()).stream()
                .map(Sheet::set)
                .distinct()
                .toList();
        UUID version = projects.keepVersion(project, name, model).id();
        IssueRow row =
                new IssueRow(project, version, issued, sheets, Json.mapper().writeValueAsString(sets), Instant.now());
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

    /** @param reason why it no longer counts; of one that does */
    public Issue withdraw(UUID project, UUID issue, String reason) {
        IssueRow row = row(project, issue);
        row.withdraw(reason);
        return read(row);
    }

    public Issue give(UUID project, UUID issue, Issue.Recipient recipient) {
        IssueRow row = row(project, issue);
        List<Issue.Recipient> all = new ArrayList<>(read(row).recipients());
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
        return new Issue(
                row.id(),
                row.versionId(),
                row.issued(),
                words(row.sheets()).stream().map(ElementId::new).toList(),
                words(row.sets()),
                row.withdrawn(),
                recipients,
                row.madeAt());
    }

    private static List<String> words(String array) {
        return Json.mapper()
                .readTree(array)
                .valueStream()
                .map(JsonNode::asString)
                .toList();
    }
}
