package org.leanlintel.server.demo;

import org.leanlintel.core.model.Model;
import org.leanlintel.formats.demo.HeronPointCabin;
import org.leanlintel.formats.demo.QuarryBankHouse;
import org.leanlintel.server.store.ProjectStore;
import org.springframework.beans.factory.InitializingBean;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * With {@code --lintel.demo=true}, adds the demo projects once: where there are no projects at all yet. Done before the
 * server takes requests.
 */
@Component
@ConditionalOnProperty("lintel.demo")
class DemoProjects implements InitializingBean {

    private final ProjectStore store;
    private final TransactionTemplate transaction;

    DemoProjects(ProjectStore store, TransactionTemplate transaction) {
        this.store = store;
        this.transaction = transaction;
    }

    @Override
    public void afterPropertiesSet() {
        if (!store.all(false).isEmpty()) return;
        Model cabin = HeronPointCabin.draw(), house = QuarryBankHouse.draw();
        transaction.executeWithoutResult(both -> {
            store.add(cabin);
            store.add(house);
        });
    }
}
