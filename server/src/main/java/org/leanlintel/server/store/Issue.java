package org.leanlintel.server.store;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.sheet.Issued;
import org.leanlintel.core.sheet.Told;

/**
 * A set that was handed out. Of what was handed out nothing changes any more.
 *
 * @param version the project as it stood then
 * @param sheets which were handed out; none named stands for all of the version
 * @param sets the names of those that its sheets were bound in; none where that was not kept
 * @param withdrawn why it no longer counts; empty while it does
 * @param recipients who has it
 */
public record Issue(
        UUID id,
        UUID version,
        Issued issued,
        List<ElementId> sheets,
        List<String> sets,
        String withdrawn,
        List<Recipient> recipients,
        Instant madeAt) {

    /** Who was given it, when, and how. */
    public record Recipient(String name, LocalDate date, String way) {

        private static final int LONGEST = 120;

        public Recipient {
            name = name.strip();
            way = way.strip();
            if (name.isEmpty() || name.length() > LONGEST || way.length() > LONGEST)
                throw new Unusable("Say who has the set, and how they were given it, in %d characters at most."
                        .formatted(LONGEST));
        }
    }

    public Issue {
        recipients = List.copyOf(recipients);
        sheets = List.copyOf(sheets);
        sets = List.copyOf(sets);
    }

    /** As the title blocks of its sheets tell it. */
    public Told told() {
        return new Told(issued, sheets);
    }

    public boolean counts() {
        return withdrawn.isEmpty();
    }
}
