package org.leanlintel.core.picture.wall;

import java.util.List;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.picture.Pens;

/**
 * The plan symbol of what stands in an opening: leaf and swing, frame and glass. An opening that the cut misses shows
 * dashed.
 */
final class OpeningPainter {

    private static final String NEW_FILLING = "#e9e6df";

    /** How deep a threshold is seen. */
    private static final double THRESHOLD_MM = 120;

    private final OpeningSpace space;
    private final WallSolid solid;
    private final boolean cut;
    private final Lens.Symbol symbol;

    OpeningPainter(WallSolid solid, PlacedOpening placed, double cutMm, Lens.Symbol symbol, Pens pens) {
        this.solid = solid;
        this.symbol = symbol;
        space = new OpeningSpace(solid.strip(), placed, pens);
        cut = placed.openAt(cutMm - solid.levelMm());
    }

    void paint(OpeningLook shown) {
        switch (shown) {
            case OPEN -> open();
            case TO_GO, TO_CUT -> outline(PenRole.REMOVED);
            case FILLED -> filled();
            case NOT_THERE -> {}
        }
    }

    private void open() {
        if (symbol == Lens.Symbol.NONE) return;
        Opening.Kind kind = space.placed().opening().kind();
        if (!cut) {
            outline(PenRole.OVERHEAD);
            if (kind instanceof Opening.Window window) WindowSymbol.paintUncut(window, space);
            return;
        }
        if (symbol == Lens.Symbol.PLAIN) {
            faces();
            return;
        }
        boolean weathered = space.strip().buildUp().plies().stream().anyMatch(p -> p.does() == Does.FACING);
        if (weathered && kind instanceof Opening.Window) faces();
        else if (weathered && !(kind instanceof Opening.OpenWay)) threshold();
        switch (kind) {
            case Opening.SwingDoor door -> DoorSymbols.paint(door, space);
            case Opening.PairDoor pair -> DoorSymbols.paint(pair, space);
            case Opening.PocketDoor pocket -> DoorSymbols.paint(pocket, space);
            case Opening.SlidingDoor sliding -> DoorSymbols.paint(sliding, space);
            case Opening.FoldingDoor folding -> DoorSymbols.paint(folding, space);
            case Opening.FoldingPair folding -> DoorSymbols.paint(folding, space);
            case Opening.LiftingDoor lifting -> DoorSymbols.paint(lifting, space);
            case Opening.OpenWay way -> DoorSymbols.paint(way, space);
            case Opening.Window window -> WindowSymbol.paint(window, space);
        }
    }

    private void outline(PenRole role) {
        space.pens().closed(role, ring());
    }

    private List<Vec> ring() {
        return space.rectangle(space.from(), space.to(), space.face(Side.RIGHT), space.face(Side.LEFT));
    }

    /** What fills it is new, whatever its wall is. */
    private void filled() {
        space.pens().fill(NEW_FILLING, ring());
        space.pens().closed(PenRole.CUT_STRUCTURE, ring());
    }

    /** At the outer face; with a threshold of its own, that too, where the frame ends. */
    private void threshold() {
        double outer = space.strip().offsetOfFace(0);
        space.pens().line(PenRole.EDGE, space.strip().along(space.from(), space.to(), outer));
        if (!space.make().threshold()) return;
        double back = outer + space.inwards() * Math.min(THRESHOLD_MM, space.thickness());
        space.pens().line(PenRole.EDGE, space.strip().along(space.from(), space.to(), back));
    }

    /** The sill seen below, at both faces. */
    private void faces() {
        for (Side side : Side.values()) {
            double from = Math.max(space.from(), solid.face(side).from()),
                    to = Math.min(space.to(), solid.face(side).to());
            space.pens().line(PenRole.EDGE, space.strip().along(from, to, space.face(side)));
        }
    }
}
