package org.leanlintel.core.edit.drawing;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.GridLine;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Side;

/**
 * Draws a grid line, and others beside it.
 *
 * @param first the mark of the first; the next free one of its kind where that is taken, and so on for the others. Letters that
 *     look like figures (I, O) are passed over
 * @param beside on which side the others lie
 * @param apartMm from one to the next
 */
public record DrawGrid(
        ElementId layer, Vec from, Vec to, String first, GridLine.Bubbles bubbles, Side beside, List<Double> apartMm)
        implements Edit {

    private static final String LETTERS = "ABCDEFGHJKLMNPQRSTUVWXYZ";

    public DrawGrid {
        apartMm = List.copyOf(apartMm);
    }

    @Override
    public Set<ElementId> reads() {
        return Set.of(layer);
    }

    @Override
    public Outcome on(Building building) {
        if (apartMm.size() > 50) return Refusal.because("A grid is drawn with 50 lines at most.");
        if (Tolerance.same(from, to)) return Refusal.because("A grid line is at least 100 mm long.");
        NewIds ids = new NewIds(building.model());
        Set<String> taken = taken(building.model());
        Vec across = to.minus(from).unit().left().times(beside.sign());
        List<Element> put = new ArrayList<>();
        String mark = free(first.strip(), taken);
        double off = 0;
        for (int i = 0; i <= apartMm.size(); i++) {
            if (i > 0) {
                if (!(apartMm.get(i - 1) >= 10)) return Refusal.because("Grid lines lie at least 10 mm apart.");
                off += apartMm.get(i - 1);
                mark = free(after(mark), taken);
            }
            taken.add(mark.toUpperCase(Locale.ROOT));
            put.add(new GridLine(ids.next(), layer, mark, from.along(across, off), to.along(across, off), bubbles));
        }
        String words =
                put.size() == 1 ? "draw " + Naming.of(put.getFirst()) : "draw %d grid lines".formatted(put.size());
        return Change.to(building.model(), words, put, List.of());
    }

    /** The marks of a model's grid lines, in capitals. */
    public static Set<String> taken(Model model) {
        Set<String> taken = new HashSet<>();
        model.all(GridLine.class).forEach(l -> taken.add(l.mark().toUpperCase(Locale.ROOT)));
        return taken;
    }

    /** A mark, or the next one of its kind that is not taken. */
    public static String free(String mark, Set<String> taken) {
        String free = mark.isEmpty() ? "1" : mark;
        while (taken.contains(free.toUpperCase(Locale.ROOT))) free = after(free);
        return free;
    }

    /** 2 after 1, B after A, AA after Z; A1, A2 and so on for marks that end in a figure. */
    private static String after(String mark) {
        int digits = mark.length();
        while (digits > 0 && Character.isDigit(mark.charAt(digits - 1))) digits--;
        if (digits < mark.length()) {
            String number = mark.substring(digits);
            return mark.substring(0, digits) + (Long.parseLong(number) + 1);
        }
        String last = mark.substring(mark.length() - 1).toUpperCase(Locale.ROOT),
                head = mark.substring(0, mark.length() - 1);
        int at = LETTERS.indexOf(last);
        if (at >= 0 && at < LETTERS.length() - 1) return head + LETTERS.charAt(at + 1);
        return at < 0 ? mark + "1" : head.isEmpty() ? "AA" : after(head) + "A";
    }
}
