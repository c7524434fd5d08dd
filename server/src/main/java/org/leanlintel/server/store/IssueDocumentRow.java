package org.leanlintel.server.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.jspecify.annotations.NullUnmarked;

/** The document of an issue, as it was handed out. */
@Entity
@Table(name = "issue_document")
@NullUnmarked
class IssueDocumentRow {

    @Id
    @Column(name = "issue_id")
    private UUID issueId;

    @Column(nullable = false)
    private byte[] pdf;

    protected IssueDocumentRow() {}

    IssueDocumentRow(UUID issueId, byte[] pdf) {
        this.issueId = issueId;
        this.pdf = pdf;
    }

    byte[] pdf() {
        return pdf;
    }
}
