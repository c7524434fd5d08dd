package org.leanlintel.core.picture.seen;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Opening;

/** The two lines over each leaf of an opening that say at which side it hangs, in an upright picture. */
record LeafLines(SectionFrame frame, Lens.OpeningLines meeting) {

    List<List<Vec>> of(PlacedOpening placed, Strip strip, double levelMm) {
        Opening o = placed.opening();
        List<List<Vec>> lines = new ArrayList<>();
        if (meeting == Lens.OpeningLines.NONE) return lines;
        double in = o.make().fixWidthMm() / 2 + o.make().frameMm();
        double from = x(strip, placed.from() + in), to = x(strip, placed.to() - in);
        double low = levelMm + o.sillMm() + o.make().frameMm(),
                high = levelMm + o.headMm() - o.make().frameMm();
        switch (o.kind()) {
            case Opening.Window w -> {
                if (w.form() instanceof Opening.Bay) return lines;
                for (int i = 0; i < w.lights(); i++) {
                    double a = from + (to - from) * i / w.lights(), b = from + (to - from) * (i + 1) / w.lights();
                    boolean first = 2 * i < w.lights();
                    switch (w.opens()) {
                        case SIDE_HUNG -> lines.add(side(first ? a : b, first ? b : a, low, high));
                        case TOP_HUNG -> lines.add(top(a, b, low, high));
                        case FIXED, VERTICAL_SLIDING, HORIZONTAL_SLIDING -> {}
                    }
                }
            }
            case Opening.SwingDoor d ->
                lines.add(d.hinge() == End.START ? side(from, to, low, high) : side(to, from, low, high));
            case Opening.PairDoor d -> {
                double part = d.active() == End.START ? d.part() : 1 - d.part();
                double middle = from + (to - from) * part;
                lines.add(side(from, middle, low, high));
                lines.add(side(to, middle, low, high));
            }
            default -> {}
        }
        return lines;
    }

    private double x(Strip strip, double s) {
        return frame.seen(strip.at(s, 0)).x();
    }

    /** Of a leaf that hangs at one x and closes at another. */
    private List<Vec> side(double hinge, double lock, double low, double high) {
        boolean atHinge = meeting == Lens.OpeningLines.MEET_AT_HINGE;
        double vertex = atHinge ? hinge : lock, ends = atHinge ? lock : hinge;
        return List.of(new Vec(ends, low), new Vec(vertex, (low + high) / 2), new Vec(ends, high));
    }

    private List<Vec> top(double from, double to, double low, double high) {
        boolean atHinge = meeting == Lens.OpeningLines.MEET_AT_HINGE;
        double vertex = atHinge ? high : low, ends = atHinge ? low : high;
        return List.of(new Vec(from, ends), new Vec((from + to) / 2, vertex), new Vec(to, ends));
    }
}
