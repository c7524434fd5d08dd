package org.leanlintel.core.model;

import java.util.List;

/**
 * A named group of elements that a lens shows, fades or hides together.
 *
 * @param group of layers that it stands with in lists; empty for none
 * @param drawn with which pens
 * @param ink of its lines and words where a lens is in colour, {@code #rrggbb}; empty for the ink everything is drawn in
 * @param locked whether what lies on it is neither picked nor changed on the board
 * @param takes the kinds of elements that are drawn on it unless another is chosen, by their names in files: "wall"
 */
public record Layer(
        ElementId id,
        String name,
        String group,
        StandsFor standsFor,
        Drawn drawn,
        String ink,
        boolean locked,
        List<String> takes)
        implements Element.Stock {

    /** As many kinds as one layer can take; more than there are. */
    private static final int MOST_KINDS = 100;

    public Layer {
        name = Checks.name("A layer's name", name);
        group = Checks.text("The group of a layer", group.strip(), 60);
        ink = Checks.ink("A layer's ink", ink);
        takes = List.copyOf(takes);
        if (takes.size() > MOST_KINDS) throw new Unusable("A layer takes at most %d kinds.".formatted(MOST_KINDS));
        for (String kind : takes) Checks.name("A kind that a layer takes", kind);
    }

    /** One for what is built, drawn as each kind is. */
    public static Layer plain(ElementId id, String name, List<String> takes) {
        return new Layer(id, name, "", StandsFor.BUILT, new ByKind(), "", false, takes);
    }

    public Layer taking(List<String> kinds) {
        return new Layer(id, name, group, standsFor, drawn, ink, locked, kinds);
    }

    /** The same by another name in files. */
    public Layer named(ElementId otherId) {
        return new Layer(otherId, name, group, standsFor, drawn, ink, locked, takes);
    }

    /** The same by another name in files, taking nothing. */
    public Layer copied(ElementId otherId) {
        return named(otherId).taking(List.of());
    }

    /** What the things on a layer are. */
    public enum StandsFor {
        BUILT,
        /** Loose furniture, cars, what lies round about. */
        NOT_BUILT,
        /** What is said of things: strings, notes, labels. */
        ANNOTATION
    }

    /** With which pens a layer is drawn. */
    public sealed interface Drawn {}

    /** With the pen that a lens has for each kind of line. */
    public record ByKind() implements Drawn {}

    /** All lines with one pen, but for hatches. */
    public record WithPen(Pen pen) implements Drawn {}
}
