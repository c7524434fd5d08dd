package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.join.Strip.StripPly;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.note.Pointed;
import org.leanlintel.core.picture.cut.Cut;
import org.leanlintel.core.picture.cut.Cut.Met;
import org.leanlintel.core.picture.cut.Cut.Slant;

/** Where a line square through a build-up at the place a note points at meets each of its plies. */
final class ThroughPlies {

    /** How far to both sides of the place plies are looked for. */
    private static final double REACH_MM = 1500;

    private final Drawing drawing;
    private final Building building;

    private ThroughPlies(Drawing drawing, Building building) {
        this.drawing = drawing;
        this.building = building;
    }

    /** The middle of each ply, from one side to the other; none where a target is no build-up, or is not cut there. */
    static List<Vec> of(Target target, Drawing drawing, Building building) {
        ThroughPlies through = new ThroughPlies(drawing, building);
        return switch (target) {
            case Target.InPly p -> through.wallInPlan(p);
            case Target.OnThing t -> through.cut(t);
            case Target.OnSeen s -> through.cut(s);
            case Target.AtPlace p -> List.of();
            case Target.Lost l -> List.of();
        };
    }

    private List<Vec> wallInPlan(Target.InPly target) {
        Strip strip = building.strip(target.wall());
        if (strip == null) return List.of();
        double along = Math.min(target.alongMm(), strip.length());
        List<Vec> middles = new ArrayList<>();
        for (StripPly p : strip.plies()) if (p.thickness() > 0) middles.add(strip.at(along, (p.lo() + p.hi()) / 2));
        return middles;
    }

    private List<Vec> cut(Target target) {
        if (drawing.kind() != Drawing.Kind.SECTION) return List.of();
        Vec at = Pointed.in(drawing, building).at(target);
        return at != null && Pointed.thing(target) instanceof ElementId thing
                ? cut(building.model().find(thing), at)
                : List.of();
    }

    private List<Vec> cut(@Nullable Element element, Vec at) {
        if (element == null) return List.of();
        List<Met> met = new ArrayList<>();
        for (SectionFrame leg : SectionFrame.legs(drawing, building.model()))
            met.addAll(new Cut(leg).met(new Bodies(building).of(element.id())));
        Vec across =
                switch (element) {
                    case Wall w -> new Vec(1, 0);
                    case Floor f -> new Vec(0, 1);
                    case Room r -> across(met, at);
                    case Roof r -> across(met, at);
                    default -> null;
                };
        if (across == null) return List.of();
        Vec from = at.along(across, -REACH_MM), to = at.along(across, REACH_MM);
        List<Vec> middles = new ArrayList<>();
        for (Met m : met) {
            Vec middle = m.area().inside(List.of(List.of(from, to))).stream()
                    .map(piece -> piece.getFirst().plus(piece.getLast()).times(0.5))
                    .min(Comparator.comparingDouble(at::distanceTo))
                    .orElse(null);
            if (middle != null) middles.add(middle);
        }
        middles.sort(Comparator.comparingDouble(p -> p.dot(across)));
        return middles;
    }

    /** Square to the slope that lies nearest. */
    private static Vec across(List<Met> met, Vec at) {
        return met.stream()
                .flatMap(m -> m.slants().stream())
                .filter(s -> s.across().length() > 0)
                .min(Comparator.comparingDouble(s -> beside(s, at)))
                .map(s -> s.across().unit())
                .orElse(new Vec(0, 1));
    }

    private static double beside(Slant slant, Vec at) {
        Vec along = slant.to().minus(slant.from());
        double part = Math.clamp(at.minus(slant.from()).dot(along) / along.dot(along), 0, 1);
        return slant.from().plus(along.times(part)).distanceTo(at);
    }
}
