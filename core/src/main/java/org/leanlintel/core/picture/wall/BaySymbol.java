package org.leanlintel.core.picture.wall;

import java.util.List;
import org.leanlintel.core.building.PlacedLight;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Lights;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.PenRole;

/** The plan symbol of a bay of three: front and sides as frames, posts where they meet, the wall under it seen below. */
final class BaySymbol {

    private static final double FRAME_DEPTH_MM = 70, PANE_MM = 24;

    private static final Lights SIDE = Lights.equal(1, Lights.Opens.FIXED);

    private final OpeningSpace in;

    private BaySymbol(OpeningSpace in) {
        this.in = in;
    }

    static void paint(Opening.Window window, Opening.Bay bay, OpeningSpace in) {
        BaySymbol symbol = new BaySymbol(in);
        double outer = in.strip().offsetOfFace(0), front = outer - in.inwards() * bay.projectionMm();
        double middle = (in.from() + in.to()) / 2, half = (in.to() - in.from()) * bay.frontPart() / 2;
        Vec left = in.strip().at(in.from(), outer), right = in.strip().at(in.to(), outer);
        Vec frontLeft = in.strip().at(middle - half, front),
                frontRight = in.strip().at(middle + half, front);
        symbol.side(left, frontLeft, SIDE);
        symbol.side(frontLeft, frontRight, window.lights());
        symbol.side(frontRight, right, SIDE);
        double inner = in.strip().offsetOfFace(in.strip().buildUp().plies().size());
        in.line(PenRole.EDGE, in.from(), inner, in.to(), inner);
        in.line(PenRole.OVERHEAD, in.from(), outer, in.to(), outer);
    }

    /** A frame from corner to corner along its outer face, with mullions between its lights. */
    private void side(Vec from, Vec to, Lights lights) {
        Vec along = to.minus(from).unit();
        double length = to.distanceTo(from);
        Vec back = inwardsOf(along);
        double face = in.make().frameMm();
        box(PenRole.CUT_LINING, from, along, back, 0, length, 0, FRAME_DEPTH_MM);
        double half = PANE_MM / 2, middle = FRAME_DEPTH_MM / 2;
        box(PenRole.CUT_LINING, from, along, back, 0, face, 0, FRAME_DEPTH_MM);
        for (PlacedLight l : in.lights(lights, length)) {
            box(PenRole.CUT_LINING, from, along, back, l.to(), l.to() + face, 0, FRAME_DEPTH_MM);
            box(PenRole.EDGE, from, along, back, l.from(), l.to(), middle - half, middle + half);
        }
    }

    /** Square to a side, towards the room. */
    private Vec inwardsOf(Vec along) {
        Vec inwards = in.strip().axis().directionAt(0).left().times(in.inwards());
        Vec left = along.left();
        return left.dot(inwards) >= 0 ? left : left.times(-1);
    }

    private void box(PenRole role, Vec from, Vec along, Vec back, double a0, double a1, double b0, double b1) {
        in.pens()
                .closed(
                        role,
                        List.of(
                                from.along(along, a0).along(back, b0),
                                from.along(along, a1).along(back, b0),
                                from.along(along, a1).along(back, b1),
                                from.along(along, a0).along(back, b1)));
    }
}
