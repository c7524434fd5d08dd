package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Sign;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.TextBox;

/** Where the marks on a sheet lead. */
public final class SheetLinks {

    /** @param box of a mark's words, on paper; @param sheet that what it speaks of stands on */
    public record Link(Bounds box, ElementId sheet) {}

    /** On paper: how far round its words a mark is pointed at. */
    private static final double ROUND_MM = 2;

    private SheetLinks() {}

    /** Those of section lines, of marks of elevations and of walls from inside, and of the frames of parts. @param sheet as it prints */
    public static List<Link> of(Picture sheet, Model model, Lettering lettering) {
        List<Link> links = new ArrayList<>();
        for (Group g : sheet.groups()) {
            Sheet to = leadsTo(g, model);
            if (to == null) continue;
            for (Item item : g.items())
                if (item instanceof Item.Text t && isOfMark(g, t, to, model))
                    links.add(new Link(TextBox.of(t, 1, lettering).bounds().grown(ROUND_MM), to.id()));
        }
        return links;
    }

    /** Of a room's label only the number of the sheet with its walls leads there, in the middle of their mark. */
    private static boolean isOfMark(Group group, Item.Text words, Sheet to, Model model) {
        return !(model.find(group.element()) instanceof Room) || words.text().equals(to.number());
    }

    private static @Nullable Sheet leadsTo(Group group, Model model) {
        Element element = group.drawing() == null ? null : model.find(group.element());
        if (element instanceof Sign s && s.says() == Sign.Says.ELEVATION)
            return ElevationMark.of(s, model) instanceof Drawing d ? sheetWith(d.id(), model) : null;
        if (element instanceof SectionLine l) return sheetOf(l.id(), model);
        if (element instanceof Room r) return sheetOf(r.id(), model);
        return element instanceof Drawing part && !part.id().equals(group.drawing())
                ? sheetWith(part.id(), model)
                : null;
    }

    /** The first that shows the drawing of a section line, a stair or a room, or else a part of it; null where none does. */
    public static @Nullable Sheet sheetOf(ElementId one, Model model) {
        for (Drawing d : wholeFirst(model.all(Drawing.class)))
            if (d.subject() instanceof Drawing.One of
                    && of.element().equals(one)
                    && sheetWith(d.id(), model) instanceof Sheet s) return s;
        return null;
    }

    /** A mark leads to the whole of what it speaks of, not to a detail of it. */
    static List<Drawing> wholeFirst(List<Drawing> drawings) {
        return drawings.stream()
                .sorted(Comparator.comparing((Drawing d) -> d.frame() instanceof Drawing.Part))
                .toList();
    }

    /** The first that shows a drawing; null where none does. */
    public static @Nullable Sheet sheetWith(ElementId drawing, Model model) {
        for (Sheet s : model.all(Sheet.class))
            if (s.drawings().stream().anyMatch(p -> p.drawing().equals(drawing))) return s;
        return null;
    }
}
