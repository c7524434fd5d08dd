package org.leanlintel.core.model;

import java.util.List;
import java.util.function.UnaryOperator;

/**
 * The ordered plies of a wall, from outside to inside, or of a floor, roof or ceiling.
 *
 * @param mark what drawings and the schedule call it: a number for walls
 * @param plies outside to inside; for floors on the ground below to above, for other floors and ceilings above to below
 * @param fire its rating as stated by who tested it, with the standard; empty where nobody has
 * @param sound likewise
 * @param source where the plies come from, shown beside them
 */
public record BuildUp(
        ElementId id, String mark, String name, Use use, List<Ply> plies, String fire, String sound, String source)
        implements Element.Stock {

    /** So thick a facing stands on the foundation (trade: half a brick is 100, 3 5/8 in 92). */
    private static final double LEAF_MM = 65;

    /** What is made of it. */
    public enum Use {
        WALL,
        GROUND_FLOOR,
        FLOOR,
        ROOF,
        CEILING
    }

    public BuildUp {
        mark = Checks.text("A build-up's mark", Checks.name("A build-up's mark", mark), 6);
        name = Checks.name("A build-up's name", name);
        fire = Checks.text("A fire rating", fire.strip(), 60);
        sound = Checks.text("A sound rating", sound.strip(), 60);
        source = Checks.text("A source", source, 300);
        plies = List.copyOf(plies);
        if (plies.size() > 24) throw new Unusable("A build-up may have 24 plies at most.");
        if (plies.stream().noneMatch(p -> p.does() == Does.CARRIES)) {
            throw new Unusable("\"%s\" has no ply that carries.".formatted(name));
        }
    }

    /** The same of other materials. @param there what each material is instead */
    public BuildUp of(UnaryOperator<ElementId> there) {
        List<Ply> others = plies.stream().map(p -> p.of(there)).toList();
        return new BuildUp(id, mark, name, use, others, fire, sound, source);
    }

    public BuildUp named(ElementId otherId, String otherMark, String otherName) {
        return new BuildUp(otherId, otherMark, otherName, use, plies, fire, sound, source);
    }

    /** Millimetres from the outside to face {@code face}: face 0 is the outer face, face n lies inside ply n - 1. */
    public double depthOfFace(int face) {
        double depth = 0;
        for (int i = 0; i < face; i++) depth += plies.get(i).thicknessMm();
        return depth;
    }

    public double thicknessMm() {
        return depthOfFace(plies.size());
    }

    /** Of a floor: its plies from the top down. */
    public List<Ply> downwards() {
        return use == Use.GROUND_FLOOR ? plies.reversed() : plies;
    }

    /** Of a floor: whether its structure spans from wall to wall; else it lies on what is under it. */
    public boolean spans() {
        boolean under = false;
        for (Ply p : downwards()) {
            if (under && p.thicknessMm() > 0) return p.does() == Does.AIR_GAP || p.does() == Does.LINING;
            under |= p.does() == Does.CARRIES;
        }
        return under;
    }

    /** Of a floor: from its finished top to its uppermost ply that carries, millimetres. */
    public double depthToStructure() {
        double depth = 0;
        for (Ply p : downwards()) {
            if (p.does() == Does.CARRIES) return depth;
            depth += p.thicknessMm();
        }
        return depth;
    }

    /** Of a floor: from its finished top to the underside of its lowest ply that carries, millimetres. */
    public double depthBelowStructure() {
        double depth = 0, under = 0;
        for (Ply p : downwards()) {
            depth += p.thicknessMm();
            if (p.does() == Does.CARRIES) under = depth;
        }
        return under;
    }

    /** From the outermost to the innermost ply that carries. */
    public double structureMm() {
        return depthOfFace(structureTo()) - depthOfFace(structureFrom());
    }

    /** The first ply that carries, from the outside. */
    public int structureFrom() {
        int i = 0;
        while (plies.get(i).does() != Does.CARRIES) i++;
        return i;
    }

    /**
     * The first ply that stands on the foundation, from the outside: one that carries, or a facing of {@value #LEAF_MM} mm at
     * least outside of it, as a leaf of brickwork is (trade).
     */
    public int standsFrom() {
        int i = 0;
        while (plies.get(i).does() != Does.CARRIES
                && !(plies.get(i).does() == Does.FACING && plies.get(i).thicknessMm() >= LEAF_MM)) i++;
        return i;
    }

    /** One past the last ply that carries. */
    public int structureTo() {
        int i = plies.size();
        while (plies.get(i - 1).does() != Does.CARRIES) i--;
        return i;
    }
}
