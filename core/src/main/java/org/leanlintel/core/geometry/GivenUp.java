package org.leanlintel.core.geometry;

/**
 * Thrown by work that is not wanted any more: whoever started it interrupted its thread, since it took too long. Whatever works
 * over many walls, areas or lines looks now and then.
 */
public final class GivenUp extends RuntimeException {

    private static final long serialVersionUID = 1;

    private GivenUp() {
        super("This took too long and was given up.");
    }

    /** Costs next to nothing. @throws GivenUp where the thread was interrupted, which it stays */
    public static void orGoOn() {
        orGoOn(Thread.currentThread());
    }

    /** The same for work that {@code starter} has others do beside it. */
    public static void orGoOn(Thread starter) {
        if (starter.isInterrupted()) throw new GivenUp();
    }
}
