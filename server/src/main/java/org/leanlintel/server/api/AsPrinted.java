package org.leanlintel.server.api;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.sheet.Told;
import org.leanlintel.server.live.Live;
import org.leanlintel.server.live.LiveProjects;
import org.leanlintel.server.live.Printing;
import org.leanlintel.server.store.Issue;
import org.leanlintel.server.store.Issues;
import org.leanlintel.server.store.ProjectStore;
import org.springframework.stereotype.Component;

/** Sheets as they print now, or as they did when a version was named: with the issues that there were by then. */
@Component
class AsPrinted {

    private final LiveProjects live;
    private final ProjectStore store;
    private final Issues issues;

    AsPrinted(LiveProjects live, ProjectStore store, Issues issues) {
        this.live = live;
        this.store = store;
        this.issues = issues;
    }

    Printing of(UUID project, @Nullable UUID version) {
        List<Issue> all = issues.of(project);
        if (version == null) return new Printing(live.get(project), counting(all));
        Instant then = store.version(project, version).madeAt();
        List<Issue> before = all.stream()
                .filter(i -> !i.madeAt().isAfter(then) || i.version().equals(version))
                .toList();
        return new Printing(Live.of(store.loadVersion(project, version)), counting(before));
    }

    /** What title blocks tell of: those that were not withdrawn. */
    static List<Told> counting(List<Issue> all) {
        return all.stream().filter(Issue::counts).map(Issue::told).toList();
    }
}
