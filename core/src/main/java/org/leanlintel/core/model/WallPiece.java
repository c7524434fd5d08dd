package org.leanlintel.core.model;

import java.util.List;

/**
 * Something built against one face of a wall, or into it: a lining of its own, a pier, a chimney breast, a boxing, a niche.
 *
 * @param mark what people call it: P3
 * @param side the face of the wall it stands on
 * @param lowMm its lower edge above the storey's level
 */
public record WallPiece(
        ElementId id,
        ElementId layer,
        String mark,
        ElementId wall,
        Side side,
        Stretch stretch,
        double lowMm,
        double heightMm,
        Make make,
        WorkState state)
        implements InWork, Marked {

    public WallPiece {
        mark = Checks.name("A piece's mark", mark);
        lowMm = Checks.between("The foot of a piece", lowMm, 0, 10_000);
        heightMm = Checks.between("The height of a piece", heightMm, 10, 20_000);
    }

    public WallPiece along(Stretch other) {
        return new WallPiece(id, layer, mark, wall, side, other, lowMm, heightMm, make, state);
    }

    public WallPiece on(ElementId otherWall) {
        return new WallPiece(id, layer, mark, otherWall, side, stretch, lowMm, heightMm, make, state);
    }

    public WallPiece of(ElementId otherLayer, Make otherMake) {
        return new WallPiece(id, otherLayer, mark, wall, side, stretch, lowMm, heightMm, otherMake, state);
    }

    public WallPiece facing(Side other) {
        return new WallPiece(id, layer, mark, wall, other, stretch, lowMm, heightMm, make, state);
    }

    public WallPiece named(ElementId otherId, String otherMark) {
        return new WallPiece(otherId, layer, otherMark, wall, side, stretch, lowMm, heightMm, make, state);
    }

    public WallPiece high(double otherHeightMm) {
        return new WallPiece(id, layer, mark, wall, side, stretch, lowMm, otherHeightMm, make, state);
    }

    public double headMm() {
        return lowMm + heightMm;
    }

    public String noun() {
        return switch (make) {
            case Lined l -> "lining";
            case Solid s -> "pier";
            case Built b -> "pier";
            case Boxed b -> "boxing";
            case Niche n -> "niche";
        };
    }

    /** Along the wall. */
    public sealed interface Stretch {}

    /** A part of it. */
    public record Part(Placing placing, double widthMm) implements Stretch {
        public Part {
            widthMm = Checks.between("The width of a piece", widthMm, 10, 100_000);
            boolean plain = placing instanceof Placing.Off off
                    && off.to() == Placing.Edge.NEAR
                    && off.stop() instanceof Stop.WallsEnd end
                    && end.line() == Stop.Line.SET_OUT;
            if (!plain) throw new Unusable("A piece is placed from an end of its wall.");
        }
    }

    /** From one end of the face to the other, wherever these come to be. */
    public record Whole() implements Stretch {}

    /** What it is made of, and how far it stands out from the face, or goes into it. */
    public sealed interface Make {
        double depthMm();
    }

    /** Plies from the wall outwards; openings and walls that stand there interrupt them. */
    public record Lined(List<Ply> plies) implements Make {
        public Lined {
            plies = List.copyOf(plies);
            if (plies.isEmpty() || plies.size() > 8)
                throw new Unusable("A lining of its own has 1 to 8 plies, not " + plies.size() + ".");
        }

        @Override
        public double depthMm() {
            return plies.stream().mapToDouble(Ply::thicknessMm).sum();
        }
    }

    /** What stands on its own feet, against a wall or free. */
    public sealed interface Mass {
        double depthMm();
    }

    /** One material throughout, joined with the wall where that is of the same: a pier, a nib, a chimney breast. */
    public record Solid(ElementId material, double depthMm) implements Make, Mass {
        public Solid {
            depthMm = Checks.between("The depth of a pier", depthMm, 5, 5000);
        }
    }

    /**
     * Of a build-up: a core of what its structure is made of, lined all round with what the build-up has inside its
     * structure.
     *
     * @param depthMm with the lining
     */
    public record Built(ElementId buildUp, double depthMm) implements Make, Mass {
        public Built {
            depthMm = Checks.between("The depth of a pier", depthMm, 5, 5000);
        }
    }

    /** A board round an empty space, as over pipes. @param depthMm with the board */
    public record Boxed(ElementId material, double boardMm, double depthMm) implements Make, Mass {
        public Boxed {
            boardMm = Checks.between("The board of a boxing", boardMm, 1, 200);
            depthMm = Checks.between("The depth of a boxing", depthMm, boardMm, 5000);
        }
    }

    /** A recess. @param depthMm into the wall */
    public record Niche(double depthMm) implements Make {
        public Niche {
            depthMm = Checks.between("The depth of a niche", depthMm, 5, 2000);
        }
    }

    @Override
    public WallPiece in(WorkState other) {
        return new WallPiece(id, layer, mark, wall, side, stretch, lowMm, heightMm, make, other);
    }

    @Override
    public WallPiece onLayer(ElementId other) {
        return new WallPiece(id, other, mark, wall, side, stretch, lowMm, heightMm, make, state);
    }
}
