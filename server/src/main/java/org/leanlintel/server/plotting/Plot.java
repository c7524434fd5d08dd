package org.leanlintel.server.plotting;

import java.util.List;
import java.util.UUID;

/**
 * Sheets on their way to the plotter.
 *
 * @param title of the project
 * @param sheets their numbers, in their order
 * @param done how many have been plotted
 * @param sentence what holds it up, or why it failed; empty where nothing does
 */
public record Plot(UUID id, UUID project, String title, List<String> sheets, int done, Stands stands, String sentence) {

    public Plot {
        sheets = List.copyOf(sheets);
    }

    public enum Stands {
        WAITING,
        PLOTTING,
        /** Until the plotter goes on. */
        HELD,
        DONE,
        CANCELLED,
        FAILED
    }

    public boolean isOver() {
        return stands == Stands.DONE || stands == Stands.CANCELLED || stands == Stands.FAILED;
    }

    Plot at(int howMany, Stands now, String why) {
        return new Plot(id, project, title, sheets, howMany, now, why);
    }
}
