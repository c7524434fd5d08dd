package org.leanlintel.core.model;

/** A named group of elements that a lens shows or hides together. */
public record Layer(ElementId id, String name) implements Element {

    public Layer {
        name = Checks.name("A layer's name", name);
    }
}
