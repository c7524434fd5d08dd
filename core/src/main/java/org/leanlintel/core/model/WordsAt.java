package org.leanlintel.core.model;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Vec;

/**
 * Where what is written of a thing stands in plans. Places are counted as the thing says: a room's label in the plan, the mark of
 * an opening or a fitting from the middle of it, along it and out of it.
 *
 * @param elsewhere in plans it was not put in by itself
 * @param own where it was put in one plan alone
 */
public record WordsAt(Place elsewhere, List<InDrawing> own) {

    private static final int MOST = 400;

    /** Nowhere put by hand. */
    public static final WordsAt CLEAR = new WordsAt(new WhereClear(), List.of());

    public WordsAt {
        own = List.copyOf(own);
        if (own.size() > MOST) throw new Unusable("Words of a thing are put in %d drawings at most.".formatted(MOST));
        if (own.stream().map(InDrawing::drawing).distinct().count() < own.size())
            throw new Unusable("Words of a thing stand at one place in a drawing.");
    }

    /** In plans that do not say otherwise. */
    public sealed interface Place {}

    /** Where they are clear of everything else. */
    public record WhereClear() implements Place {}

    /** Where the drafter put them. @param at their middle */
    public record PutAt(Vec at) implements Place {
        public PutAt {
            at = Checks.near(at);
        }
    }

    /** Where the drafter put them in one drawing. @param at their middle */
    public record InDrawing(ElementId drawing, Vec at) {
        public InDrawing {
            at = Checks.near(at);
        }
    }

    /** Where they were put in a drawing; null where they stand where they are clear. */
    public @Nullable Vec in(ElementId drawing) {
        for (InDrawing in : own) if (in.drawing().equals(drawing)) return in.at();
        return elsewhere instanceof PutAt put ? put.at() : null;
    }

    /** Whether they were put anywhere by hand. */
    public boolean isPut() {
        return elsewhere instanceof PutAt || !own.isEmpty();
    }

    /** The same, put in one drawing. */
    public WordsAt put(ElementId drawing, Vec at) {
        List<InDrawing> all = new ArrayList<>(without(List.of(drawing)).own);
        all.add(new InDrawing(drawing, at));
        return new WordsAt(elsewhere, all);
    }

    /** The same, put in all plans but those it was put in by itself. */
    public WordsAt put(Vec at) {
        return new WordsAt(new PutAt(at), own);
    }

    /** The same as if they had never been put in some drawings. */
    public WordsAt without(Collection<ElementId> drawings) {
        return new WordsAt(
                elsewhere,
                own.stream().filter(in -> !drawings.contains(in.drawing())).toList());
    }

    /** The same for drawings that are not known. */
    public WordsAt alone() {
        return new WordsAt(elsewhere, List.of());
    }

    /** With each place moved. */
    public WordsAt each(UnaryOperator<Vec> to) {
        return new WordsAt(
                elsewhere instanceof PutAt put ? new PutAt(to.apply(put.at())) : elsewhere,
                own.stream()
                        .map(in -> new InDrawing(in.drawing(), to.apply(in.at())))
                        .toList());
    }
}
