package org.leanlintel.formats.standard;

import java.util.List;
import java.util.Map;
import org.leanlintel.core.dimension.Scheme;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.MarkLetters;
import org.leanlintel.core.model.OpeningMake;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Settings;

/**
 * What projects built somewhere are offered: stock, sizes, words, rules and timber. All of it is data, in the unit people
 * there measure in; nothing is converted from another. Lengths in millimetres. An office may keep regions of its own, each
 * like one that comes with the program; its id begins with that one's and a colon.
 *
 * @param like the region whose rules, fittings, doors, windows and stairs, as they are made, it has; itself for one that comes with the program
 * @param letters what marks of walls, doors and windows begin with there
 * @param titleBlock that of its sheets
 * @param cutMm how far above a storey's level its plan is cut
 * @param buildUps those it starts with, each with its mark
 * @param outsideWall and partition: what walls are first drawn of; groundFloor and upperFloor likewise
 * @param fittings the file its fittings are in
 * @param timber how the sources of the sizes begin that are sold there
 * @param standOffMm of an opening from a corner
 * @param strings which lines the strings of a plan go to there, and how far they stand off (trade; ISO 129-1 and DIN 406-11 for the least)
 * @param examples lengths as people type them there: one, one with its parts, and two
 */
public record TradeRegion(
        String id,
        String like,
        String name,
        UnitSystem units,
        PaperSize paper,
        Settings.RoomNumbering numbering,
        ElementId titleBlock,
        MarkLetters letters,
        double cutMm,
        double scale,
        Storeys storeys,
        Map<Room.Use, String> roomNames,
        List<Marked> buildUps,
        ElementId outsideWall,
        ElementId partition,
        ElementId groundFloor,
        ElementId upperFloor,
        String fittings,
        List<String> timber,
        Doors doors,
        Windows windows,
        double standOffMm,
        double postMm,
        double pierMm,
        double pieceHeightMm,
        double wellMm,
        Steps steps,
        Scheme strings,
        List<String> examples) {

    public TradeRegion {
        roomNames = Map.copyOf(roomNames);
        buildUps = List.copyOf(buildUps);
        timber = List.copyOf(timber);
        examples = List.copyOf(examples);
    }

    /** @param next what the storeys above the first are called; @param heightMm from floor to floor */
    public record Storeys(String first, String plan, List<String> next, double heightMm, double ceilingMm) {}

    /** A build-up and the mark it has there. */
    public record Marked(ElementId buildUp, String mark) {}

    /**
     * Doors sold there.
     *
     * @param leaves width and height of each
     * @param openMm structural openings of the other kinds, by kind
     */
    public record Doors(
            List<List<Double>> leaves, List<Double> usual, String source, Map<String, List<Double>> openMm) {}

    /** Windows sold there, by their structural openings. */
    public record Windows(
            List<List<Double>> sizes,
            List<Double> usual,
            double sillMm,
            double setbackMm,
            double otherMm,
            double bayMm,
            boolean inwards,
            Lens.OpeningLines lines,
            String source) {}

    /** Before an outside door. */
    public record Steps(double goingMm, double landingMm) {}

    /** A leaf and the structural opening it asks for. */
    public record Leaf(double leafWidthMm, double leafHeightMm, double widthMm, double heightMm) {}

    /** The leaves sold there with the openings they ask for, made as usual; the usual one first. */
    List<Leaf> leaves(OpeningMake make) {
        return doors.leaves().stream()
                .map(l -> leaf(l.get(0), l.get(1), make))
                .sorted((a, b) -> Boolean.compare(isUsual(b), isUsual(a)))
                .toList();
    }

    private boolean isUsual(Leaf leaf) {
        return List.of(leaf.leafWidthMm(), leaf.leafHeightMm()).equals(doors.usual());
    }

    private static Leaf leaf(double width, double height, OpeningMake make) {
        return new Leaf(width, height, make.openingWidthMm(width), make.openingHeightMm(height));
    }
}
