package org.leanlintel.core.building.roof;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.roof.Profile;
import org.leanlintel.core.roof.RoofEdge;
import org.leanlintel.core.roof.RoofShape;
import org.leanlintel.core.roof.RoofSolver;

/**
 * A dormer in its slope. Planes are those of the tops of rafters; places are given from the middle of its front, x up the slope and y
 * along the eaves.
 *
 * @param main the slope that it stands in
 * @param faces of its roof, as far as they lie over that
 * @param wholes the same before they were cut
 * @param plateMm the level of its plates
 * @param cheekMm how far its cheeks reach back
 */
record DormerShape(
        RoofPart part,
        RoofPart.Dormer dormer,
        Plane main,
        List<RoofShape.Face> faces,
        List<RoofShape.Face> wholes,
        double plateMm,
        double cheekMm) {

    /** Its roof begins so far behind where it dies, to be cut there. */
    private static final double BEYOND_MM = 200;

    DormerShape {
        faces = List.copyOf(faces);
        wholes = List.copyOf(wholes);
    }

    /** Null where its roof never meets the slope, or meets it past the slope's end. */
    static @Nullable DormerShape of(RoofPart part, RoofPart.Dormer dormer, RoofShape.Face in) {
        double half = part.widthMm() / 2,
                front = part.lengthMm(),
                main = in.tan(),
                own = dormer.pitch().tan();
        boolean shed = dormer.form() == RoofPart.Form.SHED;
        if (shed && own >= main) return null;
        double dies = shed ? front / (main - own) : (front + half * own) / main;
        double plate = in.plane().at(part.at()) + front, cheek = shed ? dies : front / main;
        Frame frame = new Frame(part.at(), in.plane().slope().unit());
        boolean within = in.plan().covers(frame.at(dies, 0))
                && in.plan().covers(frame.at(cheek, half))
                && in.plan().covers(frame.at(cheek, -half));
        if (!within) return null;
        List<RoofShape.Face> wholes = solved(dormer, frame, half, dies + BEYOND_MM, plate);
        List<RoofShape.Face> faces = new ArrayList<>();
        for (RoofShape.Face f : wholes) {
            Area over = f.plan().over(f.plane().minus(in.plane()));
            if (over.mm2() > Tolerance.SLIVER_MM2) faces.add(new RoofShape.Face(f.edge(), f.band(), over, f.plane()));
        }
        return wholes.isEmpty() ? null : new DormerShape(part, dormer, in.plane(), faces, wholes, plate, cheek);
    }

    private static List<RoofShape.Face> solved(
            RoofPart.Dormer dormer, Frame frame, double half, double back, double plate) {
        double own = dormer.pitch().tan(), over = dormer.overMm(), low = plate - over * own;
        Profile slope = Profile.sloping(low, own), wall = Profile.upright(low);
        Profile side = dormer.form() == RoofPart.Form.SHED ? wall : slope;
        Profile front = dormer.form() == RoofPart.Form.GABLED ? wall : slope;
        Vec a = frame.at(-over, -half - over), b = frame.at(back, -half - over);
        Vec c = frame.at(back, half + over), d = frame.at(-over, half + over);
        List<RoofEdge> edges = List.of(
                new RoofEdge(a, b, side),
                new RoofEdge(b, c, wall),
                new RoofEdge(c, d, side),
                new RoofEdge(d, a, front));
        return RoofSolver.solve(List.of(edges)) instanceof RoofShape shape ? shape.faces() : List.of();
    }

    /** Places from the middle of the front. @param up the slope, one long */
    private record Frame(Vec from, Vec up) {

        Vec at(double x, double y) {
            return from.along(up, x).along(up.left(), y);
        }
    }

    /** A rectangle, counter-clockwise. */
    List<Vec> rectangle(double x0, double x1, double y0, double y1) {
        Frame f = new Frame(part.at(), main.slope().unit());
        return List.of(f.at(x0, y0), f.at(x1, y0), f.at(x1, y1), f.at(x0, y1));
    }

    /** All that its roof covers. */
    Area covered() {
        return Area.union(faces.stream().map(RoofShape.Face::plan).toList());
    }

    /** What it takes of its slope: all within the outer faces of its walls. */
    Area hole() {
        double half = part.widthMm() / 2, far = 1e6;
        return covered().and(Area.of(rectangle(0, far, -half, half)));
    }

    /** The highest place of its roof. */
    double topMm() {
        double highest = plateMm;
        for (RoofShape.Face f : faces)
            for (List<Vec> ring : f.plan().rings())
                for (Vec p : ring) highest = Math.max(highest, f.plane().at(p));
        return highest;
    }
}
