package org.leanlintel.core.building.body;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Panel;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.join.Content;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.geometry.Winding;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Opening;

/** A bay of three sides before a wall: a side, the front and a side, with what stands under it and closes it above. */
final class Bay {

    static final int SIDES = 3;

    /** Millimetres, usual sizes: its floor, the edge of its lid and how far that stands out, and walls under it. */
    private static final double FLOOR_MM = 100, EDGE_MM = 60, OUT_MM = 60, WALL_MM = 100;

    /** So far behind the face of the wall a bay runs on before it is cut there. */
    private static final double BEHIND_MM = 500;

    private final Strip strip;
    private final Opening opening;
    private final Opening.Bay of;
    private final double inwards;
    /** From the wall to the wall again, along the outer faces of its sides. */
    private final List<Vec> line;

    Bay(Strip strip, PlacedOpening placed, Opening.Bay of) {
        this.strip = strip;
        this.of = of;
        opening = placed.opening();
        inwards = -strip.wall().outside().sign();
        double outer = strip.offsetOfFace(0), out = outer - inwards * of.projectionMm();
        double side = (placed.to() - placed.from()) * (1 - of.frontPart()) / 2;
        line = List.of(
                strip.at(placed.from(), outer),
                strip.at(placed.from() + side, out),
                strip.at(placed.to() - side, out),
                strip.at(placed.to(), outer));
    }

    /** The lowest the ground lies along it, above the project's zero. */
    double lowestMm(Ground ground) {
        return line.stream().mapToDouble(ground::at).min().orElseThrow();
    }

    /** The upright plane of a side, so deep inwards. */
    Panel panel(int side, double deepMm, List<Body> bodies) {
        Vec start = line.get(side),
                end = line.get(side + 1),
                along = end.minus(start).unit();
        return new Panel(opening, start, along, in(side), start.distanceTo(end), deepMm, bodies);
    }

    private Vec in(int side) {
        return line.get(side + 1).minus(line.get(side)).unit().left().times(inwards);
    }

    /**
     * Its floor with what stands under that, and its lid.
     *
     * @param footMm where walls under it begin, above the project's zero
     * @param low where its windows begin; @param high where they end
     */
    void closed(double footMm, double low, double high, List<Body> bodies) {
        add(area(0), Plane.level(low - FLOOR_MM), Plane.level(low), Panel.FRAME, Does.LINING, bodies);
        if (of.foot() == Opening.BayFoot.WALLED && low - FLOOR_MM - footMm > Tolerance.SAME_MM) {
            Strip.StripPly outermost = outermost();
            Area walls = area(0).minus(area(-WALL_MM));
            add(
                    walls,
                    Plane.level(footMm),
                    Plane.level(low - FLOOR_MM),
                    outermost.material(),
                    outermost.does(),
                    bodies);
        }
        lid(high, bodies);
    }

    /** Plies of a strip are told from its right to its left. */
    private Strip.StripPly outermost() {
        return strip.plies().stream().filter(p -> p.index() == 0).findFirst().orElseThrow();
    }

    private void lid(double high, List<Body> bodies) {
        Area whole = area(OUT_MM);
        double edge = high + EDGE_MM;
        switch (of.lid()) {
            case Opening.FlatLid flat ->
                add(whole, Plane.level(high), Plane.level(edge), Panel.FRAME, Does.LINING, bodies);
            case Opening.SlopedLid sloped -> {
                List<Plane> slopes = new ArrayList<>();
                for (int i = 0; i < SIDES; i++)
                    slopes.add(Plane.rising(
                            line.get(i).along(in(i), -OUT_MM),
                            edge,
                            in(i),
                            sloped.pitch().tan()));
                for (Plane slope : slopes) {
                    Area lowest = whole;
                    for (Plane other : slopes) if (other != slope) lowest = lowest.over(other.minus(slope));
                    add(lowest, Plane.level(high), slope, Panel.FRAME, Does.LINING, bodies);
                }
            }
        }
    }

    /** Before the wall, its sides so far out of where they stand. */
    private Area area(double outMm) {
        Vec out = in(1).times(-1);
        List<Vec> ring = new ArrayList<>(line);
        ring.add(line.getLast().along(out, -BEHIND_MM));
        ring.add(line.getFirst().along(out, -BEHIND_MM));
        Area grown = Area.of(Winding.counterClockwise(ring)).grown(outMm);
        return grown.over(Plane.rising(line.getFirst(), 0, out, 1));
    }

    private void add(Area area, Plane low, Plane high, Material material, Does does, List<Body> bodies) {
        for (List<Vec> closed : area.ringsWithoutHoles())
            bodies.add(new Body(
                    opening.id(),
                    Content.NO_PLY,
                    material,
                    does,
                    Winding.counterClockwise(closed.subList(0, closed.size() - 1)),
                    low,
                    high));
    }
}
