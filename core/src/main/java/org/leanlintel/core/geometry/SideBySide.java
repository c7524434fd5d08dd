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
        Thread starter = Thread.currentThread();
        Stream<A> stream = all.size() < MANY ? all.stream() : all.parallelStream();
        return stream.<B>map(one -> {
                    GivenUp.orGoOn(starter);
                    return work.apply(one);
                })
                .toList();
    }
}
