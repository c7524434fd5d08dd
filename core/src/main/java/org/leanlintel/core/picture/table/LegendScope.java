package org.leanlintel.core.picture.table;

import java.util.List;
import java.util.function.Predicate;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.PenRole;

/** The drawings that a legend is of, by what they show. */
interface LegendScope {

    /** What the legend says where nothing is shown. */
    String empty();

    List<Drawing> drawings();

    /** How much of them is shown: by themselves, and on sheets. */
    List<Drawing.Frame> frames();

    /** Whether one of some drawings shows an element. @param which of the drawings */
    boolean shows(Element element, Predicate<Drawing> which);

    /** Whether a line of a pen is drawn somewhere. */
    boolean draws(PenRole role);

    /** Whether an element that is cut has a tint somewhere. */
    boolean fills(ElementId element, String tint);
}
