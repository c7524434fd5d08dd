package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.roof.UnderSlopes;
import org.leanlintel.core.building.room.FloorAreas;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;

/** The ceiling of a room as it is seen from below: where slopes begin and meet, which way they rise, and what is open. */
final class CeilingPainter {

    /** On paper: an arrow uphill, and the least piece that has one. */
    private static final double ARROW_MM = 9, PIECE_MM = 12;

    /** How near to a wall a line lies that is the wall's own; how far apart lines are one. */
    private static final double BESIDE_MM = 2;

    /** Rise per run of what is as good as level. */
    private static final double LEVEL = 1e-4;

    private final Room room;
    private final RoomSpace space;
    private final Building building;
    private final Look look;
    private final Lettering lettering;
    private final double scale;
    private final Pens pens;

    CeilingPainter(Room room, RoomSpace space, Building building, Look look, Lettering lettering) {
        this.room = room;
        this.space = space;
        this.building = building;
        this.look = look;
        this.lettering = lettering;
        scale = look.drawing().scale();
        pens = new Pens(look.lens());
    }

    Group paint() {
        Area open = open(room, space, building);
        List<UnderSlopes.Piece> pieces =
                building.get(new UnderSlopes.Of(room.id())).ceilings();
        Area within = space.net().grown(-BESIDE_MM).minus(open), seen = Area.NONE;
        for (UnderSlopes.Piece p : pieces) {
            for (List<Vec> line :
                    seen.grown(BESIDE_MM).outside(within.inside(p.plan().rings()))) pens.line(PenRole.EDGE, line);
            seen = Area.union(List.of(seen, p.plan()));
            Area piece = p.plan().minus(open);
            if (p.height().slope().length() > LEVEL && !piece.isEmpty())
                new SlopeArrow(ARROW_MM, PIECE_MM, scale, lettering, pens)
                        .paint(
                                piece.parts().getFirst(),
                                p.height().slope().unit(),
                                words(p.height().slope().length()));
        }
        for (Area part : open.parts()) openOver(part);
        return new Group(room.id(), room.layer(), pens.items(), List.of());
    }

    /** What of a room has no floor over it, though there is a storey; all of a court. */
    static Area open(Room room, RoomSpace space, Building building) {
        if (room.isOpenToSky()) return space.net();
        Storey on = building.model().get(space.storey(), Storey.class);
        Storey above = StoreySpace.above(building.model(), on);
        return above == null
                ? Area.NONE
                : FloorAreas.openings(building, above.id()).and(space.net());
    }

    /** To half a degree, or to a quarter in 12. */
    private String words(double tan) {
        return look.units() == UnitSystem.METRIC
                ? Pitch.degrees(Math.round(Math.toDegrees(Math.atan(tan)) * 2) / 2.0)
                        .words()
                : new Pitch(Pitch.Said.IN_TWELVE, Math.round(tan * 12 * 4) / 4.0).words();
    }

    private void openOver(Area part) {
        List<List<Vec>> lines = new ArrayList<>();
        var box = part.bounds();
        lines.add(List.of(new Vec(box.minX(), box.minY()), new Vec(box.maxX(), box.maxY())));
        lines.add(List.of(new Vec(box.minX(), box.maxY()), new Vec(box.maxX(), box.minY())));
        for (List<Vec> diagonal : lines) for (List<Vec> l : part.inside(List.of(diagonal))) pens.line(PenRole.STAIR, l);
        for (List<Vec> l : space.net().grown(-BESIDE_MM).inside(part.rings())) pens.line(PenRole.EDGE, l);
    }
}
