package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.building.body.SymbolLines;
import org.leanlintel.core.building.feature.InPlan;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Catch;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;

/** A fitting as its symbol shows it; dashed where it hangs above the cut. */
final class FittingPainter {

    private static final String PAPER = "#ffffff";

    private FittingPainter() {}

    static Group of(PlacedFitting placed, InPlan plan, Look look, Lettering lettering) {
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
            pens.onPaper(
                    lettering.set(text.text(), base, 0, height, Lettering.Align.CENTRE, false),
                    look.drawing().scale(),
                    lettering);
        }
        return new Group(placed.fitting().id(), placed.fitting().layer(), pens.items(), catches(placed, plan))
                .on(List.of(placed.outline()));
    }

    /** Its corners, and the lines of its box. */
    private static List<Catch> catches(PlacedFitting placed, InPlan plan) {
        List<Catch> catches = new ArrayList<>();
        for (Hold.AtFittingCorner.Corner corner : Hold.AtFittingCorner.Corner.values()) {
            Vec at = placed.corner(corner);
            String words = corner.said() + " of " + placed.fitting().mark();
            catches.add(
                    new Catch(words, new Hold.AtFittingCorner(placed.fitting().id(), corner), at, at));
        }
        for (Hold.OnFitting.Edge edge : Hold.OnFitting.Edge.values()) {
            Hold hold = new Hold.OnFitting(placed.fitting().id(), edge);
            List<Vec> line = plan.of(hold);
            String words = edge.said() + " of " + placed.fitting().mark();
            if (line.size() == 2) catches.add(new Catch(words, hold, line.getFirst(), line.getLast()));
        }
        return catches;
    }
}
