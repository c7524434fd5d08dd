package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.roof.BuiltRoof;
import org.leanlintel.core.building.roof.BuiltTruss;
import org.leanlintel.core.building.roof.PlateEdge;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Rules;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.roof.RoofEdge;
import org.leanlintel.core.roof.RoofShape;
import org.leanlintel.core.roof.Solution;

/** Roofs that cannot be built as they are, and slopes too flat for what covers them. */
final class RoofCheck {

    /** Degrees: what rounding a pitch to a rise in twelve may leave. */
    private static final double NEAR = 0.05;

    private RoofCheck() {}

    static List<Finding> findings(Roof roof, Building building) {
        BuiltRoof built = building.get(new BuiltRoof.Of(roof.id()));
        if (built == null) return List.of();
        return switch (built.solution()) {
            case Solution.None none ->
                List.of(finding(
                        roof,
                        "%s is not drawn: %s".formatted(roof.mark(), none.why()),
                        "Change its edges, or what it covers.",
                        none.at(),
                        List.of(roof.id()),
                        ""));
            case RoofShape shape -> {
                List<Finding> findings = tooFlat(roof, shape, covering(built, building));
                findings.addAll(low(built, shape, building));
                yield findings;
            }
        };
    }

    /** Parapets that the roof comes too near to the top of. */
    private static List<Finding> low(BuiltRoof built, RoofShape shape, Building building) {
        List<Finding> findings = new ArrayList<>();
        Rules.Upstand rule = building.model().get(Rules.ID, Rules.class).upstand();
        LengthPrinter lengths =
                LengthPrinter.ofScreen(building.model().settings().units());
        for (int i = 0; i < built.eaves().size(); i++) {
            PlateEdge plate = built.plate(i);
            if (plate == null || !(plate.parapet() instanceof Roof.Parapet parapet)) continue;
            double stands = built.parapetMm(plate, parapet)
                    - highest(built, shape, built.eaves().get(i));
            if (stands >= rule.leastMm() - Tolerance.SAME_MM) continue;
            String over = plate.along().getFirst() instanceof Roof.OnWall w
                            && building.model().find(w.wall()) instanceof Wall wall
                    ? " over " + wall.mark()
                    : "";
            findings.add(finding(
                    built.roof(),
                    "The parapet of %s%s stands %s above the roof; %s is asked for."
                            .formatted(built.roof().mark(), over, lengths.print(stands), lengths.print(rule.leastMm())),
                    "Raise the parapet, or let the roof lie lower.",
                    plate.from().plus(plate.to()).times(0.5),
                    List.of(built.roof().id()),
                    rule.sure() ? rule.source() : rule.source() + " (check)"));
        }
        return findings;
    }

    /** The highest place of a roof's covering along one edge. */
    private static double highest(BuiltRoof built, RoofShape shape, RoofEdge edge) {
        double highest = Double.NEGATIVE_INFINITY;
        for (RoofShape.Face f : shape.faces())
            for (List<Vec> ring : f.plan().rings())
                for (Vec p : ring)
                    if (Math.abs(edge.inwards().dot(p.minus(edge.from()))) < 1)
                        highest = Math.max(highest, built.top(f).at(p));
        return highest;
    }

    /** Trusses that cannot stand any more since their roof has changed. */
    static List<Finding> findings(Truss truss, Building building) {
        return BuiltTruss.of(truss, building) instanceof BuiltTruss.Cannot cannot
                ? List.of(finding(
                        building.model().get(truss.roof(), Roof.class),
                        "%s is not drawn: %s".formatted(truss.mark(), cannot.why()),
                        "Change the roof, or the trusses.",
                        Vec.ORIGIN,
                        List.of(truss.id()),
                        ""))
                : List.of();
    }

    private static @Nullable Material covering(BuiltRoof built, Building building) {
        for (Ply p : built.buildUp().downwards())
            if (p.does() == Does.FACING) return building.model().get(p.material(), Material.class);
        return null;
    }

    private static List<Finding> tooFlat(Roof roof, RoofShape shape, @Nullable Material covering) {
        List<Finding> findings = new ArrayList<>();
        if (covering == null || covering.leastPitch() == 0) return findings;
        Set<Long> said = new TreeSet<>();
        for (RoofShape.Face f : shape.faces()) {
            double degrees = Math.toDegrees(Math.atan(f.tan()));
            if (degrees >= covering.leastPitch() - NEAR || !said.add(Math.round(degrees * 10))) continue;
            findings.add(finding(
                    roof,
                    "%s has a slope of %s degrees; %s asks for %s at least."
                            .formatted(roof.mark(), plain(degrees), covering.name(), plain(covering.leastPitch())),
                    "Make it steeper, or cover it with something else.",
                    f.plan().middle(),
                    List.of(roof.id(), covering.id()),
                    covering.source()));
        }
        return findings;
    }

    private static String plain(double degrees) {
        String text = String.format(Locale.ROOT, "%.1f", degrees);
        return text.endsWith(".0") ? text.substring(0, text.length() - 2) : text;
    }

    private static Finding finding(
            Roof roof, String sentence, String remedy, Vec at, List<ElementId> concerns, String source) {
        return new Finding(Finding.Kind.ROOF, sentence, remedy, concerns, roof.storey(), at, source);
    }
}
