package org.leanlintel.core.model;

import java.util.List;
import org.leanlintel.core.geometry.Vec;

/**
 * A piece of what a fitting is in space, in its symbol's box at its usual size; it stretches with what is drawn. Heights are above
 * the symbol's lower edge, millimetres.
 */
public sealed interface SymbolPart {

    double FURTHEST_MM = 30_000, HIGHEST_MM = 10_000;

    /** @param points of its outline in plan, not repeating the first */
    record Block(List<Vec> points, double lowMm, double highMm) implements SymbolPart {
        public Block {
            points = List.copyOf(points);
            if (points.size() < 3 || points.size() > 100)
                throw new Unusable("A block of a symbol has from 3 to 100 points.");
            for (Vec p : points) Checks.of("A point of a symbol", p, FURTHEST_MM);
            heights(lowMm, highMm);
        }
    }

    /** An upright cylinder, or one that is an ellipse in plan. */
    record Round(Vec centre, double halfWidthMm, double halfDepthMm, double lowMm, double highMm)
            implements SymbolPart {
        public Round {
            Checks.of("A point of a symbol", centre, FURTHEST_MM);
            Checks.between("A size in a symbol", halfWidthMm, 1, FURTHEST_MM);
            Checks.between("A size in a symbol", halfDepthMm, 1, FURTHEST_MM);
            heights(lowMm, highMm);
        }
    }

    /**
     * Doors side by side before all of its width, as units of standard widths divide it; wide units have two.
     *
     * @param pairFromMm units wider than that have two doors
     * @param frontMm how far before the back their faces lie
     */
    record Doors(List<Double> widthsMm, double pairFromMm, double frontMm, double thickMm, double lowMm, double highMm)
            implements SymbolPart {
        public Doors {
            widthsMm = List.copyOf(widthsMm);
            if (widthsMm.isEmpty() || widthsMm.size() > 40)
                throw new Unusable("A symbol knows from 1 to 40 widths of units.");
            for (double w : widthsMm) Checks.between("The width of a unit", w, 50, 5000);
            Checks.between("The width from which a unit has two doors", pairFromMm, 50, FURTHEST_MM);
            Checks.between("Where doors stand", frontMm, 0, FURTHEST_MM);
            Checks.between("The thickness of doors", thickMm, 1, 500);
            heights(lowMm, highMm);
        }
    }

    private static void heights(double lowMm, double highMm) {
        Checks.between("A height in a symbol", lowMm, 0, HIGHEST_MM);
        Checks.between("A height in a symbol", highMm, 0, HIGHEST_MM);
        if (highMm <= lowMm) throw new Unusable("A part of a symbol reaches higher than it begins.");
    }
}
