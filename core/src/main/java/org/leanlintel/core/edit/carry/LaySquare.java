package org.leanlintel.core.edit.carry;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.join.WallAxis;
import org.leanlintel.core.edit.Edit;
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
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.Tracing;
import org.leanlintel.core.model.Wall;

/**
 * Turns the whole house about the plan's origin, by less than half a right angle, so that a straight wall runs along or up its plans: as a house
 * measured where it stands is drawn. North, section lines, elevations and what is traced from turn with it; sections and elevations show what they did.
 */
public record LaySquare(ElementId wall) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(wall);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Wall straight = model.get(wall, Wall.class);
        WallAxis axis = WallAxis.of(model, straight);
        if (axis == null || !axis.isStraight())
            return Refusal.because("%s is not straight: choose a wall that is.".formatted(straight.mark()));
        double quarter = Math.PI / 2, angle = axis.chord().direction().angle();
        double by = -Math.IEEEremainder(angle, quarter);
        if (Math.abs(by) < Tolerance.PARALLEL_SINE)
            return Refusal.because("The house lies square to %s already.".formatted(straight.mark()));
        Rigid turn = Rigid.turn(Vec.ORIGIN, by);
        WholeHouse house = new WholeHouse(building, turn, d -> null);
        if (house.carry(WholeHouse.PLOT, d -> turned(d, turn)) instanceof Refusal refusal) return refusal;
        List<Element> put = new ArrayList<>(house.put());
        for (SectionLine l : model.all(SectionLine.class))
            put.add(l.through(turn.point(l.from()), turn.point(l.to()), l.looking()));
        for (Tracing t : model.all(Tracing.class)) put.add(t.laid(turn.point(t.at()), turn.angle(t.angle())));
        Site site = Site.of(model);
        put.add(site.turned(turn.angle(site.north())));
        return Change.to(model, "lay the house square to " + straight.mark(), put, List.of());
    }

    /** An elevation of the side it was of. */
    private static Drawing turned(Drawing drawing, Rigid turn) {
        return drawing.subject() instanceof Drawing.Facing f ? drawing.facing(turn.angle(f.angle())) : drawing;
    }
}
