package org.leanlintel.core.picture.height;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.note.Facts;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.seen.Seen;

/** Notes that would name the materials an elevation shows, or a section beyond its cut: one for each that none names yet, in a row over the house. */
public final class MaterialNames {

    /** What a note says of what it points at. */
    public static final String TEXT = "{facing}";

    private static final String FACT = "facing";

    /** On paper: from the house to the row, between one note and the next with its leader, and what of a material is too little or too narrow to name. */
    private static final double OVER_MM = 7, APART_MM = 9, LEAST_MM2 = 30, LEAST_WIDE_MM = 2;
    /** On paper: between the tips of two leaders, across; and how many times as far one is moved for that, as far as it may. */
    private static final double TIPS_MM = 8;

    private static final double[] ASIDE = {0, 1, -1, 2, -2, 3, -3};
    /** On paper: from a note to the end of the level part of its leader. */
    private static final double LANDING_MM = 4.2;

    /** @param element whose facing is named; @param tip where the leader ends; @param at where the note stands */
    public record Named(ElementId element, String material, Vec tip, Vec at) {}

    /** @param tip where its leader is to end */
    private record Found(ElementId element, String material, Area area, Vec tip) {

        Found at(Vec other) {
            return new Found(element, material, area, other);
        }
    }

    private MaterialNames() {}

    /** @param of an elevation or a section */
    public static List<Named> of(Building building, ElementId of, Lettering lettering) {
        Drawing drawing = building.model().get(of, Drawing.class);
        double scale = drawing.scale();
        List<Seen> seen = seen(drawing, building);
        if (drawing.frame() instanceof Drawing.Part part) seen = within(Area.of(part.ring()), seen);
        if (seen.isEmpty()) return List.of();
        Set<String> named = named(drawing, building);
        List<Found> found = new ArrayList<>(largest(seen, building).values());
        found.removeIf(f -> named.contains(f.material()) || isLittle(f.area(), scale));
        part(found, scale);
        Bounds house = Area.union(seen.stream().map(Seen::area).toList()).bounds();
        double over = house.maxY() + OVER_MM * scale;
        List<Named> row = row(found, over, scale, lettering);
        for (int turn = 0; turn < found.size() * found.size() && uncross(found, row, scale, lettering); turn++)
            row = row(found, over, scale, lettering);
        return row;
    }

    /** Moves tips that stand over each other aside within their areas, the largest furthest, so that their leaders do not run along each other. */
    private static void part(List<Found> found, double scale) {
        found.sort(Comparator.comparingDouble(f -> f.area().mm2()));
        double apart = TIPS_MM * scale;
        for (int i = 1; i < found.size(); i++) {
            Found f = found.get(i);
            List<Found> before = found.subList(0, i);
            Area inner = f.area().grown(-LEAST_WIDE_MM / 2 * scale);
            for (double aside : ASIDE) {
                Vec tip = f.tip().plus(new Vec(aside * apart, 0));
                if (!inner.covers(tip)
                        || before.stream().anyMatch(b -> Math.abs(b.tip().x() - tip.x()) < apart - 1)) continue;
                found.set(i, f.at(tip));
                break;
            }
        }
        found.sort(Comparator.comparingDouble(f -> f.tip().x()));
    }

    private static List<Seen> seen(Drawing drawing, Building building) {
        if (drawing.kind() == Drawing.Kind.ELEVATION)
            return building.get(new Seen.All(ElevationPicture.sight(drawing.id())));
        return Leg.sights(drawing.id(), building.model()).stream()
                .flatMap(sight -> building.get(new Seen.All(sight)).stream())
                .toList();
    }

    private static List<Seen> within(Area part, List<Seen> seen) {
        List<Seen> left = new ArrayList<>();
        for (Seen s : seen) {
            Area area = s.area().and(part);
            if (!area.isEmpty()) left.add(new Seen(s.face(), s.lines(), area));
        }
        return left;
    }

    private static boolean isLittle(Area area, double scale) {
        return area.mm2() < LEAST_MM2 * scale * scale
                || area.grown(-LEAST_WIDE_MM / 2 * scale).isEmpty();
    }

    /** Each so that its leader drops from beside it, or as near to that as the one before it leaves room. */
    private static List<Named> row(List<Found> found, double over, double scale, Lettering lettering) {
        List<Named> row = new ArrayList<>();
        double free = Double.NEGATIVE_INFINITY;
        for (Found f : found) {
            double wide = width(f.material(), lettering) * scale, aside = APART_MM / 2 * scale;
            Vec tip = f.tip();
            double x = Math.max(free, tip.x() - wide - 1.5 * aside);
            row.add(new Named(f.element(), f.material(), tip, new Vec(x, over)));
            free = x + wide + 2 * aside;
        }
        return row;
    }

    /** Lets the first two whose leaders cross change places, which makes both shorter together; false where none do. */
    private static boolean uncross(List<Found> found, List<Named> row, double scale, Lettering lettering) {
        for (int i = 0; i < row.size(); i++)
            for (int k = i + 1; k < row.size(); k++) {
                Vec one = landing(row.get(i), scale, lettering), other = landing(row.get(k), scale, lettering);
                if (!Vec.cross(one, row.get(i).tip(), other, row.get(k).tip())) continue;
                Collections.swap(found, i, k);
                return true;
            }
        return false;
    }

    /** About where a leader leaves its note: beyond the end that is nearer to its tip. */
    private static Vec landing(Named named, double scale, Lettering lettering) {
        double wide = width(named.material(), lettering) * scale, aside = LANDING_MM * scale;
        boolean right = named.tip().x() > named.at().x() + wide / 2;
        return named.at().plus(new Vec(right ? wide + aside : -aside, 0));
    }

    private static double width(String material, Lettering lettering) {
        return lettering.width(material, Lettering.NOTE_MM, false);
    }

    /** By material, the largest piece that is seen of one thing's facing; steps on the ground are left out. */
    private static Map<String, Found> largest(List<Seen> seen, Building building) {
        Map<String, Found> largest = new LinkedHashMap<>();
        for (Seen s : seen) {
            if (building.model().find(s.face().element()) instanceof OutsideSteps) continue;
            String facing = facing(s.face().element(), building);
            if (!facing.equals(s.face().material().name())) continue;
            for (Area part : s.area().parts()) {
                Found known = largest.get(facing);
                if (known == null || part.mm2() > known.area().mm2())
                    largest.put(facing, new Found(s.face().element(), facing, part, part.middle()));
            }
        }
        return largest;
    }

    private static Set<String> named(Drawing drawing, Building building) {
        Set<String> named = new HashSet<>();
        for (Note n : building.model().all(Note.class))
            if (n.drawing().equals(drawing.id()) && n.text().contains(TEXT))
                for (Target t : n.leaders().targets())
                    named.add(Facts.of(t, building).getOrDefault(FACT, ""));
        return named;
    }

    /** Empty for what has none. */
    private static String facing(ElementId element, Building building) {
        return Facts.of(new Target.OnThing(element, Vec.ORIGIN), building).getOrDefault(FACT, "");
    }
}
