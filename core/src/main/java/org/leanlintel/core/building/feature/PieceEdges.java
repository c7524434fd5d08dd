package org.leanlintel.core.building.feature;

import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedPiece;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.WallPiece;

/** The sides of pieces on walls and of posts, as {@link Hold.OnPiece} counts them. */
public final class PieceEdges {

    private PieceEdges() {}

    /** Two points; none where there is no such side. */
    public static List<Vec> of(Building building, ElementId id, int edge) {
        if (building.model().find(id) instanceof Post post) return of(post, edge);
        if (!(building.model().find(id) instanceof WallPiece piece)) return List.of();
        WallSolid solid = building.solid(piece.wall());
        PlacedPiece placed = solid == null ? null : solid.piece(id);
        return solid == null || placed == null || edge > 2 ? List.of() : of(solid.strip(), placed, edge);
    }

    public static List<Vec> of(Post post, int edge) {
        List<Vec> corners = post.corners();
        return List.of(corners.get(edge), corners.get((edge + 1) % 4));
    }

    public static List<Vec> of(Strip strip, PlacedPiece p, int edge) {
        double front = p.isOnLeft() != p.isNiche() ? p.hi() : p.lo();
        return switch (edge) {
            case 0 -> List.of(strip.at(p.from(), front), strip.at(p.to(), front));
            case 1 -> List.of(strip.at(p.from(), p.lo()), strip.at(p.from(), p.hi()));
            default -> List.of(strip.at(p.to(), p.lo()), strip.at(p.to(), p.hi()));
        };
    }
}
