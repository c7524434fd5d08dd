package org.leanlintel.core.model;

import org.leanlintel.core.geometry.Vec;

/**
 * Where the house is cut upright.
 *
 * @param mark at its ends: A
 * @param looking to which side of the line from {@code from} to {@code to}
 * @param depthMm how far beyond the cut is shown
 */
public record SectionLine(ElementId id, ElementId layer, String mark, Vec from, Vec to, Side looking, double depthMm)
        implements OnLayer, Marked {

    public SectionLine {
        mark = Checks.text("A section's mark", Checks.name("A section's mark", mark), 4);
        from = Checks.near(from);
        to = Checks.near(to);
        depthMm = Checks.between("How deep a section looks", depthMm, 0, 100_000);
        if (!(from.distanceTo(to) >= 100)) throw new Unusable("A section's line is at least 100 mm long.");
    }

    public SectionLine through(Vec otherFrom, Vec otherTo, Side otherLooking) {
        return new SectionLine(id, layer, mark, otherFrom, otherTo, otherLooking, depthMm);
    }

    @Override
    public SectionLine onLayer(ElementId other) {
        return new SectionLine(id, other, mark, from, to, looking, depthMm);
    }
}
