package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.ScaleLabel;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.TakenBoxes;

/** The frame of a drawing that shows a part of another, in that other: with its name, its scale and the sheet it stands on. */
public final class PartFrame {

    /** On paper: the height of the letters, and how far over the frame they stand. */
    private static final double LETTERS_MM = 1.8, UP_MM = 0.8;

    /** How many lines its name rather crosses than one word. */
    private static final int WORDS_COUNT = 100;

    private PartFrame() {}

    /** A place for its name. @param at the foot of its letters, at their left or right end */
    private record Place(Vec at, Lettering.Align align) {

        Bounds box(double wide, double high) {
            double from = align == Lettering.Align.LEFT ? at.x() : at.x() - wide;
            return new Bounds(from, at.y(), from + wide, at.y() + high);
        }
    }

    /** Null where the drawing that is looked at does not show it. @param drawn what its name keeps clear of */
    public static @Nullable Group of(Drawing part, Look look, Model model, Lettering lettering, List<Group> drawn) {
        boolean shown = look.marks(Lens.MarkOf.PART_PLANS) && part.isPartOf(look.drawing());
        if (!shown || !(part.frame() instanceof Drawing.Part frame)) return null;
        Pens pens = new Pens(look.lens());
        pens.closed(PenRole.OVERHEAD, frame.ring());
        double scale = look.drawing().scale();
        String words = words(part, look, model);
        double wide = lettering.width(words, LETTERS_MM, false) * scale, high = LETTERS_MM * scale;
        Place place = clearest(places(Bounds.of(frame.ring()), high, UP_MM * scale), wide, high, drawn, scale);
        pens.onPaper(lettering.set(words, place.at(), 0, LETTERS_MM, place.align(), false), scale, lettering);
        return new Group(part.id(), part.id(), pens.items(), List.of());
    }

    /** Over the frame, under it, beside it; the likelier first. */
    private static List<Place> places(Bounds frame, double high, double off) {
        List<Place> places = new ArrayList<>();
        for (double y : new double[] {frame.maxY() + off, frame.minY() - off - high}) {
            places.add(new Place(new Vec(frame.minX(), y), Lettering.Align.LEFT));
            places.add(new Place(new Vec(frame.maxX(), y), Lettering.Align.RIGHT));
        }
        for (double y : new double[] {frame.maxY() - high, frame.minY()}) {
            places.add(new Place(new Vec(frame.minX() - off, y), Lettering.Align.RIGHT));
            places.add(new Place(new Vec(frame.maxX() + off, y), Lettering.Align.LEFT));
        }
        return places;
    }

    private static Place clearest(List<Place> places, double wide, double high, List<Group> drawn, double scale) {
        List<Bounds> texts = TakenBoxes.texts(drawn, scale), lines = TakenBoxes.lines(drawn);
        Place best = places.getFirst();
        long least = Long.MAX_VALUE;
        for (Place p : places) {
            Bounds box = p.box(wide, high).grown(UP_MM * scale);
            long met = WORDS_COUNT * count(texts, box) + count(lines, box);
            if (met < least) {
                least = met;
                best = p;
            }
        }
        return best;
    }

    private static long count(List<Bounds> boxes, Bounds met) {
        return boxes.stream().filter(met::meets).count();
    }

    private static String words(Drawing part, Look look, Model model) {
        String words = part.name() + " " + ScaleLabel.of(part.scale(), look.units());
        return SheetLinks.sheetWith(part.id(), model) instanceof Sheet s ? words + ", " + s.number() : words;
    }
}
