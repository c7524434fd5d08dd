package org.leanlintel.core.edit.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.edit.carry.Written;
import org.leanlintel.core.geometry.Rigid;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Annotation;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Wall;

/**
 * What is written in a section stays where it was in the house once the section's line begins elsewhere along itself: places in the
 * picture are counted from there. So do the frames of its details, and the house stays where it lay on sheets.
 */
final class FollowingSections {

    private final Model before;
    private final Building building;
    private final Model after;
    private final Set<ElementId> drawings;
    private final Vec by;

    private FollowingSections(Model before, Building after, Set<ElementId> drawings, Vec by) {
        this.before = before;
        building = after;
        this.after = after.model();
        this.drawings = drawings;
        this.by = by;
    }

    /** The elements that have to be put besides those of the change; none where walls move with the line. */
    static List<Element> of(Model before, Change change, Building after) {
        List<Element> put = new ArrayList<>();
        if (change.after().stream().anyMatch(e -> e instanceof Wall || e instanceof Corner)) return put;
        for (Element e : change.after())
            if (e instanceof SectionLine is
                    && before.find(is.id()) instanceof SectionLine was
                    && shift(SectionFrame.of(was), SectionFrame.of(is)) instanceof Vec by)
                new FollowingSections(before, after, drawings(is, after.model()), by).put(put);
        return put;
    }

    /** How far the house moves in the picture; null where it stays, or is seen another way. */
    private static @Nullable Vec shift(SectionFrame was, SectionFrame is) {
        if (was.right().distanceTo(is.right()) > Tolerance.PARALLEL_SINE) return null;
        double x = was.at().minus(is.at()).dot(is.right());
        return Tolerance.same(x, 0) ? null : new Vec(x, 0);
    }

    private static Set<ElementId> drawings(SectionLine line, Model model) {
        return model.all(Drawing.class).stream()
                .filter(d ->
                        d.subject() instanceof Drawing.One one && one.element().equals(line.id()))
                .map(Drawing::id)
                .collect(Collectors.toSet());
    }

    private void put(List<Element> put) {
        for (Element e : after.elements()) {
            if (before.find(e.id()) != e) continue;
            switch (e) {
                case Annotation a -> {
                    if (drawings.contains(a.drawing()))
                        put.addAll(Written.moved(List.of(a), Rigid.shift(by), building));
                }
                case Drawing d -> {
                    if (drawings.contains(d.id()) && d.frame() instanceof Drawing.Part part)
                        put.add(d.framed(part.moved(by)));
                }
                case Sheet s -> {
                    if (s.drawings().stream().anyMatch(p -> drawings.contains(p.drawing()))) put.add(placed(s));
                }
                default -> {}
            }
        }
    }

    private Sheet placed(Sheet sheet) {
        return sheet.with(sheet.drawings().stream()
                .map(p -> drawings.contains(p.drawing()) ? p.carried(moved(p.anchor()), this::moved) : p)
                .toList());
    }

    private Vec moved(Vec p) {
        return p.plus(by);
    }
}
