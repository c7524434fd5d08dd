package org.leanlintel.core.building.feature;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Vec;

/** How a section that steps aside shows features: each leg those that lie before it, levels right through. */
record InLegs(SectionFrame whole, List<InSection> legs) implements Upright {

    InLegs {
        legs = List.copyOf(legs);
    }

    @Override
    public List<List<Vec>> all(Feature feature) {
        if (feature instanceof Feature.Level) return new InSection(whole).all(feature);
        List<List<Vec>> lines = new ArrayList<>();
        for (InSection leg : legs) lines.addAll(leg.all(feature));
        return lines;
    }

    @Override
    public List<Vec> near(Feature feature, double x) {
        List<Vec> nearest = List.of();
        double least = Double.POSITIVE_INFINITY;
        for (List<Vec> line : all(feature)) {
            double far = Math.abs(line.getFirst().x() - x);
            if (far >= least) continue;
            least = far;
            nearest = line;
        }
        return nearest;
    }
}
