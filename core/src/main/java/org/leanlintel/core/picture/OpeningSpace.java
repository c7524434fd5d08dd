package org.leanlintel.core.picture;

import java.util.List;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.Strip;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Side;

/** Where the symbol of an opening is drawn: its place in the wall, and the parts that symbols share. */
record OpeningSpace(Strip strip, PlacedOpening placed, Pens pens) {

    /** Face width of frames and door linings. Trade usual 27 to 32 mm. */
    static final double FRAME_MM = 32;
    /** Depth of a door's frame, or the wall's thickness where that is less. */
    private static final double DOOR_FRAME_DEPTH_MM = 115;

    static final double LEAF_MM = 40;
    private static final String PAPER = "#ffffff";

    double from() {
        return placed.from();
    }

    double to() {
        return placed.to();
    }

    double thickness() {
        return strip.thickness();
    }

    /** The wall's face on a side. */
    double face(Side side) {
        return side == Side.LEFT ? strip.hi() : strip.lo();
    }

    /** +1 where the first ply lies to the right of the last, so that inwards is leftwards. */
    double inwards() {
        return -strip.wall().outside().sign();
    }

    /** Both jambs of a frame that is flush with a face. */
    void jambs(Side flushWith) {
        double depth = Math.min(DOOR_FRAME_DEPTH_MM, thickness());
        double face = face(flushWith), back = face - flushWith.sign() * depth;
        box(PenRole.CUT_LINING, from(), from() + FRAME_MM, back, face);
        box(PenRole.CUT_LINING, to() - FRAME_MM, to(), back, face);
    }

    /** Both jambs of a lining as deep as the wall. */
    void lining() {
        box(PenRole.CUT_LINING, from(), from() + FRAME_MM, strip.lo(), strip.hi());
        box(PenRole.CUT_LINING, to() - FRAME_MM, to(), strip.lo(), strip.hi());
    }

    /** A leaf open at a right angle, hung at an edge, with the quarter circle it sweeps. */
    void leaf(End hinge, double width, Side swing) {
        boolean atStart = hinge == End.START;
        double s = atStart ? from() + FRAME_MM : to() - FRAME_MM;
        double face = face(swing), tip = face + swing.sign() * width;
        box(PenRole.DOOR_LEAF, s, s + (atStart ? LEAF_MM : -LEAF_MM), face, tip);
        Vec pivot = strip.at(s, face);
        double open = strip.at(s, tip).minus(pivot).angle();
        boolean turnsLeft = atStart == (swing == Side.RIGHT);
        double sweep = (turnsLeft ? 1 : -1) * Math.PI / 2;
        pens.add(new Item.Arc(PenRole.DOOR_SWING, pens.pen(PenRole.DOOR_SWING), pivot, width, open, sweep));
    }

    void box(PenRole role, double s0, double s1, double t0, double t1) {
        List<Vec> ring = rectangle(s0, s1, t0, t1);
        pens.fill(PAPER, ring);
        pens.closed(role, ring);
    }

    List<Vec> rectangle(double s0, double s1, double t0, double t1) {
        return strip.ring(s0, s1, t0, t1);
    }

    void line(PenRole role, double s0, double t0, double s1, double t1) {
        pens.line(role, strip.at(s0, t0), strip.at(s1, t1));
    }
}
