package org.leanlintel.core.model;

import java.util.List;

/**
 * The ordered plies of a wall, from outside to inside.
 *
 * @param source where the plies come from, shown beside them
 */
public record BuildUp(ElementId id, String name, List<Ply> plies, String source) implements Element {

    public BuildUp {
        name = Checks.name("A build-up's name", name);
        source = Checks.text("A source", source, 300);
        plies = List.copyOf(plies);
        if (plies.size() > 24) throw new IllegalArgumentException("A build-up may have 24 plies at most.");
        if (plies.stream().noneMatch(p -> p.does() == Does.CARRIES)) {
            throw new IllegalArgumentException("\"%s\" has no ply that carries.".formatted(name));
        }
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

    /** The first ply that carries, from the outside. */
    public int structureFrom() {
        int i = 0;
        while (plies.get(i).does() != Does.CARRIES) i++;
        return i;
    }

    /** One past the last ply that carries. */
    public int structureTo() {
        int i = plies.size();
        while (plies.get(i - 1).does() != Does.CARRIES) i--;
        return i;
    }
}
