package org.leanlintel.core.edit.sound;

import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.PlacedPiece;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.Wrapped;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.WallPiece;

/** What must be true of pieces on walls and of posts: they fit on their face, and nothing stands where they do. */
final class PieceSoundness {

    private PieceSoundness() {}

    static @Nullable Refusal check(WallSolid solid, Model model) {
        for (PlacedPiece p : solid.pieces()) {
            Refusal refusal = fits(solid, p);
            if (refusal == null) refusal = stout(p, model);
            if (refusal == null) refusal = clearOfOpenings(solid, p);
            if (refusal == null) refusal = clearOfWalls(solid, p);
            if (refusal == null) refusal = clearOfPieces(solid, p);
            if (refusal != null) return refusal;
        }
        return null;
    }

    private static @Nullable Refusal fits(WallSolid solid, PlacedPiece p) {
        String what = "The " + Naming.of(p.piece()), mark = solid.strip().wall().mark();
        Span face = solid.face(p.piece().side());
        if (p.to() - p.from() < Tolerance.SHORTEST_WALL_MM)
            return refuse(p, "%s would have no length on %s.".formatted(what, mark));
        if (p.from() < face.from() - Tolerance.SAME_MM || p.to() > face.to() + Tolerance.SAME_MM)
            return refuse(p, "%s would run past the end of %s.".formatted(what, mark));
        if (p.piece().headMm() > solid.headMm() + Tolerance.SAME_MM)
            return refuse(p, "%s would be higher than %s.".formatted(what, mark));
        if (p.piece().lowMm() < solid.footMm() - Tolerance.SAME_MM)
            return refuse(p, "%s would reach below the foot of %s.".formatted(what, mark));
        if (p.isNiche() && p.hi() - p.lo() > solid.strip().thickness() - 1)
            return refuse(p, "%s would go right through %s.".formatted(what, mark));
        return null;
    }

    private static @Nullable Refusal stout(PlacedPiece p, Model model) {
        if (!(p.piece().make() instanceof WallPiece.Mass mass)) return null;
        String fault = Wrapped.tooSlight(mass, p.to() - p.from(), false, model);
        return fault == null ? null : refuse(p, "The %s %s.".formatted(Naming.of(p.piece()), fault));
    }

    /** Openings interrupt a lining; nothing else may stand before one. */
    private static @Nullable Refusal clearOfOpenings(WallSolid solid, PlacedPiece p) {
        if (p.piece().make() instanceof WallPiece.Lined) return null;
        for (PlacedOpening o : solid.openings()) {
            boolean same =
                    p.piece().state().meets(o.opening().stateIn(solid.strip().wall()))
                            && p.sharesStretch(o.from(), o.to())
                            && p.sharesHeight(o.opening().sillMm(), o.opening().headMm());
            if (same)
                return refuse(
                        p,
                        "The %s would stand in the way of %s.".formatted(Naming.of(p.piece()), Naming.of(o.opening())));
        }
        return null;
    }

    /** Walls interrupt a lining; nothing else may stand where one does. */
    private static @Nullable Refusal clearOfWalls(WallSolid solid, PlacedPiece p) {
        if (p.piece().make() instanceof WallPiece.Lined) return null;
        for (Span touch : solid.standingOn(p.piece().side())) {
            if (p.sharesStretch(touch.from(), touch.to()))
                return refuse(
                        p,
                        "The %s would stand where a wall meets %s."
                                .formatted(
                                        Naming.of(p.piece()),
                                        solid.strip().wall().mark()));
        }
        return null;
    }

    /** On one face, or niches into both. */
    private static @Nullable Refusal clearOfPieces(WallSolid solid, PlacedPiece p) {
        for (PlacedPiece other : solid.pieces()) {
            boolean later = other.piece().id().compareTo(p.piece().id()) > 0;
            boolean sameFace = other.piece().side() == p.piece().side() || p.isNiche() && other.isNiche();
            boolean same = sameFace
                    && p.piece().state().meets(other.piece().state())
                    && p.sharesStretch(other.from(), other.to())
                    && p.sharesHeight(other.piece().lowMm(), other.piece().headMm());
            if (later && same)
                return Refusal.because(
                        "The %s would lie on the %s.".formatted(Naming.of(other.piece()), Naming.of(p.piece())),
                        other.piece().id(),
                        p.piece().id());
        }
        return null;
    }

    private static Refusal refuse(PlacedPiece p, String sentence) {
        return Refusal.because(sentence, p.piece().id(), p.piece().wall());
    }

    /** A post may touch a wall and stand in none. */
    static @Nullable Refusal check(Post post, Building building) {
        String fault = Wrapped.tooSlight(post.make(), post.widthMm(), true, building.model());
        if (fault != null) return Refusal.because("The %s %s.".formatted(Naming.of(post), fault), post.id());
        Area area = Area.of(post.corners());
        for (Strip strip : building.near(post.at(), post.storey())) {
            boolean meet = post.state().meets(strip.wall().state());
            if (meet && area.and(Area.of(strip.outline())).mm2() > Tolerance.OVERLAP_MM2)
                return Refusal.because(
                        "The %s would stand in %s: build a pier against its face instead."
                                .formatted(Naming.of(post), strip.wall().mark()),
                        post.id(),
                        strip.wall().id());
        }
        for (Post other : building.model().relations().postsOf(post.storey())) {
            boolean same = !other.id().equals(post.id())
                    && post.state().meets(other.state())
                    && area.and(Area.of(other.corners())).mm2() > Tolerance.OVERLAP_MM2;
            if (same)
                return Refusal.because(
                        "The %s would stand in the %s.".formatted(Naming.of(post), Naming.of(other)),
                        post.id(),
                        other.id());
        }
        return null;
    }
}
