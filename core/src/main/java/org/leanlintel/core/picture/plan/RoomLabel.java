package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.roof.CeilingBuildUp;
import org.leanlintel.core.building.roof.UnderSlopes;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.AreaPrinter;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.LabelPart;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.PlanOf;
import org.leanlintel.core.picture.annotate.InteriorMark;

/** What a room's label says, and how large it is on paper: the number in a box, the name, and lines under it. */
final class RoomLabel {

    /** How its head is set, the best first. */
    enum Shape {
        /** The number before the name. */
        BESIDE,
        /** The number over the name. */
        OVER,
        /** The number under the name, before the first line there; over it where there is none. */
        UNDER,
        /** The number over the name, a word to a line. */
        NARROW
    }

    /** On paper. */
    private static final double BOX_PAD = 0.9, BOX_GAP = 1.6, BOX_LINE = 0.45, AIR = 1.2;
    /** How much of a room's floor has nothing over it where the room counts as open, as a part. */
    private static final double OPEN = 0.5;

    /** From line to line, as a part of the height of capitals; how many lines a number over its name takes. */
    private static final double PITCH = 1.6, NAME_PITCH = 1.35, STACK = 1.35;

    private final Room room;
    private final List<String> lines;
    private final boolean numbered;
    private final Shape shape;
    /** The name, in as many lines as it takes. */
    private final List<String> name;

    private final Look look;
    private final Lettering lettering;
    private final Lens.Letters letters;
    /** Which of its walls are drawn; null where none are. */
    private final @Nullable InteriorMark mark;
    /** From its middle to its sides, in model millimetres. */
    private final double wide, high;

    RoomLabel(Room room, RoomSpace space, Shape shape, PlanOf plan, Building building, @Nullable InteriorMark mark) {
        Look look = plan.look(building);
        this.room = room;
        this.shape = shape;
        name = shape == Shape.NARROW ? List.of(room.name().strip().split("\\s+")) : List.of(room.name());
        this.look = look;
        lettering = plan.lettering();
        letters = look.lens().letters();
        this.mark = mark;
        List<LabelPart> parts = look.lens().roomLabels();
        numbered = parts.contains(LabelPart.NUMBER) && !room.number().isEmpty();
        lines = lines(parts, room, space, look, building);
        wide = (width() / 2 + AIR) * scale();
        high = (height() / 2 + AIR) * scale();
    }

    private static List<String> lines(List<LabelPart> parts, Room room, RoomSpace space, Look look, Building building) {
        LengthPrinter lengths = LengthPrinter.ofDrawings(look.units());
        List<String> lines = new ArrayList<>();
        if (parts.contains(LabelPart.AREA))
            lines.add(AreaPrinter.print(space.net().mm2(), look.units()));
        if (parts.contains(LabelPart.SIZE)) {
            RoomSpace.Size size = space.size();
            lines.add(lengths.print(size.widthMm()) + " x " + lengths.print(size.depthMm()));
        }
        boolean says = parts.contains(LabelPart.CEILING_HEIGHT) || parts.contains(LabelPart.CEILING);
        boolean open = says
                && CeilingPainter.open(room, space, building).mm2()
                        > OPEN * space.net().mm2();
        if (open) lines.add(room.isOpenToSky() ? "open to the sky" : "open above");
        if (!open && parts.contains(LabelPart.CEILING_HEIGHT)) lines.add("CH " + heights(room, lengths, building));
        if (!open && parts.contains(LabelPart.CEILING)) {
            BuildUp of = CeilingBuildUp.of(room, space, building);
            String words = Stream.of(
                            of == null ? "" : of.mark(), room.finishes().ceiling())
                    .filter(w -> !w.isEmpty())
                    .collect(Collectors.joining(", "));
            if (!words.isEmpty()) lines.add(words);
        }
        if (parts.contains(LabelPart.FINISHES)) {
            Room.Finishes f = room.finishes();
            String codes = String.join(
                    " / ",
                    List.of(f.floor(), f.walls(), f.ceiling()).stream()
                            .map(c -> c.isEmpty() ? "-" : c)
                            .toList());
            if (!f.equals(Room.Finishes.NONE)) lines.add(codes);
        }
        return lines;
    }

    /** The lowest and the highest its ceiling lies over its floor; one where it is level. */
    private static String heights(Room room, LengthPrinter lengths, Building building) {
        double low = Double.POSITIVE_INFINITY, high = Double.NEGATIVE_INFINITY;
        for (UnderSlopes.Piece p : building.get(new UnderSlopes.Of(room.id())).ceilings())
            for (List<Vec> ring : p.plan().rings())
                for (Vec at : ring) {
                    low = Math.min(low, p.height().at(at));
                    high = Math.max(high, p.height().at(at));
                }
        String lowest = lengths.print(low), highest = lengths.print(high);
        return lowest.equals(highest) ? lowest : lowest + " to " + highest;
    }

    private double headWidth() {
        double widest = 0;
        for (String line : name) widest = Math.max(widest, lettering.width(line, letters.nameMm(), true));
        if (!numbered) return widest;
        if (isUnder()) return widest;
        return isOver() ? Math.max(widest, boxWidth()) : widest + BOX_GAP + boxWidth();
    }

    private boolean isBeside() {
        return numbered && shape == Shape.BESIDE;
    }

    private boolean isUnder() {
        return numbered && shape == Shape.UNDER && !lines.isEmpty();
    }

    private boolean isOver() {
        return numbered && !isBeside() && !isUnder();
    }

    /** Of the first line under the name with the number before it. */
    private double numberedWidth() {
        return boxWidth() + BOX_GAP + lettering.width(lines.getFirst(), letters.wordsMm(), false);
    }

    private double boxWidth() {
        return lettering.width(room.number(), letters.wordsMm(), false) + 2 * BOX_PAD;
    }

    private double width() {
        double widest = headWidth();
        for (String line : lines) widest = Math.max(widest, lettering.width(line, letters.wordsMm(), false));
        if (isUnder()) widest = Math.max(widest, numberedWidth());
        return mark == null ? widest : Math.max(widest, 2 * mark.reachMm());
    }

    private double height() {
        double words = letters.nameMm()
                + (name.size() - 1) * NAME_PITCH * letters.nameMm()
                + (lines.size() + (isOver() ? STACK : isUnder() ? STACK - 1 : 0)) * pitch();
        return mark == null ? words : words + 2 * mark.reachMm();
    }

    Shape shape() {
        return shape;
    }

    boolean isMarked() {
        return mark != null;
    }

    /** What it takes round a middle, with some air, in model millimetres. */
    Bounds boxAt(Vec middle) {
        return new Bounds(middle.x() - wide, middle.y() - high, middle.x() + wide, middle.y() + high);
    }

    /** Paper under all of it but the lines round its number, for lines that it stands over to stop at. */
    void ground(Vec middle, Pens pens) {
        Bounds all = boxAt(middle).grown(-AIR / 2 * scale());
        if (!numbered) {
            pens.ground(corners(all));
            return;
        }
        Bounds box = numberBox(middle);
        double air = BOX_LINE * scale();
        ground(all.minX(), box.maxY() + air, all.maxX(), all.maxY(), pens);
        ground(all.minX(), box.minY() - air, box.minX() - air, box.maxY() + air, pens);
        pens.ground(corners(box.grown(-air)));
        ground(box.maxX() + air, box.minY() - air, all.maxX(), box.maxY() + air, pens);
        ground(all.minX(), all.minY(), all.maxX(), box.minY() - air, pens);
    }

    private static void ground(double minX, double minY, double maxX, double maxY, Pens pens) {
        if (maxX > minX && maxY > minY) pens.ground(corners(new Bounds(minX, minY, maxX, maxY)));
    }

    private static List<Vec> corners(Bounds b) {
        return List.of(
                new Vec(b.minX(), b.minY()),
                new Vec(b.maxX(), b.minY()),
                new Vec(b.maxX(), b.maxY()),
                new Vec(b.minX(), b.maxY()));
    }

    void paint(Vec middle, Pens pens) {
        double base = firstBase(middle);
        if (numbered) number(numberBox(middle), pens);
        if (isOver()) base -= STACK * pitch() * scale();
        double centre = middle.x() + (isBeside() ? (boxWidth() + BOX_GAP) / 2 * scale() : 0);
        for (int i = 0; i < name.size(); i++) {
            if (i > 0) base -= NAME_PITCH * letters.nameMm() * scale();
            double width = lettering.width(name.get(i), letters.nameMm(), true) * scale();
            Vec at = new Vec(centre - width / 2, base);
            pens.onPaper(
                    lettering.set(name.get(i), at, 0, letters.nameMm(), Lettering.Align.LEFT, true),
                    scale(),
                    lettering);
        }
        for (int i = 0; i < lines.size(); i++) {
            boolean isNumbered = i == 0 && isUnder();
            base -= pitch() * (isNumbered ? STACK : 1) * scale();
            Vec at = new Vec(middle.x() + (isNumbered ? (boxWidth() + BOX_GAP) / 2 * scale() : 0), base);
            pens.onPaper(
                    lettering.set(lines.get(i), at, 0, letters.wordsMm(), Lettering.Align.CENTRE, false),
                    scale(),
                    lettering);
        }
        if (mark != null) mark.paint(new Vec(middle.x(), base - mark.reachMm() * scale()), scale(), pens, lettering);
    }

    /** On which its first line of names stands, or its number over them. */
    private double firstBase(Vec middle) {
        return middle.y() + (height() / 2 - letters.nameMm()) * scale();
    }

    private Bounds numberBox(Vec middle) {
        double low = firstBase(middle) + ((letters.nameMm() - letters.wordsMm()) / 2 - BOX_PAD) * scale();
        double wide = isBeside() ? headWidth() : boxWidth();
        if (isUnder()) {
            wide = numberedWidth();
            double names = (name.size() - 1) * NAME_PITCH * letters.nameMm();
            low = firstBase(middle) - (names + STACK * pitch() + BOX_PAD) * scale();
        }
        double left = middle.x() - wide / 2 * scale();
        return new Bounds(left, low, left + boxWidth() * scale(), low + (letters.wordsMm() + 2 * BOX_PAD) * scale());
    }

    private void number(Bounds box, Pens pens) {
        pens.closed(PenRole.ROOM, corners(box));
        pens.add(lettering.set(
                room.number(),
                new Vec(box.minX() + BOX_PAD * scale(), box.minY() + BOX_PAD * scale()),
                0,
                letters.wordsMm(),
                Lettering.Align.LEFT,
                false));
    }

    private double pitch() {
        return PITCH * letters.wordsMm();
    }

    private double scale() {
        return look.drawing().scale();
    }
}
