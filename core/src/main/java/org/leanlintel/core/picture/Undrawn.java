package org.leanlintel.core.picture;

import java.lang.System.Logger.Level;
import java.util.List;
import java.util.function.Supplier;
import org.leanlintel.core.geometry.GivenUp;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Lettering.Align;

/**
 * Stands in the place of an element that cannot be drawn, by a fault of ours which is logged: a crossed box and what it stands for. The
 * rest of the drawing is drawn.
 */
public final class Undrawn {

    private static final System.Logger LOG = System.getLogger(Undrawn.class.getName());

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
        try {
            return drawing.get();
        } catch (GivenUp stopped) {
            throw stopped;
        } catch (RuntimeException | StackOverflowError fault) {
            LOG.log(Level.ERROR, "%s (%s) cannot be drawn".formatted(name, element), fault);
            return new Group(element, layer, mark(name, at), List.of());
        }
    }

    private List<Item> mark(String name, Vec at) {
        double scale = look.drawing().scale(), half = BOX_MM / 2 * scale;
        Vec low = at.plus(new Vec(-half, -half)), high = at.plus(new Vec(half, half));
        Pens pens = new Pens(look.lens());
        pens.closed(PenRole.EDGE, List.of(low, new Vec(high.x(), low.y()), high, new Vec(low.x(), high.y())));
        pens.line(PenRole.EDGE, low, high);
        pens.line(PenRole.EDGE, new Vec(low.x(), high.y()), new Vec(high.x(), low.y()));
        Vec beside = at.plus(new Vec(half + OFF_MM * scale, -Lettering.NOTE_MM / 2 * scale));
        pens.add(lettering.set(name + " cannot be drawn", beside, 0, Lettering.NOTE_MM, Align.LEFT, true));
        return pens.items();
    }
}
