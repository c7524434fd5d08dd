package org.leanlintel.server.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.ColumnTransformer;
import org.jspecify.annotations.NullUnmarked;

/** A trade region that the office made, as JSON. */
@Entity
@Table(name = "office_regions")
@NullUnmarked
class OfficeRegionRow {

    @Id
    private String id;

    @Column(columnDefinition = "jsonb", nullable = false)
    @ColumnTransformer(write = "?::jsonb")
    private String body;

    @Column(name = "made_at", nullable = false)
    private Instant madeAt;

    protected OfficeRegionRow() {}

    OfficeRegionRow(String id, String body) {
        this.id = id;
        this.body = body;
        this.madeAt = Instant.now();
    }

    String id() {
        return id;
    }

    String body() {
        return body;
    }
}
