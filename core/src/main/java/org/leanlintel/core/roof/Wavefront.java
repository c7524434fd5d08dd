package org.leanlintel.core.roof;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.roof.Rings.Segment;
import org.leanlintel.core.roof.Rings.Struck;

/** Fronts moving inwards from an outline as the height grows, until they have met everywhere. */
final class Wavefront {

    /** Millimetres of height. Events nearer than that have been met. */
    private static final double SOON_MM = 1e-7;

    private final List<Front> given = new ArrayList<>();
    private final double epsMm;
    private List<List<Segment>> rings = new ArrayList<>();
    private double z;
    private final Map<FaceOf, List<Area>> faces = new LinkedHashMap<>();
    private final RoofLines lines = new RoofLines();

    private record FaceOf(Front front, int band) {}

    Wavefront(List<List<RoofEdge>> outline, double epsMm) {
        this.epsMm = epsMm;
        z = outline.stream()
                .flatMap(List::stream)
                .mapToDouble(e -> e.profile().startMm())
                .min()
                .orElseThrow();
        int edge = 0;
        for (List<RoofEdge> ring : outline) {
            List<Segment> segments = new ArrayList<>();
            for (RoofEdge e : ring) {
                Front front = Front.of(edge++, e, z);
                given.add(front);
                segments.add(new Segment(front, e.from(), e.to()));
            }
            rings.add(segments);
        }
    }

    Solution run() {
        int most = 100 + 20 * given.size();
        for (int events = 0; !rings.isEmpty(); events++) {
            rings.replaceAll(this::withUprights);
            double next = nextEvent();
            if (Double.isInfinite(next))
                return new Solution.None(
                        "A part of this roof has no eaves to drain to. Let one of its edges slope.", at());
            if (events > most) return new Solution.None("This outline is too fine to be roofed.", at());
            advance(next);
        }
        return new RoofShape(
                faces.entrySet().stream()
                        .map(e -> face(e.getKey(), Area.union(e.getValue())))
                        .filter(f -> !f.plan().isEmpty())
                        .toList(),
                lines.joined(epsMm));
    }

    private Vec at() {
        return rings.getFirst().getFirst().from();
    }

    private RoofShape.Face face(FaceOf of, Area plan) {
        Profile p = of.front.profile();
        double from = of.band == 0 ? p.startMm() : p.bands().get(of.band - 1).toMm();
        Vec foot = of.front.from().along(of.front.inwards(), p.insetAt(from));
        Plane plane = Plane.rising(
                foot, from, of.front.inwards(), p.bands().get(of.band).tan());
        return new RoofShape.Face(of.front.edge(), of.band - of.front.lifted(), plan, plane);
    }

    /** In-line neighbours of other speeds step: something upright stands between them. */
    private List<Segment> withUprights(List<Segment> ring) {
        List<Segment> with = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) {
            Segment now = ring.get(i), after = ring.get((i + 1) % ring.size());
            with.add(now);
            if (now.front().isInLineWith(after.front())
                    && now.front().speed(z) != after.front().speed(z))
                with.add(new Segment(Front.between(now.to(), now.front(), after.front(), z), now.to(), now.to()));
        }
        return with;
    }

    private double nextEvent() {
        double soonest = Double.POSITIVE_INFINITY;
        for (List<Segment> ring : rings)
            for (int i = 0; i < ring.size(); i++) {
                Segment before = ring.get((i + ring.size() - 1) % ring.size()), now = ring.get(i);
                Segment after = ring.get((i + 1) % ring.size());
                Vec start = before.front().velocity(now.front(), z),
                        end = now.front().velocity(after.front(), z);
                Profile p = now.front().profile();
                soonest = sooner(soonest, p.bands().get(p.bandAt(z)).toMm() - z);
                double growing = end.minus(start).dot(now.front().along());
                if (growing < 0) soonest = sooner(soonest, now.from().distanceTo(now.to()) / -growing);
                boolean convex = before.front().along().cross(now.front().along()) > 1e-12;
                if (!convex) soonest = hit(soonest, before, now, start);
            }
        return soonest;
    }

    private static double sooner(double soonest, double in) {
        return in > SOON_MM && in < soonest ? in : soonest;
    }

    /** When a reflex corner runs into a front that is not its own. */
    private double hit(double soonest, Segment before, Segment now, Vec velocity) {
        for (List<Segment> ring : rings)
            for (int i = 0; i < ring.size(); i++) {
                Segment f = ring.get(i);
                if (f.front() == before.front() || f.front() == now.front()) continue;
                double closing = f.front().speed(z) - f.front().inwards().dot(velocity);
                if (closing <= 1e-12) continue;
                double in = f.front().before(now.from(), z) / closing;
                if (in >= soonest || in <= SOON_MM) continue;
                Vec p = now.from().plus(velocity.times(in)), along = f.front().along();
                Segment previous = ring.get((i + ring.size() - 1) % ring.size()),
                        next = ring.get((i + 1) % ring.size());
                Vec from = f.from().plus(previous.front().velocity(f.front(), z).times(in));
                Vec to = f.to().plus(f.front().velocity(next.front(), z).times(in));
                if (p.minus(from).dot(along) >= -epsMm && p.minus(to).dot(along) <= epsMm) soonest = in;
            }
        return soonest;
    }

    private void advance(double by) {
        double then = z + by;
        List<Segment> moved = new ArrayList<>();
        for (List<Segment> ring : rings) {
            List<Vec> corners = new ArrayList<>();
            for (int i = 0; i < ring.size(); i++) {
                Segment before = ring.get((i + ring.size() - 1) % ring.size()), now = ring.get(i);
                Vec corner = before.front().corner(now.front(), now.from(), z, then);
                corners.add(corner);
                lines.corner(before.front(), now.front(), now.from(), z, corner, then);
            }
            for (int i = 0; i < ring.size(); i++) {
                Segment s = ring.get(i);
                Vec from = corners.get(i), to = corners.get((i + 1) % ring.size());
                sweep(s, from, to);
                moved.add(new Segment(s.front(), from, to));
            }
        }
        Rings remade = new Rings(moved, epsMm);
        for (Struck s : remade.struck()) lines.met(s, z + by / 2, then);
        rings = new ArrayList<>(remade.rings());
        for (List<Segment> ring : rings) for (Segment s : ring) lines.band(s, then);
        z = then;
    }

    private void sweep(Segment s, Vec from, Vec to) {
        if (s.front().speed(z) == 0) return;
        Area swept = quad(s.from(), s.to(), to, from);
        if (swept == null) return;
        faces.computeIfAbsent(new FaceOf(s.front(), s.front().profile().bandAt(z)), f -> new ArrayList<>())
                .add(swept);
    }

    /** Null where nothing was swept; a piece that crosses itself is left out, and the check of the whole then finds a hole. */
    private static @Nullable Area quad(Vec a, Vec b, Vec c, Vec d) {
        List<Vec> ring = new ArrayList<>(List.of(a));
        for (Vec p : List.of(b, c, d)) if (ring.getLast().distanceTo(p) > SOON_MM) ring.add(p);
        if (ring.size() > 1 && ring.getLast().distanceTo(a) <= SOON_MM) ring.removeLast();
        if (ring.size() < 3) return null;
        Area area = Area.of(ring);
        return area.isEmpty() || !area.isClean() ? null : area;
    }
}
