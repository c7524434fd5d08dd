package org.leanlintel.core.picture;

import java.util.List;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.Strip;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Side;

/**
 * The plan symbol of what stands in an opening: leaf and swing, frame and glass. An opening that the cut misses shows
 * dashed.
 */
final class OpeningPainter {

    /** Face width of frames and door linings. Trade usual 27 to 32 mm. */
    private static final double FRAME_MM = 32;
    /** Depth of a door's frame, or the wall's thickness where that is less. */
    private static final double DOOR_FRAME_DEPTH_MM = 115;

    private static final double LEAF_MM = 40;
    /** Depth of a window's frame. */
    private static final double WINDOW_FRAME_DEPTH_MM = 70;

    private static final double PANE_MM = 24;
    private static final double LIFTING_PANEL_MM = 45;
    private static final String PAPER = "#ffffff";

    private final Strip strip;
    private final PlacedOpening placed;
    private final boolean cut;
    private final Pens pens;

    OpeningPainter(WallSolid solid, PlacedOpening placed, double cutMm, Pens pens) {
        strip = solid.strip();
        this.placed = placed;
        cut = placed.openAt(cutMm - solid.levelMm());
        this.pens = pens;
    }

    void paint() {
        if (!cut) {
            outline();
            return;
        }
        if (strip.buildUp().plies().stream().anyMatch(p -> p.does() == Does.FACING)) faces();
        switch (placed.opening().kind()) {
            case Opening.SwingDoor door -> swingDoor(door);
            case Opening.Window window -> window(window);
            case Opening.LiftingDoor lifting -> liftingDoor();
        }
    }

    private void outline() {
        pens.closed(PenRole.OVERHEAD, rectangle(placed.from(), placed.to(), strip.lo(), strip.hi()));
    }

    /** The sill or threshold seen below, at both faces. */
    private void faces() {
        for (double t : new double[] {strip.lo(), strip.hi()})
            pens.line(PenRole.EDGE, strip.along(placed.from(), placed.to(), t));
    }

    private void swingDoor(Opening.SwingDoor door) {
        double depth = Math.min(DOOR_FRAME_DEPTH_MM, strip.hi() - strip.lo());
        double face = door.swing() == Side.LEFT ? strip.hi() : strip.lo();
        double back = face - door.swing().sign() * depth;
        box(PenRole.CUT_LINING, placed.from(), placed.from() + FRAME_MM, back, face);
        box(PenRole.CUT_LINING, placed.to() - FRAME_MM, placed.to(), back, face);
        boolean atStart = door.hinge() == End.START;
        double hinge = atStart ? placed.from() + FRAME_MM : placed.to() - FRAME_MM;
        double into = atStart ? 1 : -1;
        double leaf = placed.to() - placed.from() - 2 * FRAME_MM;
        double tip = face + door.swing().sign() * leaf;
        box(PenRole.DOOR_LEAF, hinge, hinge + into * LEAF_MM, face, tip);
        Vec pivot = strip.at(hinge, face);
        double open = strip.at(hinge, tip).minus(pivot).angle();
        boolean turnsLeft = atStart == (door.swing() == Side.RIGHT);
        pens.add(new Item.Arc(
                PenRole.DOOR_SWING,
                pens.pen(PenRole.DOOR_SWING),
                pivot,
                leaf,
                open,
                (turnsLeft ? 1 : -1) * Math.PI / 2));
    }

    private void window(Opening.Window window) {
        double depth = Math.min(WINDOW_FRAME_DEPTH_MM, strip.hi() - strip.lo());
        double setback = Math.min(window.setbackMm(), strip.hi() - strip.lo() - depth);
        double inwards = -strip.wall().outside().sign();
        double front = strip.offsetOfFace(0) + inwards * setback;
        double back = front + inwards * depth;
        double middle = (front + back) / 2;
        double each = (placed.to() - placed.from() - FRAME_MM) / window.lights();
        pens.closed(PenRole.CUT_LINING, rectangle(placed.from(), placed.to(), front, back));
        for (int i = 0; i <= window.lights(); i++) {
            double s = placed.from() + i * each;
            box(PenRole.CUT_LINING, s, s + FRAME_MM, front, back);
        }
        for (int i = 0; i < window.lights(); i++) {
            double from = placed.from() + i * each + FRAME_MM, to = placed.from() + (i + 1) * each;
            pens.closed(PenRole.EDGE, rectangle(from, to, middle - PANE_MM / 2, middle + PANE_MM / 2));
        }
    }

    private void liftingDoor() {
        double inwards = -strip.wall().outside().sign();
        double inner = strip.offsetOfFace(strip.buildUp().plies().size());
        box(PenRole.DOOR_LEAF, placed.from(), placed.to(), inner, inner - inwards * LIFTING_PANEL_MM);
        pens.closed(
                PenRole.OVERHEAD,
                rectangle(
                        placed.from(),
                        placed.to(),
                        inner,
                        inner + inwards * placed.opening().heightMm()));
    }

    private void box(PenRole role, double s0, double s1, double t0, double t1) {
        List<Vec> ring = rectangle(s0, s1, t0, t1);
        pens.fill(PAPER, ring);
        pens.closed(role, ring);
    }

    private List<Vec> rectangle(double s0, double s1, double t0, double t1) {
        return strip.ring(s0, s1, t0, t1);
    }
}
