package org.leanlintel.core.picture.height;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.Ground;
import org.leanlintel.core.building.feature.InSection;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LevelPrinter;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.picture.Extent;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.InStates;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Painting;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.SectionCatches;
import org.leanlintel.core.picture.Shown;
import org.leanlintel.core.picture.annotate.GridInHeight;
import org.leanlintel.core.picture.annotate.HouseLevels;
import org.leanlintel.core.picture.annotate.LevelMarks;
import org.leanlintel.core.picture.annotate.PitchMarks;
import org.leanlintel.core.picture.cut.GroundLine;
import org.leanlintel.core.picture.cut.Hiding;
import org.leanlintel.core.picture.cut.Hiding.Seen;
import org.leanlintel.core.picture.cut.SeenFaces;
import org.leanlintel.core.picture.cut.SeenPainter;

/** The house seen square on from outside, down to the ground, with its levels. */
public final class ElevationPicture extends Painting {

    public ElevationPicture(Building building, Drawing drawing, Lettering lettering) {
        super(building, drawing, lettering);
    }

    @Override
    public Picture draw() {
        SectionFrame frame = SectionFrame.of(drawing, building.model());
        Look look = building.get(new Look.Of(drawing.id()));
        Shown shown = Shown.of(building, look);
        List<Vec> ground = ground(Ground.finished(building), frame, shown.bodies());
        List<Seen> seen = seen(shown, frame, ground);
        SeenPainter painter = new SeenPainter(building, lens(), drawing.scale());
        painter.paint(seen, frame, UnaryOperator.identity());
        SectionCatches catches = new SectionCatches(building, new InSection(frame));
        List<Group> groups = new ArrayList<>();
        painter.painted()
                .forEach((id, pens) ->
                        groups.add(new Group(id, shown.layers().getOrDefault(id, id), pens.items(), catches.of(id))));
        List<Group> all = new ArrayList<>(new InStates(look, building.model()).of(groups));
        Bounds house = Extent.of(new Picture(drawing.scale(), all));
        all.addAll(new GridInHeight(building, frame, catches, look, lettering).groups(house));
        all.add(around(frame, seen, shown.bodies(), ground, catches));
        return new Picture(drawing.scale(), all);
    }

    /** What of the house is seen over the ground. */
    List<Seen> seen() {
        SectionFrame frame = SectionFrame.of(drawing, building.model());
        Shown shown = Shown.of(building, building.get(new Look.Of(drawing.id())));
        return seen(shown, frame, ground(Ground.finished(building), frame, shown.bodies()));
    }

    private static List<Seen> seen(Shown shown, SectionFrame frame, List<Vec> ground) {
        Hiding hiding = new Hiding();
        hiding.add(GroundLine.under(ground));
        return hiding.of(SeenFaces.of(shown.bodies(), frame.endless()));
    }

    /** As far as the house and a little beyond it. */
    private List<Vec> ground(Ground ground, SectionFrame frame, List<Body> bodies) {
        double left = Double.POSITIVE_INFINITY, right = Double.NEGATIVE_INFINITY;
        for (Body b : bodies)
            for (Vec p : b.outline()) {
                double x = frame.seen(p).x();
                left = Math.min(left, x);
                right = Math.max(right, x);
            }
        if (left > right) left = right = 0;
        double beyond = GroundLine.BEYOND_MM * drawing.scale();
        return GroundLine.before(bodies, ground, frame, left - beyond, right + beyond);
    }

    /** What belongs to no one thing: the outline against the sky, the ground, levels. */
    private Group around(
            SectionFrame frame, List<Seen> seen, List<Body> bodies, List<Vec> ground, SectionCatches catches) {
        Pens pens = new Pens(lens());
        double scale = drawing.scale();
        Area below = GroundLine.under(ground), house = Silhouette.of(seen).minus(below);
        Bounds bounds = house.isEmpty() ? null : house.bounds();
        for (List<Vec> l : below.grown(1).outside(house.rings())) pens.line(PenRole.OUTLINE, l);
        double right = bounds == null ? 0 : bounds.maxX();
        pens.line(PenRole.GROUND, ground);
        List<Vec> existing = ground(Ground.existing(building), frame, bodies);
        if (!existing.equals(ground)) pens.line(PenRole.OVERHEAD, existing);
        boolean foundations = lens().marks().contains(Lens.MarkOf.FOOTINGS);
        if (foundations) foundations(frame, bodies, below, pens);
        LevelPrinter levels = new LevelPrinter(
                building.model().settings().units(), Site.of(building.model()).zeroMm());
        new PitchMarks(building, frame, pens, lettering, scale).draw();
        HouseLevels.mark(
                building,
                ground.getLast().y(),
                foundations,
                new LevelMarks(pens, lettering, levels, right, scale),
                scale);
        return new Group(drawing.id(), drawing.id(), pens.items(), catches.ofLevels());
    }

    /** What of foundations lies in the ground, dashed. */
    private void foundations(SectionFrame frame, List<Body> bodies, Area below, Pens pens) {
        List<Area> sides = new ArrayList<>();
        for (Body b : bodies) {
            if (!(building.model().find(b.element()) instanceof Footing)) continue;
            Bounds ring = Bounds.of(b.outline().stream().map(frame::seen).toList());
            sides.add(Area.rectangle(ring.minX(), b.lowMm(), ring.width(), b.highMm() - b.lowMm()));
        }
        if (sides.isEmpty()) return;
        for (List<Vec> l : below.inside(Area.union(sides).rings())) pens.line(PenRole.OVERHEAD, l);
    }
}
