package org.leanlintel.core.model;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** What says a measure of the things that it holds to. */
public sealed interface Measuring extends Annotation permits DimensionString, Dimension {

    List<Hold> holds();

    /** The same with each point holding to something else. */
    Measuring holding(UnaryOperator<Hold> there);

    /** All of a model. */
    static List<Measuring> all(Model model) {
        List<Measuring> all = new ArrayList<>(model.all(DimensionString.class));
        all.addAll(model.all(Dimension.class));
        return all;
    }
}
