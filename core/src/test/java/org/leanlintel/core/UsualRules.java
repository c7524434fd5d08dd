package org.leanlintel.core;

import java.util.List;
import org.leanlintel.core.model.Rules;
import org.leanlintel.core.model.StairRules;

/** Rules of the tests that are about something else than clearances and ways of escape. */
public final class UsualRules {

    private UsualRules() {}

    public static Rules with(StairRules stairs) {
        return new Rules(
                Rules.ID,
                "Test",
                List.of(),
                new Rules.Escape(1, 1, 1, 1, "none", true),
                new Rules.Support(10, "T1", false),
                new Rules.Chimneys(914.4, 3048, 609.6, 0, 0, "R1003.9", true, new Rules.Saddles(762, "R1003.20", true)),
                new Rules.Headroom(1500, 2300, 0.75, "H1", true),
                new Rules.Foundations(450, 150, 1, "F1", true),
                new Rules.Drainage(
                        List.of(new Rules.Gutter(100, 37), new Rules.Gutter(125, 65)),
                        List.of(new Rules.Sloped(30, 1.29), new Rules.Sloped(45, 1.5)),
                        6,
                        "75 mm/h",
                        "D1",
                        true),
                new Rules.Upstand(150, "U1", true),
                stairs);
    }
}
