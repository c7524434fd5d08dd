package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Rules;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WorkState;

/** Whether what carries stands on something, and outside walls line up from storey to storey. */
final class SupportCheck {

    /** Further apart, one is not above the other. */
    private static final double APART_MM = 400;
    /** Past a wall's face, to see whether that is inside. */
    private static final double BESIDE_MM = 50;
    /** The parts of a wall's length that are looked under. */
    private static final double[] LOOKED_UNDER = {0.1, 0.3, 0.5, 0.7, 0.9};

    private final Building building;
    private final Storey storey;
    private final @Nullable Storey below;
    private final LengthPrinter lengths;
    private final List<Finding> findings = new ArrayList<>();

    SupportCheck(Building building, Storey storey) {
        this.building = building;
        this.storey = storey;
        below = StoreySpace.below(building.model(), storey);
        lengths = LengthPrinter.ofScreen(building.model().settings().units());
    }

    List<Finding> findings(ElementId wall) {
        WallSolid solid = building.solid(wall);
        if (solid == null || !solid.strip().wall().storey().equals(storey.id())) return findings;
        if (below == null || !building.get(new HasWalls(below.id()))) return findings;
        if (solid.strip().wall().state() == WorkState.NEW && isOutside(solid)) check(solid.strip(), below);
        return findings;
    }

    private record HasWalls(ElementId storey) implements Key<Boolean> {
        @Override
        public Boolean from(Reads reads) {
            return !Building.in(reads).solidsOf(storey).isEmpty();
        }
    }

    private boolean isOutside(WallSolid solid) {
        Strip s = solid.strip();
        double middle = s.length() / 2;
        return Rooms.in(building).at(storey.id(), s.at(middle, s.hi() + BESIDE_MM)) == null
                || Rooms.in(building).at(storey.id(), s.at(middle, s.lo() - BESIDE_MM)) == null;
    }

    private void check(Strip strip, Storey lower) {
        int bare = 0;
        double worst = 0;
        @Nullable Wall under = null;
        for (double part : LOOKED_UNDER) {
            Strip host = under(strip, part, lower);
            if (host == null) {
                bare++;
                continue;
            }
            double off = Math.abs(outOfLine(strip, host, part));
            if (off <= worst) continue;
            worst = off;
            under = host.wall();
        }
        Vec at = strip.at(strip.length() / 2, 0);
        Wall wall = strip.wall();
        if (bare > LOOKED_UNDER.length / 2)
            findings.add(finding(
                    wall,
                    at,
                    "%s carries, and has no wall under it on %s.".formatted(wall.mark(), lower.name()),
                    "Put a wall or a beam under it.",
                    ""));
        else if (under != null
                && building.model().find(Rules.ID) instanceof Rules rules
                && worst > rules.support().outOfLineMm())
            findings.add(finding(
                    wall,
                    at,
                    "%s stands %s out of line with %s under it, %s at most, %s."
                            .formatted(
                                    wall.mark(),
                                    lengths.print(worst),
                                    under.mark(),
                                    lengths.print(rules.support().outOfLineMm()),
                                    rules.support().source()),
                    "Move one of them.",
                    rules.support().cited()));
    }

    /** The wall below whose structure lies nearest under a place of this one's. */
    private @Nullable Strip under(Strip strip, double part, Storey lower) {
        Vec at = strip.at(strip.length() * part, middle(strip));
        Strip nearest = null;
        double least = APART_MM;
        for (Strip host : building.near(at, lower.id())) {
            if (!host.wall().stays()
                    || !host.axis().isStraight() && strip.axis().isStraight()) continue;
            double s = host.axis().s(at);
            boolean along =
                    Math.abs(host.axis().directionAt(s).cross(strip.axis().directionAt(strip.length() * part)))
                            < Tolerance.BEND_SINE;
            if (!along || s < -host.thickness() || s > host.length() + host.thickness()) continue;
            double off = Math.abs(at.minus(host.at(s, middle(host)))
                    .dot(host.axis().directionAt(s).left()));
            double touching = (host.buildUp().structureMm() + strip.buildUp().structureMm()) / 2;
            if (off > touching || off >= least) continue;
            least = off;
            nearest = host;
        }
        return nearest;
    }

    /** Of the outer faces of their structures. */
    private static double outOfLine(Strip strip, Strip host, double part) {
        double s = strip.length() * part;
        Vec outer = strip.at(s, strip.offsetOfFace(strip.buildUp().structureFrom()));
        double on = host.axis().s(outer);
        Vec left = host.axis().directionAt(on).left();
        double one = outer.minus(host.at(on, host.offsetOfFace(host.buildUp().structureFrom())))
                .dot(left);
        double other = outer.minus(host.at(on, host.offsetOfFace(host.buildUp().structureTo())))
                .dot(left);
        return Math.abs(one) < Math.abs(other) ? one : other;
    }

    private static double middle(Strip strip) {
        return (strip.offsetOfFace(strip.buildUp().structureFrom())
                        + strip.offsetOfFace(strip.buildUp().structureTo()))
                / 2;
    }

    private Finding finding(Wall wall, Vec at, String sentence, String remedy, String source) {
        return new Finding(Finding.Kind.SUPPORT, sentence, remedy, List.of(wall.id()), storey.id(), at, source);
    }
}
