package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Leaf;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.PlacedPiece;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.Wall;

/**
 * A wall as a plan shows it, with its openings and pieces.
 *
 * @param texts boxes of its marks
 * @param leaves boxes its doors swing through
 */
record DrawnWall(List<Group> groups, List<Bounds> texts, List<Bounds> leaves) {

    DrawnWall {
        groups = List.copyOf(groups);
        texts = List.copyOf(texts);
        leaves = List.copyOf(leaves);
    }

    static DrawnWall of(WallSolid solid, Look look, Lettering lettering) {
        List<Group> groups = new ArrayList<>();
        List<Bounds> leaves = new ArrayList<>();
        groups.add(wall(solid, look, lettering));
        for (PlacedOpening placed : solid.openings()) {
            Pens symbol = new Pens(look.lens());
            new OpeningPainter(solid, placed, look.cutMm(), symbol).paint();
            groups.add(new Group(
                    placed.opening().id(), placed.opening().layer(), symbol.items(), Catches.of(solid, placed)));
            for (Leaf leaf : Leaf.of(solid.strip(), placed)) leaves.add(Bounds.of(leaf.swept()));
        }
        for (PlacedPiece piece : solid.pieces()) groups.add(PiecePainter.of(solid, piece, look));
        return new DrawnWall(groups, TakenBoxes.marks(groups, look.drawing().scale()), leaves);
    }

    private static Group wall(WallSolid solid, Look look, Lettering lettering) {
        Wall wall = solid.strip().wall();
        Pens pens = new Pens(look.lens());
        if (look.cuts(wall)) {
            double scale = look.drawing().scale();
            new WallPainter(solid, solid.bandAt(look.cutMm()), DrawnPlies.of(look), scale, pens).paint();
            if (look.lens().wallMarks() && wall.state() == Wall.State.NEW)
                new WallMark(solid, scale, lettering, pens).paint();
        } else if (!wall.stays()) UncutWall.paintRemoved(solid, pens);
        else UncutWall.paint(solid, look.cutMm(), pens);
        return new Group(wall.id(), wall.layer(), pens.items(), Catches.of(solid));
    }
}
