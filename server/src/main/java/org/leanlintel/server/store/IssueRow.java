package org.leanlintel.server.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;
import org.jspecify.annotations.NullUnmarked;
import org.leanlintel.core.sheet.Issued;

/** A set that was handed out. */
@Entity
@Table(name = "issue")
@NullUnmarked
class IssueRow {

    @Id
    private UUID id;

    @Column(name = "project_id", nullable = false)
    private UUID projectId;

    @Column(name = "version_id", nullable = false)
    private UUID versionId;

    @Column(nullable = false)
    private String number;

    @Column(name = "issued_on", nullable = false)
    private LocalDate issuedOn;

    @Column(nullable = false)
    private String purpose;

    @Column(nullable = false)
    private String note;

    @Column(nullable = false)
    private String withdrawn;

    @Column(columnDefinition = "jsonb", nullable = false)
    @ColumnTransformer(write = "?::jsonb")
    private String recipients;

    @Column(columnDefinition = "jsonb", nullable = false)
    @ColumnTransformer(write = "?::jsonb")
    private String sheets;

    @Column(columnDefinition = "jsonb", nullable = false)
    @ColumnTransformer(write = "?::jsonb")
    private String sets;

    @Column(name = "made_at", nullable = false)
    private Instant madeAt;

    protected IssueRow() {}

    IssueRow(UUID projectId, UUID versionId, Issued issued, String sheets, String sets, Instant madeAt) {
        this.id = UUID.randomUUID();
        this.projectId = projectId;
        this.versionId = versionId;
        this.number = issued.number();
        this.issuedOn = issued.date();
        this.purpose = issued.purpose().name();
        this.note = issued.note();
        this.withdrawn = "";
        this.recipients = "[]";
        this.sheets = sheets;
        this.sets = sets;
        this.madeAt = madeAt;
    }

    UUID id() {
        return id;
    }

    UUID projectId() {
        return projectId;
    }

    UUID versionId() {
        return versionId;
    }

    Issued issued() {
        return new Issued(number, issuedOn, Issued.Purpose.valueOf(purpose), note);
    }

    String sheets() {
        return sheets;
    }

    String sets() {
        return sets;
    }

    String withdrawn() {
        return withdrawn;
    }

    void withdraw(String reason) {
        withdrawn = reason;
    }

    String recipients() {
        return recipients;
    }

    void recipients(String json) {
        recipients = json;
    }

    Instant madeAt() {
        return madeAt;
    }
}
