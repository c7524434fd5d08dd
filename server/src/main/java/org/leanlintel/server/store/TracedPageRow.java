package org.leanlintel.server.store;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import org.jspecify.annotations.NullUnmarked;

/** Something read of a page of a file to trace from. */
@Entity
@Table(name = "traced_page")
@NullUnmarked
class TracedPageRow {

    @Embeddable
    record Key(String file, int page, String what) {}

    /** Read by Hibernate. */
    @EmbeddedId
    @SuppressWarnings("UnusedVariable")
    private Key key;

    @Column(nullable = false)
    private byte[] body;

    protected TracedPageRow() {}

    TracedPageRow(Key key, byte[] body) {
        this.key = key;
        this.body = body;
    }

    byte[] body() {
        return body;
    }
}
