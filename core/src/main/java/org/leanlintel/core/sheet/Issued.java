package org.leanlintel.core.sheet;

import java.time.LocalDate;
import org.leanlintel.core.model.Unusable;

/** That a set was handed out: as the revision tables of its sheets say it. */
public record Issued(String number, LocalDate date, Purpose purpose, String note) {

    private static final int LONGEST_NUMBER = 12, LONGEST_NOTE = 120;

    /** What a set was handed out for. */
    public enum Purpose {
        COMMENT("comment"),
        PERMIT("permit"),
        TENDER("tender"),
        CONSTRUCTION("construction"),
        AS_BUILT("record, as built");

        private final String words;

        Purpose(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Issued {
        number = number.strip();
        note = note.strip();
        if (number.isEmpty() || number.length() > LONGEST_NUMBER)
            throw new Unusable("The number of an issue has 1 to %d characters.".formatted(LONGEST_NUMBER));
        if (note.length() > LONGEST_NOTE)
            throw new Unusable("The note of an issue has %d characters at most.".formatted(LONGEST_NOTE));
        if (date.getYear() < 1900 || date.getYear() > 2200)
            throw new Unusable("An issue is of a day between 1900 and 2200.");
    }
}
