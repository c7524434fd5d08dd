package org.leanlintel.server.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.NullUnmarked;

/** The bytes of a picture or a PDF to trace from. */
@Entity
@Table(name = "traced_file")
@NullUnmarked
class TracedFileRow {

    @Id
    private String sha256;

    @Column(nullable = false)
    private byte[] bytes;

    @Column(name = "made_at", nullable = false)
    private Instant madeAt;

    protected TracedFileRow() {}

    TracedFileRow(String sha256, byte[] bytes) {
        this.sha256 = sha256;
        this.bytes = bytes;
        this.madeAt = Instant.now();
    }

    byte[] bytes() {
        return bytes;
    }
}
