package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.leanlintel.core.building.join.Slab;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.WallPiece;

/** The slabs that the pieces on a wall amount to. */
final class WallPieces {

    private final WallSolid solid;
    private final Model model;
    private final List<Slab> slabs = new ArrayList<>();

    private WallPieces(WallSolid solid, Model model) {
        this.solid = solid;
        this.model = model;
    }

    static List<Slab> slabs(WallSolid solid, Model model) {
        WallPieces pieces = new WallPieces(solid, model);
        for (PlacedPiece p : solid.pieces()) pieces.add(p);
        return List.copyOf(pieces.slabs);
    }

    private void add(PlacedPiece p) {
        switch (p.piece().make()) {
            case WallPiece.Lined l -> lined(p, l);
            case WallPiece.Solid s -> mass(p, s);
            case WallPiece.Built b -> mass(p, b);
            case WallPiece.Boxed b -> mass(p, b);
            case WallPiece.Niche n -> {}
        }
    }

    private void lined(PlacedPiece p, WallPiece.Lined lined) {
        for (Band band : solid.bands().all()) {
            double low = Math.max(band.lowMm(), solid.levelMm() + p.piece().lowMm());
            double high = Math.min(band.highMm(), solid.levelMm() + p.piece().headMm());
            if (high - low < Tolerance.SAME_MM) continue;
            for (Span clear : clear(p, band)) {
                double out = 0;
                for (Ply ply : lined.plies()) {
                    double next = out + ply.thicknessMm();
                    if (next > out) {
                        Material material = model.get(ply.material(), Material.class);
                        add(p, clear, out, next, material, ply.does(), low, high);
                    }
                    out = next;
                }
            }
        }
    }

    /** The parts of a piece's stretch that neither an opening of the band nor a wall that stands there takes. */
    private List<Span> clear(PlacedPiece p, Band band) {
        List<Span> taken = new ArrayList<>(solid.standingOn(p.piece().side()));
        for (PlacedOpening o : band.through()) taken.add(new Span(o.from(), o.to(), null));
        taken.sort(Comparator.comparingDouble(Span::from));
        List<Span> clear = new ArrayList<>();
        double from = p.from();
        for (Span t : taken) {
            if (t.from() - from > Tolerance.SAME_MM) clear.add(new Span(from, Math.min(t.from(), p.to()), null));
            from = Math.max(from, t.to());
            if (from >= p.to()) return clear;
        }
        if (p.to() - from > Tolerance.SAME_MM) clear.add(new Span(from, p.to(), null));
        return clear;
    }

    private void mass(PlacedPiece p, WallPiece.Mass mass) {
        double low = solid.levelMm() + p.piece().lowMm(),
                high = solid.levelMm() + p.piece().headMm();
        for (Wrapped.Part part : Wrapped.of(mass, p.to() - p.from(), false, model)) {
            Span along = new Span(p.from() + part.x0(), p.from() + part.x1(), null);
            add(p, along, part.y0(), part.y1(), part.material(), part.does(), low, high);
        }
    }

    /** @param out from the wall's face outwards, millimetres */
    private void add(
            PlacedPiece p, Span along, double out, double next, Material material, Does does, double low, double high) {
        double lo = p.isOnLeft() ? p.lo() + out : p.hi() - next;
        slabs.add(new Slab(p.piece().id(), along.from(), along.to(), lo, lo + next - out, material, does, low, high));
    }
}
