package org.leanlintel.core.geometry;

import java.util.Collection;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/** Works many values out on all processors, where each is its own affair; given up with the thread that asked. */
public final class SideBySide {

    /** Fewer than that are done sooner than shared out. */
    private static final int MANY = 200;

    private SideBySide() {}

    /** In the order they come. @throws GivenUp where the asking thread is interrupted */
    public static <A, B> List<B> map(Collection<A> all, Function<? super A, ? extends B> work) {
        return map(all, all.size() >= MANY, work);
    }

    /** The same for work that takes long: even a few are shared out. */
    public static <A, B> List<B> mapFew(Collection<A> all, Function<? super A, ? extends B> work) {
        return map(all, all.size() > 1, work);
    }

    private static <A, B> List<B> map(Collection<A> all, boolean shared, Function<? super A, ? extends B> work) {
        Thread starter = Thread.currentThread();
        Stream<A> stream = shared ? all.parallelStream() : all.stream();
        return stream.<B>map(one -> {
                    GivenUp.orGoOn(starter);
                    return work.apply(one);
                })
                .toList();
    }
}
