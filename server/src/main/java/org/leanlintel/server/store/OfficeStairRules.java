package org.leanlintel.server.store;

import jakarta.persistence.EntityManager;
import java.util.List;
import org.leanlintel.core.model.StairRules;
import org.leanlintel.formats.json.Json;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The office's own sets of rules for stairs, by name, for any project to take. Projects hold copies of what they took. */
@Repository
@Transactional
public class OfficeStairRules {

    private final EntityManager entities;

    OfficeStairRules(EntityManager entities) {
        this.entities = entities;
    }

    public List<StairRules> all() {
        return entities
                .createQuery("from OfficeStairRulesRow order by name", OfficeStairRulesRow.class)
                .getResultList()
                .stream()
                .map(r -> Json.mapper().readValue(r.body(), StairRules.class))
                .toList();
    }

    /** Keeps a set, in place of one of the same name. */
    public void keep(StairRules rules) {
        entities.merge(new OfficeStairRulesRow(rules.name(), Json.mapper().writeValueAsString(rules)));
    }

    public void remove(String name) {
        OfficeStairRulesRow row = entities.find(OfficeStairRulesRow.class, name);
        if (row != null) entities.remove(row);
    }
}
