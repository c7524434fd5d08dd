package org.leanlintel.core.picture.height;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.Ground;
import org.leanlintel.core.building.feature.InSection;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LevelPrinter;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.InStates;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.SectionCatches;
import org.leanlintel.core.picture.Shown;
import org.leanlintel.core.picture.annotate.BoundaryInHeight;
import org.leanlintel.core.picture.annotate.GridInHeight;
import org.leanlintel.core.picture.annotate.HouseLevels;
import org.leanlintel.core.picture.annotate.LevelMarks;
import org.leanlintel.core.picture.annotate.PitchMarks;
import org.leanlintel.core.picture.cut.GroundLine;
import org.leanlintel.core.picture.seen.Seen;
import org.leanlintel.core.picture.seen.SeenPainter;
import org.leanlintel.core.picture.seen.Sight;
import org.leanlintel.core.picture.seen.View;

/** The house seen square on from outside, down to the ground, with its levels. */
public final class ElevationPicture extends UprightPainting {

    public ElevationPicture(Building building, Drawing drawing, Lettering lettering) {
        super(building, drawing, lettering);
    }

    /** What an elevation sees of the house over its ground. */
    static Sight sight(ElementId drawing) {
        return new Sight(new House(drawing), new Earth(drawing));
    }

    private record House(ElementId drawing) implements Key<View> {
        @Override
        public View from(Reads reads) {
            Model model = reads.model();
            SectionFrame frame = SectionFrame.of(model.get(drawing, Drawing.class), model);
            return View.of(
                    frame.endless(), reads.get(new Shown.Of(drawing, false)).bodies());
        }
    }

    /** All that lies under the ground. */
    private record Earth(ElementId drawing) implements Key<List<Area>> {
        @Override
        public List<Area> from(Reads reads) {
            return List.of(GroundLine.under(reads.get(new Surface(drawing, false))));
        }
    }

    /** The ground as far as the house and a little beyond it. @param existing before the work, else after it */
    private record Surface(ElementId drawing, boolean existing) implements Key<List<Vec>> {
        @Override
        public List<Vec> from(Reads reads) {
            Building building = Building.in(reads);
            Drawing of = reads.model().get(drawing, Drawing.class);
            SectionFrame frame = SectionFrame.of(of, reads.model());
            List<Body> bodies = reads.get(new Shown.Of(drawing, false)).bodies();
            double left = Double.POSITIVE_INFINITY, right = Double.NEGATIVE_INFINITY;
            for (Body b : bodies)
                for (Vec p : b.outline()) {
                    double x = frame.seen(p).x();
                    left = Math.min(left, x);
                    right = Math.max(right, x);
                }
            if (left > right) left = right = 0;
            for (double x : reads.get(new Plot(drawing)).places(reads.model(), left, right)) {
                left = Math.min(left, x);
                right = Math.max(right, x);
            }
            double beyond = GroundLine.BEYOND_MM * of.scale();
            Ground ground = existing ? Ground.existing(building) : Ground.finished(building);
            return GroundLine.before(bodies, ground, frame, left - beyond, right + beyond);
        }
    }

    /** The boundary of the plot as it is met in the plane of the nearest face. */
    private record Plot(ElementId drawing) implements Key<BoundaryInHeight> {
        @Override
        public BoundaryInHeight from(Reads reads) {
            SectionFrame frame = SectionFrame.of(reads.model().get(drawing, Drawing.class), reads.model());
            double near = Double.POSITIVE_INFINITY;
            for (Body b : reads.get(new Shown.Of(drawing, false)).bodies())
                for (Vec p : b.outline()) near = Math.min(near, frame.seen(p).y());
            return new BoundaryInHeight(List.of(frame), near);
        }
    }

    @Override
    public Picture draw() {
        SectionFrame frame = SectionFrame.of(drawing, building.model());
        Look look = building.get(new Look.Of(drawing.id()));
        Shown shown = building.get(new Shown.Of(drawing.id(), false));
        SectionCatches catches = new SectionCatches(building, new InSection(frame));
        List<Group> groups = new ArrayList<>();
        Sight sight = sight(drawing.id());
        List<ElementId> elements = building.get(new Seen.Elements(sight));
        List<List<Item>> items = building.all(elements.stream()
                .map(e -> new SeenPainter.Of(sight, e, drawing.id()))
                .toList());
        for (int i = 0; i < elements.size(); i++) {
            ElementId id = elements.get(i);
            if (!items.get(i).isEmpty())
                groups.add(new Group(id, shown.layers().getOrDefault(id, id), items.get(i), catches.of(id)));
        }
        List<Group> all = new ArrayList<>(inPart(new InStates(look, building.model()).of(groups)));
        Bounds house = reach(all);
        all.addAll(new GridInHeight(building, frame, catches, look, lettering).groups(house));
        all.addAll(building.get(new Plot(drawing.id()))
                .groups(building.model(), look, lettering, house, building.get(new Surface(drawing.id(), false))));
        all.add(around(frame, sight, shown.bodies(), catches, all));
        return new Picture(drawing.scale(), all);
    }

    /** What belongs to no one thing: the outline against the sky, the ground, levels. */
    private Group around(
            SectionFrame frame, Sight sight, List<Body> bodies, SectionCatches catches, List<Group> drawn) {
        Pens pens = new Pens(lens());
        double scale = drawing.scale();
        List<Vec> ground = building.get(new Surface(drawing.id(), false));
        Area below = GroundLine.under(ground),
                house = building.get(new Silhouette(sight)).minus(below);
        Bounds bounds = house.isEmpty() ? null : house.bounds();
        for (List<Vec> l : below.grown(1).outside(house.rings())) pens.line(PenRole.OUTLINE, l);
        Drawing.Part part = part();
        Bounds framed = part == null ? bounds : Bounds.of(part.ring());
        double right = framed == null ? 0 : framed.maxX();
        if (part == null && bounds != null)
            for (double x : building.get(new Plot(drawing.id())).places(building.model(), bounds.minX(), bounds.maxX()))
                right = Math.max(right, x);
        Pens beside = new Pens(lens());
        pens.line(PenRole.GROUND, ground);
        List<Vec> existing = building.get(new Surface(drawing.id(), true));
        if (!existing.equals(ground)) pens.line(PenRole.OVERHEAD, existing);
        boolean foundations = lens().marks().contains(Lens.MarkOf.FOOTINGS);
        if (foundations) InGround.draw(frame, bodies, below, building.model(), pens);
        LevelPrinter levels = new LevelPrinter(
                building.model().settings().units(), Site.of(building.model()).zeroMm());
        List<Group> all = new ArrayList<>(drawn);
        all.add(new Group(drawing.id(), drawing.id(), pens.items(), List.of()));
        new PitchMarks(building, frame, pens, lettering, scale, all).draw();
        HouseLevels.mark(
                building,
                ground.getLast().y(),
                foundations,
                told(drawn),
                new LevelMarks(beside, lettering, levels, LevelMarks.clear(right, drawing, building), scale),
                scale);
        return ofItself(pens, beside, catches.ofLevels());
    }
}
