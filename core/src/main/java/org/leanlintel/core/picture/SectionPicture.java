package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.SectionFrame;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LevelPrinter;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Site;

/** A section through all storeys along a section line, with its levels beside it. */
final class SectionPicture extends Painting {

    /** On paper: how far the ground runs on. */
    private static final double GROUND_MM = 10;

    SectionPicture(Building building, Drawing drawing, Lettering lettering) {
        super(building, drawing, lettering);
    }

    @Override
    Picture draw() {
        SectionFrame frame = SectionFrame.of(drawing, building.model());
        Look look = building.get(new Look.Of(drawing.id()));
        Shown shown = Shown.of(building, look, true);
        SectionCatches catches = new SectionCatches(building, frame);
        List<Group> groups = new ArrayList<>(
                new CutPainter(new Cut(frame), lens(), drawing.scale()).paint(shown.bodies(), true, shown.layers()));
        groups.replaceAll(g -> g.catching(catches.of(g.element())));
        groups = new ArrayList<>(new InStates(look, building.model()).of(groups));
        groups.addAll(new RoomNames(building, frame, look, lettering).groups());
        groups.add(around(frame, catches, Extent.of(new Picture(drawing.scale(), groups))));
        return new Picture(drawing.scale(), groups);
    }

    private Group around(SectionFrame frame, SectionCatches catches, @Nullable Bounds house) {
        Pens pens = new Pens(lens());
        double scale = drawing.scale(), ground = Site.of(building.model()).groundMm();
        LevelPrinter levels = new LevelPrinter(
                building.model().settings().units(), Site.of(building.model()).zeroMm());
        double left = house == null ? 0 : house.minX(), right = house == null ? frame.endMm() : house.maxX();
        new PitchMarks(building, frame, pens, lettering, scale).draw();
        HouseLevels.mark(building, new LevelMarks(pens, lettering, levels, right, scale), scale);
        pens.line(PenRole.GROUND, new Vec(left - GROUND_MM * scale, ground), new Vec(left, ground));
        pens.line(PenRole.GROUND, new Vec(right, ground), new Vec(right + GROUND_MM * scale, ground));
        return new Group(drawing.id(), drawing.id(), pens.items(), catches.ofLevels());
    }
}
