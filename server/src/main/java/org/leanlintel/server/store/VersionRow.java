package org.leanlintel.server.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;
import org.jspecify.annotations.NullUnmarked;

/** A project as it stood when the drafter named it. */
@Entity
@Table(name = "named_version")
@NullUnmarked
public class VersionRow {

    @Id
    private UUID id;

    @Column(name = "project_id", nullable = false)
    private UUID projectId;

    @Column(nullable = false)
    private String name;

    private long revision;
    private int format;

    @Column(columnDefinition = "jsonb", nullable = false)
    @ColumnTransformer(write = "?::jsonb")
    private String elements;

    @Column(name = "made_at", nullable = false)
    private Instant madeAt;

    protected VersionRow() {}

    VersionRow(UUID projectId, String name, long revision, int format, String elements) {
        this.id = UUID.randomUUID();
        this.projectId = projectId;
        this.name = name;
        this.revision = revision;
        this.format = format;
        this.elements = elements;
        this.madeAt = Instant.now();
    }

    public UUID id() {
        return id;
    }

    public String name() {
        return name;
    }

    public long revision() {
        return revision;
    }

    public Instant madeAt() {
        return madeAt;
    }

    UUID projectId() {
        return projectId;
    }

    int format() {
        return format;
    }

    String elements() {
        return elements;
    }
}
