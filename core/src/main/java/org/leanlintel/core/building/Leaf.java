package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Side;

/**
 * A side-hung leaf of an opening.
 *
 * @param pivot where it hangs, on the face of the wall it opens to
 * @param widthMm of it
 * @param open the direction it points to when open at a right angle, radians
 * @param sweep from open to closed, radians
 */
public record Leaf(Vec pivot, double widthMm, double open, double sweep) {

    private static final int CHORDS = 12, SLICES = 4;

    /** The side-hung leaves of an opening, the active one first. */
    public static List<Leaf> of(Strip strip, PlacedOpening placed) {
        Opening opening = placed.opening();
        double clear = opening.clearWidthMm() - 2 * opening.make().gapMm();
        return switch (opening.kind()) {
            case Opening.SwingDoor d -> List.of(of(strip, placed, d.hinge(), clear, d.swing()));
            case Opening.PairDoor d ->
                List.of(
                        of(strip, placed, d.active(), clear * d.part(), d.swing()),
                        of(strip, placed, d.active().other(), clear * (1 - d.part()), d.swing()));
            default -> List.of();
        };
    }

    private static Leaf of(Strip strip, PlacedOpening placed, End hinge, double width, Side swing) {
        boolean atStart = hinge == End.START;
        double in = placed.opening().make().fixWidthMm() / 2
                + placed.opening().make().frameMm()
                + placed.opening().make().gapMm();
        double s = atStart ? placed.from() + in : placed.to() - in;
        double face = swing == Side.LEFT ? strip.hi() : strip.lo();
        Vec pivot = strip.at(s, face);
        double open = strip.at(s, face + swing.sign()).minus(pivot).angle();
        boolean turnsLeft = atStart == (swing == Side.RIGHT);
        return new Leaf(pivot, width, open, (turnsLeft ? 1 : -1) * Math.PI / 2);
    }

    /** Boxes that take little more than what it passes over: each round a slice of that from the pivot. */
    public List<Bounds> sweptBoxes() {
        List<Vec> ring = swept();
        List<Bounds> boxes = new ArrayList<>();
        int each = CHORDS / SLICES;
        for (int i = 0; i < SLICES; i++)
            boxes.add(Bounds.of(ring.subList(1 + i * each, 2 + (i + 1) * each)).with(Bounds.of(List.of(pivot))));
        return boxes;
    }

    /** Round all that it passes over. */
    public List<Vec> swept() {
        List<Vec> ring = new ArrayList<>(List.of(pivot));
        for (int i = 0; i <= CHORDS; i++) ring.add(pivot.along(Vec.ofAngle(open + sweep * i / CHORDS), widthMm));
        return ring;
    }
}
