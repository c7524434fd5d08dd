package org.leanlintel.core.picture;

import java.util.List;
import java.util.stream.Stream;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;

/** What one element shows in a picture. @param catches where the pointer may hold to it */
public record Group(ElementId element, ElementId layer, List<Item> items, List<Catch> catches) {

    public Group {
        items = List.copyOf(items);
        catches = List.copyOf(catches);
    }

    /** The same with more in it. */
    Group with(List<Item> more) {
        return new Group(
                element, layer, Stream.concat(items.stream(), more.stream()).toList(), catches);
    }

    Group placed(double factor, Vec by) {
        return new Group(
                element, layer, items.stream().map(i -> i.placed(factor, by)).toList(), List.of());
    }
}
