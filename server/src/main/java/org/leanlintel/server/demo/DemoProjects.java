package org.leanlintel.server.demo;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.sheet.Issued;
import org.leanlintel.core.sheet.SheetOrder;
import org.leanlintel.core.sheet.Told;
import org.leanlintel.formats.demo.HeronPointCabin;
import org.leanlintel.formats.demo.QuarryBankHouse;
import org.leanlintel.server.live.Live;
import org.leanlintel.server.live.Printing;
import org.leanlintel.server.store.Issues;
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

    private static final Issued
            PERMIT = new Issued("1", LocalDate.of(2026, 2, 16), Issued.Purpose.PERMIT, "Trusses to follow"),
            CONSTRUCTION =
                    new Issued("2", LocalDate.of(2026, 3, 9), Issued.Purpose.CONSTRUCTION, "Window of bedroom 1 moved"),
            CABIN = new Issued("1", LocalDate.of(2026, 3, 2), Issued.Purpose.PERMIT, "Trusses to follow");

    private final ProjectStore store;
    private final Issues issues;
    private final TransactionTemplate transaction;

    DemoProjects(ProjectStore store, Issues issues, TransactionTemplate transaction) {
        this.store = store;
        this.issues = issues;
        this.transaction = transaction;
    }

    @Override
    public void afterPropertiesSet() {
        if (!store.all(false).isEmpty()) return;
        Model cabin = HeronPointCabin.draw();
        QuarryBankHouse.States house = QuarryBankHouse.states();
        transaction.executeWithoutResult(both -> {
            UUID cabins = store.add(cabin).id(), houses = store.add(house.now()).id();
            issue(cabins, cabin, List.of(CABIN));
            issue(houses, house.issued(), List.of(PERMIT));
            issue(houses, house.now(), List.of(PERMIT, CONSTRUCTION));
        });
    }

    /** Keeps a set as it was handed out. @param told what its title blocks tell; the last of these is the issue */
    private void issue(UUID project, Model model, List<Issued> told) {
        List<Told> all = told.stream().map(Told::ofAll).toList();
        byte[] set = new Printing(Live.of(model), all).set(SheetOrder.of(model));
        issues.add(project, all.getLast(), model, set);
    }
}
