package org.leanlintel.server.store;

import jakarta.persistence.EntityManager;
import java.util.Optional;
import org.leanlintel.formats.traced.TracingWorker.Question;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What was once read of pages of files to trace from. A file is named by its bytes, so what is kept stays true. */
@Repository
@Transactional
public class TracedPages {

    private final EntityManager entities;

    TracedPages(EntityManager entities) {
        this.entities = entities;
    }

    public Optional<byte[]> find(String file, int page, Question what) {
        return Optional.ofNullable(entities.find(TracedPageRow.class, key(file, page, what)))
                .map(TracedPageRow::body);
    }

    public void keep(String file, int page, Question what, byte[] body) {
        entities.merge(new TracedPageRow(key(file, page, what), body));
    }

    private static TracedPageRow.Key key(String file, int page, Question what) {
        return new TracedPageRow.Key(file, page, what.name());
    }
}
