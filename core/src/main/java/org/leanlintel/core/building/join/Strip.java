package org.leanlintel.core.building.join;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Circle;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Track;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Hold;
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

    public static Strip of(Model model, Wall wall, WallAxis axis) {
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

    /** Of a face as {@link Hold.OnFace} counts them: one further in than there are plies is the inner one. */
    public double offsetOfFace(int face) {
        if (face == Hold.OnFace.CENTRE_LINE)
            return (offsetOfFace(wall, buildUp, buildUp.structureFrom())
                            + offsetOfFace(wall, buildUp, buildUp.structureTo()))
                    / 2;
        return face < 0 ? 0 : offsetOfFace(wall, buildUp, Math.min(face, plies.size()));
    }

    /** What ply {@code i} of this strip fills places with. */
    public Content content(int i) {
        StripPly p = plies.get(i);
        return new Content(this, p.index(), p.material(), p.does());
    }

    public double thickness() {
        return hi() - lo();
    }

    public double lo() {
        return plies.getFirst().lo();
    }

    public double hi() {
        return plies.getLast().hi();
    }

    /** The outline it has before its ends are joined, counter-clockwise. */
    public List<Vec> outline() {
        return ring(0, length(), lo(), hi());
    }

    /** Round a stretch of it between two offsets, counter-clockwise; arcs as chords. */
    public List<Vec> ring(double from, double to, double lo, double hi) {
        List<Vec> ring = new ArrayList<>(along(from, to, lo));
        ring.addAll(along(from, to, hi).reversed());
        return ring;
    }

    /**
     * Points along the offset t, from one s to another: two on a straight wall, on an arc as many as keep its chords within
     * {@link Tolerance#CHORD_MM}. All offsets have theirs at the same s, so that neighbours share them.
     */
    public List<Vec> along(double from, double to, double t) {
        List<Vec> points = new ArrayList<>(List.of(at(from, t)));
        for (double s : steps(from, to)) points.add(at(s, t));
        points.add(at(to, t));
        return points;
    }

    /** Where chords of an arc join, between two s; none on a straight wall. */
    public List<Double> steps(double from, double to) {
        if (!(axis.track() instanceof Circle circle)) return List.of();
        double widest = Math.max(circle.radius() - lo() * circle.turn(), circle.radius() - hi() * circle.turn());
        double step = circle.radius() * 2 * Math.acos(1 - Tolerance.CHORD_MM / Math.max(widest, 1));
        List<Double> steps = new ArrayList<>();
        for (long k = (long) Math.floor(from / step) + 1; k * step < to - Tolerance.SAME_MM; k++) {
            if (k * step > from + Tolerance.SAME_MM) steps.add(k * step);
        }
        return steps;
    }

    /** Away from an end, along the wall. */
    public Vec away(End end) {
        return end == End.START
                ? axis.directionAt(0)
                : axis.directionAt(length()).times(-1);
    }

    /** Where a face of this strip runs; null where an arc has no radius left. */
    @Nullable
    Track face(double t) {
        return axis.track().shiftedLeft(t);
    }

    public double length() {
        return axis.length();
    }

    public Vec at(double s, double t) {
        return axis.track().at(s, t);
    }
}
