package org.leanlintel.server.api;

import java.util.List;
import java.util.stream.Stream;
import org.leanlintel.core.model.StairRules;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.formats.standard.OfficeStandard;
import org.leanlintel.server.api.Messages.StairRulesAnswer;
import org.leanlintel.server.store.OfficeStairRules;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The sets of rules that stairs can be checked against: those that come with the program, and the office's own. */
@RestController
@RequestMapping("/api/v1/stair-rules")
public class StairRulesApi {

    private final OfficeStairRules office;

    StairRulesApi(OfficeStairRules office) {
        this.office = office;
    }

    @GetMapping
    public List<StairRulesAnswer> all() {
        return Stream.concat(
                        OfficeStandard.stairRules().stream().map(r -> new StairRulesAnswer(r, false)),
                        office.all().stream().map(r -> new StairRulesAnswer(r, true)))
                .toList();
    }

    /** Keeps a set of the office's own for all projects, in place of one of the same name. */
    @PutMapping
    public void keep(@RequestBody StairRules rules) {
        if (OfficeStandard.stairRules().stream().anyMatch(r -> r.name().equals(rules.name())))
            throw new Unusable("\u201C%s\u201D comes with the program. Give the office's set a name of its own."
                    .formatted(rules.name()));
        office.keep(rules);
    }

    /** Projects that took the set keep what they took. */
    @DeleteMapping
    public void remove(@RequestParam String name) {
        office.remove(name);
    }
}
