package org.leanlintel.core.building.roof;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Roof;

/**
 * What covers parapets, level, past both faces of their walls. Those of parapets of one height are one round their corners.
 *
 * @param lowMm above the project's zero
 */
public record Coping(Area area, double lowMm, double highMm) {

    /** Usual in the trade: how far it stands out over the faces of its wall. */
    private static final double OUT_MM = 40;

    /** Further than any coping reaches past the end of its side, round a corner. */
    private static final double ROUND_MM = 2000;

    private record Level(double lowMm, double highMm) {}

    public static List<Coping> of(BuiltRoof built) {
        Map<Level, List<Area>> all = new LinkedHashMap<>();
        for (PlateEdge edge : built.plate())
            if (edge.parapet() instanceof Roof.Parapet p && p.copingMm() > 0 && edge.structureMm() > 0) {
                double low = built.parapetMm(edge, p);
                all.computeIfAbsent(new Level(low, low + p.copingMm()), level -> new ArrayList<>())
                        .add(along(edge));
            }
        if (all.isEmpty()) return List.of();
        Area round = round(built);
        List<Coping> copings = new ArrayList<>();
        all.forEach((level, areas) -> copings.add(new Coping(Area.union(areas).and(round), level.lowMm, level.highMm)));
        return copings;
    }

    private static Area along(PlateEdge e) {
        Vec way = e.direction(), in = e.inwards();
        Vec from = e.from().along(way, -ROUND_MM), to = e.to().along(way, ROUND_MM);
        double inner = OUT_MM - e.outMm();
        return Area.of(
                List.of(from.along(in, -OUT_MM), to.along(in, -OUT_MM), to.along(in, inner), from.along(in, inner)));
    }

    /** All round the house, from outside of its walls to within the roof. */
    private static Area round(BuiltRoof built) {
        return built.standing().grown(OUT_MM).minus(built.covered().grown(-OUT_MM));
    }
}
