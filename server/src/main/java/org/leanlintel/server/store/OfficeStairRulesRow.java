package org.leanlintel.server.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.ColumnTransformer;
import org.jspecify.annotations.NullUnmarked;

/** A set of rules for stairs that the office added, as JSON. */
@Entity
@Table(name = "office_stair_rules")
@NullUnmarked
class OfficeStairRulesRow {

    @Id
    private String name;

    @Column(columnDefinition = "jsonb", nullable = false)
    @ColumnTransformer(write = "?::jsonb")
    private String body;

    @Column(name = "made_at", nullable = false)
    private Instant madeAt;

    protected OfficeStairRulesRow() {}

    OfficeStairRulesRow(String name, String body) {
        this.name = name;
        this.body = body;
        this.madeAt = Instant.now();
    }

    String body() {
        return body;
    }
}
