package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Lights;
import org.leanlintel.core.model.Lights.Light;
import org.leanlintel.core.model.OpeningMake;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;

/**
 * A light of a window within its frame, millimetres.
 *
 * @param index in its row, from the start of the wall on
 * @param from along the frame from its edge nearer the start of the wall; @param to
 * @param low above the lower edge of the frame; @param high
 * @param towards the end of the wall that the light hangs or slides at, where it does
 */
public record PlacedLight(Light light, int index, double from, double to, double low, double high, End towards) {

    /** The frame of a window. @param fromLeft whether its left edge, as seen from outside, is nearer the start of the wall */
    public record Frame(double longMm, double highMm, double faceMm, boolean fromLeft) {

        /** That of a window in a wall. @param longMm of the unit, or of a bay's front */
        public static Frame in(Wall wall, double longMm, double highMm, OpeningMake make) {
            return new Frame(longMm, highMm, make.frameMm(), wall.outside() == Side.RIGHT);
        }
    }

    /** All of a window's, row by row from the bottom up. */
    public static List<List<PlacedLight>> rows(Lights lights, Frame frame) {
        double face = frame.faceMm(), top = frame.highMm() - face;
        if (!(lights.over() instanceof Lights.Toplights over)) return List.of(row(lights.row(), frame, face, top));
        double transom = frame.highMm() - over.heightMm();
        return List.of(
                row(lights.row(), frame, face, transom - face / 2), row(over.row(), frame, transom + face / 2, top));
    }

    private static List<PlacedLight> row(List<Light> lights, Frame frame, double low, double high) {
        List<Light> along = frame.fromLeft() ? lights : lights.reversed();
        double face = frame.faceMm(), glass = Math.max(0, frame.longMm() - face * (along.size() + 1));
        double parts = along.stream().mapToDouble(Light::part).sum(), at = face;
        List<PlacedLight> placed = new ArrayList<>();
        for (int i = 0; i < along.size(); i++) {
            Light light = along.get(i);
            double to = at + glass * light.part() / parts;
            End towards = (light.side() == Side.LEFT) == frame.fromLeft() ? End.START : End.END;
            placed.add(new PlacedLight(light, i, at, to, low, high, towards));
            at = to + face;
        }
        return placed;
    }

    public double widthMm() {
        return to - from;
    }

    public double heightMm() {
        return high - low;
    }
}
