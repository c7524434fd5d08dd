package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.WallPiece;

/**
 * What a pier, a boxing or a post amounts to in plan: the plies that go round it, outermost first, and its core. Each ply
 * goes right across the front and the back; its sides stand between these.
 */
public final class Wrapped {

    /** An upright piece: x along the width from 0, y along the depth from 0 at the back, millimetres. */
    public record Part(double x0, double x1, double y0, double y1, Material material, Does does) {}

    private final boolean free;
    private final List<Part> parts = new ArrayList<>();
    private double x0;
    private double x1;
    private double y0;
    private double y1;

    private Wrapped(double widthMm, double depthMm, boolean free) {
        this.free = free;
        x1 = widthMm;
        y1 = depthMm;
    }

    /** @param free whether it stands free, so that its back is lined too; else its back is a wall */
    public static List<Part> of(WallPiece.Mass mass, double widthMm, boolean free, Model model) {
        Wrapped wrapped = new Wrapped(widthMm, mass.depthMm(), free);
        switch (mass) {
            case WallPiece.Solid s -> wrapped.core(model.get(s.material(), Material.class));
            case WallPiece.Boxed b -> wrapped.round(b.boardMm(), model.get(b.material(), Material.class), Does.LINING);
            case WallPiece.Built b -> wrapped.built(model.get(b.buildUp(), BuildUp.class), model);
        }
        return List.copyOf(wrapped.parts);
    }

    /** What the lining leaves for the core is too little, in words; null where there is room. */
    public static @Nullable String tooSlight(WallPiece.Mass mass, double widthMm, boolean free, Model model) {
        if (!(mass instanceof WallPiece.Built built)) return null;
        BuildUp buildUp = model.get(built.buildUp(), BuildUp.class);
        double lining = buildUp.thicknessMm() - buildUp.depthOfFace(buildUp.structureTo());
        double across = widthMm - 2 * lining, deep = built.depthMm() - (free ? 2 : 1) * lining;
        return Math.min(across, deep) >= Tolerance.SHORTEST_WALL_MM
                ? null
                : "is too slight: its lining alone takes %.1f mm on each side".formatted(lining);
    }

    private void built(BuildUp buildUp, Model model) {
        List<Ply> plies = buildUp.plies();
        for (int i = plies.size() - 1; i >= buildUp.structureTo(); i--) {
            Ply ply = plies.get(i);
            if (ply.does() != Does.SHEET)
                round(ply.thicknessMm(), model.get(ply.material(), Material.class), ply.does());
        }
        core(model.get(plies.get(buildUp.structureFrom()).material(), Material.class));
    }

    private void round(double thickness, Material material, Does does) {
        double back = free ? y0 + thickness : y0;
        add(x0, x1, y1 - thickness, y1, material, does);
        add(x0, x0 + thickness, back, y1 - thickness, material, does);
        add(x1 - thickness, x1, back, y1 - thickness, material, does);
        if (free) add(x0, x1, y0, back, material, does);
        x0 += thickness;
        x1 -= thickness;
        y0 = back;
        y1 -= thickness;
    }

    private void core(Material material) {
        add(x0, x1, y0, y1, material, Does.CARRIES);
    }

    private void add(double left, double right, double near, double far, Material material, Does does) {
        boolean real = right - left > Tolerance.SAME_MM && far - near > Tolerance.SAME_MM;
        if (real) parts.add(new Part(left, right, near, far, material, does));
    }
}
