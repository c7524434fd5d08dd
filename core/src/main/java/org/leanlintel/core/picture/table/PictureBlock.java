package org.leanlintel.core.picture.table;

import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Raster;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Painting;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.Picture;

/** A picture on a sheet, as wide as it is asked to be, its name below it. */
public final class PictureBlock extends Painting {

    /** On paper: the name, and from the picture down to its base line. */
    private static final double NAME_MM = 3.5, DROP_MM = 6;

    public PictureBlock(Building building, Drawing drawing, Lettering lettering) {
        super(building, drawing, lettering);
    }

    @Override
    public Picture draw() {
        Pens pens = new Pens(lens());
        if (drawing.subject() instanceof Drawing.Pictured pictured) {
            Raster raster = Raster.of(pictured.data());
            double wide = pictured.widthMm() * drawing.scale();
            pens.add(new Item.Image(
                    raster.address(), Vec.ORIGIN, wide, wide * raster.heightDots() / raster.widthDots()));
        }
        Vec below = new Vec(0, -DROP_MM * drawing.scale());
        pens.add(lettering.set(drawing.name(), below, 0, NAME_MM, Align.LEFT, true));
        return new Picture(drawing.scale(), List.of(new Group(drawing.id(), drawing.id(), pens.items(), List.of())));
    }
}
