package org.leanlintel.core.sheet;

import java.util.List;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Paper;

/**
 * What of a sheet is there to draw on, in millimetres of paper from its lower left corner.
 *
 * @param frame within the frame
 * @param block the title block, at the lower right of it
 */
public record SheetArea(Bounds frame, Bounds block) {

    /** The greatest width of a title block (ISO 7200), and how high ours is; on narrow paper it is as wide as the frame. */
    public static final double BLOCK_WIDTH_MM = 180, BLOCK_HEIGHT_MM = 72;

    public static SheetArea of(Paper paper) {
        double margin = paper.size().marginMm(), right = paper.widthMm() - margin;
        double bottom = margin;
        double left = paper.size().leftMarginMm();
        return new SheetArea(
                new Bounds(left, bottom, right, paper.heightMm() - margin),
                new Bounds(Math.max(left, right - BLOCK_WIDTH_MM), bottom, right, bottom + BLOCK_HEIGHT_MM));
    }

    /** Whether something lies within the frame and clear of the title block. */
    public boolean holds(Bounds box) {
        return box.minX() >= frame.minX()
                && box.maxX() <= frame.maxX()
                && box.minY() >= frame.minY()
                && box.maxY() <= frame.maxY()
                && !block.meets(box);
    }

    /** Round all there is to draw on, counter-clockwise. */
    public List<Vec> outline() {
        return List.of(
                new Vec(frame.minX(), frame.minY()),
                new Vec(block.minX(), frame.minY()),
                new Vec(block.minX(), block.maxY()),
                new Vec(frame.maxX(), block.maxY()),
                new Vec(frame.maxX(), frame.maxY()),
                new Vec(frame.minX(), frame.maxY()));
    }
}
