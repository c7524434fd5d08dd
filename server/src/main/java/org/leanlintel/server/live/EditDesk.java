package org.leanlintel.server.live;

import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.run.Editing;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.server.store.Journal;
import org.leanlintel.server.store.Journal.Sender;
import org.leanlintel.server.store.JournalRow;
import org.leanlintel.server.store.ProjectRow;
import org.leanlintel.server.store.ProjectStore;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Where edits are accepted. Edits of one project are serialised by a lock on its row; the answer is given after the
 * transaction has committed.
 */
@Component
public class EditDesk {

    /** Revisions that a window may be behind and still be told just what changed. */
    private static final int MOST_BEHIND = 50;

    /** What became of an edit. @param before the project it was applied to; @param after the same where it was refused */
    public record Answer(Outcome outcome, Live before, Live after) {}

    private final ProjectStore projects;
    private final Journal journal;
    private final LiveProjects live;
    private final TakingBack takingBack;
    private final TransactionTemplate transaction;

    EditDesk(
            ProjectStore projects,
            Journal journal,
            LiveProjects live,
            TakingBack takingBack,
            TransactionTemplate transaction) {
        this.projects = projects;
        this.journal = journal;
        this.live = live;
        this.takingBack = takingBack;
        this.transaction = transaction;
    }

    /** Runs an edit without storing anything. */
    public Answer preview(UUID project, Edit edit) {
        Live now = live.get(project);
        Tried.Result result = now.run(edit);
        return new Answer(result.outcome(), now, result.after());
    }

    /**
     * What has been changed since a revision, by anybody.
     *
     * @return null where that is so long ago that it is quicker to read everything anew
     */
    public @Nullable Answer since(UUID project, long seen) {
        Live now = live.get(project);
        long behind = now.model().revision() - seen;
        if (behind < 0 || behind > MOST_BEHIND) return null;
        List<Change> changes =
                journal.since(project, seen).stream().limit(behind).toList();
        if (changes.size() < behind) return null;
        Building then = now.building();
        for (Change change : changes.reversed())
            then = Editing.restore(change.inverse(), then).after();
        Change all = Change.to(then.model(), "what changed since", List.of(), List.of());
        for (Change change : changes) all = all.then(then.model(), change);
        return new Answer(all, now.after(then), now);
    }

    /** @param seen the revision the sender's window had seen */
    public Answer accept(UUID project, Sender sender, long seen, Edit edit) {
        return inTurn(project, sender, now -> {
            Tried.Result result = now.run(edit);
            if (result.outcome() instanceof Change change && now.model().revision() > seen) {
                Set<ElementId> concerned = new HashSet<>(edit.reads());
                concerned.addAll(change.touches());
                Refusal stale = changedMeanwhile(project, seen, concerned);
                if (stale != null) return new Work(stale, now, JournalRow.Kind.EDIT, null);
            }
            return new Work(result.outcome(), result.after(), JournalRow.Kind.EDIT, null);
        });
    }

    private @Nullable Refusal changedMeanwhile(UUID project, long seen, Set<ElementId> concerned) {
        for (Change other : journal.since(project, seen)) {
            List<ElementId> shared =
                    other.touches().stream().filter(concerned::contains).toList();
            if (!shared.isEmpty()) {
                return new Refusal(
                        "Meanwhile, in another window: %s. Look at it, then try again.".formatted(other.name()),
                        shared,
                        true);
            }
        }
        return null;
    }

    /** Takes back the person's last own edit. */
    public Answer undo(UUID project, Sender sender) {
        return inTurn(
                project,
                sender,
                now -> takeBack(
                        project,
                        sender,
                        now,
                        journal.toUndo(project, sender.personId()),
                        JournalRow.Kind.UNDO,
                        "There is nothing to undo."));
    }

    /** Does again what the person's last undo took back. */
    public Answer redo(UUID project, Sender sender) {
        return inTurn(
                project,
                sender,
                now -> takeBack(
                        project,
                        sender,
                        now,
                        journal.toRedo(project, sender.personId()),
                        JournalRow.Kind.REDO,
                        "There is nothing to redo."));
    }

    private Work takeBack(
            UUID project, Sender sender, Live now, Optional<JournalRow> found, JournalRow.Kind kind, String none) {
        if (found.isEmpty()) return new Work(Refusal.because(none), now, kind, null);
        Editing.Result result = takingBack.of(found.get(), project, sender.personId(), now.building());
        return new Work(result.outcome(), now.after(result.after()), kind, found.get());
    }

    /** Makes the project what it was in a named version, as one edit that can be undone. */
    public Answer goBack(UUID project, Sender sender, UUID version) {
        String name = "go back to \"" + projects.version(project, version).name() + "\"";
        Model target = projects.loadVersion(project, version);
        return inTurn(project, sender, now -> {
            Change back = Change.between(now.model(), target, name);
            if (back.isEmpty())
                return new Work(Refusal.because("It is that version already."), now, JournalRow.Kind.EDIT, null);
            Building then = Editing.restore(back, now.building()).after();
            return new Work(back, now.after(then), JournalRow.Kind.EDIT, null);
        });
    }

    /** What is to be written. @param takes the row it takes back */
    private record Work(Outcome outcome, Live after, JournalRow.Kind kind, @Nullable JournalRow takes) {}

    private Answer inTurn(UUID project, Sender sender, Function<Live, Work> work) {
        Answer answer = transaction.execute(status -> {
            ProjectRow locked = projects.lock(project);
            Live now = live.at(project, locked.revision());
            Optional<JournalRow> sentBefore = journal.find(project, sender.editId());
            if (sentBefore.isPresent()) return new Answer(Journal.change(sentBefore.get()), now, now);
            Work done = work.apply(now);
            if (!(done.outcome instanceof Change change)) return new Answer(done.outcome, now, now);
            if (done.takes != null) journal.takeBack(done.takes);
            journal.write(locked, sender, done.kind, change, done.after.model());
            return new Answer(change, now, done.after.kept());
        });
        live.put(project, Objects.requireNonNull(answer).after());
        return answer;
    }
}
