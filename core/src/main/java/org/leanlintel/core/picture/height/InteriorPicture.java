package org.leanlintel.core.picture.height;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.Unrolled;
import org.leanlintel.core.building.roof.BuiltRoof;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.OnLayer;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.InStates;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.SectionCatches;
import org.leanlintel.core.picture.Shown;
import org.leanlintel.core.picture.cut.Cut;
import org.leanlintel.core.picture.cut.Cut.Met;
import org.leanlintel.core.picture.seen.Seen;
import org.leanlintel.core.picture.seen.SeenPainter;
import org.leanlintel.core.picture.seen.Sight;
import org.leanlintel.core.picture.seen.View;

/** The walls of a room side by side, each within the profile of the room, with what stands before it. */
public final class InteriorPicture extends UprightPainting {

    /** On paper: how far under a wall its number stands, and the circle round that. */
    private static final double UNDER_MM = 27, CIRCLE_MM = 3.2;

    private static final int CHORDS = 32;

    /** Far over and beside any room; how far a body may lie from a wall's picture to matter to it. */
    private static final double FAR_MM = 100_000, BESIDE_MM = 100;

    /** How high a room is drawn that nothing closes at all. */
    private static final double NO_WALLS_MM = 3000;

    /** Half as wide as gaps that are left by reckoning alone. */
    private static final double GAP_MM = 0.5;

    private final Pens around;
    private final Map<ElementId, Pens> byElement = new LinkedHashMap<>();

    public InteriorPicture(Building building, Drawing drawing, Lettering lettering) {
        super(building, drawing, lettering);
        around = new Pens(lens());
    }

    /** What is looked at of one wall of a room, counted from 0. */
    private record OneWall(ElementId drawing, int wall) implements Key<View> {
        @Override
        public View from(Reads reads) {
            Room room = room(reads);
            Unrolled.View view = reads.get(new Unrolled.Of(room.id())).views().get(wall);
            Height height = height(reads);
            List<Body> bodies = new ArrayList<>();
            for (Body b : reads.get(new Standing(drawing)))
                if (b.highMm() > height.floor() && b.lowMm() < height.over() && isNear(b, view)) bodies.add(b);
            return View.of(view.frame(), bodies);
        }

        Room room(Reads reads) {
            Model model = reads.model();
            return model.get(model.get(drawing, Drawing.class).one(), Room.class);
        }

        Height height(Reads reads) {
            Building building = Building.in(reads);
            Room room = room(reads);
            StoreySpace on = building.space(room.storey());
            Unrolled.View view = reads.get(new Unrolled.Of(room.id())).views().get(wall);
            double floor = on.levelMm();
            return new Height(floor, floor + (closesItself(building, view, room) ? FAR_MM : room.ceilingMm(on)));
        }

        Sight sight() {
            return new Sight(this, new Before(this));
        }
    }

    /** From the floor to what lies over a room at most. */
    private record Height(double floor, double over) {

        /** No higher than what is cut there, where that closes it. */
        double over(Area cut) {
            if (over < floor + FAR_MM) return over;
            return cut.isEmpty() ? floor + NO_WALLS_MM : cut.bounds().maxY();
        }
    }

    /** The bodies of the storey but those of loose furniture. */
    private record Standing(ElementId drawing) implements Key<List<Body>> {
        @Override
        public List<Body> from(Reads reads) {
            Building building = Building.in(reads);
            Look look = reads.get(new Look.Of(drawing));
            List<Body> bodies = new ArrayList<>(Shown.ofStorey(building, look).bodies());
            bodies.removeIf(b -> isLoose(b.element(), reads.model()));
            return bodies;
        }
    }

    /** What the room is where its wall is looked at from. */
    private record Profile(OneWall of) implements Key<Area> {
        @Override
        public Area from(Reads reads) {
            Height height = of.height(reads);
            List<Area> cut = new ArrayList<>();
            for (Met m : reads.get(new Cut.All(of)))
                if (!(reads.model().find(m.element()) instanceof Fitting)) cut.add(m.area());
            Area walls = Area.union(cut);
            return profile(reads.get(of).frame().endMm(), height.floor(), height.over(walls), walls);
        }
    }

    /** All but the profile, and what is cut within it. */
    private record Before(OneWall of) implements Key<List<Area>> {
        @Override
        public List<Area> from(Reads reads) {
            List<Area> before = new ArrayList<>(reads.get(new Cut.Areas(of)));
            Area profile = reads.get(new Profile(of));
            if (profile.isEmpty()) return before;
            Bounds b = profile.bounds();
            Area all = Area.rectangle(
                    b.minX() - FAR_MM, b.minY() - FAR_MM, b.width() + 2 * FAR_MM, b.height() + 2 * FAR_MM);
            before.add(all.minus(profile));
            return before;
        }
    }

    @Override
    public Picture draw() {
        Look look = building.get(new Look.Of(drawing.id()));
        Unrolled unrolled = building.get(new Unrolled.Of(drawing.one()));
        for (int i = 0; i < unrolled.views().size(); i++) wall(unrolled.views().get(i), i);
        SectionCatches catches = new SectionCatches(building, unrolled);
        List<Group> groups = new ArrayList<>();
        byElement.forEach((id, pens) -> groups.add(new Group(
                id, building.model().find(id) instanceof OnLayer on ? on.layer() : id, pens.items(), catches.of(id))));
        List<Group> all = new ArrayList<>(inPart(new InStates(look, building.model()).of(groups)));
        all.add(ofItself(around, new Pens(lens()), catches.ofLevels()));
        return new Picture(drawing.scale(), all);
    }

    private static boolean isLoose(ElementId element, Model model) {
        return model.find(element) instanceof Fitting f
                && model.get(f.symbol(), Symbol.class).kind().isLoose();
    }

    private Pens pens(ElementId element) {
        return byElement.computeIfAbsent(element, e -> new Pens(lens()));
    }

    private void wall(Unrolled.View view, int index) {
        OneWall wall = new OneWall(drawing.id(), index);
        Area profile = building.get(new Profile(wall));
        for (Met m : building.get(new Cut.All(wall)))
            if (building.model().find(m.element()) instanceof Fitting)
                for (List<Vec> ring : m.area().rings()) pens(m.element()).line(PenRole.CUT_LINING, view.placed(ring));
        if (profile.isEmpty()) return;
        Sight sight = wall.sight();
        Vec place = view.placed(Vec.ORIGIN);
        for (ElementId e : building.get(new Seen.Elements(sight)))
            for (Item item : building.get(new SeenPainter.Of(sight, e, drawing.id())))
                pens(e).add(item.placed(1, place));
        for (List<Vec> ring : profile.rings()) around.line(PenRole.OUTLINE, view.placed(ring));
        double floor = building.space(
                        building.model().get(drawing.one(), Room.class).storey())
                .levelMm();
        number(view, floor, index + 1);
    }

    private static boolean isNear(Body body, Unrolled.View view) {
        double minX = Double.POSITIVE_INFINITY, maxX = Double.NEGATIVE_INFINITY, minY = minX, maxY = maxX;
        for (Vec p : body.outline()) {
            Vec seen = view.frame().seen(p);
            minX = Math.min(minX, seen.x());
            maxX = Math.max(maxX, seen.x());
            minY = Math.min(minY, seen.y());
            maxY = Math.max(maxY, seen.y());
        }
        return maxX > -BESIDE_MM
                && minX < view.lengthMm() + BESIDE_MM
                && maxY > -BESIDE_MM
                && minY < view.frame().depthMm();
    }

    /** Whether what closes the room there is among the bodies: a ceiling of its own, or the roof itself. */
    private static boolean closesItself(Building building, Unrolled.View view, Room room) {
        if (room.ceilingBuildUp() != null) return true;
        Vec middle = view.frame().plan(new Vec(view.lengthMm() / 2, 0));
        for (Roof r : building.model().all(Roof.class))
            if (r.storey().equals(room.storey())
                    && r.under() instanceof Roof.ItsUnderside
                    && building.get(new BuiltRoof.Of(r.id())) instanceof BuiltRoof built
                    && built.shape() != null
                    && built.covered().covers(middle)) return true;
        return false;
    }

    /** From the floor to what lies over it; between what closes it and its sides may be gaps of reckoning. */
    private static Area profile(double length, double floor, double over, Area cut) {
        Area free = lowest(Area.rectangle(0, floor, length, over - floor).minus(cut));
        Area within = free.grown(-GAP_MM);
        return within.parts().size() < 2 ? free : lowest(within).grown(GAP_MM).and(free);
    }

    private static Area lowest(Area areas) {
        return areas.parts().stream()
                .min(Comparator.comparingDouble((Area a) -> a.bounds().minY())
                        .thenComparing(Comparator.comparingDouble(Area::mm2).reversed()))
                .orElse(Area.NONE);
    }

    private void number(Unrolled.View view, double floor, int number) {
        double scale = drawing.scale();
        Vec at = view.placed(new Vec(view.lengthMm() / 2, floor - UNDER_MM * scale));
        List<Vec> circle = new ArrayList<>();
        for (int i = 0; i < CHORDS; i++) circle.add(at.along(Vec.ofAngle(Math.TAU * i / CHORDS), CIRCLE_MM * scale));
        around.closed(PenRole.LEVEL, circle);
        Vec base = at.plus(new Vec(0, -Lettering.NOTE_MM / 2 * scale));
        around.add(lettering.set(String.valueOf(number), base, 0, Lettering.NOTE_MM, Align.CENTRE, true));
    }
}
