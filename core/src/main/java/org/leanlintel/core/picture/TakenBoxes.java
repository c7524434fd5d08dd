package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.Leaf;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;

/** The boxes that drawn things take on a plan, for a text to keep clear of: strings and notes, and leaves with their swings. */
final class TakenBoxes {

    /** A letter's width as a part of the height of capitals, about. */
    private static final double LETTER = 0.72;

    private TakenBoxes() {}

    static List<Bounds> ofAnnotations(List<Group> groups, double scale) {
        List<Bounds> boxes = new ArrayList<>();
        for (Group g : groups) {
            for (Item item : g.items()) {
                switch (item) {
                    case Item.Text t -> boxes.add(text(t, scale));
                    case Item.Strokes s -> {
                        for (List<Vec> line : s.lines())
                            for (int i = 1; i < line.size(); i++)
                                boxes.add(Bounds.of(List.of(line.get(i - 1), line.get(i))));
                    }
                    default -> {}
                }
            }
        }
        return boxes;
    }

    private static Bounds text(Item.Text t, double scale) {
        Vec along = Vec.ofAngle(t.angle());
        List<Vec> corners = new ArrayList<>();
        for (Item.Run run : t.runs()) {
            double right = run.right() + run.letters().length() * run.height() * LETTER;
            for (double x : new double[] {run.right(), right})
                for (double y : new double[] {run.up(), run.up() + run.height()})
                    corners.add(t.at().along(along, x * scale).along(along.left(), y * scale));
        }
        return corners.isEmpty() ? Bounds.of(List.of(t.at())) : Bounds.of(corners);
    }

    static List<Bounds> ofLeaves(Building building, Look look) {
        List<Bounds> boxes = new ArrayList<>();
        for (WallSolid solid : building.solidsOf(look.storey()))
            for (PlacedOpening o : solid.openings())
                for (Leaf leaf : Leaf.of(solid.strip(), o)) boxes.add(Bounds.of(leaf.swept()));
        return boxes;
    }
}
