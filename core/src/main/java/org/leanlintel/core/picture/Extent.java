package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;

/** How far a picture's lines and fills reach. Texts count by their anchors, what never prints not at all. */
public final class Extent {

    private Extent() {}

    /** Null for an empty picture. */
    public static @Nullable Bounds of(Picture picture) {
        List<Vec> points = new ArrayList<>();
        for (Group group : picture.groups()) {
            for (Item item : group.items()) {
                switch (item) {
                    case Item.Fill fill -> points.addAll(fill.ring());
                    case Item.Strokes strokes -> {
                        if (strokes.prints()) strokes.lines().forEach(points::addAll);
                    }
                    case Item.Hatch hatch -> hatch.rings().forEach(points::addAll);
                    case Item.Wave wave -> points.addAll(List.of(wave.from(), wave.to()));
                    case Item.Arc arc -> points.add(arc.centre());
                    case Item.Text text -> points.add(text.at());
                    case Item.Image i ->
                        points.addAll(List.of(i.at(), i.at().plus(new Vec(i.widthMm(), i.heightMm()))));
                    case Item.Traced t -> {}
                }
            }
        }
        return points.isEmpty() ? null : Bounds.of(points);
    }
}
