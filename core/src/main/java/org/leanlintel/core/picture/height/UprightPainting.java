package org.leanlintel.core.picture.height;

import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.picture.Catch;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Painting;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.annotate.BreakLines;
import org.leanlintel.core.picture.annotate.HouseLevels;

/** Draws the house in height, or a part of that picture. */
abstract class UprightPainting extends Painting {

    UprightPainting(Building building, Drawing drawing, Lettering lettering) {
        super(building, drawing, lettering);
    }

    /** What levels are told of; null for all. */
    final HouseLevels.@Nullable Shown told(List<Group> drawn) {
        Drawing.Part part = part();
        return part == null
                ? null
                : new HouseLevels.Shown(
                        Bounds.of(part.ring()),
                        drawn.stream().map(Group::element).collect(Collectors.toSet()));
    }

    /** What belongs to no one thing. @param drawn as far as it lies in the part that is shown; @param beside wherever it lies */
    final Group ofItself(Pens drawn, Pens beside, List<Catch> catches) {
        Drawing.Part part = part();
        if (part != null && part.broken()) BreakLines.draw(part, drawing.scale(), beside);
        Group all = new Group(drawing.id(), drawing.id(), drawn.items(), catches);
        List<Group> within = inPart(List.of(all));
        Group kept = within.isEmpty() ? new Group(drawing.id(), drawing.id(), List.of(), List.of()) : within.getFirst();
        return kept.with(beside.items());
    }
}
