package org.leanlintel.server.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;
import org.jspecify.annotations.NullUnmarked;

/** One accepted edit: what it put and removed, before and after. */
@Entity
@Table(name = "journal")
@NullUnmarked
public class JournalRow {

    /** An undo takes back an edit or a redo; a redo takes back an undo. */
    public enum Kind {
        EDIT,
        UNDO,
        REDO
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "project_id", nullable = false)
    private UUID projectId;

    private long revision;

    @Column(name = "edit_id", nullable = false)
    private UUID editId;

    @Column(name = "person_id")
    private long personId;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Kind kind;

    @Column(nullable = false)
    private String name;

    private int format;

    @Column(columnDefinition = "jsonb", nullable = false)
    @ColumnTransformer(write = "?::jsonb")
    private String before;

    @Column(columnDefinition = "jsonb", nullable = false)
    @ColumnTransformer(write = "?::jsonb")
    private String after;

    @Column(name = "taken_back")
    private boolean takenBack;

    @Column(name = "made_at", nullable = false)
    private Instant madeAt;

    protected JournalRow() {}

    JournalRow(
            UUID projectId,
            long revision,
            UUID editId,
            long personId,
            Kind kind,
            String name,
            int format,
            String before,
            String after) {
        this.projectId = projectId;
        this.revision = revision;
        this.editId = editId;
        this.personId = personId;
        this.kind = kind;
        this.name = name;
        this.format = format;
        this.before = before;
        this.after = after;
        this.madeAt = Instant.now();
    }

    public long revision() {
        return revision;
    }

    public String name() {
        return name;
    }

    public Kind kind() {
        return kind;
    }

    int format() {
        return format;
    }

    String before() {
        return before;
    }

    String after() {
        return after;
    }

    void takeBack() {
        takenBack = true;
    }
}
