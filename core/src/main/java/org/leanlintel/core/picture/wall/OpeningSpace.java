package org.leanlintel.core.picture.wall;

import java.util.List;
import org.leanlintel.core.building.Leaf;
import org.leanlintel.core.building.PlacedLight;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Lights;
import org.leanlintel.core.model.OpeningMake;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Pens;

/** Where the symbol of an opening is drawn: its place in the wall, and the parts that symbols share. */
record OpeningSpace(Strip strip, PlacedOpening placed, Pens pens) {

    /** Depth of a door's frame, or the wall's thickness where that is less. */
    private static final double DOOR_FRAME_DEPTH_MM = 115;

    private static final String PAPER = "#ffffff";

    double from() {
        return placed.from();
    }

    double to() {
        return placed.to();
    }

    /** From the edge of the opening to the inner face of its frame: the frame with what is packed behind it. */
    double frame() {
        return make().fixWidthMm() / 2 + make().frameMm();
    }

    OpeningMake make() {
        return placed.opening().make();
    }

    /** The lights of a window as the plan cuts them: below any transom. @param longMm of the frame they stand in */
    List<PlacedLight> lights(Lights lights, double longMm) {
        double high = placed.opening().unitHeightMm();
        return PlacedLight.rows(lights, PlacedLight.Frame.in(strip.wall(), longMm, high, make()))
                .getFirst();
    }

    /** Leaves are drawn as thick as they are; one of no thickness as thin as a line can be told from two. */
    double leafThickness() {
        return Math.max(make().leafMm(), 10);
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
        box(PenRole.CUT_LINING, from(), from() + frame(), back, face);
        box(PenRole.CUT_LINING, to() - frame(), to(), back, face);
    }

    /** Both jambs of a lining as deep as the wall. */
    void lining() {
        box(PenRole.CUT_LINING, from(), from() + frame(), strip.lo(), strip.hi());
        box(PenRole.CUT_LINING, to() - frame(), to(), strip.lo(), strip.hi());
    }

    /** Its side-hung leaves, open at a right angle, with the quarter circles they sweep. */
    void leaves() {
        for (Leaf leaf : Leaf.of(strip, placed)) {
            Vec out = Vec.ofAngle(leaf.open()), closed = Vec.ofAngle(leaf.open() + leaf.sweep());
            Vec tip = leaf.pivot().along(out, leaf.widthMm());
            List<Vec> ring = List.of(
                    leaf.pivot(),
                    tip,
                    tip.along(closed, leafThickness()),
                    leaf.pivot().along(closed, leafThickness()));
            pens.fill(PAPER, ring);
            pens.closed(PenRole.DOOR_LEAF, ring);
            pens.add(new Item.Arc(
                    PenRole.DOOR_SWING,
                    pens.pen(PenRole.DOOR_SWING),
                    leaf.pivot(),
                    leaf.widthMm(),
                    leaf.open(),
                    leaf.sweep()));
        }
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
