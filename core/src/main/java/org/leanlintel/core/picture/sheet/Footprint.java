package org.leanlintel.core.picture.sheet;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.Extent;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.TextBox;

/**
 * How much of a sheet a drawing takes, its title below it included.
 *
 * @param anchor the point in the middle of what it shows, in the drawing's own millimetres
 * @param box round all of it, on paper, from where the anchor lies
 */
public record Footprint(Vec anchor, Bounds box) {

    /** What a drawing takes that shows nothing yet: room for its title, on paper. */
    private static final double EMPTY_MM = 10;

    /** Of a drawing that is not turned. @param picture of it */
    public static Footprint of(Drawing drawing, Model model, Picture picture, Lettering lettering) {
        return of(new Sheet.Placed(drawing.id(), Vec.ORIGIN, Vec.ORIGIN), model, picture, lettering);
    }

    /** @param placed as it is turned and cropped there; @param picture of the drawing */
    public static Footprint of(Sheet.Placed placed, Model model, Picture picture, Lettering lettering) {
        Drawing drawing = model.get(placed.drawing(), Drawing.class);
        List<Group> cropped = SheetPicture.cropped(picture, placed.crop(), drawing, model);
        Bounds printed = Extent.of(printing(new Picture(picture.scale(), cropped)));
        Vec anchor = printed == null ? Vec.ORIGIN : printed.centre();
        List<Group> groups = SheetPicture.placed(placed.lying(anchor, Vec.ORIGIN), model, picture, lettering);
        Bounds box = around(groups, lettering);
        return new Footprint(anchor, box == null ? new Bounds(0, 0, EMPTY_MM, EMPTY_MM) : box);
    }

    /** Round what a drawing prints, without a title: on paper, from the drawing's own origin. */
    public static Bounds printed(Picture picture, Lettering lettering) {
        Picture onPaper = printing(picture).placed(1 / picture.scale(), Vec.ORIGIN);
        Bounds box = around(onPaper.groups(), lettering);
        return box == null ? new Bounds(0, 0, EMPTY_MM, EMPTY_MM) : box;
    }

    private static Picture printing(Picture picture) {
        return new Picture(
                picture.scale(),
                picture.groups().stream()
                        .filter(g -> g.items().stream().allMatch(Item::prints))
                        .toList());
    }

    /** Round lines, fills and whole words of what lies on a sheet; null where there is nothing. */
    static @Nullable Bounds around(List<Group> onSheet, Lettering lettering) {
        List<Bounds> boxes = new ArrayList<>();
        if (Extent.of(new Picture(1, onSheet)) instanceof Bounds lines) boxes.add(lines);
        for (Group g : onSheet)
            for (Item item : g.items())
                if (item instanceof Item.Text t && !t.text().isBlank())
                    boxes.add(TextBox.of(t, 1, lettering).bounds());
        return boxes.stream().reduce(Bounds::with).orElse(null);
    }

    /** Where it lies with its anchor at a point of a sheet. */
    public Bounds at(Vec there) {
        return new Bounds(
                box.minX() + there.x(), box.minY() + there.y(), box.maxX() + there.x(), box.maxY() + there.y());
    }
}
