package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.dimension.SetOutCheck;
import org.leanlintel.core.dimension.SetOutReport;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Annotation;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;

/** Plans that are dimensioned, and from which something still cannot be set out. */
final class SetOutFindings {

    private final Building building;
    private final ElementId storey;

    SetOutFindings(Building building, ElementId storey) {
        this.building = building;
        this.storey = storey;
    }

    /** Told with its storey; nothing of a plan without strings of its own, which is not meant to be set out from. */
    List<Finding> findings(Drawing plan) {
        List<Finding> findings = new ArrayList<>();
        if (plan.kind() != Drawing.Kind.PLAN || !plan.storey().equals(storey) || !isDimensioned(plan)) return findings;
        SetOutReport report = building.get(new SetOutCheck.Of(plan.id()));
        List<SetOutReport.Line> lost = report.lost();
        if (!lost.isEmpty())
            findings.add(finding(
                    plan,
                    "%s does not say where %s."
                            .formatted(
                                    plan.name(),
                                    lost.size() == 1
                                            ? "the " + lost.getFirst().words() + " lies"
                                            : lost.size() + " of its lines lie"),
                    "See which in the set-out check, and dimension them.",
                    lost.getFirst().from()));
        for (SetOutReport.Misread m : report.misread())
            findings.add(new Finding(
                    Finding.Kind.SET_OUT,
                    "A string of %s says %s where %s is drawn.".formatted(plan.name(), m.said(), m.really()),
                    "Let its points hold to what they measure.",
                    List.of(m.string()),
                    storey,
                    m.at(),
                    ""));
        for (SetOutReport.Twice t : report.twice())
            findings.add(new Finding(
                    Finding.Kind.SET_OUT,
                    "Two strings of %s say %s and %s of the same distance."
                            .formatted(plan.name(), t.said(), t.otherSaid()),
                    "Round both alike, or let one of them go.",
                    List.of(t.string(), t.other()),
                    storey,
                    t.at(),
                    ""));
        return findings;
    }

    private boolean isDimensioned(Drawing plan) {
        for (Annotation a : building.model().relations().annotationsOf(plan.id()))
            if (a instanceof DimensionString) return true;
        return false;
    }

    private Finding finding(Drawing plan, String sentence, String remedy, Vec at) {
        return new Finding(Finding.Kind.SET_OUT, sentence, remedy, List.of(plan.id()), storey, at, "");
    }
}
