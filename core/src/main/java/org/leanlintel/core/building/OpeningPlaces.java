package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Opening;

/** The openings of one wall at their places. One that is placed from another waits for it; none may wait for itself. */
final class OpeningPlaces implements Placings.Others {

    private final Placings placings;
    private final Junctions junctions;
    private final Map<ElementId, Opening> openings = new HashMap<>();
    private final Map<ElementId, Span> placed = new HashMap<>();
    /** Those of any wall that are being placed now. */
    private final Set<ElementId> waiting;

    OpeningPlaces(Placings placings, Junctions junctions, List<Opening> all, Set<ElementId> waiting) {
        this.placings = placings;
        this.junctions = junctions;
        this.waiting = waiting;
        for (Opening o : all) openings.put(o.id(), o);
    }

    /** All of them; {@code lost} takes those whose stops are not here, which lie in the middle. */
    static List<PlacedOpening> of(Placings placings, Junctions junctions, List<Opening> all, Set<ElementId> lost) {
        OpeningPlaces places = new OpeningPlaces(placings, junctions, all, new HashSet<>());
        List<PlacedOpening> found = new ArrayList<>();
        for (Opening o : all) {
            Span span = places.here(o.id());
            if (span == null) lost.add(o.id());
            found.add(span == null ? places.somewhere(o) : places.atCorner(o, span));
        }
        return found;
    }

    /** A window round a corner takes all of the wall there. */
    private PlacedOpening atCorner(Opening o, Span span) {
        boolean turns = o.kind() instanceof Opening.Window w && w.form() instanceof Opening.ToCorner;
        if (!turns) return new PlacedOpening(o, span.from(), span.to());
        End end = ((Opening.ToCorner) ((Opening.Window) o.kind()).form()).end();
        return end == End.START
                ? new PlacedOpening(o, placings.furthest(end), span.to())
                : new PlacedOpening(o, span.from(), placings.furthest(end));
    }

    private PlacedOpening somewhere(Opening o) {
        double middle = placings.middle();
        return new PlacedOpening(o, middle - o.widthMm() / 2, middle + o.widthMm() / 2);
    }

    @Override
    public @Nullable Span here(ElementId id) {
        Opening opening = openings.get(id);
        if (opening == null) return null;
        Span known = placed.get(id);
        if (known != null || !waiting.add(id)) return known;
        Span span = placings.span(opening.placing(), opening.widthMm(), this);
        waiting.remove(id);
        if (span != null) placed.put(id, span);
        return span;
    }

    @Override
    public @Nullable Vec middle(ElementId opening) {
        return junctions.middleOf(opening, waiting);
    }
}
