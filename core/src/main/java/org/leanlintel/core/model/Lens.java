package org.leanlintel.core.model;

import java.util.List;
import java.util.Map;

/**
 * Which layers a type of drawing shows, with which pens, and how much of a build-up.
 *
 * @param thinnestPlyMm on paper: a ply that prints thinner is drawn as one with its neighbour on the structure's side
 *     (ISO 128-2 asks for 0.7 mm between lines); 0 draws every ply
 * @param detail how much of a build-up is drawn at which scale
 * @param wallMarks whether each wall shows the mark of its build-up
 * @param roomLabels what room labels say under the name
 * @param openings whether dimension strings go to structural openings or to the units in them
 * @param floorSpans whether the way each floor of timbers or beams spans is shown
 */
public record Lens(
        ElementId id,
        String name,
        List<ElementId> hiddenLayers,
        Map<PenRole, Pen> pens,
        double thinnestPlyMm,
        Detail detail,
        boolean wallMarks,
        List<LabelPart> roomLabels,
        OpeningEdges openings,
        boolean floorSpans)
        implements Element.Stock {

    public Lens {
        name = Checks.name("A lens's name", name);
        hiddenLayers = List.copyOf(hiddenLayers);
        pens = Map.copyOf(pens);
        roomLabels = roomLabels.stream().distinct().toList();
        thinnestPlyMm = Checks.between("The thinnest ply drawn", thinnestPlyMm, 0, 10);
        for (PenRole role : PenRole.values()) {
            if (!pens.containsKey(role)) throw new Unusable("The lens \"%s\" has no pen for %s.".formatted(name, role));
        }
    }

    /** What an edge of an opening is, where it is measured to. */
    public enum OpeningEdges {
        STRUCTURAL,
        UNIT
    }
}
