package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.PlacedFitting;
import org.leanlintel.core.building.SymbolLines;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.PenRole;

/** A fitting as its symbol shows it; dashed where it hangs above the cut. */
final class FittingPainter {

    private static final String PAPER = "#ffffff";

    private FittingPainter() {}

    static Group of(PlacedFitting placed, Look look, Lettering lettering) {
        Pens pens = new Pens(look.lens());
        boolean above = look.on().levelMm() + placed.symbol().lowMm() > look.cutMm();
        PenRole role = above ? PenRole.OVERHEAD : PenRole.FITTING;
        SymbolLines shown = SymbolLines.of(placed);
        for (SymbolLines.Line line : shown.lines()) {
            if (line.patch() && !above) pens.fill(PAPER, line.points());
            if (line.closed()) pens.closed(role, line.points());
            else pens.line(role, line.points());
        }
        for (SymbolLines.Text text : shown.texts()) {
            double height = text.heightMm() / look.drawing().scale();
            Vec base = text.at().plus(new Vec(0, -text.heightMm() / 2));
            pens.add(lettering.set(text.text(), base, 0, height, Lettering.Align.CENTRE, false));
        }
        return new Group(placed.fitting().id(), placed.fitting().layer(), pens.items(), catches(placed))
                .on(List.of(placed.outline()));
    }

    private static List<Catch> catches(PlacedFitting placed) {
        List<Vec> ring = placed.outline();
        List<Catch> catches = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) {
            Vec from = ring.get(i), to = ring.get((i + 1) % ring.size());
            catches.add(new Catch("corner of " + placed.fitting().mark(), new Hold.AtPoint(from), from, from));
            Vec middle = from.plus(to).times(0.5);
            catches.add(new Catch("middle of " + placed.fitting().mark(), new Hold.AtPoint(middle), middle, middle));
        }
        return catches;
    }
}
