package org.leanlintel.core.picture.height;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
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
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.InStates;
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
import org.leanlintel.core.picture.cut.CutPainter;
import org.leanlintel.core.picture.cut.GroundLine;
import org.leanlintel.core.picture.seen.Sight;

/** A section through all storeys along a section line, with its levels beside it. */
public final class SectionPicture extends UprightPainting {

    private static final double FAR_MM = 1_000_000;

    public SectionPicture(Building building, Drawing drawing, Lettering lettering) {
        super(building, drawing, lettering);
    }

    @Override
    public Picture draw() {
        SectionFrame frame = SectionFrame.of(drawing, building.model());
        Look look = building.get(new Look.Of(drawing.id()));
        Shown shown = building.get(new Shown.Of(drawing.id(), true));
        List<SectionFrame> legs = SectionFrame.legs(drawing, building.model());
        SectionCatches catches = new SectionCatches(building, InSection.of(drawing, building.model()));
        List<Sight> sights = Leg.sights(drawing.id(), building.model());
        CutPainter painter = new CutPainter(building, legs, look);
        List<Group> groups = new ArrayList<>(painter.paint(sights, shown.layers()));
        groups.replaceAll(g -> g.catching(catches.of(g.element())));
        groups = new ArrayList<>(new InStates(look, building.model()).of(groups));
        groups.addAll(new RoomNames(building, legs, look, lettering, List.copyOf(groups)).groups());
        groups = new ArrayList<>(inPart(groups));
        Bounds house = reach(groups);
        groups.add(around(legs, sights, shown.bodies(), catches, painter.cut(), house, groups));
        groups.addAll(new GridInHeight(building, frame, catches, look, lettering).groups(house));
        List<Double> boundary = boundary(legs, house);
        if (!boundary.isEmpty()) {
            List<Vec> ground =
                    GroundLine.cut(Ground.finished(building), legs, boundary.getFirst() - 1, boundary.getLast() + 1);
            groups.addAll(new BoundaryInHeight(legs, 0).groups(building.model(), look, lettering, house, ground));
        }
        return new Picture(drawing.scale(), groups);
    }

    /** Where it is met near the house, from left to right. */
    private List<Double> boundary(List<SectionFrame> legs, @Nullable Bounds house) {
        return house == null || part() != null
                ? List.of()
                : new BoundaryInHeight(legs, 0).places(building.model(), house.minX(), house.maxX());
    }

    private Group around(
            List<SectionFrame> legs,
            List<Sight> sights,
            List<Body> bodies,
            SectionCatches catches,
            List<Area> cut,
            @Nullable Bounds house,
            List<Group> drawn) {
        Pens pens = new Pens(lens());
        double scale = drawing.scale();
        LevelPrinter levels = new LevelPrinter(
                building.model().settings().units(), Site.of(building.model()).zeroMm());
        double left = house == null ? 0 : house.minX(),
                right = house == null ? legs.getLast().endMm() : house.maxX();
        List<Double> boundary = boundary(legs, house);
        if (!boundary.isEmpty()) {
            left = Math.min(left, boundary.getFirst());
            right = Math.max(right, boundary.getLast());
        }
        for (SectionFrame leg : legs) new PitchMarks(building, leg, pens, lettering, scale, drawn).draw();
        Pens beside = new Pens(lens());
        double beyond = GroundLine.BEYOND_MM * scale;
        List<Vec> finished = GroundLine.cut(Ground.finished(building), legs, left - beyond, right + beyond);
        boolean foundations = !cut.isEmpty() || lens().marks().contains(Lens.MarkOf.FOOTINGS);
        HouseLevels.mark(
                building,
                finished.getLast().y(),
                foundations,
                told(drawn),
                new LevelMarks(beside, lettering, levels, LevelMarks.clear(right, drawing, building), scale),
                scale);
        ground(finished, cut, left, right, pens);
        if (cut.isEmpty()) uncut(sights, legs, foundations ? bodies : List.of(), GroundLine.under(finished), pens);
        List<Vec> existing = GroundLine.cut(Ground.existing(building), legs, left - beyond, right + beyond);
        if (!existing.equals(finished)) Area.past(List.of(existing), cut).forEach(l -> pens.line(PenRole.OVERHEAD, l));
        return ofItself(pens, beside, catches.ofLevels());
    }

    /** Where nothing is cut, as an elevation has it: the outline of all that is seen over the ground, foundations in it. */
    private void uncut(List<Sight> sights, List<SectionFrame> legs, List<Body> bodies, Area cutEarth, Pens pens) {
        Area below = below(sights, legs);
        List<Area> seen = building.all(sights.stream().map(Silhouette::new).toList());
        Area house = Area.union(seen).minus(below);
        for (List<Vec> l : below.grown(1).outside(house.rings())) pens.line(PenRole.OUTLINE, l);
        double left = legs.getFirst().startMm(), right = legs.getLast().endMm();
        Area here = Area.rectangle(left, -FAR_MM, right - left, 2 * FAR_MM);
        for (List<Vec> l : here.inside(cutEarth.grown(1).outside(below.rings()))) pens.line(PenRole.EDGE, l);
        InGround.draw(legs.getFirst(), bodies, below, building.model(), pens);
    }

    /** The ground that hides what stands in it, under every leg. */
    private Area below(List<Sight> sights, List<SectionFrame> legs) {
        List<Area> all = new ArrayList<>();
        for (int i = 0; i < legs.size(); i++) {
            SectionFrame leg = legs.get(i);
            Area under = Area.union(building.get(sights.get(i).first()));
            double left = i == 0 ? -FAR_MM : leg.startMm(), right = i == legs.size() - 1 ? FAR_MM : leg.endMm();
            all.add(under.cutTo(new Bounds(left, -FAR_MM, right, FAR_MM)));
        }
        return Area.union(all);
    }

    /** Up to what of the house stands in it; where nothing does, up to the sides of all that is drawn. */
    private void ground(List<Vec> line, List<Area> cut, double left, double right, Pens pens) {
        double scale = drawing.scale();
        List<List<Vec>> outside = GroundLine.outside(line, cut);
        boolean free = outside.size() == 1
                && outside.getFirst().getFirst().equals(line.getFirst())
                && outside.getFirst().getLast().equals(line.getLast());
        if (free && part() == null) {
            Area under = Area.rectangle(left, line.getFirst().y() - FAR_MM, right - left, 2 * FAR_MM);
            outside = under.outside(List.of(line));
        }
        outside.forEach(l -> GroundLine.draw(l, scale, pens));
    }
}
