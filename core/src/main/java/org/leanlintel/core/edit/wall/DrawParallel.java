package org.leanlintel.core.edit.wall;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.feature.Gaps;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Gap;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.model.Wall;

/**
 * Draws a wall beside a straight one, at a clear distance. It runs to the next walls that cross its line on either hand,
 * or as far as the wall it lies beside.
 *
 * @param side of the wall {@code beside} on which it is drawn
 * @param faces what the distance lies between
 */
public record DrawParallel(NewWall wall, ElementId beside, Side side, Gap.Faces faces, double clearMm) implements Edit {

    private static final int MOST_MM = 1_000_000;
    /** Millimetres. How far on walls are looked for that it could run to. */
    private static final double FURTHEST_MM = 30_000;

    public DrawParallel {
        if (!(clearMm >= 0 && clearMm <= MOST_MM))
            throw new Unusable("A distance must be between 0 and %d mm, not %s.".formatted(MOST_MM, clearMm));
    }

    @Override
    public Set<ElementId> reads() {
        Set<ElementId> ids = wall.reads();
        ids.add(beside);
        return ids;
    }

    @Override
    public Outcome on(Building building) {
        Wall known = building.model().get(beside, Wall.class);
        WallSolid solid = building.solid(beside);
        if (solid == null || !known.isStraight())
            return Refusal.because("Only a straight wall has others drawn beside it so far.", beside);
        Strip strip = solid.strip();
        double middle = strip.length() / 2;
        double offset = Gaps.face(solid, side, middle, faces)
                + side.sign() * clearMm
                - nearFace(building.model().get(wall.buildUp(), BuildUp.class));
        Line line = strip.axis().chord().shiftedLeft(offset);
        List<Pick> picks =
                List.of(end(building, solid, line, middle, End.START), end(building, solid, line, middle, End.END));
        return new DrawWalls(wall, picks, false).on(building);
    }

    /** How far left of the new wall's set-out line its face towards the other lies. */
    private double nearFace(BuildUp buildUp) {
        double depth = wall.setOut().depthIn(buildUp), sign = wall.outside().sign();
        int from = faces == Gap.Faces.FINISH ? 0 : buildUp.structureFrom(),
                to = faces == Gap.Faces.FINISH ? buildUp.plies().size() : buildUp.structureTo();
        double one = sign * (depth - buildUp.depthOfFace(from)), two = sign * (depth - buildUp.depthOfFace(to));
        if (faces == Gap.Faces.MIDDLE) return (one + two) / 2;
        return side == Side.LEFT ? Math.min(one, two) : Math.max(one, two);
    }

    private Pick end(Building building, WallSolid solid, Line line, double middle, End end) {
        int way = end == End.START ? -1 : 1;
        Pick nearest = bare(line.at(solid.visible(end)));
        double reach = Double.POSITIVE_INFINITY;
        for (Strip near : building.along(line.at(middle), line.at(middle + way * FURTHEST_MM), wall.storey())) {
            if (!(building.solid(near.wall().id()) instanceof WallSolid other)) continue;
            Line crossed = other.strip().axis().chord();
            if (!other.strip().axis().isStraight() || !(line.meets(crossed) instanceof Double along)) continue;
            double place = crossed.along(line.at(along)), far = (along - middle) * way;
            boolean meets = far > 0 && place > other.visible(End.START) && place < other.visible(End.END);
            boolean crosses = Math.abs(line.direction().cross(crossed.direction())) > Tolerance.BEND_SINE;
            if (!meets || !crosses || far >= reach) continue;
            reach = far;
            nearest = new Pick(
                    line.at(along), new Hold.OnFace(other.strip().wall().id(), 0));
        }
        return nearest;
    }

    private static Pick bare(Vec at) {
        return Pick.bare(at.x(), at.y());
    }
}
