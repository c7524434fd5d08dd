package org.leanlintel.core.edit;

import java.util.List;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.HeatRule;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Wall;

/** What elements are called in sentences and in the names of edits. */
public final class Naming {

    private Naming() {}

    public static String of(Element element) {
        return switch (element) {
            case Settings s -> "project settings";
            case HeatRule h -> "surface resistances";
            case Storey s -> "storey " + s.name();
            case Layer l -> "layer " + l.name();
            case Lens l -> "lens " + l.name();
            case Material m -> "material " + m.name();
            case BuildUp b -> "build-up " + b.name();
            case Corner c -> "corner";
            case Wall w -> "wall " + w.mark();
            case Opening o -> o.noun() + " " + o.mark();
            case DimensionString s -> "dimension string";
            case Note n -> n.style() == Note.Style.NAME ? "name \"" + n.text() + "\"" : "note";
            case Drawing d -> "drawing " + d.name();
            case Sheet s -> "sheet " + s.number();
        };
    }

    static String of(List<? extends Element> elements) {
        return elements.size() == 1 ? of(elements.getFirst()) : elements.size() + " things";
    }

    /** The next free mark with this letter, or without one: W13 where W12 is the highest. */
    static String nextMark(Model model, String letter, int after) {
        int highest = 0;
        for (Element e : model.elements()) {
            String mark =
                    switch (e) {
                        case Wall w -> w.mark();
                        case Opening o -> o.mark();
                        case BuildUp b -> b.mark();
                        default -> "";
                    };
            if (mark.matches(letter + "\\d{1,6}"))
                highest = Math.max(highest, Integer.parseInt(mark.substring(letter.length())));
        }
        return letter + (highest + after);
    }
}
