package org.leanlintel.core.model;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What stands on, lies in or is drawn on what. Lists are in the order of ids. */
public final class Relations {

    /** One end of a wall. */
    public record WallEndRef(Wall wall, End end) {}

    private final Map<ElementId, List<Wall>> wallsOfStorey = new HashMap<>();
    private final Map<ElementId, List<WallEndRef>> endsAtCorner = new HashMap<>();
    private final Map<ElementId, List<WallEndRef>> endsOnWall = new HashMap<>();
    private final Map<ElementId, List<Opening>> openingsOfWall = new HashMap<>();
    private final Map<ElementId, List<Element>> annotationsOfDrawing = new HashMap<>();

    private Relations() {}

    static Relations of(Collection<Element> elements) {
        Relations r = new Relations();
        for (Element e : elements) r.add(e);
        r.wallsOfStorey.values().forEach(list -> list.sort(Comparator.comparing(Wall::id)));
        r.openingsOfWall.values().forEach(list -> list.sort(Comparator.comparing(Opening::id)));
        r.annotationsOfDrawing.values().forEach(list -> list.sort(Comparator.comparing(Element::id)));
        Comparator<WallEndRef> byWall = Comparator.<WallEndRef, ElementId>comparing(
                        ref -> ref.wall().id())
                .thenComparing(WallEndRef::end);
        r.endsAtCorner.values().forEach(list -> list.sort(byWall));
        r.endsOnWall.values().forEach(list -> list.sort(byWall));
        return r;
    }

    private void add(Element element) {
        switch (element) {
            case Wall wall -> {
                put(wallsOfStorey, wall.storey(), wall);
                for (End end : End.values()) addEnd(wall, end);
            }
            case Opening opening -> put(openingsOfWall, opening.wall(), opening);
            case DimensionString string -> put(annotationsOfDrawing, string.drawing(), string);
            case Note note -> put(annotationsOfDrawing, note.drawing(), note);
            default -> {}
        }
    }

    private void addEnd(Wall wall, End end) {
        switch (wall.at(end)) {
            case WallEnd.AtCorner c -> put(endsAtCorner, c.corner(), new WallEndRef(wall, end));
            case WallEnd.OnSide s -> put(endsOnWall, s.wall(), new WallEndRef(wall, end));
        }
    }

    private static <T> void put(Map<ElementId, List<T>> map, ElementId key, T value) {
        map.computeIfAbsent(key, k -> new ArrayList<>(4)).add(value);
    }

    public List<Wall> wallsOf(ElementId storey) {
        return wallsOfStorey.getOrDefault(storey, List.of());
    }

    /** The ends of walls that share {@code corner}. */
    public List<WallEndRef> endsAt(ElementId corner) {
        return endsAtCorner.getOrDefault(corner, List.of());
    }

    /** The ends that stand against a side of {@code wall}. */
    public List<WallEndRef> endsOn(ElementId wall) {
        return endsOnWall.getOrDefault(wall, List.of());
    }

    public List<Opening> openingsIn(ElementId wall) {
        return openingsOfWall.getOrDefault(wall, List.of());
    }

    /** Dimension strings and notes of {@code drawing}. */
    public List<Element> annotationsOf(ElementId drawing) {
        return annotationsOfDrawing.getOrDefault(drawing, List.of());
    }
}
