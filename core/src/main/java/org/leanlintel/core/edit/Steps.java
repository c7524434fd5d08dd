package org.leanlintel.core.edit;

import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.run.Editing;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Edits done one after another that count as one. Whether what comes of them is sound is for {@link Editing} to say. */
public final class Steps {

    private final Model start;
    private Building now;
    private @Nullable Change sum;

    public Steps(Building start) {
        this.start = start.model();
        this.now = start;
    }

    public Building now() {
        return now;
    }

    /** Does one more; returns why it cannot be done, or null. */
    @Nullable
    public Refusal then(Edit edit) {
        return then(edit.on(now));
    }

    /** Takes what was worked out on the building as it is {@link #now}. */
    @Nullable
    public Refusal then(Outcome outcome) {
        return switch (outcome) {
            case Refusal refusal -> refusal;
            case Change change -> {
                add(change);
                yield null;
            }
        };
    }

    private void add(Change change) {
        if (change.isEmpty()) return;
        now = now.after(change, now.model().after(change).at(start.revision()));
        sum = sum == null ? change : sum.then(start, change);
    }

    public Outcome as(String name) {
        return sum == null ? Refusal.because("Nothing would change.") : sum.named(name);
    }
}
