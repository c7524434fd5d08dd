package org.leanlintel.core.model;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Vec;

/**
 * Where the house is cut upright.
 *
 * @param mark at its ends: A
 * @param looking to which side of the line from {@code from} to {@code to}
 * @param depthMm how far beyond the cut is shown
 * @param steps where it steps aside, in their order along it; none where it is straight
 */
public record SectionLine(
        ElementId id, ElementId layer, String mark, Vec from, Vec to, Side looking, double depthMm, List<Step> steps)
        implements OnLayer, Marked {

    private static final int MOST_STEPS = 12;
    /** Nearer to each other and to the ends it does not step. */
    private static final double LEAST_MM = 50;

    /** Straight. */
    public SectionLine(ElementId id, ElementId layer, String mark, Vec from, Vec to, Side looking, double depthMm) {
        this(id, layer, mark, from, to, looking, depthMm, List.of());
    }

    /**
     * From there on it runs beside the line through its ends.
     *
     * @param alongMm from its beginning
     * @param leftMm how far to the left of that line; 0 on it again, less than 0 to its right
     */
    public record Step(double alongMm, double leftMm) {
        public Step {
            alongMm = Checks.between("Where a section's line steps aside", alongMm, 0, 1_000_000);
            leftMm = Checks.between("How far a section's line steps aside", leftMm, -100_000, 100_000);
        }
    }

    public SectionLine {
        mark = Checks.text("A section's mark", Checks.name("A section's mark", mark), 4);
        from = Checks.near(from);
        to = Checks.near(to);
        depthMm = Checks.between("How deep a section looks", depthMm, 0, 100_000);
        if (!(from.distanceTo(to) >= 100)) throw new Unusable("A section's line is at least 100 mm long.");
        steps = List.copyOf(steps);
        if (steps.size() > MOST_STEPS)
            throw new Unusable("A section's line steps aside %d times at most.".formatted(MOST_STEPS));
        double before = 0;
        for (Step s : steps) {
            if (s.alongMm() < before + LEAST_MM || s.alongMm() > from.distanceTo(to) - LEAST_MM)
                throw new Unusable(
                        "A section's line steps aside between its ends, at least 50 mm from them and from its last step.");
            before = s.alongMm();
        }
    }

    public SectionLine through(Vec otherFrom, Vec otherTo, Side otherLooking) {
        return new SectionLine(id, layer, mark, otherFrom, otherTo, otherLooking, depthMm, steps);
    }

    public SectionLine stepping(List<Step> others) {
        return new SectionLine(id, layer, mark, from, to, looking, depthMm, others);
    }

    /** From its beginning to its end, with both points of each step. */
    public List<Vec> path() {
        Vec on = to.minus(from).unit(), left = on.left();
        List<Vec> path = new ArrayList<>(List.of(from));
        double aside = 0;
        for (Step s : steps) {
            Vec at = from.along(on, s.alongMm());
            path.add(at.along(left, aside));
            aside = s.leftMm();
            path.add(at.along(left, aside));
        }
        path.add(to.along(left, aside));
        return path;
    }

    @Override
    public SectionLine onLayer(ElementId other) {
        return new SectionLine(id, other, mark, from, to, looking, depthMm, steps);
    }
}
