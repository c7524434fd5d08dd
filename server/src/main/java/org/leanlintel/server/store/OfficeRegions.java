package org.leanlintel.server.store;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.leanlintel.formats.json.Json;
import org.leanlintel.formats.standard.TradeRegion;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;

/** The office's own trade regions, for any project to be of. */
@Repository
@Transactional
public class OfficeRegions {

    private static final Logger LOG = LoggerFactory.getLogger(OfficeRegions.class);

    private final EntityManager entities;

    OfficeRegions(EntityManager entities) {
        this.entities = entities;
    }

    /** By name. */
    public List<TradeRegion> all() {
        return entities.createQuery("from OfficeRegionRow", OfficeRegionRow.class).getResultList().stream()
                .map(OfficeRegions::read)
                .filter(Objects::nonNull)
                .sorted((a, b) -> a.name().compareToIgnoreCase(b.name()))
                .toList();
    }

    /** The region {@code id}; null where the office has none of that id. */
    public @Nullable TradeRegion find(String id) {
        OfficeRegionRow row = entities.find(OfficeRegionRow.class, id);
        return row == null ? null : read(row);
    }

    /** Keeps a sound region, in place of what it was. */
    public void keep(TradeRegion region) {
        entities.merge(new OfficeRegionRow(region.id(), Json.mapper().writeValueAsString(region)));
    }

    public void remove(String id) {
        OfficeRegionRow row = entities.find(OfficeRegionRow.class, id);
        if (row != null) entities.remove(row);
    }

    /** One that an earlier program wrote and this one cannot read is left where it is. */
    private static @Nullable TradeRegion read(OfficeRegionRow row) {
        try {
            return Json.mapper().readValue(row.body(), TradeRegion.class);
        } catch (JacksonException unreadable) {
            LOG.warn("The office's trade region {} cannot be read", row.id(), unreadable);
            return null;
        }
    }
}
