package org.leanlintel.core.sheet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiPredicate;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.TitleBlock;
import org.leanlintel.core.model.Unusable;

/** Lays drawings out on as few sheets as they need, in their order, tops in common lines. */
public final class LayOut {

    /** On paper: between drawings, and from the frame to them. */
    static final double GAP_MM = 8, MARGIN_MM = 4;
    /** What the last digits of places may take of that. */
    private static final double ROUNDING_MM = 0.01;
    /** How far to the right a drawing goes to have its left edge in line with another's. */
    private static final double NEAR_MM = 40;
    /** From what part of the room on sheets they count as well used. */
    private static final double WELL_USED = 0.5;

    /** A drawing to place. @param anchor see {@link org.leanlintel.core.model.Sheet.Placed}; @param box round it, on paper, from there */
    public record Block(ElementId drawing, Vec anchor, Bounds box) {}

    /** Where a block comes to stand. @param at its anchor, on paper */
    public record Put(Block block, Vec at) {

        public Bounds box() {
            Bounds b = block.box();
            return new Bounds(b.minX() + at.x(), b.minY() + at.y(), b.maxX() + at.x(), b.maxY() + at.y());
        }
    }

    /**
     * Sheets of one paper.
     *
     * @param sheets what stands on each
     * @param tooLarge what fits on no sheet of this paper
     * @param used what part of the room on the sheets is taken
     */
    public record Result(Paper paper, List<List<Put>> sheets, List<Block> tooLarge, double used) {}

    /** A sheet there is already. @param taken round each drawing on it, on paper */
    public record Begun(ElementId sheet, Paper paper, List<Bounds> taken) {}

    /** What finds room on sheets there are. @param put on each of them, by the sheet; @param left what finds none */
    public record Filled(Map<ElementId, List<Put>> put, List<Block> left) {}

    private final SheetArea area;
    private final List<Filling> sheets = new ArrayList<>();
    private final List<Block> tooLarge = new ArrayList<>();

    private LayOut(Paper paper, TitleBlock titles) {
        area = SheetArea.of(paper, titles);
    }

    public static Result on(Paper paper, TitleBlock titles, List<Block> blocks) {
        LayOut layOut = new LayOut(paper, titles);
        blocks.forEach(layOut::put);
        layOut.centre();
        List<List<Put>> sheets =
                layOut.sheets.stream().map(f -> List.copyOf(f.put)).toList();
        return new Result(paper, sheets, List.copyOf(layOut.tooLarge), layOut.used());
    }

    /** On the paper of some that takes the fewest sheets and has them well used; where none has, on the one used best. */
    public static Result onBest(List<Paper> papers, TitleBlock titles, List<Block> blocks) {
        Result best = null;
        for (Paper p : papers) {
            Result tried = on(p, titles, blocks);
            if (best == null || better(tried, best)) best = tried;
        }
        if (best == null) throw new Unusable("Choose a paper to lay out on.");
        return best;
    }

    /**
     * Puts what it can where there is room yet on sheets there are, on the first that it may go to; what stands on them stays.
     *
     * @param may whether a block may go to a sheet
     */
    public static Filled filling(
            List<Begun> sheets, TitleBlock titles, List<Block> blocks, BiPredicate<Block, ElementId> may) {
        Map<ElementId, Filling> fillings = new LinkedHashMap<>();
        for (Begun b : sheets) {
            FreeRoom room = new FreeRoom(new LayOut(b.paper(), titles).inner());
            for (Bounds t : b.taken()) room.take(new Bounds(t.minX(), t.minY() - GAP_MM, t.maxX() + GAP_MM, t.maxY()));
            fillings.put(b.sheet(), new Filling(room, new ArrayList<>()));
        }
        List<Block> left = new ArrayList<>();
        for (Block block : blocks)
            if (fillings.entrySet().stream()
                    .noneMatch(f -> may.test(block, f.getKey()) && f.getValue().take(block))) left.add(block);
        Map<ElementId, List<Put>> put = new LinkedHashMap<>();
        fillings.forEach((sheet, filling) -> {
            if (!filling.put.isEmpty()) put.put(sheet, List.copyOf(filling.put));
        });
        return new Filled(put, left);
    }

    private static boolean better(Result one, Result other) {
        if (one.tooLarge.size() != other.tooLarge.size()) return one.tooLarge.size() < other.tooLarge.size();
        boolean well = one.used >= WELL_USED, otherWell = other.used >= WELL_USED;
        if (well != otherWell) return well;
        if (well && one.sheets.size() != other.sheets.size()) return one.sheets.size() < other.sheets.size();
        return one.used > other.used;
    }

    /** A sheet that is being filled. */
    private record Filling(FreeRoom room, List<Put> put) {

        /** Whether there is room for a block; then it stands there. */
        boolean take(Block block) {
            Bounds box = block.box();
            Bounds free = room.place(box.width() + GAP_MM, box.height() + GAP_MM);
            if (free == null) return false;
            Bounds place = inLine(free);
            room.take(place);
            put.add(new Put(block, new Vec(place.minX() - box.minX(), place.maxY() - box.maxY())));
            return true;
        }

        /** Its left edge under that of another, where that is near and leaves it room. */
        private Bounds inLine(Bounds place) {
            for (Put p : put) {
                double by = p.box().minX() - place.minX();
                Bounds moved = new Bounds(place.minX() + by, place.minY(), place.maxX() + by, place.maxY());
                if (by > 0 && by < NEAR_MM && room.has(moved)) return moved;
            }
            return place;
        }
    }

    /** On the first sheet that has room for it. */
    private void put(Block block) {
        for (Filling f : sheets) if (f.take(block)) return;
        Filling another = new Filling(new FreeRoom(inner()), new ArrayList<>());
        if (another.take(block)) sheets.add(another);
        else tooLarge.add(block);
    }

    /** What drawings may take with the gap to their right and below. */
    private SheetArea inner() {
        Bounds f = area.frame(), b = area.block();
        Bounds frame = new Bounds(
                f.minX() + MARGIN_MM,
                f.minY() + MARGIN_MM - GAP_MM,
                f.maxX() - MARGIN_MM + GAP_MM,
                f.maxY() - MARGIN_MM);
        return new SheetArea(frame, new Bounds(b.minX(), frame.minY(), frame.maxX(), b.maxY() + MARGIN_MM - GAP_MM));
    }

    /** What is left over at the right and below goes to both sides, where the title block allows. */
    private void centre() {
        for (Filling filling : sheets) {
            List<Put> sheet = filling.put;
            Bounds all = sheet.stream().map(Put::box).reduce(Bounds::with).orElseThrow();
            Bounds beside = area.beside();
            shift(sheet, new Vec((beside.maxX() - MARGIN_MM - all.maxX()) / 2, 0));
            shift(sheet, new Vec(0, -(all.minY() - beside.minY() - MARGIN_MM) / 2));
        }
    }

    /** As far as the title block allows, in quarters of the way. */
    private void shift(List<Put> sheet, Vec by) {
        for (double part = 1; part > 0; part -= 0.25) {
            Vec step = by.times(part);
            List<Put> shifted = sheet.stream()
                    .map(p -> new Put(p.block(), p.at().plus(step)))
                    .toList();
            if (shifted.stream().allMatch(p -> area.holds(p.box().grown(MARGIN_MM - ROUNDING_MM)))) {
                sheet.clear();
                sheet.addAll(shifted);
                return;
            }
        }
    }

    private double used() {
        double used = 0;
        for (Filling filling : sheets) used += used(filling.put, area);
        return sheets.isEmpty() ? 0 : used / sheets.size();
    }

    private static double used(List<Put> sheet, SheetArea area) {
        double taken = 0;
        for (Put p : sheet) taken += p.box().width() * p.box().height();
        return taken
                / (area.frame().width() * area.frame().height()
                        - area.block().width() * area.block().height());
    }

    /** Whether as much of the room on a sheet is taken as should be. */
    static boolean isWellUsed(List<Put> sheet, Paper paper, TitleBlock titles) {
        return used(sheet, SheetArea.of(paper, titles)) >= WELL_USED;
    }
}
