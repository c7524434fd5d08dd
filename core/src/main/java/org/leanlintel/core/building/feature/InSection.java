package org.leanlintel.core.building.feature;

import java.util.List;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Model;

/**
 * Features as an upright cut shows them.
 *
 * @param beyond whether faces are shown that are seen edge on beyond it
 */
public record InSection(SectionFrame frame, boolean beyond) implements Upright {

    public InSection(SectionFrame frame) {
        this(frame, frame.isOutside());
    }

    /** A drawing's: of a section that steps aside, all its legs together. */
    public static Upright of(Drawing drawing, Model model) {
        List<SectionFrame> legs = SectionFrame.legs(drawing, model);
        return legs.size() == 1
                ? new InSection(legs.getFirst())
                : new InLegs(
                        SectionFrame.of(drawing, model),
                        legs.stream().map(InSection::new).toList());
    }

    @Override
    public List<List<Vec>> all(Feature feature) {
        List<Vec> line = of(feature);
        return line.isEmpty() ? List.of() : List.of(line);
    }

    @Override
    public List<Vec> near(Feature feature, double x) {
        return of(feature);
    }

    /** Two ends of a line in the cut's picture; none where the cut does not show it. */
    public List<Vec> of(Feature feature) {
        return switch (feature) {
            case Feature.Edge e -> edge(e);
            case Feature.Face f -> face(f);
            case Feature.Ledge l -> ledge(l);
            case Feature.Level l -> List.of(new Vec(frame.startMm(), l.mm()), new Vec(frame.endMm(), l.mm()));
        };
    }

    private List<Vec> edge(Feature.Edge edge) {
        Vec at = frame.seen(edge.at());
        return shows(at) ? upright(at.x(), edge.lowMm(), edge.highMm()) : List.of();
    }

    private boolean shows(Vec seen) {
        double slack = Tolerance.SAME_MM;
        return seen.x() >= frame.startMm() - slack
                && seen.x() <= frame.endMm() + slack
                && seen.y() >= -slack
                && seen.y() <= frame.depthMm() + slack;
    }

    /** Where the cut goes through it; in an elevation, where it is seen edge on. */
    private List<Vec> face(Feature.Face face) {
        Vec from = frame.seen(face.from()), to = frame.seen(face.to());
        if (beyond && Tolerance.same(from.x(), to.x()) && shows(from) && shows(to))
            return upright(from.x(), face.lowMm(), face.highMm());
        if (from.y() >= 0 == to.y() >= 0) return List.of();
        double x =
                from.plus(to.minus(from).times(from.y() / (from.y() - to.y()))).x();
        double slack = Tolerance.SAME_MM;
        return x < frame.startMm() - slack || x > frame.endMm() + slack
                ? List.of()
                : upright(x, face.lowMm(), face.highMm());
    }

    /** As far as what it lies over is seen. */
    private List<Vec> ledge(Feature.Ledge ledge) {
        double low = Double.POSITIVE_INFINITY, high = Double.NEGATIVE_INFINITY, near = Double.POSITIVE_INFINITY;
        double far = Double.NEGATIVE_INFINITY;
        for (Vec p : ledge.over()) {
            Vec seen = frame.seen(p);
            low = Math.min(low, seen.x());
            high = Math.max(high, seen.x());
            near = Math.min(near, seen.y());
            far = Math.max(far, seen.y());
        }
        low = Math.max(low, frame.startMm());
        high = Math.min(high, frame.endMm());
        boolean seen = far > 0 && near < frame.depthMm() && high - low > Tolerance.SAME_MM;
        return seen ? List.of(new Vec(low, ledge.mm()), new Vec(high, ledge.mm())) : List.of();
    }

    private static List<Vec> upright(double x, double low, double high) {
        return List.of(new Vec(x, low), new Vec(x, high));
    }
}
