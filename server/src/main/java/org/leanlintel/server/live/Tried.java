package org.leanlintel.server.live;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.model.Outcome;

/**
 * What became of the edits tried last on one revision, so that one that was tried and is then made is not worked out twice. What
 * an edit comes to follows from the edit and the revision alone.
 */
final class Tried {

    /** One of each way to look at a drawing, as many as a drafter may turn through before choosing. */
    private static final int MOST = 16;

    /** @param after the same revision where it was refused */
    record Result(Outcome outcome, Live after) {}

    private final Map<Edit, Result> results = new LinkedHashMap<>(MOST, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.@Nullable Entry<Edit, Result> eldest) {
            return size() > MOST;
        }
    };

    /** What is known of an edit, or what {@code work} makes of it; others are not held up by that. */
    Result of(Edit edit, Function<Edit, Result> work) {
        Result known;
        synchronized (results) {
            known = results.get(edit);
        }
        if (known != null) return known;
        Result done = work.apply(edit);
        synchronized (results) {
            results.put(edit, done);
        }
        return done;
    }
}
