package org.leanlintel.core.picture;

import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;

/**
 * What one element shows in a picture.
 *
 * @param catches where the pointer may hold to it
 * @param ground rings anywhere in which it is picked; without any, it is picked by its lines and fills
 * @param drawing on a sheet, the drawing that it is part of; null in the picture of a drawing
 */
public record Group(
        ElementId element,
        ElementId layer,
        List<Item> items,
        List<Catch> catches,
        List<List<Vec>> ground,
        @Nullable ElementId drawing) {

    public Group {
        items = List.copyOf(items);
        catches = List.copyOf(catches);
        ground = List.copyOf(ground);
    }

    public Group(ElementId element, ElementId layer, List<Item> items, List<Catch> catches) {
        this(element, layer, items, catches, List.of(), null);
    }

    /** The same, picked anywhere in some rings. */
    public Group on(List<List<Vec>> rings) {
        return new Group(element, layer, items, catches, rings, drawing);
    }

    /** The same, where the pointer may hold to other places. */
    public Group catching(List<Catch> there) {
        return new Group(element, layer, items, there, ground, drawing);
    }

    /** The same with more in it. */
    public Group with(List<Item> more) {
        return new Group(
                element, layer, Stream.concat(items.stream(), more.stream()).toList(), catches, ground, drawing);
    }

    /** The same with each item another way. */
    public Group with(UnaryOperator<Item> way) {
        return new Group(element, layer, items.stream().map(way).toList(), catches, ground, drawing);
    }

    /** The same on a sheet: there it is neither held to nor picked by itself. */
    public Group onSheet(ElementId of, double factor, Vec by) {
        return new Group(
                element, layer, items.stream().map(i -> i.placed(factor, by)).toList(), List.of(), List.of(), of);
    }

    Group placed(double factor, Vec by) {
        return new Group(
                element, layer, items.stream().map(i -> i.placed(factor, by)).toList(), List.of());
    }
}
