package org.leanlintel.core.model;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * How a type of drawing shows the model: which layers, with which pens, how much of a build-up, which marks, and what is made of
 * things that go or come with the work.
 *
 * @param layers how those layers are shown that are not shown in full; a layer that is not among them is
 * @param thinnestPlyMm on paper: a ply that prints thinner is drawn as one with its neighbour on the structure's side
 *     (ISO 128-2 asks for 0.7 mm between lines); 0 draws every ply
 * @param detail how much of a build-up is drawn at which scale
 * @param fill what cut walls are filled with
 * @param symbol what stands in an opening
 * @param marks which things show their marks
 * @param roomLabels what room labels say under the name
 * @param openings whether dimension strings go to structural openings or to the units in them
 * @param floorSpans whether the way each floor of timbers or beams spans is shown
 * @param roofs how much of roofs is shown in plan
 * @param openingLines how elevations show which way leaves open
 * @param states how walls are drawn by what becomes of them
 * @param colours where layers are drawn in inks of their own
 * @param strings the style of dimension strings that have none of their own
 * @param letters how large words are that have no style of their own
 * @param backdrop what of another storey is drawn behind plans
 * @param distantFromMm how far behind the nearest of what an elevation shows, or behind a cut, things lie that are drawn with the
 *     pen of what is distant; 0 where none are
 */
public record Lens(
        ElementId id,
        String name,
        List<LayerShown> layers,
        Map<PenRole, Pen> pens,
        double thinnestPlyMm,
        Detail detail,
        Fill fill,
        Symbol symbol,
        List<MarkOf> marks,
        List<LabelPart> roomLabels,
        OpeningEdges openings,
        boolean floorSpans,
        Roofs roofs,
        OpeningLines openingLines,
        Map<WorkState, StateLook> states,
        Colours colours,
        ElementId strings,
        Letters letters,
        Backdrop backdrop,
        double distantFromMm)
        implements Element.Stock {

    public Lens {
        name = Checks.name("A lens's name", name);
        layers = List.copyOf(layers);
        pens = Map.copyOf(pens);
        states = Map.copyOf(states);
        marks = marks.stream().distinct().toList();
        roomLabels = roomLabels.stream().distinct().toList();
        distantFromMm = Checks.between("How far away what is distant begins", distantFromMm, 0, 200_000);
        thinnestPlyMm = Checks.between("The thinnest ply drawn", thinnestPlyMm, 0, 10);
        for (PenRole role : PenRole.values()) {
            if (!pens.containsKey(role)) throw new Unusable("The lens \"%s\" has no pen for %s.".formatted(name, role));
        }
        for (WorkState state : WorkState.values()) {
            if (!states.containsKey(state))
                throw new Unusable("The lens \"%s\" does not say how it shows %s.".formatted(name, state));
        }
        Set<ElementId> said = new HashSet<>();
        for (LayerShown l : layers)
            if (!said.add(l.layer()))
                throw new Unusable("The lens \"%s\" says of a layer twice how it is shown.".formatted(name));
    }

    /** Where layers are drawn in inks of their own. */
    public enum Colours {
        NOWHERE,
        /** On the board; on paper they are black. */
        ON_BOARD,
        EVERYWHERE
    }

    /** How it shows a layer in a drawing at a scale. */
    public Shown of(ElementId layer, double scale) {
        for (LayerShown l : layers) if (l.layer().equals(layer)) return l.at(scale);
        return Shown.FULL;
    }

    /** The same, with layers shown another way. */
    public Lens showing(List<LayerShown> others) {
        return with(others, marks, openingLines, strings);
    }

    /** The same, with marks of other things. */
    public Lens marking(List<MarkOf> others) {
        return with(layers, others, openingLines, strings);
    }

    /** The same, with strings in another style. */
    public Lens stringing(ElementId style) {
        return with(layers, marks, openingLines, style);
    }

    /** The same, with other lines over leaves. */
    public Lens lining(OpeningLines others) {
        return with(layers, marks, others, strings);
    }

    private Lens with(
            List<LayerShown> otherLayers, List<MarkOf> otherMarks, OpeningLines otherLines, ElementId otherStrings) {
        return new Lens(
                id,
                name,
                otherLayers,
                pens,
                thinnestPlyMm,
                detail,
                fill,
                symbol,
                otherMarks,
                roomLabels,
                openings,
                floorSpans,
                roofs,
                otherLines,
                states,
                colours,
                otherStrings,
                letters,
                backdrop,
                distantFromMm);
    }

    /** The same as another stock item. */
    public Lens called(ElementId otherId, String otherName) {
        return new Lens(
                otherId,
                otherName,
                layers,
                pens,
                thinnestPlyMm,
                detail,
                fill,
                symbol,
                marks,
                roomLabels,
                openings,
                floorSpans,
                roofs,
                openingLines,
                states,
                colours,
                strings,
                letters,
                backdrop,
                distantFromMm);
    }

    /**
     * How a layer is shown.
     *
     * @param hiddenFrom the scale from which on it is left out, as the number under the line: 100 for 1:100 and smaller; 0 for none
     */
    public record LayerShown(ElementId layer, Shown shown, double hiddenFrom) {

        public LayerShown {
            hiddenFrom = Checks.between("The scale from which on a layer is left out", hiddenFrom, 0, 10_000);
        }

        /** Alike at every scale. */
        public LayerShown(ElementId layer, Shown shown) {
            this(layer, shown, 0);
        }

        /** In a drawing at a scale. */
        public Shown at(double scale) {
            return hiddenFrom > 0 && scale >= hiddenFrom ? Shown.HIDDEN : shown;
        }
    }

    /** Heights of capitals on paper (ISO 3098-1). @param nameMm of the names of rooms; @param wordsMm of what else labels say; @param markMm in marks of openings and fittings */
    public record Letters(double nameMm, double wordsMm, double markMm) {

        /** Names of rooms at 3.5 mm, all else at 2.5 mm. */
        public static final Letters USUAL = new Letters(3.5, 2.5, 2.5);

        public Letters {
            nameMm = height("The names of rooms", nameMm);
            wordsMm = height("The words of labels", wordsMm);
            markMm = height("Marks", markMm);
        }

        private static double height(String what, double mm) {
            return Checks.between(what, mm, LEAST_MM, 10);
        }

        /** On paper, what is smaller cannot be read from a copy (trade). */
        private static final double LEAST_MM = 1.8;
    }

    /** What of another storey stands pale behind a plan. @param prints whether on paper too, and not on the board alone */
    public record Backdrop(Behind what, boolean prints) {

        public static final Backdrop NONE = new Backdrop(Behind.NOTHING, false);
    }

    /** Which storey is behind a plan. */
    public enum Behind {
        NOTHING,
        STOREY_BELOW,
        STOREY_ABOVE
    }

    public enum Shown {
        FULL,
        /** Pale, behind what matters. */
        FAINT,
        HIDDEN
    }

    /** What cut walls are filled with. */
    public enum Fill {
        /** The tint and the hatch of each material. */
        MATERIALS,
        /** One dark tint. */
        SOLID,
        NONE
    }

    /** What is drawn in an opening. */
    public enum Symbol {
        /** Frame, leaf and swing; frame and glass. */
        LEAF,
        /** The hole with its edges. */
        PLAIN,
        /** The hole alone. */
        NONE
    }

    /** What can show its mark on a plan. */
    public enum MarkOf {
        BUILD_UPS,
        DOORS,
        WINDOWS,
        FITTINGS,
        /** Drawings that show a part of the plan, by their frames. */
        PART_PLANS,
        /** Courses, boards and tiles on what is seen beyond a cut, and which way leaves open there: an elevation along a line. */
        FACINGS,
        /** The foundations under a storey, dashed; in elevations as far as they lie below the ground. */
        FOOTINGS,
        /** The ground's levels at points. */
        SPOT_LEVELS,
        /** The sides of the plot, in plans of the lowest storey and of roofs. */
        BOUNDARIES,
        /** Ceilings as seen from below: how they rise, and what is open over a room. */
        CEILINGS
    }

    /** What plans show of roofs. */
    public enum Roofs {
        NONE,
        /** Their outlines overhead, of the roofs over the storey drawn. */
        OVERHEAD,
        /** All roofs of the house as seen from above. */
        FROM_ABOVE
    }

    /** The two lines over a leaf in elevation. */
    public enum OpeningLines {
        /** They meet at the side it hangs on (trade, UK and US). */
        MEET_AT_HINGE,
        /** They meet at the handle (trade, German-speaking countries). */
        MEET_AT_HANDLE,
        NONE
    }

    /** How walls of one state are drawn. */
    public enum StateLook {
        FULL,
        /** Whole, in one pale tint. */
        GREY,
        DASHED,
        HIDDEN
    }

    /** What an edge of an opening is, where it is measured to. */
    public enum OpeningEdges {
        STRUCTURAL,
        UNIT
    }
}
