package org.leanlintel.server.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.NullUnmarked;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.model.Settings;
import org.leanlintel.formats.json.ProjectFile;

/** A project in the list; the facts shown there are copied from its settings at every edit. */
@Entity
@Table(name = "project")
@NullUnmarked
public class ProjectRow {

    @Id
    private UUID id;

    @Column(nullable = false)
    private String name;

    @Column(nullable = false)
    private String address;

    @Column(nullable = false)
    private String client;

    @Column(nullable = false)
    private String units;

    private long revision;

    /** The form that it has all of what projects have in. */
    private int format = ProjectFile.VERSION;

    @Column(name = "created_at", nullable = false)
    private Instant createdAt;

    @Column(name = "changed_at", nullable = false)
    private Instant changedAt;

    @Column(name = "deleted_at")
    private @Nullable Instant deletedAt;

    protected ProjectRow() {}

    ProjectRow(UUID id, long revision, Settings settings, Instant now) {
        this.id = id;
        this.createdAt = now;
        changed(revision, settings, now);
    }

    void changed(long newRevision, Settings settings, Instant now) {
        revision = newRevision;
        name = settings.name();
        address = settings.address();
        client = settings.client();
        units = settings.units().name();
        changedAt = now;
    }

    public UUID id() {
        return id;
    }

    public String name() {
        return name;
    }

    public String address() {
        return address;
    }

    public String client() {
        return client;
    }

    public String units() {
        return units;
    }

    public long revision() {
        return revision;
    }

    /** The form that all of it was last brought up to. */
    int format() {
        return format;
    }

    /** Whether later forms have added to projects what this one was never given. */
    boolean isOfEarlierForm() {
        return format < ProjectFile.VERSION;
    }

    void broughtUp() {
        format = ProjectFile.VERSION;
    }

    public Instant changedAt() {
        return changedAt;
    }

    public @Nullable Instant deletedAt() {
        return deletedAt;
    }

    void deletedAt(@Nullable Instant when) {
        deletedAt = when;
    }
}
