package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Rules;

/** The free floor that fittings need by the project's rules, where they stand. */
public final class Clearances {

    /**
     * A place that has to be free.
     *
     * @param ring round it, counter-clockwise
     * @param from where its measure is taken from
     * @param out the way it is measured, one long
     */
    public record Zone(ElementId fitting, Rules.Clearance rule, List<Vec> ring, Vec from, Vec out) {}

    /** A place with what was found in it. @param isShort whether something stands there */
    public record Checked(Zone zone, boolean isShort) {}

    private Clearances() {}

    /** Of all fittings of a storey, with what was found. */
    public static List<Checked> checked(Building building, ElementId storey) {
        ClearanceCheck check = new ClearanceCheck(building, storey);
        List<Checked> all = new ArrayList<>();
        for (PlacedFitting p : on(building, storey))
            for (Zone zone : of(p, building)) all.add(new Checked(zone, check.finding(p, zone) != null));
        return all;
    }

    /** Of all fittings of a storey. */
    public static List<Zone> of(Building building, ElementId storey) {
        List<Zone> zones = new ArrayList<>();
        for (PlacedFitting p : on(building, storey)) zones.addAll(of(p, building));
        return zones;
    }

    private static List<PlacedFitting> on(Building building, ElementId storey) {
        List<PlacedFitting> all = new ArrayList<>();
        for (Fitting f : building.model().all(Fitting.class))
            if (f.stays()
                    && f.storey().equals(storey)
                    && building.get(new PlacedFitting.Of(f.id())) instanceof PlacedFitting p) all.add(p);
        return all;
    }

    static List<Zone> of(PlacedFitting placed, Building building) {
        Rules rules = building.model().find(Rules.ID, Rules.class);
        if (rules == null) return List.of();
        List<Zone> zones = new ArrayList<>();
        double w = placed.fitting().widthMm(), d = placed.fitting().depthMm();
        for (Rules.Clearance rule : rules.clearances()) {
            if (rule.kind() != placed.symbol().kind()) continue;
            switch (rule.where()) {
                case FRONT -> zones.add(zone(placed, rule, 0, w, d, d + rule.mm(), new Vec(w / 2, d), placed.out()));
                case SIDES -> {
                    zones.add(left(placed, rule, 0));
                    zones.add(right(placed, rule, w));
                }
                case CENTRE -> {
                    zones.add(left(placed, rule, w / 2));
                    zones.add(right(placed, rule, w / 2));
                }
            }
        }
        return zones;
    }

    private static Zone left(PlacedFitting p, Rules.Clearance rule, double from) {
        double d = p.fitting().depthMm();
        return zone(
                p,
                rule,
                from - rule.mm(),
                from,
                0,
                d,
                new Vec(from, d / 2),
                p.along().times(-1));
    }

    private static Zone right(PlacedFitting p, Rules.Clearance rule, double from) {
        double d = p.fitting().depthMm();
        return zone(p, rule, from, from + rule.mm(), 0, d, new Vec(from, d / 2), p.along());
    }

    private static Zone zone(
            PlacedFitting p, Rules.Clearance rule, double x0, double x1, double y0, double y1, Vec from, Vec out) {
        List<Vec> ring = List.of(p.box(x0, y0), p.box(x0, y1), p.box(x1, y1), p.box(x1, y0));
        return new Zone(p.fitting().id(), rule, ring, p.box(from.x(), from.y()), out);
    }
}
