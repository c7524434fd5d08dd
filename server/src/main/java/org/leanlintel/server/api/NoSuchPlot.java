package org.leanlintel.server.api;

/** Nothing of that name was sent to the plotter, or it was long ago. */
class NoSuchPlot extends RuntimeException {
    private static final long serialVersionUID = 1;

    NoSuchPlot() {
        super("Nothing of that name waits for the plotter.");
    }
}
