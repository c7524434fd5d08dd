package org.leanlintel.core.note;

import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.model.Wall;

/**
 * Where the tips of leaders lie. Plans point into plies of walls and at things, sections and elevations at things as they show them;
 * they follow these. Other drawings point at places, and know what is there.
 *
 * @param frame of a section or an elevation; null of any other drawing
 */
public record Pointed(Building building, boolean inPlan, @Nullable SectionFrame frame) {

    /** As a drawing shows them. */
    public static Pointed in(Drawing drawing, Building building) {
        boolean upright = drawing.kind() == Drawing.Kind.SECTION || drawing.kind() == Drawing.Kind.ELEVATION;
        return new Pointed(
                building,
                drawing.kind() == Drawing.Kind.PLAN,
                upright ? SectionFrame.of(drawing, building.model()) : null);
    }

    /** Where a leader's tip lies now; null where what it points at stands nowhere. */
    public @Nullable Vec at(Target target) {
        return switch (target) {
            case Target.AtPlace p -> p.at();
            case Target.Lost l -> l.at();
            case Target.InPly p -> inPly(p);
            case Target.OnThing t -> onThing(t);
            case Target.OnSeen s -> onSeen(s);
        };
    }

    private @Nullable Vec inPly(Target.InPly target) {
        Strip strip = building.strip(target.wall());
        if (strip == null) return null;
        double t = (strip.offsetOfFace(target.ply()) + strip.offsetOfFace(target.ply() + 1)) / 2;
        return strip.at(Math.min(target.alongMm(), strip.length()), t);
    }

    private @Nullable Vec onThing(Target.OnThing target) {
        if (!inPlan) return target.off();
        Anchor anchor = building.model().find(target.thing()) instanceof Element e ? Anchor.of(e, building) : null;
        return anchor == null ? null : anchor.there(target.off());
    }

    private @Nullable Vec onSeen(Target.OnSeen target) {
        Vec stands = building.model().find(target.thing()) instanceof Element e ? seen(e) : null;
        return stands == null ? null : stands.plus(target.off());
    }

    /** Where a thing stands in the picture of a section or an elevation; null where it stands nowhere. */
    private @Nullable Vec seen(Element thing) {
        Vec at = Standpoint.inPlan(thing, building);
        return frame == null || at == null ? null : new Vec(frame.seen(at).x(), Standpoint.levelMm(thing, building));
    }

    /** What a leader holds to that is to point at a place of a thing: the bare place where that offers nothing. */
    public Target on(@Nullable Element thing, Vec at) {
        if (thing == null) return new Target.AtPlace(at);
        if (seen(thing) instanceof Vec stands) return new Target.OnSeen(thing.id(), at.minus(stands));
        if (!inPlan) return new Target.OnThing(thing.id(), at);
        if (thing instanceof Wall w && building.strip(w.id()) instanceof Strip strip) return inWall(strip, at);
        Anchor anchor = Anchor.of(thing, building);
        return anchor == null ? new Target.AtPlace(at) : new Target.OnThing(thing.id(), anchor.off(at));
    }

    /** The ply a point lies in, membranes aside; the outermost on its side where it lies beside the wall. */
    private static Target inWall(Strip strip, Vec at) {
        double along = Math.clamp(strip.axis().s(at), 0, strip.length());
        Vec across = strip.axis().directionAt(along).left();
        double t = at.minus(strip.at(along, 0)).dot(across);
        Strip.StripPly nearest = strip.plies().getFirst();
        double least = Double.POSITIVE_INFINITY;
        for (Strip.StripPly p : strip.plies()) {
            double off = Math.max(0, Math.max(p.lo() - t, t - p.hi()));
            if (p.thickness() > 0 && off < least) {
                nearest = p;
                least = off;
            }
        }
        return new Target.InPly(strip.wall().id(), nearest.index(), along);
    }

    /** What a leader points at; null for a bare place. */
    public static @Nullable ElementId thing(Target target) {
        return switch (target) {
            case Target.AtPlace p -> null;
            case Target.Lost l -> null;
            case Target.InPly p -> p.wall();
            case Target.OnThing t -> t.thing();
            case Target.OnSeen s -> s.thing();
        };
    }
}
