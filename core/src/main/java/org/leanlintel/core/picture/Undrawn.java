package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.derive.Failing;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Marked;
import org.leanlintel.core.model.OnLayer;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Lettering.Align;

/**
 * Stands in the place of an element that cannot be drawn, by a fault of ours which is logged: a crossed box and what it stands for. The
 * rest of the drawing is drawn.
 */
public final class Undrawn {

    private static final String CANNOT = " cannot be drawn";

    /** On paper. */
    private static final double BOX_MM = 5, OFF_MM = 1;

    private final Look look;
    private final Lettering lettering;

    public Undrawn(Look look, Lettering lettering) {
        this.look = look;
        this.lettering = lettering;
    }

    /**
     * @param name how the drafter knows it: "W7"
     * @param at about where it is
     * @return what {@code drawing} makes, or the mark where that fails
     */
    public Group orMark(ElementId element, ElementId layer, String name, Vec at, Supplier<Group> drawing) {
        return Failing.or(drawing, name + " (" + element + ")", () -> mark(element, layer, name, at));
    }

    /** The mark of what cannot be drawn. @param name how the drafter knows it; @param at about where it is */
    public Group mark(ElementId element, ElementId layer, String name, Vec at) {
        return new Group(element, layer, mark(name, at), List.of());
    }

    /** @return what {@code drawing} makes of the drawing that is looked at, or one mark with its name where that fails */
    public Picture orMark(Supplier<Picture> drawing) {
        Drawing of = look.drawing();
        return Failing.or(
                drawing,
                of.name() + " (" + of.id() + ")",
                () -> new Picture(
                        of.scale(), List.of(new Group(of.id(), of.id(), mark(of.name(), Vec.ORIGIN), List.of()))));
    }

    /** A picture with a mark below it, in a column, for each of the elements that it has to do without. */
    public Picture below(Picture picture, List<? extends Element> failing) {
        if (failing.isEmpty()) return picture;
        Bounds drawn = Extent.of(picture);
        double row = 2 * BOX_MM * look.drawing().scale();
        Vec at = drawn == null ? Vec.ORIGIN : new Vec(drawn.minX(), drawn.minY() - row);
        List<Group> groups = new ArrayList<>(picture.groups());
        for (Element e : failing) {
            ElementId layer = e instanceof OnLayer on ? on.layer() : e.id();
            String name = e instanceof Marked m ? m.mark() : "A thing";
            groups.add(new Group(e.id(), layer, mark(name, at), List.of()));
            at = at.plus(new Vec(0, -row));
        }
        return new Picture(picture.scale(), groups);
    }

    /** What a group that stands in the place of something says of it; null where a group is what it should be. */
    public static @Nullable String said(Group group) {
        for (Item item : group.items())
            if (item instanceof Item.Text t
                    && t.ink().equals(Inks.WARNING)
                    && t.text().endsWith(CANNOT)) return t.text();
        return null;
    }

    private List<Item> mark(String name, Vec at) {
        double scale = look.drawing().scale(), half = BOX_MM / 2 * scale;
        Vec low = at.plus(new Vec(-half, -half)), high = at.plus(new Vec(half, half));
        Pens pens = new Pens(look.lens());
        pens.closed(PenRole.EDGE, List.of(low, new Vec(high.x(), low.y()), high, new Vec(low.x(), high.y())));
        pens.line(PenRole.EDGE, low, high);
        pens.line(PenRole.EDGE, new Vec(low.x(), high.y()), new Vec(high.x(), low.y()));
        Vec beside = at.plus(new Vec(half + OFF_MM * scale, -Lettering.NOTE_MM / 2 * scale));
        pens.add(lettering.set(name + CANNOT, beside, 0, Lettering.NOTE_MM, Align.LEFT, true));
        return pens.items().stream().map(i -> i.inked(Inks.WARNING)).toList();
    }
}
