package org.leanlintel.server.store;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;
import org.jspecify.annotations.NullUnmarked;

/** One element as it stands, as JSON of a format version. */
@Entity
@Table(name = "element")
@NullUnmarked
public class ElementRow {

    /** A project and the element's id in it. */
    @Embeddable
    public record Key(@Column(name = "project_id") UUID projectId, @Column(name = "id") String id) {}

    /** Read by Hibernate. */
    @EmbeddedId
    @SuppressWarnings("UnusedVariable")
    private Key key;

    private int format;

    @Column(columnDefinition = "jsonb", nullable = false)
    @ColumnTransformer(write = "?::jsonb")
    private String body;

    protected ElementRow() {}

    ElementRow(Key key, int format, String body) {
        this.key = key;
        this.format = format;
        this.body = body;
    }

    int format() {
        return format;
    }

    String body() {
        return body;
    }
}
