package org.leanlintel.core.picture.wall;

import java.util.List;
import org.leanlintel.core.building.PlacedLight;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.PenRole;

/** The plan symbol of a window: frame and panes, and how these open. */
final class WindowSymbol {

    /** Depth of a window's frame. */
    private static final double FRAME_DEPTH_MM = 70;

    private static final double PANE_MM = 24, BAR_MM = 25;

    private final Opening.Window window;
    private final OpeningSpace in;
    private final double front;
    private final double back;

    private WindowSymbol(Opening.Window window, OpeningSpace in) {
        this.window = window;
        this.in = in;
        double depth = Math.min(FRAME_DEPTH_MM, in.thickness());
        double setback = Math.min(window.setbackMm(), in.thickness() - depth);
        front = in.strip().offsetOfFace(0) + in.inwards() * setback;
        back = front + in.inwards() * depth;
    }

    static void paint(Opening.Window window, OpeningSpace in) {
        if (window.form() instanceof Opening.Bay bay) BaySymbol.paint(window, bay, in);
        else new WindowSymbol(window, in).paint();
    }

    /** Of a window that the cut misses: its frame, hidden in the wall. The wall's own faces would cover any line at these. */
    static void paintUncut(Opening.Window window, OpeningSpace in) {
        if (window.form() instanceof Opening.Bay) return;
        WindowSymbol symbol = new WindowSymbol(window, in);
        in.pens().closed(PenRole.OVERHEAD, in.rectangle(in.from(), in.to(), symbol.front, symbol.back));
    }

    private void paint() {
        double packed = in.make().fixWidthMm() / 2, face = in.make().frameMm();
        double from = in.from() + packed, to = in.to() - packed;
        if (window.form() instanceof Opening.ToCorner corner) {
            double post = Math.abs(back - front),
                    set = Math.abs(front - in.strip().offsetOfFace(0));
            if (corner.end() == End.START) from = in.from() + set;
            else to = in.to() - set;
            post(corner.end() == End.START ? from : to - post, post);
            if (corner.end() == End.START) from += post - face;
            else to -= post - face;
        }
        in.pens().closed(PenRole.CUT_LINING, in.rectangle(from, to, front, back));
        List<PlacedLight> lights = in.lights(window.lights(), to - from);
        in.box(PenRole.CUT_LINING, isAtCorner(End.START) ? from : in.from(), from + face, front, back);
        for (PlacedLight l : lights) {
            boolean last = l == lights.getLast();
            double right = last && !isAtCorner(End.END) ? in.to() : from + l.to() + face;
            in.box(PenRole.CUT_LINING, from + l.to(), right, front, back);
        }
        for (PlacedLight l : lights) light(l, from + l.from(), from + l.to());
    }

    private boolean isAtCorner(End end) {
        return window.form() instanceof Opening.ToCorner corner && corner.end() == end;
    }

    /** Square, where the frames of two windows meet. */
    private void post(double from, double width) {
        in.box(PenRole.CUT_STRUCTURE, from, from + width, front, back);
    }

    private void light(PlacedLight light, double from, double to) {
        bars(from, to);
        double middle = (front + back) / 2, out = (front - back) / 4;
        switch (light.light().opens()) {
            case FIXED -> pane(from, to, middle);
            case SIDE_HUNG, TOP_HUNG, BOTTOM_HUNG, TILT_AND_TURN -> {
                pane(from, to, middle);
                sash(from, to);
            }
            case VERTICAL_SLIDING -> {
                pane(from, to, middle + out);
                pane(from, to, middle - out);
            }
            case HORIZONTAL_SLIDING -> pane(from, to, middle + (light.index() % 2 == 0 ? out : -out));
        }
    }

    private void pane(double from, double to, double t) {
        double half = Math.min(PANE_MM / 2, Math.abs(front - back) / 5);
        in.pens().closed(PenRole.EDGE, in.rectangle(from, to, t - half, t + half));
    }

    /** The upright bars of a light, cut. */
    private void bars(double from, double to) {
        int bars = in.make().barsUp();
        for (int i = 1; i <= bars; i++) {
            double s = from + (to - from) * i / (bars + 1), half = BAR_MM / 2;
            in.box(PenRole.EDGE, s - half, s + half, front + (back - front) / 4, back - (back - front) / 4);
        }
    }

    /** The stiles of a light that opens, within the frame. */
    private void sash(double from, double to) {
        for (double s : new double[] {from, to - in.make().frameMm() / 2})
            in.box(PenRole.CUT_LINING, s, s + in.make().frameMm() / 2, front, back);
    }
}
