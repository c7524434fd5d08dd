package org.leanlintel.core.picture;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Lens;

/** Draws a drawing whole. */
public abstract class Painting {

    protected final Building building;
    protected final Drawing drawing;
    protected final Lettering lettering;

    protected Painting(Building building, Drawing drawing, Lettering lettering) {
        this.building = building;
        this.drawing = drawing;
        this.lettering = lettering;
    }

    public abstract Picture draw();

    /** The part that the drawing shows; null where it shows all. */
    protected final Drawing.@Nullable Part part() {
        return drawing.frame() instanceof Drawing.Part part ? part : null;
    }

    /** What of groups lies in the part that is shown. */
    protected final List<Group> inPart(List<Group> groups) {
        Drawing.Part part = part();
        if (part == null) return groups;
        InFrame frame = new InFrame(Region.within(part.ring()));
        return groups.stream().map(frame::of).filter(Objects::nonNull).toList();
    }

    /** From where to where what is drawn reaches: a part's frame, or round what is drawn; null for nothing. */
    protected final @Nullable Bounds reach(List<Group> groups) {
        Drawing.Part part = part();
        return part == null ? Extent.of(new Picture(drawing.scale(), groups)) : Bounds.of(part.ring());
    }

    protected final Lens lens() {
        return building.model().get(drawing.lens(), Lens.class);
    }
}
