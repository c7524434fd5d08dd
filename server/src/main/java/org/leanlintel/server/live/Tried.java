package org.leanlintel.server.live;

import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Outcome;

/**
 * What became of the edits tried last on one revision, so that one that was tried and is then made is not worked out twice. What
 * an edit comes to follows from the edit and the revision alone.
 */
final class Tried {

    /** One of each way to look at a drawing, as many as a drafter may turn through before choosing. */
    private static final int MOST = 16;

    /** Elements that all of them change together at most, but for the last: a house dragged about is not kept at each place. */
    private static final int MOST_CHANGED = 400;

    /** @param after the same revision where it was refused */
    record Result(Outcome outcome, Live after) {

        private int changed() {
            return outcome instanceof Change change ? change.touches().size() : 0;
        }
    }

    private final Map<Edit, Result> results = new LinkedHashMap<>();

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
            int changed = results.values().stream().mapToInt(Result::changed).sum();
            Iterator<Result> eldest = results.values().iterator();
            while (results.size() > 1 && (results.size() > MOST || changed > MOST_CHANGED)) {
                changed -= eldest.next().changed();
                eldest.remove();
            }
        }
        return done;
    }
}
