package org.leanlintel.core.issue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.sheet.SheetPicture;
import org.leanlintel.core.sheet.SheetOrder;
import org.leanlintel.core.sheet.TitleFacts;

/** Two states of a set, sheet by sheet: what went, what came and what moved. Drawings are held against each other wherever they lie. */
public final class Comparison {

    /** The inks of what stayed, went and came. */
    public static final String STAYED = "#b4b9bc", WENT = "#b3321f", CAME = "#1c766a";

    private final State before;
    private final State after;
    private final Lettering lettering;

    private Comparison(State before, State after, Lettering lettering) {
        this.before = before;
        this.after = after;
        this.lettering = lettering;
    }

    /** The sheets of the later one, in the order of their numbers; then those of the earlier one that are there no more. */
    public static List<ComparedSheet> of(State before, State after, Lettering lettering) {
        Comparison comparison = new Comparison(before, after, lettering);
        List<ComparedSheet> sheets = new ArrayList<>();
        for (Sheet s : SheetOrder.of(after.model()))
            if (after.holds(s)) sheets.add(comparison.sheet(comparison.earlier(s), s));
        for (Sheet s : SheetOrder.of(before.model()))
            if (before.holds(s) && after.model().find(s.id()) == null) sheets.add(comparison.gone(s));
        return sheets;
    }

    private @Nullable Sheet earlier(Sheet sheet) {
        return before.model().find(sheet.id()) instanceof Sheet s ? s : null;
    }

    private ComparedSheet sheet(@Nullable Sheet was, Sheet is) {
        List<String> sentences = new ArrayList<>();
        if (was == null) sentences.add("The sheet is new.");
        else {
            if (!before.holds(was)) sentences.add("The sheet was not in the earlier issue.");
            sentences.addAll(SheetWords.of(was, is, before.model(), after.model()));
        }
        Map<Place, Group> known = was == null ? Map.of() : groups(before, laidAs(was, is));
        List<Group> drawn = new ArrayList<>();
        ElementWords words = new ElementWords(before.model(), after.model());
        Map<Place, Group> left = new LinkedHashMap<>(known);
        for (Group g : picture(after, is).groups()) {
            if (g.drawing() == null) {
                drawn.add(inked(g, STAYED));
                continue;
            }
            Group earlier = left.remove(Place.of(g));
            if (earlier != null && alike(earlier, g)) {
                drawn.add(inked(g, STAYED));
                continue;
            }
            if (earlier != null) drawn.add(inked(earlier, WENT));
            drawn.add(inked(g, CAME));
            if (was != null) words.note(earlier, g, scale(after, g));
        }
        for (Group g : left.values()) {
            drawn.add(inked(g, WENT));
            words.gone(g);
        }
        sentences.addAll(words.sentences());
        return new ComparedSheet(is.number(), is.title(), is.paper(), new Picture(1, drawn), sentences);
    }

    private ComparedSheet gone(Sheet sheet) {
        List<Group> drawn = picture(before, sheet).groups().stream()
                .map(g -> inked(g, WENT))
                .toList();
        return new ComparedSheet(
                sheet.number(), sheet.title(), sheet.paper(), new Picture(1, drawn), List.of("The sheet is gone."));
    }

    /** The earlier sheet with what stands on both laid as the later one has it, so that nothing differs for having been moved. */
    private static Sheet laidAs(Sheet was, Sheet is) {
        Map<ElementId, Sheet.Placed> now = new HashMap<>();
        for (Sheet.Placed p : is.drawings()) now.put(p.drawing(), p);
        return was.with(was.drawings().stream()
                .map(p -> now.getOrDefault(p.drawing(), p))
                .toList());
    }

    private Map<Place, Group> groups(State state, Sheet sheet) {
        Map<Place, Group> groups = new LinkedHashMap<>();
        for (Group g : picture(state, sheet).groups()) if (g.drawing() != null) groups.put(Place.of(g), g);
        return groups;
    }

    private Picture picture(State state, Sheet sheet) {
        return SheetPicture.of(sheet, state.model(), state.drawings(), lettering, TitleFacts.printed(""));
    }

    /** A row of a schedule that others have pushed up or down is what it was, while it says the same. */
    private boolean alike(Group was, Group is) {
        if (was.items().equals(is.items())) return true;
        ElementId drawing = is.drawing();
        boolean inTable = drawing != null
                && !drawing.equals(is.element())
                && after.model().get(drawing, Drawing.class).kind().isSchedule();
        return inTable && words(was).equals(words(is));
    }

    private static List<String> words(Group group) {
        return group.items().stream()
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }

    private static double scale(State state, Group group) {
        ElementId drawing = group.drawing();
        return drawing == null ? 1 : state.drawings().apply(drawing).scale();
    }

    /** What an element shows in a drawing. */
    private record Place(@Nullable ElementId drawing, ElementId element) {
        static Place of(Group group) {
            return new Place(group.drawing(), group.element());
        }
    }

    /** Tints are left out: they would hide which lines are meant. */
    private static Group inked(Group group, String ink) {
        List<Item> items = group.items().stream()
                .filter(i -> !(i instanceof Item.Fill) && !(i instanceof Item.Hatch) && !(i instanceof Item.Wave))
                .map(i -> i.inked(ink))
                .toList();
        return new Group(group.element(), group.layer(), items, List.of(), List.of(), group.drawing());
    }
}
