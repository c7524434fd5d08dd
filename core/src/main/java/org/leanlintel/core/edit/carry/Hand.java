package org.leanlintel.core.edit.carry;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Rigid;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.SectionLine;

/**
 * Hands the whole house: every storey mirrored left to right, with swings, strings and names; drawings keep their place
 * on their sheets.
 *
 * @param about a point of the upright line it is mirrored in
 */
public record Hand(Vec about) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of();
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Rigid mirror = Rigid.mirror(new Line(about, new Vec(0, 1)));
        List<Element> things = WholeHouse.things(model);
        if (things.isEmpty()) return Refusal.because("There is nothing to hand yet.");
        Carrying carrying = WholeHouse.carrying(building, mirror);
        Refusal refusal = carrying.carry(things);
        if (refusal != null) return refusal;
        List<Element> put = new ArrayList<>(carrying.put());
        for (SectionLine l : model.all(SectionLine.class))
            put.add(l.through(
                    mirror.point(l.from()), mirror.point(l.to()), l.looking().other()));
        for (Drawing d : model.all(Drawing.class))
            if (d.frame() instanceof Drawing.Part part) put.add(d.framed(part.each(inPicture(d, model, mirror))));
        put.addAll(WholeHouse.sheets(model, mirror, d -> inPicture(d, model, mirror)));
        return Change.to(model, "hand the house", put, List.of());
    }

    /** Where a place of a drawing's picture comes to be: in plans as in the house, in sections and elevations of front and back from side to side. */
    private static UnaryOperator<Vec> inPicture(Drawing drawing, Model model, Rigid mirror) {
        return switch (drawing.kind()) {
            case PLAN -> mirror::point;
            case SECTION -> turned(SectionFrame.of(drawing, model).endMm());
            case ELEVATION -> {
                Vec right = SectionFrame.of(drawing, model).right();
                boolean square = Math.abs(right.y()) < Tolerance.PARALLEL_SINE;
                yield square ? turned(mirror.point(Vec.ORIGIN).dot(right)) : p -> p;
            }
            default -> p -> p;
        };
    }

    private static UnaryOperator<Vec> turned(double about) {
        return p -> new Vec(about - p.x(), p.y());
    }
}
