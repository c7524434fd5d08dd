package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.SectionFrame;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LevelPrinter;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.InWork;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.OnLayer;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.picture.Lettering.Align;

/** A section through all storeys along a section line, with the level of each storey beside it. */
final class SectionPicture extends Painting {

    /** On paper: how far a level mark stands off the section, how wide its line is, and how far the ground runs on. */
    private static final double OFF_MM = 12, MARK_MM = 34, GROUND_MM = 10;

    SectionPicture(Building building, Drawing drawing, Lettering lettering) {
        super(building, drawing, lettering);
    }

    @Override
    Picture draw() {
        SectionLine line = building.model().get(drawing.one(), SectionLine.class);
        Lens lens = lens();
        SectionFrame frame = SectionFrame.of(line);
        List<Body> bodies = new ArrayList<>();
        Map<ElementId, ElementId> layers = new HashMap<>();
        for (Storey s : StoreySpace.stack(building.model())) bodies.addAll(building.bodiesOf(s.id()));
        for (Body b : bodies)
            layers.computeIfAbsent(b.element(), id -> layer(building.model().find(id), id));
        Look look = building.get(new Look.Of(drawing.id()));
        bodies.removeIf(b -> look.layering().hides(Objects.requireNonNull(layers.get(b.element())))
                || building.model().find(b.element()) instanceof InWork in && look.isOff(in));
        SectionCatches catches = new SectionCatches(building, frame);
        List<Group> groups =
                new ArrayList<>(new CutPainter(new Cut(frame), lens, drawing.scale()).paint(bodies, true, layers));
        groups.replaceAll(g -> g.catching(catches.of(g.element())));
        groups = new ArrayList<>(new InStates(look, building.model()).of(groups));
        groups.add(levels(frame, lens, Extent.of(new Picture(drawing.scale(), groups))));
        return new Picture(drawing.scale(), groups);
    }

    private static ElementId layer(@Nullable Element element, ElementId otherwise) {
        return element instanceof OnLayer on ? on.layer() : otherwise;
    }

    private Group levels(SectionFrame frame, Lens lens, @Nullable Bounds house) {
        Pens pens = new Pens(lens);
        double scale = drawing.scale();
        Site site = Site.of(building.model());
        LevelPrinter levels = new LevelPrinter(building.model().settings().units(), site.zeroMm());
        double left = house == null ? 0 : house.minX(), right = house == null ? frame.lengthMm() : house.maxX();
        double x = right + OFF_MM * scale;
        for (Storey s : StoreySpace.stack(building.model())) mark(pens, x, s.levelMm(), s.name(), levels);
        List<Storey> stack = StoreySpace.stack(building.model());
        Storey top = stack.getLast();
        mark(pens, x, top.topMm(), "wall heads", levels);
        double ground = site.groundMm();
        pens.line(PenRole.CUT_STRUCTURE, new Vec(left - GROUND_MM * scale, ground), new Vec(left, ground));
        pens.line(PenRole.CUT_STRUCTURE, new Vec(right, ground), new Vec(right + GROUND_MM * scale, ground));
        return new Group(drawing.id(), drawing.id(), pens.items(), new SectionCatches(building, frame).ofLevels());
    }

    private void mark(Pens pens, double x, double mm, String name, LevelPrinter levels) {
        double scale = drawing.scale();
        pens.line(PenRole.LEVEL, new Vec(x, mm), new Vec(x + MARK_MM * scale, mm));
        pens.line(
                PenRole.LEVEL,
                new Vec(x + 1 * scale, mm + 2 * scale),
                new Vec(x + 2.2 * scale, mm),
                new Vec(x + 3.4 * scale, mm + 2 * scale),
                new Vec(x + 1 * scale, mm + 2 * scale));
        Vec at = new Vec(x + 5 * scale, mm + 0.9 * scale);
        pens.add(lettering.set(levels.print(mm), at, 0, Lettering.NOTE_MM, Align.LEFT, true));
        Vec under = new Vec(x + 5 * scale, mm - 3 * scale);
        pens.add(lettering.set(name, under, 0, 1.8, Align.LEFT, false));
    }
}
