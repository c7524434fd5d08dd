package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.building.body.SymbolLines;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Pen;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.WordsAt;
import org.leanlintel.core.model.WorkState;

/** A symbol by itself, its back along the top, at the usual size or another. */
public final class SymbolPicture {

    private static final Pen PEN = new Pen(0.18, Pen.Dash.CONTINUOUS);

    private SymbolPicture() {}

    public static Picture of(Symbol symbol, double widthMm, double depthMm, double scale) {
        PlacedFitting placed = placed(symbol, widthMm, depthMm);
        List<List<Vec>> lines =
                SymbolLines.of(placed).lines().stream().map(SymbolPicture::line).toList();
        Item item = new Item.Strokes(PenRole.FITTING, PEN, lines);
        ElementId id = symbol.id();
        return new Picture(scale, List.of(new Group(id, id, List.of(item), List.of())));
    }

    /** A use of it at the origin, its front downwards. */
    public static PlacedFitting placed(Symbol symbol, double widthMm, double depthMm) {
        Fitting use = new Fitting(
                symbol.id(),
                symbol.id(),
                symbol.id(),
                "?",
                symbol.id(),
                new Fitting.Free(Vec.ORIGIN, 0),
                false,
                widthMm,
                depthMm,
                WorkState.NEW,
                WordsAt.CLEAR);
        return new PlacedFitting(use, symbol, Vec.ORIGIN, new Vec(1, 0), new Vec(0, -1));
    }

    public static List<Vec> line(SymbolLines.Line line) {
        if (!line.closed()) return line.points();
        List<Vec> ring = new ArrayList<>(line.points());
        ring.add(line.points().getFirst());
        return ring;
    }
}
