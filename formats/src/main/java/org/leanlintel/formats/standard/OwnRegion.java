package org.leanlintel.formats.standard;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.TimberSize;
import org.leanlintel.core.model.TitleBlock;
import org.leanlintel.core.model.Unusable;

/** What must be true of a trade region that an office made; each fault is an {@link Unusable} with a sentence. */
public final class OwnRegion {

    private static final int MOST_SIZES = 60, LONGEST = 120;
    private static final double LEAST_MM = 1, MOST_MM = 20_000;

    private final TradeRegion region;

    private OwnRegion(TradeRegion region) {
        this.region = region;
    }

    /** @return the region as it was given */
    public static TradeRegion checked(TradeRegion region) {
        OwnRegion own = new OwnRegion(region);
        own.identity();
        own.words();
        own.stock();
        own.sheets();
        own.sizes();
        return region;
    }

    private void identity() {
        TradeRegion like = OfficeStandard.region(region.like());
        require(
                !region.id().equals(like.id()),
                "\u201C%s\u201D comes with the program: keep what you change as a region of its own."
                        .formatted(like.name()));
        require(
                region.id().startsWith(like.id() + ":") && region.id().length() <= LONGEST,
                "The id of a region like %s begins with \u201C%s:\u201D.".formatted(like.name(), like.id()));
        require(region.units() == like.units(), "A region measures in the unit of the one it is like.");
        require(region.fittings().equals(like.fittings()), "A region has the fittings of the one it is like.");
        require(
                OfficeStandard.regions().stream()
                        .noneMatch(r -> r.name().equals(region.name().strip())),
                "\u201C%s\u201D comes with the program: give the region a name of its own.".formatted(region.name()));
    }

    private void sheets() {
        require(
                OfficeStandard.elements().stream()
                        .anyMatch(e -> e instanceof TitleBlock && e.id().equals(region.titleBlock())),
                "There is no title block %s in the stock."
                        .formatted(region.titleBlock().value()));
    }

    private void words() {
        word("The region's name", region.name());
        word("The first storey's name", region.storeys().first());
        word("The first plan's name", region.storeys().plan());
        for (String next : region.storeys().next()) word("A storey's name", next);
        for (Room.Use use : Room.Use.values())
            word("Every use of a room", region.roomNames().getOrDefault(use, ""));
        require(region.examples().size() == 3, "A region has three examples of typed lengths.");
        for (String example : region.examples()) word("An example", example);
    }

    private static void word(String what, String text) {
        require(!text.isBlank() && text.length() <= LONGEST, what + " needs words, 120 letters at most.");
    }

    private void stock() {
        Set<ElementId> known = new HashSet<>(), offered = new HashSet<>();
        for (BuildUp b : OfficeStandard.buildUps()) known.add(b.id());
        Set<String> marks = new HashSet<>();
        for (TradeRegion.Marked m : region.buildUps()) {
            require(
                    known.contains(m.buildUp()),
                    "There is no build-up %s in the stock."
                            .formatted(m.buildUp().value()));
            require(offered.add(m.buildUp()), "A build-up is offered once.");
            word("A build-up's mark", m.mark());
            require(marks.add(m.mark().strip()), "Two build-ups have the mark %s.".formatted(m.mark()));
        }
        first("Outside walls", region.outsideWall(), BuildUp.Use.WALL, offered);
        first("Partitions", region.partition(), BuildUp.Use.WALL, offered);
        first("Ground floors", region.groundFloor(), BuildUp.Use.GROUND_FLOOR, offered);
        first("Upper floors", region.upperFloor(), BuildUp.Use.FLOOR, offered);
        Set<String> sources =
                OfficeStandard.timber().stream().map(TimberSize::source).collect(Collectors.toSet());
        for (String t : region.timber())
            require(
                    sources.stream().anyMatch(s -> s.startsWith(t)) && !t.isBlank(),
                    "There is no timber of \u201C%s\u201D.".formatted(t));
    }

    private static void first(String what, ElementId id, BuildUp.Use use, Set<ElementId> offered) {
        boolean fits = OfficeStandard.buildUps().stream().anyMatch(b -> b.id().equals(id) && b.use() == use);
        require(
                fits && offered.contains(id),
                what + " are first drawn of a build-up that is for them and that the region offers.");
    }

    private void sizes() {
        lengths(
                region.cutMm(),
                region.scale(),
                region.storeys().ceilingMm(),
                region.windows().otherMm(),
                region.windows().bayMm(),
                region.postMm(),
                region.pierMm(),
                region.pieceHeightMm(),
                region.steps().goingMm(),
                region.steps().landingMm());
        for (double mm :
                List.of(region.windows().sillMm(), region.windows().setbackMm(), region.standOffMm(), region.wellMm()))
            require(mm >= 0 && mm <= MOST_MM, "A length lies between 0 and 20 m.");
        require(
                region.storeys().heightMm() > region.storeys().ceilingMm()
                        && region.storeys().heightMm() <= MOST_MM,
                "A storey is higher from floor to floor than its rooms.");
        List<List<Double>> leaves = region.doors().leaves(),
                windows = region.windows().sizes();
        require(
                !leaves.isEmpty() && leaves.size() <= MOST_SIZES && windows.size() <= MOST_SIZES,
                "A region offers from one to 60 leaves, and 60 windows at most.");
        leaves.forEach(OwnRegion::size);
        windows.forEach(OwnRegion::size);
        size(region.windows().usual());
        require(leaves.contains(region.doors().usual()), "The usual leaf is one of those offered.");
        Set<String> kinds =
                OfficeStandard.region(region.like()).doors().openMm().keySet();
        require(region.doors().openMm().keySet().equals(kinds), "Each kind of door has a usual opening.");
        region.doors().openMm().values().forEach(OwnRegion::size);
    }

    private static void size(List<Double> size) {
        require(size.size() == 2, "A size has a width and a height.");
        size.forEach(OwnRegion::lengths);
    }

    private static void lengths(double... lengths) {
        require(
                Arrays.stream(lengths).allMatch(mm -> mm >= LEAST_MM && mm <= MOST_MM),
                "A length lies between 1 mm and 20 m.");
    }

    private static void require(boolean holds, String sentence) {
        if (!holds) throw new Unusable(sentence);
    }
}
