package org.leanlintel.core.dimension;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.Leaf;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.building.body.PlacedSteps;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Annotation;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.LetterStyle;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.note.Block;
import org.leanlintel.core.note.Filled;

/** What stands or swings on a storey, or is written there, that strings had better keep clear of. */
final class Clutter {

    /** On paper, about: a letter of a room's name, what stands beside the name, and how high a label is. */
    private static final double LETTER_MM = 2, NUMBER_MM = 10, LABEL_MM = 11;

    /** Something in the way. @param rings closed, round it and round its holes */
    private record Thing(List<List<Vec>> rings, Bounds bounds) {

        static Thing of(Area area) {
            return new Thing(area.rings(), area.bounds());
        }

        /** How much of a stretch lies over it, millimetres. */
        double under(Vec from, Vec way, double length) {
            List<Double> met = new ArrayList<>();
            for (List<Vec> ring : rings)
                for (int i = 1; i < ring.size(); i++) {
                    double a = ring.get(i - 1).minus(from).dot(way.left()),
                            b = ring.get(i).minus(from).dot(way.left());
                    if (a < 0 == b < 0) continue;
                    double one = ring.get(i - 1).minus(from).dot(way),
                            two = ring.get(i).minus(from).dot(way);
                    met.add(one + (two - one) * a / (a - b));
                }
            met.sort(null);
            double under = 0;
            for (int i = 1; i < met.size(); i += 2)
                under += Math.max(0, Math.min(length, met.get(i)) - Math.max(0, met.get(i - 1)));
            return under;
        }
    }

    private final List<Thing> inside;
    private final List<Thing> outside;

    private Clutter(List<Thing> inside, List<Thing> outside) {
        this.inside = List.copyOf(inside);
        this.outside = List.copyOf(outside);
    }

    static Clutter of(Building building, Drawing drawing) {
        Found found = new Found(building, drawing);
        return new Clutter(found.inside, found.outside);
    }

    /** What of it lies within some bounds. */
    Clutter near(Bounds bounds) {
        return new Clutter(
                inside.stream().filter(t -> t.bounds().meets(bounds)).toList(),
                outside.stream().filter(t -> t.bounds().meets(bounds)).toList());
    }

    /** All that is in the way, while it is looked for. */
    private static final class Found {

        private final Building building;
        private final ElementId storey;
        private final List<Thing> inside = new ArrayList<>();
        private final List<Thing> outside = new ArrayList<>();

        Found(Building building, Drawing drawing) {
            this.building = building;
            storey = drawing.storey();
            fittings();
            stairs();
            for (Post p : building.model().relations().postsOf(storey)) inside.add(Thing.of(Area.of(p.corners())));
            for (WallSolid solid : building.solidsOf(storey))
                for (PlacedOpening o : solid.openings()) opening(solid.strip(), o);
            for (PlacedSteps s : PlacedSteps.on(storey, building))
                outside.add(Thing.of(Area.of(s.ring(0, s.reachMm()))));
            for (Floor f : building.model().all(Floor.class))
                if (f.storey().equals(storey) && f.stays() && f.outline() instanceof Floor.Drawn d)
                    outside.add(Thing.of(Area.of(d.ring())));
            for (Annotation a : building.model().relations().annotationsOf(drawing.id()))
                if (a instanceof Note n) note(n, drawing.scale());
            for (RoomSpace space : Rooms.in(building).of(storey))
                for (Room room : Rooms.in(building).named(space)) label(room, space, drawing);
        }

        private void fittings() {
            for (Fitting f : building.model().all(Fitting.class))
                if (f.storey().equals(storey)
                        && f.stays()
                        && building.get(new PlacedFitting.Of(f.id())) instanceof PlacedFitting p)
                    inside.add(Thing.of(Area.of(p.outline())));
        }

        private void stairs() {
            for (Stair s : building.model().all(Stair.class)) {
                if (!s.stays() || !(building.get(new BuiltStair.Of(s.id())) instanceof BuiltStair b)) continue;
                Area area = s.storey().equals(storey)
                        ? b.plan().outline()
                        : b.storeyAbove().id().equals(storey) ? b.open() : Area.NONE;
                if (!area.isEmpty()) inside.add(Thing.of(area));
            }
        }

        /** Its leaves as they swing, and a bay as far as it stands out. */
        private void opening(Strip strip, PlacedOpening placed) {
            for (Leaf leaf : Leaf.of(strip, placed)) inside.add(Thing.of(Area.of(leaf.swept())));
            List<Vec> bay = placed.bay(strip);
            if (!bay.isEmpty()) outside.add(Thing.of(Area.of(bay)));
        }

        private void note(Note note, double scale) {
            LetterStyle style = building.model().get(note.style(), LetterStyle.class);
            Block block = Block.of(note, style, Filled.of(note, building).text());
            double wide = block.widthMm() * scale, high = block.heightMm() * scale;
            double left = note.at().x() - (style.centred() ? wide / 2 : 0);
            double top = note.at().y() + style.heightMm() * scale;
            inside.add(Thing.of(Area.rectangle(left, top - high, wide, high)));
        }

        /** About where its label stands, or would stand best. */
        private void label(Room room, RoomSpace space, Drawing drawing) {
            double scale = drawing.scale();
            Vec at = room.words().in(drawing.id()) instanceof Vec put ? put : space.middle();
            double wide = (room.name().length() * LETTER_MM + NUMBER_MM) * scale, high = LABEL_MM * scale;
            inside.add(Thing.of(Area.rectangle(at.x() - wide / 2, at.y() - high / 2, wide, high)));
        }
    }

    /** How much of a stretch lies over what is there, millimetres; each thing counts by itself. */
    double under(Vec from, Vec to) {
        double length = from.distanceTo(to), under = 0;
        if (length == 0) return 0;
        Vec way = to.minus(from).unit();
        for (Thing t : inside) if (t.bounds().isCrossedBy(from, to)) under += t.under(from, way, length);
        return under;
    }

    /** As far along a way out as anything reaches past an outline, where it lies in front of it; at least so far. */
    double furthest(Area outline, Vec out, double atLeast) {
        double furthest = atLeast;
        for (List<Thing> things : List.of(inside, outside))
            for (Thing t : things)
                for (List<Vec> ring : t.rings())
                    for (Vec p : ring) if (!outline.covers(p)) furthest = Math.max(furthest, p.dot(out));
        return furthest;
    }
}
