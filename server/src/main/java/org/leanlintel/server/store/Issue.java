package org.leanlintel.server.store;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.sheet.Issued;

/**
 * A set that was handed out. Of what was handed out nothing changes any more.
 *
 * @param version the project as it stood then
 * @param withdrawn why it no longer counts; empty while it does
 * @param recipients who has it
 */
public record Issue(
        UUID id, UUID version, Issued issued, String withdrawn, List<Recipient> recipients, Instant madeAt) {

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
    }

    public boolean counts() {
        return withdrawn.isEmpty();
    }
}
