package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.SectionFrame;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LevelPrinter;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.picture.Hiding.Seen;

/** The house seen square on from outside, down to the ground, with its levels. */
final class ElevationPicture extends Painting {

    /** On paper: how far the ground runs on. */
    private static final double GROUND_MM = 10;

    /** How deep the ground is that hides what lies in it. */
    private static final double DEEP_MM = 100_000, WIDE_MM = 2_000_000;

    ElevationPicture(Building building, Drawing drawing, Lettering lettering) {
        super(building, drawing, lettering);
    }

    @Override
    Picture draw() {
        SectionFrame frame = SectionFrame.of(drawing, building.model());
        Look look = building.get(new Look.Of(drawing.id()));
        Shown shown = Shown.of(building, look);
        double ground = Site.of(building.model()).groundMm();
        Hiding hiding = new Hiding();
        hiding.add(Area.rectangle(-WIDE_MM, ground - DEEP_MM, 2 * WIDE_MM, DEEP_MM));
        List<Seen> seen = hiding.of(SeenFaces.of(shown.bodies(), frame.endless()));
        SeenPainter painter = new SeenPainter(building, lens(), drawing.scale());
        painter.paint(seen, frame, UnaryOperator.identity());
        SectionCatches catches = new SectionCatches(building, frame);
        List<Group> groups = new ArrayList<>();
        painter.painted()
                .forEach((id, pens) ->
                        groups.add(new Group(id, shown.layers().getOrDefault(id, id), pens.items(), catches.of(id))));
        List<Group> all = new ArrayList<>(new InStates(look, building.model()).of(groups));
        all.add(around(frame, seen, ground, catches));
        return new Picture(drawing.scale(), all);
    }

    /** What belongs to no one thing: the outline against the sky, the ground, levels. */
    private Group around(SectionFrame frame, List<Seen> seen, double ground, SectionCatches catches) {
        Pens pens = new Pens(lens());
        double scale = drawing.scale();
        Area house = Area.union(seen.stream().map(Seen::area).toList());
        Bounds bounds = house.isEmpty() ? null : house.bounds();
        for (List<Vec> ring : house.rings()) for (List<Vec> l : overGround(ring, ground)) pens.line(PenRole.OUTLINE, l);
        double left = bounds == null ? 0 : bounds.minX(), right = bounds == null ? 0 : bounds.maxX();
        double beyond = GROUND_MM * scale;
        pens.line(PenRole.GROUND, new Vec(left - beyond, ground), new Vec(right + beyond, ground));
        LevelPrinter levels = new LevelPrinter(
                building.model().settings().units(), Site.of(building.model()).zeroMm());
        new PitchMarks(building, frame, pens, lettering, scale).draw();
        HouseLevels.mark(building, new LevelMarks(pens, lettering, levels, right, scale), scale);
        return new Group(drawing.id(), drawing.id(), pens.items(), catches.ofLevels());
    }

    private static List<List<Vec>> overGround(List<Vec> ring, double ground) {
        Area below = Area.rectangle(-WIDE_MM, ground - DEEP_MM, 2 * WIDE_MM, DEEP_MM + 1);
        return below.outside(List.of(ring));
    }
}
