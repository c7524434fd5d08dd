package org.leanlintel.core.picture.seen;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Surface;

/**
 * Courses, boards and tiles on faces seen from the front, true to size; where they would print too close, every second one, every
 * fourth, and so on.
 */
record SurfaceLines(SectionFrame frame, double scale) {

    /** On paper: the least from line to line, and the least length of a piece whose ends are drawn. */
    private static final double LEAST_MM = 1, LEAST_PIECE_MM = 2;

    /** A drawing so fine that it has more lines on one face shows none there. */
    private static final int MOST_LINES = 3000;

    /** @param seen what of the face is seen */
    List<List<Vec>> on(SeenFace face, Area seen) {
        return switch (face.material().surface()) {
            case Surface.Plain p -> List.of();
            case Surface.Rows r -> rows(r, face, seen);
            case Surface.Uprights u -> uprights(u, face, seen);
        };
    }

    private List<List<Vec>> rows(Surface.Rows rows, SeenFace face, Area seen) {
        Bounds b = seen.bounds();
        double rise = rows.gaugeMm(), from = 0;
        if (face.lies() instanceof SeenFace.Sloping s) {
            double tan = s.plane().slope().length();
            rise = rows.gaugeMm() * tan / Math.hypot(1, tan);
            from = face.shape().bounds().minY();
        }
        double step = spread(rise);
        if (step <= 0 || b.height() / step > MOST_LINES) return List.of();
        List<List<Vec>> lines = new ArrayList<>();
        for (long k = (long) Math.ceil((b.minY() - from) / step); from + k * step < b.maxY(); k++) {
            double z = from + k * step;
            if (z - b.minY() > 1) lines.add(List.of(new Vec(b.minX(), z), new Vec(b.maxX(), z)));
        }
        if (face.lies() instanceof SeenFace.Upright up) ends(rows, up, b, step, lines);
        return seen.scanned(lines);
    }

    /** The ends of pieces, where every row is drawn and they are long enough on paper. */
    private void ends(Surface.Rows rows, SeenFace.Upright up, Bounds b, double step, List<List<Vec>> lines) {
        double along = rows.lengthMm() * up.turned();
        boolean drawn = along / scale >= LEAST_PIECE_MM && step == rows.gaugeMm();
        if (!drawn || b.width() / along * (b.height() / step) > MOST_LINES) return;
        for (long k = (long) Math.floor(b.minY() / step); k * step < b.maxY(); k++) {
            double shift = k % 2 == 0 ? 0 : along / 2;
            for (long i = (long) Math.floor((b.minX() - shift) / along); i * along + shift < b.maxX(); i++)
                lines.add(List.of(new Vec(i * along + shift, k * step), new Vec(i * along + shift, (k + 1) * step)));
        }
    }

    private List<List<Vec>> uprights(Surface.Uprights boards, SeenFace face, Area seen) {
        return seen.scanned(
                switch (face.lies()) {
                    case SeenFace.Upright up -> upright(boards.widthMm() * up.turned(), seen.bounds());
                    case SeenFace.Sloping s -> downSlope(boards.widthMm(), s.plane(), seen);
                });
    }

    private List<List<Vec>> upright(double width, Bounds b) {
        double step = spread(width);
        List<List<Vec>> lines = new ArrayList<>();
        if (step <= 0 || b.width() / step > MOST_LINES) return lines;
        for (long k = (long) Math.ceil(b.minX() / step); k * step < b.maxX(); k++)
            lines.add(List.of(new Vec(k * step, b.minY()), new Vec(k * step, b.maxY())));
        return lines;
    }

    /** Seams and ribs run down the slope: from its upper edge to its lower one in the picture. */
    private List<List<Vec>> downSlope(double width, Plane plane, Area seen) {
        Vec down = plane.slope().unit();
        Vec level = down.left();
        double apart = Math.abs(level.dot(frame.right())) * width, step = spread(apart);
        Bounds b = seen.bounds();
        List<List<Vec>> lines = new ArrayList<>();
        double lean = down.dot(frame.right()) / plane.slope().length();
        double reach = Math.abs(lean) * b.height();
        if (step <= 0 || (b.width() + reach) / step > MOST_LINES) return lines;
        for (long k = (long) Math.floor((b.minX() - reach) / step); k * step < b.maxX() + reach; k++) {
            Vec low = new Vec(k * step, b.minY());
            lines.add(List.of(low, new Vec(low.x() + lean * b.height(), b.maxY())));
        }
        return lines;
    }

    /** What lies far enough apart on paper; 0 where nothing does. */
    private double spread(double mm) {
        if (mm < 1) return 0;
        double step = mm;
        while (step / scale < LEAST_MM) step *= 2;
        return step;
    }
}
