package org.leanlintel.server.live;

import java.util.List;
import java.util.UUID;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.run.Editing;
import org.leanlintel.core.edit.run.Editing.Result;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.server.store.Journal;
import org.leanlintel.server.store.JournalRow;
import org.springframework.stereotype.Component;

/**
 * Takes back what a person did last, or took back last. Where nobody else changed anything since, that leads to a state which was
 * accepted once, and it is had back as it was. Where others did, what comes of both has to be sound, as far as the state before
 * was; and what they changed themselves stays.
 */
@Component
final class TakingBack {

    private final Journal journal;

    TakingBack(Journal journal) {
        this.journal = journal;
    }

    /** @param person who did what is in {@code row}, and takes it back */
    Result of(JournalRow row, UUID project, long person, Building now) {
        Change back = Journal.change(row).inverse();
        for (Element e : back.before())
            if (!e.equals(now.model().find(e.id()))) return new Result(changedLater(back, e.id()), now);
        for (Element e : back.after()) {
            boolean replaces = back.before().stream().anyMatch(b -> b.id().equals(e.id()));
            if (!replaces && now.model().find(e.id()) != null) return new Result(changedLater(back, e.id()), now);
        }
        if (!journal.othersChanged(project, row.revision(), person)) return Editing.restore(back, now);
        Model then = rewound(now.model(), journal.since(project, row.revision()));
        return then.equals(now.model()) ? Editing.restore(back, now) : amongOthers(back, then, now);
    }

    private static Refusal changedLater(Change back, ElementId element) {
        return Refusal.because(
                "\"%s\" cannot be taken back: what it touched was changed later.".formatted(back.name()), element);
    }

    /** The model before some changes, oldest first, that led to it. */
    private static Model rewound(Model model, List<Change> changes) {
        Model then = model;
        for (Change change : changes.reversed()) then = then.after(change.inverse());
        return then;
    }

    /** What was unsound before others changed anything may be so again. */
    private static Result amongOthers(Change back, Model then, Building now) {
        Result result = Editing.apply(back, now);
        if (!(result.outcome() instanceof Refusal refusal)) return result;
        Outcome alone = Editing.apply(back, Building.of(then)).outcome();
        boolean wasSo = alone instanceof Refusal once && once.sentence().equals(refusal.sentence());
        return wasSo
                ? Editing.restore(back, now)
                : new Result(
                        new Refusal(
                                "\"%s\" cannot be taken back for what others did since. %s"
                                        .formatted(back.name(), refusal.sentence()),
                                refusal.concerns()),
                        now);
    }
}
