package org.leanlintel.core.sheet;

import java.util.List;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.TitleBlock;

/**
 * What of a sheet is there to draw on, in millimetres of paper from its lower left corner.
 *
 * @param frame within the frame
 * @param block the title block, at an edge or in a corner of it
 */
public record SheetArea(Bounds frame, Bounds block) {

    /** On small paper the block is no larger than the frame. */
    public static SheetArea of(Paper paper, TitleBlock titles) {
        Bounds frame = frame(paper);
        double wide =
                titles.place() == TitleBlock.Place.FOOT ? frame.width() : Math.min(titles.widthMm(), frame.width());
        double high = titles.place() == TitleBlock.Place.RIGHT_EDGE
                ? frame.height()
                : Math.min(titles.heightMm(), frame.height());
        return new SheetArea(frame, new Bounds(frame.maxX() - wide, frame.minY(), frame.maxX(), frame.minY() + high));
    }

    /** Within the margins of paper. */
    public static Bounds frame(Paper paper) {
        double margin = paper.size().marginMm();
        return new Bounds(paper.size().leftMarginMm(), margin, paper.widthMm() - margin, paper.heightMm() - margin);
    }

    /** Whether something lies within the frame and clear of the title block. */
    public boolean holds(Bounds box) {
        return box.minX() >= frame.minX()
                && box.maxX() <= frame.maxX()
                && box.minY() >= frame.minY()
                && box.maxY() <= frame.maxY()
                && !block.meets(box);
    }

    /** The frame without a title block that runs along a whole side of it; one in a corner lies within. */
    Bounds beside() {
        if (block.maxY() >= frame.maxY()) return new Bounds(frame.minX(), frame.minY(), block.minX(), frame.maxY());
        if (block.minX() <= frame.minX()) return new Bounds(frame.minX(), block.maxY(), frame.maxX(), frame.maxY());
        return frame;
    }

    /** Round all there is to draw on, counter-clockwise. */
    public List<Vec> outline() {
        Bounds beside = beside();
        if (!beside.equals(frame)) return beside.corners();
        return List.of(
                new Vec(frame.minX(), frame.minY()),
                new Vec(block.minX(), frame.minY()),
                new Vec(block.minX(), block.maxY()),
                new Vec(frame.maxX(), block.maxY()),
                new Vec(frame.maxX(), frame.maxY()),
                new Vec(frame.minX(), frame.maxY()));
    }
}
