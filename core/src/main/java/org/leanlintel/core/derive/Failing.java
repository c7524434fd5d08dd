package org.leanlintel.core.derive;

import java.lang.System.Logger.Level;
import java.util.function.Supplier;
import org.leanlintel.core.geometry.GivenUp;

/** What is done where one of many things cannot be worked out for a fault of ours: it is logged, and the rest goes on. */
public final class Failing {

    private static final System.Logger LOG = System.getLogger(Failing.class.getName());

    private Failing() {}

    /**
     * @param name what it is about, for the log
     * @return what {@code work} makes, or {@code instead} where that fails; what is given up is no fault
     */
    public static <T> T or(Supplier<T> work, String name, Supplier<T> instead) {
        try {
            return work.get();
        } catch (GivenUp stopped) {
            throw stopped;
        } catch (RuntimeException | StackOverflowError fault) {
            LOG.log(Level.ERROR, name + " cannot be worked out", fault);
            return instead.get();
        }
    }
}
