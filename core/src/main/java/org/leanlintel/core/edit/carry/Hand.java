package org.leanlintel.core.edit.carry;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.drawing.DrawElevations;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Rigid;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Site;

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
        WholeHouse house = new WholeHouse(building, mirror, d -> inPicture(d, model, mirror));
        Map<ElementId, Drawing> sides = sides(model, mirror);
        if (house.carry(WholeHouse.PLOT, d -> sides.getOrDefault(d.id(), d)) instanceof Refusal refusal) return refusal;
        List<Element> put = new ArrayList<>(house.put());
        for (SectionLine l : model.all(SectionLine.class)) put.add(handed(l, mirror));
        return Change.to(model, "hand the house", put, List.of());
    }

    private static SectionLine handed(SectionLine line, Rigid mirror) {
        return line.through(
                        mirror.point(line.from()),
                        mirror.point(line.to()),
                        line.looking().other())
                .stepping(line.steps().stream()
                        .map(s -> new SectionLine.Step(s.alongMm(), -s.leftMm()))
                        .toList());
    }

    /** In sections and elevations left and right change places. */
    private static @Nullable Rigid inPicture(Drawing drawing, Model model, Rigid mirror) {
        return switch (drawing.kind()) {
            case SECTION -> about(SectionFrame.of(drawing, model).endMm() / 2);
            case ELEVATION -> {
                Drawing handed = facing(drawing, mirror);
                yield about(mirror.point(Vec.ORIGIN)
                                .dot(SectionFrame.of(handed, model).right())
                        / 2);
            }
            default -> null;
        };
    }

    private static Rigid about(double x) {
        return Rigid.mirror(new Line(new Vec(x, 0), new Vec(0, 1)));
    }

    private static Drawing facing(Drawing drawing, Rigid mirror) {
        return drawing.subject() instanceof Drawing.Facing f ? drawing.facing(mirror.angle(f.angle())) : drawing;
    }

    /** Elevations of the sides they were of. One that was named by the way that looked is named by the way it looks now. */
    private static Map<ElementId, Drawing> sides(Model model, Rigid mirror) {
        double north = Site.of(model).north();
        Map<ElementId, Drawing> sides = new LinkedHashMap<>();
        Set<String> others = new HashSet<>();
        for (Drawing d : model.all(Drawing.class))
            if (d.subject() instanceof Drawing.Facing) sides.put(d.id(), facing(d, mirror));
            else others.add(d.name());
        for (Drawing d : model.all(Drawing.class))
            if (d.subject() instanceof Drawing.Facing f && !d.name().equals(name(f, north))) others.add(d.name());
        sides.replaceAll((id, handed) -> {
            Drawing was = model.get(id, Drawing.class);
            boolean byCompass =
                    was.subject() instanceof Drawing.Facing f && was.name().equals(name(f, north));
            String name = handed.subject() instanceof Drawing.Facing f ? name(f, north) : was.name();
            return byCompass && others.add(name) ? handed.as(id, name) : handed;
        });
        return sides;
    }

    private static String name(Drawing.Facing facing, double north) {
        return DrawElevations.name(facing.angle(), north);
    }
}
