package org.leanlintel.core.picture.seen;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.model.ElementId;

/** Bodies, and the plane through which they are looked at. @param elements in the order of their bodies */
public record View(SectionFrame frame, List<ElementId> elements, Map<ElementId, List<Body>> bodies) {

    public View {
        elements = List.copyOf(elements);
        bodies = Map.copyOf(bodies);
    }

    public static View of(SectionFrame frame, List<Body> bodies) {
        Map<ElementId, List<Body>> by = new LinkedHashMap<>();
        for (Body b : bodies)
            by.computeIfAbsent(b.element(), e -> new ArrayList<>()).add(b);
        return new View(frame, List.copyOf(by.keySet()), by);
    }

    /** What one element adds to a view. */
    public record Part(SectionFrame frame, List<Body> bodies) {

        /** That of an element in a view; without bodies where it has none there. */
        public record Of(Key<View> view, ElementId element) implements Key<Part> {
            @Override
            public Part from(Reads reads) {
                View all = reads.get(view);
                return new Part(all.frame(), all.bodies().getOrDefault(element, List.of()));
            }
        }
    }
}
