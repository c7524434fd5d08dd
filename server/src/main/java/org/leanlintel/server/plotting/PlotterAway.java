package org.leanlintel.server.plotting;

/** The plotter does not answer, or answers that it cannot. */
public final class PlotterAway extends Exception {
    private static final long serialVersionUID = 1;

    PlotterAway(String sentence) {
        super(sentence);
    }
}
