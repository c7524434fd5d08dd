package org.leanlintel.core.picture.height;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.Unrolled;
import org.leanlintel.core.building.roof.BuiltRoof;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.InStates;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Painting;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.SectionCatches;
import org.leanlintel.core.picture.Shown;
import org.leanlintel.core.picture.cut.Cut;
import org.leanlintel.core.picture.cut.Cut.Met;
import org.leanlintel.core.picture.cut.Hiding;
import org.leanlintel.core.picture.cut.SeenFaces;
import org.leanlintel.core.picture.cut.SeenPainter;

/** The walls of a room side by side, each within the profile of the room, with what stands before it. */
public final class InteriorPicture extends Painting {

    /** On paper: how far under a wall its number stands, and the circle round that. */
    private static final double UNDER_MM = 27, CIRCLE_MM = 3.2;

    private static final int CHORDS = 32;

    /** Far over and beside any room; how far a body may lie from a wall's picture to matter to it. */
    private static final double FAR_MM = 100_000, BESIDE_MM = 100;

    private final SeenPainter painter;
    private final Pens around;

    public InteriorPicture(Building building, Drawing drawing, Lettering lettering) {
        super(building, drawing, lettering);
        painter = new SeenPainter(building, lens(), drawing.scale());
        around = new Pens(lens());
    }

    @Override
    public Picture draw() {
        Look look = building.get(new Look.Of(drawing.id()));
        Room room = building.model().get(drawing.one(), Room.class);
        Unrolled unrolled = building.get(new Unrolled.Of(room.id()));
        Shown shown = Shown.ofStorey(building, look);
        List<Body> bodies = new ArrayList<>(shown.bodies());
        bodies.removeIf(b -> isLoose(b.element()));
        int number = 1;
        for (Unrolled.View v : unrolled.views()) wall(v, number++, room, bodies);
        SectionCatches catches = new SectionCatches(building, unrolled);
        List<Group> groups = new ArrayList<>();
        painter.painted()
                .forEach((id, pens) ->
                        groups.add(new Group(id, shown.layers().getOrDefault(id, id), pens.items(), catches.of(id))));
        List<Group> all = new ArrayList<>(new InStates(look, building.model()).of(groups));
        all.add(new Group(drawing.id(), drawing.id(), around.items(), catches.ofLevels()));
        return new Picture(drawing.scale(), all);
    }

    private boolean isLoose(ElementId element) {
        return building.model().find(element) instanceof Fitting f
                && building.model().get(f.symbol(), Symbol.class).kind().isLoose();
    }

    private void wall(Unrolled.View view, int number, Room room, List<Body> all) {
        StoreySpace on = building.space(room.storey());
        double floor = on.levelMm(), over = floor + (closesItself(view, room) ? FAR_MM : room.ceilingMm(on));
        List<Body> bodies = new ArrayList<>();
        for (Body b : all) if (b.highMm() > floor && b.lowMm() < over && isNear(b, view)) bodies.add(b);
        List<Area> cut = new ArrayList<>();
        Hiding hiding = new Hiding();
        for (Met m : new Cut(view.frame()).met(bodies)) {
            hiding.add(m.area());
            boolean fitting = building.model().find(m.element()) instanceof Fitting;
            if (!fitting) cut.add(m.area());
            else
                for (List<Vec> ring : m.area().rings())
                    painter.pens(m.element()).line(PenRole.CUT_LINING, view.placed(ring));
        }
        Area profile = profile(view, floor, over, Area.union(cut));
        if (profile.isEmpty()) return;
        Bounds b = profile.bounds();
        hiding.add(Area.rectangle(b.minX() - FAR_MM, b.minY() - FAR_MM, b.width() + 2 * FAR_MM, b.height() + 2 * FAR_MM)
                .minus(profile));
        painter.paint(hiding.of(SeenFaces.of(bodies, view.frame())), view.frame(), view::placed);
        for (List<Vec> ring : profile.rings()) around.line(PenRole.OUTLINE, view.placed(ring));
        number(view, floor, number);
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
    private boolean closesItself(Unrolled.View view, Room room) {
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

    /** What the room is where it is looked from: from the floor to what lies over it. */
    private static Area profile(Unrolled.View view, double floor, double over, Area cut) {
        return Area.rectangle(0, floor, view.lengthMm(), over - floor).minus(cut).parts().stream()
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
