package org.leanlintel.core.edit.carry;

import org.leanlintel.core.model.WallPiece;

/** What pieces and posts are made of, where they are carried to. */
final class CarriedMakes {

    private CarriedMakes() {}

    static WallPiece.Make of(WallPiece.Make make, Carriage carry) {
        return switch (make) {
            case WallPiece.Lined l ->
                new WallPiece.Lined(l.plies().stream()
                        .map(p -> p.of(carry.there(p.material())))
                        .toList());
            case WallPiece.Niche n -> n;
            case WallPiece.Solid s -> of(s, carry);
            case WallPiece.Built b -> of(b, carry);
            case WallPiece.Boxed b -> of(b, carry);
        };
    }

    static WallPiece.Mass of(WallPiece.Mass mass, Carriage carry) {
        return switch (mass) {
            case WallPiece.Solid s -> of(s, carry);
            case WallPiece.Built b -> of(b, carry);
            case WallPiece.Boxed b -> of(b, carry);
        };
    }

    private static WallPiece.Solid of(WallPiece.Solid s, Carriage carry) {
        return new WallPiece.Solid(carry.there(s.material()), s.depthMm());
    }

    private static WallPiece.Built of(WallPiece.Built b, Carriage carry) {
        return new WallPiece.Built(carry.there(b.buildUp()), b.depthMm());
    }

    private static WallPiece.Boxed of(WallPiece.Boxed b, Carriage carry) {
        return new WallPiece.Boxed(carry.there(b.material()), b.boardMm(), b.depthMm());
    }
}
