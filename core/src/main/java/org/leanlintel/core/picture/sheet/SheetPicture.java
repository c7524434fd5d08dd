package org.leanlintel.core.picture.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.ScaleLabel;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.TitleBlock;
import org.leanlintel.core.picture.Extent;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.InFrame;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.Region;
import org.leanlintel.core.picture.annotate.BreakLines;
import org.leanlintel.core.picture.annotate.ScaleBar;
import org.leanlintel.core.sheet.SheetArea;
import org.leanlintel.core.sheet.TitleFacts;

/** A sheet as it prints, in paper millimetres from its lower left corner: frame, drawings at their scales, title block. */
public final class SheetPicture {

    /** Centring marks, ISO 5457. */
    private static final double CENTRING_MM = 5;
    /** From a drawing's lowest line to its title's base line. */
    private static final double TITLE_DROP = 13;

    private final Sheet sheet;
    private final Model model;
    private final Function<ElementId, Picture> drawings;
    private final Lettering lettering;
    private final TitleFacts facts;

    private SheetPicture(
            Sheet sheet, Model model, Function<ElementId, Picture> drawings, Lettering lettering, TitleFacts facts) {
        this.sheet = sheet;
        this.model = model;
        this.drawings = drawings;
        this.lettering = lettering;
        this.facts = facts;
    }

    /** @param drawings the picture of each drawing; @param facts what its title block says beside what the model knows */
    public static Picture of(
            Sheet sheet, Model model, Function<ElementId, Picture> drawings, Lettering lettering, TitleFacts facts) {
        return new SheetPicture(sheet, model, drawings, lettering, facts).picture();
    }

    private Picture picture() {
        List<Group> groups = new ArrayList<>();
        for (Sheet.Placed placed : sheet.drawings())
            groups.addAll(placed(placed, model, drawings.apply(placed.drawing()), lettering));
        groups.add(frame());
        return new Picture(1, groups);
    }

    /** Element by element as in the drawing, and its title. What is traced or drawn by does not print. */
    static List<Group> placed(Sheet.Placed placed, Model model, Picture picture, Lettering lettering) {
        Drawing drawing = model.get(placed.drawing(), Drawing.class);
        double factor = 1 / drawing.scale();
        Vec by = placed.at().minus(placed.anchor().times(factor));
        Quarters turn = new Quarters(placed.quarters(), placed.at(), lettering);
        List<Group> groups = new ArrayList<>();
        for (Group g : cropped(picture, placed.crop(), drawing, model))
            if (g.items().stream().allMatch(Item::prints))
                groups.add(turn.of(onPaper(g, drawing, model).onSheet(drawing.id(), factor, by)));
        Bounds bounds = Extent.of(new Picture(1, groups));
        if (!drawing.kind().isSchedule())
            groups.add(new Group(
                            drawing.id(),
                            drawing.id(),
                            title(drawing, bounds, placed.at(), model, lettering),
                            List.of())
                    .onSheet(drawing.id(), 1, Vec.ORIGIN));
        return groups;
    }

    /** What of a drawing stands on the sheet. */
    static List<Group> cropped(Picture picture, Drawing.Frame crop, Drawing drawing, Model model) {
        if (!(crop instanceof Drawing.Part part)) return picture.groups();
        InFrame frame = new InFrame(Region.within(part.ring()));
        List<Group> left = new ArrayList<>();
        for (Group g : picture.groups()) if (frame.of(g) instanceof Group within) left.add(within);
        if (!part.broken()) return left;
        Pens pens = new Pens(model.get(drawing.lens(), Lens.class));
        BreakLines.draw(part, drawing.scale(), pens);
        left.add(new Group(drawing.id(), drawing.id(), pens.items(), List.of()));
        return left;
    }

    /** Without the ink of its layer, where the lens has colours on the board alone. */
    private static Group onPaper(Group group, Drawing drawing, Model model) {
        boolean black = model.get(drawing.lens(), Lens.class).colours() == Lens.Colours.ON_BOARD;
        return black
                        && model.find(group.layer()) instanceof Layer layer
                        && !layer.ink().isEmpty()
                ? group.with((Item i) -> i.inked(layer.ink(), ""))
                : group;
    }

    private static List<Item> title(
            Drawing drawing, @Nullable Bounds bounds, Vec middle, Model model, Lettering lettering) {
        Pens pens = new Pens(model.get(drawing.lens(), Lens.class));
        Vec at = bounds == null ? middle : new Vec(bounds.minX(), bounds.minY() - TITLE_DROP);
        double width = lettering.width(drawing.name(), 5, true);
        pens.add(lettering.set(drawing.name(), at, 0, 5, Align.LEFT, true));
        String scale = ScaleLabel.of(drawing.scale(), model.settings().units());
        pens.add(lettering.set(scale, at.plus(new Vec(width + 6, 0)), 0, 3.5, Align.LEFT, false));
        double end = width + 6 + lettering.width(scale, 3.5, false);
        pens.line(PenRole.SHEET_RULE, at.plus(new Vec(0, -2)), at.plus(new Vec(end, -2)));
        ScaleBar.paint(
                at.plus(new Vec(0, -9)), drawing.scale(), model.settings().units(), lettering, pens);
        return pens.items();
    }

    private Group frame() {
        Paper size = sheet.paper();
        SheetArea area = SheetArea.of(size, TitleBlock.of(model));
        double left = area.frame().minX(), bottom = area.frame().minY();
        double right = area.frame().maxX(), top = area.frame().maxY();
        Pens pens = new Pens(model.all(Lens.class).getFirst());
        pens.closed(
                PenRole.SHEET_FRAME,
                List.of(new Vec(left, bottom), new Vec(right, bottom), new Vec(right, top), new Vec(left, top)));
        double midX = size.widthMm() / 2, midY = size.heightMm() / 2;
        pens.line(PenRole.SHEET_FRAME, new Vec(midX, bottom), new Vec(midX, bottom + CENTRING_MM));
        pens.line(PenRole.SHEET_FRAME, new Vec(midX, top), new Vec(midX, top - CENTRING_MM));
        pens.line(PenRole.SHEET_FRAME, new Vec(left, midY), new Vec(left + CENTRING_MM, midY));
        pens.line(PenRole.SHEET_FRAME, new Vec(right, midY), new Vec(right - CENTRING_MM, midY));
        new MarginPainter(size, area.frame(), lettering, pens)
                .paint(TitleBlock.of(model).margin());
        new TitleBlockPainter(area, new TitleFields(sheet, model, facts), facts, model, lettering, pens).paint();
        return new Group(sheet.id(), sheet.id(), pens.items(), List.of());
    }
}
