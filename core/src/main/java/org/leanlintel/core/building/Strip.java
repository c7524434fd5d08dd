package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;

/**
 * A wall before its ends are joined: its plies as strips beside its set-out line.
 *
 * @param plies from the right of the run to its left
 */
public record Strip(Wall wall, BuildUp buildUp, WallAxis axis, List<StripPly> plies) {

    /**
     * One ply of a strip.
     *
     * @param index of the ply in its build-up, from the outside
     * @param lo to the left of the set-out line, millimetres
     * @param hi not less than lo; equal for a membrane
     */
    public record StripPly(int index, double lo, double hi, Material material, Does does) {

        public double thickness() {
            return hi - lo;
        }
    }

    public Strip {
        plies = List.copyOf(plies);
    }

    static Strip of(Model model, Wall wall, WallAxis axis) {
        BuildUp buildUp = model.get(wall.buildUp(), BuildUp.class);
        List<StripPly> plies = new ArrayList<>(buildUp.plies().size());
        for (int i = 0; i < buildUp.plies().size(); i++) {
            Ply ply = buildUp.plies().get(i);
            double outer = offsetOfFace(wall, buildUp, i);
            double inner = offsetOfFace(wall, buildUp, i + 1);
            plies.add(new StripPly(
                    i,
                    Math.min(outer, inner),
                    Math.max(outer, inner),
                    model.get(ply.material(), Material.class),
                    ply.does()));
        }
        if (wall.outside() == Side.LEFT) plies = plies.reversed();
        return new Strip(wall, buildUp, axis, plies);
    }

    /** How far left of the set-out line a face of the build-up lies; face 0 is the outer face. */
    public static double offsetOfFace(Wall wall, BuildUp buildUp, int face) {
        return wall.outside().sign() * (wall.setOut().depthIn(buildUp) - buildUp.depthOfFace(face)) + 0.0;
    }

    public double offsetOfFace(int face) {
        return offsetOfFace(wall, buildUp, face);
    }

    /** What ply {@code i} of this strip fills places with. */
    public Content content(int i) {
        StripPly p = plies.get(i);
        return new Content(this, p.index(), p.material(), p.does());
    }

    public double lo() {
        return plies.getFirst().lo();
    }

    public double hi() {
        return plies.getLast().hi();
    }

    /** Of the plain rectangle it is before its ends are joined. */
    public List<Vec> corners() {
        return List.of(at(0, lo()), at(length(), lo()), at(length(), hi()), at(0, hi()));
    }

    public double length() {
        return axis.length();
    }

    public Vec at(double s, double t) {
        Line line = axis.line();
        return line.through().along(line.direction(), s).along(line.direction().left(), t);
    }
}
