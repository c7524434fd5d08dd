package org.leanlintel.core.picture.wall;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.PlacedPiece;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.Wrapped;
import org.leanlintel.core.building.feature.PieceEdges;
import org.leanlintel.core.building.join.Slab;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.picture.Catch;
import org.leanlintel.core.picture.DrawnPlies;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.PlyHatch;
import org.leanlintel.core.picture.SlabHatch;

/** Pieces on walls and posts, cut or seen below the cut; what is above it is dashed. */
public final class PiecePainter {

    private static final String[] SIDES = {"front", "side", "side"};

    private PiecePainter() {}

    public static Group of(WallSolid solid, PlacedPiece placed, Look look) {
        Pens pens = new Pens(look.lens());
        double low = solid.levelMm() + placed.piece().lowMm(),
                high = solid.levelMm() + placed.piece().headMm();
        List<Vec> ring = ring(solid.strip(), placed);
        if (high <= look.cutMm()) pens.closed(PenRole.EDGE, ring);
        else if (low > look.cutMm()) pens.closed(PenRole.OVERHEAD, ring);
        else if (placed.isNiche()) niche(solid.strip(), placed, pens);
        else slabs(solid, placed, look, pens);
        return new Group(placed.piece().id(), placed.piece().layer(), pens.items(), catches(solid, placed))
                .on(List.of(ring));
    }

    private static List<Vec> ring(Strip strip, PlacedPiece p) {
        return strip.ring(p.from(), p.to(), p.lo(), p.hi());
    }

    /** Its back and its sides; it is open to the room. */
    private static void niche(Strip strip, PlacedPiece p, Pens pens) {
        double back = p.isOnLeft() ? p.lo() : p.hi(), face = p.isOnLeft() ? p.hi() : p.lo();
        List<Vec> line = new ArrayList<>(List.of(strip.at(p.from(), face)));
        line.addAll(strip.along(p.from(), p.to(), back));
        line.add(strip.at(p.to(), face));
        pens.line(PenRole.CUT_LINING, line);
    }

    private static void slabs(WallSolid solid, PlacedPiece placed, Look look, Pens pens) {
        double face = placed.isOnLeft() ? placed.lo() : placed.hi();
        for (Slab slab : solid.slabs()) {
            boolean cut = look.cutMm() >= slab.lowMm() && look.cutMm() < slab.highMm();
            if (!slab.element().equals(placed.piece().id()) || !cut) continue;
            boolean atFace = Tolerance.same(placed.isOnLeft() ? slab.lo() : slab.hi(), face);
            slab(solid.strip(), slab, atFace ? face : Double.NaN, look, pens);
        }
    }

    /** @param open the offset of the side that joins the wall, whose line the wall draws; NaN where there is none */
    private static void slab(Strip strip, Slab slab, double open, Look look, Pens pens) {
        PenRole role = role(slab.does());
        DrawnPlies.Drawn drawn = DrawnPlies.of(look).alone(slab.material(), slab.does());
        List<Vec> ring = strip.ring(slab.from(), slab.to(), slab.lo(), slab.hi());
        if (slab.does() != Does.AIR_GAP) pens.fill(drawn.tint(pens), ring);
        PlyHatch hatch = new PlyHatch(drawn.material().hatch(), look.drawing().scale(), pens);
        SlabHatch.paint(strip, hatch, ring, slab.from(), slab.to(), slab.lo(), slab.hi());
        pens.line(role, strip.at(slab.from(), slab.lo()), strip.at(slab.from(), slab.hi()));
        pens.line(role, strip.at(slab.to(), slab.lo()), strip.at(slab.to(), slab.hi()));
        for (double t : new double[] {slab.lo(), slab.hi()})
            if (t != open) pens.line(role, strip.along(slab.from(), slab.to(), t));
    }

    private static PenRole role(Does does) {
        return switch (does) {
            case CARRIES -> PenRole.CUT_STRUCTURE;
            case FACING -> PenRole.CUT_FACING;
            case AIR_GAP -> PenRole.PLY;
            default -> PenRole.CUT_LINING;
        };
    }

    private static List<Catch> catches(WallSolid solid, PlacedPiece placed) {
        List<Catch> catches = new ArrayList<>();
        for (int edge = 0; edge < SIDES.length; edge++) {
            List<Vec> line = PieceEdges.of(solid.strip(), placed, edge);
            catches.add(caught(
                    placed.piece().mark() + " " + SIDES[edge], placed.piece().id(), edge, line));
        }
        return catches;
    }

    private static Catch caught(String words, ElementId id, int edge, List<Vec> line) {
        return new Catch(words, new Hold.OnPiece(id, edge), line.getFirst(), line.getLast());
    }

    public static Group of(Post post, Model model, Look look) {
        Pens pens = new Pens(look.lens());
        for (Wrapped.Part part : Wrapped.of(post.make(), post.widthMm(), true, model)) part(post, part, look, pens);
        List<Catch> catches = new ArrayList<>();
        for (int edge = 0; edge < 4; edge++)
            catches.add(caught("side of " + post.mark(), post.id(), edge, PieceEdges.of(post, edge)));
        return new Group(post.id(), post.layer(), pens.items(), catches);
    }

    private static void part(Post post, Wrapped.Part part, Look look, Pens pens) {
        List<Vec> ring = post.ring(part.x0(), part.x1(), part.y0(), part.y1());
        DrawnPlies.Drawn drawn = DrawnPlies.of(look).alone(part.material(), part.does());
        pens.fill(drawn.tint(pens), ring);
        PlyHatch hatch = new PlyHatch(drawn.material().hatch(), look.drawing().scale(), pens);
        hatch.within(List.of(ring));
        hatch.between(ring.get(0), ring.get(1), ring.get(3).minus(ring.get(0)));
        pens.closed(role(part.does()), ring);
    }
}
