package org.leanlintel.core.picture.wall;

import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Side;

/** The plan symbols of doors: leaves as they open, what is hidden in the wall or above the cut dashed. */
final class DoorSymbols {

    private static final double LIFTING_PANEL_MM = 45, FOLDED_PANEL_MM = 35;
    /** Between a leaf that slides and the face it hangs on. */
    private static final double HANGS_OFF_MM = 15;
    /** How far a sliding leaf laps over the wall beside the opening. */
    static final double LAP_MM = 40;

    private DoorSymbols() {}

    static void paint(Opening.SwingDoor door, OpeningSpace in) {
        in.jambs(door.swing());
        in.leaves();
    }

    static void paint(Opening.PairDoor pair, OpeningSpace in) {
        in.jambs(pair.swing());
        in.leaves();
    }

    /** Half open: half of the leaf in the opening, half of it dashed in its pocket. */
    static void paint(Opening.PocketDoor pocket, OpeningSpace in) {
        in.lining();
        double middle = (in.strip().lo() + in.strip().hi()) / 2, half = in.leafThickness() / 2;
        double edge = pocket.into() == End.START ? in.from() : in.to();
        double way = pocket.into() == End.START ? -1 : 1;
        double width = clear(in);
        in.box(PenRole.DOOR_LEAF, edge, edge - way * width / 2, middle - half, middle + half);
        double room = Math.min(half * 1.8, in.thickness() / 2);
        in.pens()
                .closed(
                        PenRole.OVERHEAD,
                        in.rectangle(
                                Math.min(edge, edge + way * (width + LAP_MM)),
                                Math.max(edge, edge + way * (width + LAP_MM)),
                                middle - room,
                                middle + room));
    }

    /** Closed, and where it slides to dashed. */
    static void paint(Opening.SlidingDoor sliding, OpeningSpace in) {
        in.lining();
        Side face = sliding.face();
        double near = in.face(face) + face.sign() * HANGS_OFF_MM, far = near + face.sign() * in.leafThickness();
        in.box(PenRole.DOOR_LEAF, in.from() - LAP_MM, in.to() + LAP_MM, near, far);
        double width = in.to() - in.from() + 2 * LAP_MM;
        boolean toStart = sliding.towards() == End.START;
        double open = toStart ? in.from() - LAP_MM - width : in.to() + LAP_MM;
        in.pens().closed(PenRole.OVERHEAD, in.rectangle(open, open + width, near, far));
    }

    /** Half folded: the panels in a zigzag against their edge. */
    static void paint(Opening.FoldingDoor folding, OpeningSpace in) {
        in.jambs(folding.swing());
        folded(folding.against(), folding.panels(), folding.panels(), folding.swing(), in);
    }

    /** Half folded: half of the panels against either edge. */
    static void paint(Opening.FoldingPair folding, OpeningSpace in) {
        in.jambs(folding.swing());
        for (End edge : End.values()) folded(edge, folding.panels() / 2, folding.panels(), folding.swing(), in);
    }

    /** Some of all the panels in a zigzag against an edge, and a line to where they reach when closed. */
    private static void folded(End against, int panels, int all, Side swing, OpeningSpace in) {
        boolean atStart = against == End.START;
        double edge = atStart ? in.from() + in.frame() : in.to() - in.frame(), way = atStart ? 1 : -1;
        double panel = clear(in) / all, face = in.face(swing);
        double across = panel * Math.cos(Math.toRadians(70)), out = panel * Math.sin(Math.toRadians(70));
        for (int i = 0; i < panels; i++) {
            double s0 = edge + way * across * i, s1 = edge + way * across * (i + 1);
            double t0 = face + (i % 2 == 0 ? 0 : swing.sign() * out);
            double t1 = face + (i % 2 == 0 ? swing.sign() * out : 0);
            in.line(PenRole.DOOR_LEAF, s0, t0, s1, t1);
            double thick = way * FOLDED_PANEL_MM;
            in.line(PenRole.DOOR_LEAF, s0 + thick, t0, s1 + thick, t1);
        }
        in.line(PenRole.DOOR_SWING, edge, face, edge + way * panel * panels, face);
    }

    static void paint(Opening.LiftingDoor lifting, OpeningSpace in) {
        double inner = in.strip().offsetOfFace(in.strip().buildUp().plies().size());
        in.box(PenRole.DOOR_LEAF, in.from(), in.to(), inner, inner - in.inwards() * LIFTING_PANEL_MM);
        double open = inner + in.inwards() * in.placed().opening().heightMm();
        in.pens().closed(PenRole.OVERHEAD, in.rectangle(in.from(), in.to(), inner, open));
    }

    /** What is above it, dashed along both faces. */
    static void paint(Opening.OpenWay way, OpeningSpace in) {
        if (way.lined()) in.lining();
        for (Side side : Side.values()) in.line(PenRole.OVERHEAD, in.from(), in.face(side), in.to(), in.face(side));
    }

    /** Between the jambs. */
    private static double clear(OpeningSpace in) {
        return in.placed().opening().clearWidthMm();
    }
}
