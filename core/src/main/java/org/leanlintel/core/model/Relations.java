package org.leanlintel.core.model;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.pcollections.HashPMap;
import org.pcollections.HashTreePMap;
import org.pcollections.TreePMap;

/** What stands on, lies in or is drawn on what. Lists are in the order of ids. Immutable; shares what does not change. */
public final class Relations {

    /** One end of a wall. */
    public record WallEndRef(Wall wall, End end) {}

    private static final Comparator<WallEndRef> BY_WALL =
            Comparator.<WallEndRef, ElementId>comparing(ref -> ref.wall().id()).thenComparing(WallEndRef::end);

    private final HashPMap<ElementId, TreePMap<ElementId, Wall>> wallsOfStorey;
    private final HashPMap<ElementId, List<WallEndRef>> endsAtCorner;
    private final HashPMap<ElementId, List<WallEndRef>> endsOnWall;
    private final HashPMap<ElementId, List<Opening>> openingsOfWall;
    private final HashPMap<ElementId, List<WallPiece>> piecesOfWall;
    private final HashPMap<ElementId, TreePMap<ElementId, Post>> postsOfStorey;
    private final HashPMap<ElementId, TreePMap<ElementId, Element>> annotationsOfDrawing;

    private Relations(
            HashPMap<ElementId, TreePMap<ElementId, Wall>> wallsOfStorey,
            HashPMap<ElementId, List<WallEndRef>> endsAtCorner,
            HashPMap<ElementId, List<WallEndRef>> endsOnWall,
            HashPMap<ElementId, List<Opening>> openingsOfWall,
            HashPMap<ElementId, List<WallPiece>> piecesOfWall,
            HashPMap<ElementId, TreePMap<ElementId, Post>> postsOfStorey,
            HashPMap<ElementId, TreePMap<ElementId, Element>> annotationsOfDrawing) {
        this.wallsOfStorey = wallsOfStorey;
        this.endsAtCorner = endsAtCorner;
        this.endsOnWall = endsOnWall;
        this.openingsOfWall = openingsOfWall;
        this.piecesOfWall = piecesOfWall;
        this.postsOfStorey = postsOfStorey;
        this.annotationsOfDrawing = annotationsOfDrawing;
    }

    static Relations none() {
        return new Relations(
                HashTreePMap.empty(),
                HashTreePMap.empty(),
                HashTreePMap.empty(),
                HashTreePMap.empty(),
                HashTreePMap.empty(),
                HashTreePMap.empty(),
                HashTreePMap.empty());
    }

    Relations with(Element element) {
        return changed(element, true);
    }

    Relations without(Element element) {
        return changed(element, false);
    }

    private Relations changed(Element element, boolean put) {
        return switch (element) {
            case Wall wall -> withWall(wall, put);
            case Opening o ->
                new Relations(
                        wallsOfStorey,
                        endsAtCorner,
                        endsOnWall,
                        listed(openingsOfWall, o.wall(), o, Comparator.comparing(Opening::id), put),
                        piecesOfWall,
                        postsOfStorey,
                        annotationsOfDrawing);
            case WallPiece p ->
                new Relations(
                        wallsOfStorey,
                        endsAtCorner,
                        endsOnWall,
                        openingsOfWall,
                        listed(piecesOfWall, p.wall(), p, Comparator.comparing(WallPiece::id), put),
                        postsOfStorey,
                        annotationsOfDrawing);
            case Post p ->
                new Relations(
                        wallsOfStorey,
                        endsAtCorner,
                        endsOnWall,
                        openingsOfWall,
                        piecesOfWall,
                        keyed(postsOfStorey, p.storey(), p.id(), p, put),
                        annotationsOfDrawing);
            case DimensionString s -> withAnnotation(s.drawing(), s, put);
            case Note n -> withAnnotation(n.drawing(), n, put);
            default -> this;
        };
    }

    private Relations withWall(Wall wall, boolean put) {
        HashPMap<ElementId, List<WallEndRef>> corners = endsAtCorner, sides = endsOnWall;
        for (End end : End.values()) {
            WallEndRef ref = new WallEndRef(wall, end);
            switch (wall.at(end)) {
                case WallEnd.AtCorner c -> corners = listed(corners, c.corner(), ref, BY_WALL, put);
                case WallEnd.OnSide s -> sides = listed(sides, s.wall(), ref, BY_WALL, put);
            }
        }
        return new Relations(
                keyed(wallsOfStorey, wall.storey(), wall.id(), wall, put),
                corners,
                sides,
                openingsOfWall,
                piecesOfWall,
                postsOfStorey,
                annotationsOfDrawing);
    }

    private Relations withAnnotation(ElementId drawing, Element annotation, boolean put) {
        return new Relations(
                wallsOfStorey,
                endsAtCorner,
                endsOnWall,
                openingsOfWall,
                piecesOfWall,
                postsOfStorey,
                keyed(annotationsOfDrawing, drawing, annotation.id(), annotation, put));
    }

    private static <T> HashPMap<ElementId, TreePMap<ElementId, T>> keyed(
            HashPMap<ElementId, TreePMap<ElementId, T>> map, ElementId key, ElementId id, T value, boolean put) {
        TreePMap<ElementId, T> known = map.getOrDefault(key, TreePMap.empty());
        return map.plus(key, put ? known.plus(id, value) : known.minus(id));
    }

    private static <T> HashPMap<ElementId, List<T>> listed(
            HashPMap<ElementId, List<T>> map, ElementId key, T value, Comparator<T> order, boolean put) {
        List<T> next = new ArrayList<>(map.getOrDefault(key, List.of()));
        next.removeIf(known -> order.compare(known, value) == 0);
        if (put) next.add(value);
        next.sort(order);
        return next.isEmpty() ? map.minus(key) : map.plus(key, List.copyOf(next));
    }

    public List<Wall> wallsOf(ElementId storey) {
        return new ArrayList<>(
                wallsOfStorey.getOrDefault(storey, TreePMap.empty()).values());
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

    /** What is built against or into a wall. */
    public List<WallPiece> piecesOn(ElementId wall) {
        return piecesOfWall.getOrDefault(wall, List.of());
    }

    public List<Post> postsOf(ElementId storey) {
        return new ArrayList<>(
                postsOfStorey.getOrDefault(storey, TreePMap.empty()).values());
    }

    /** Dimension strings and notes of {@code drawing}. */
    public List<Element> annotationsOf(ElementId drawing) {
        return new ArrayList<>(
                annotationsOfDrawing.getOrDefault(drawing, TreePMap.empty()).values());
    }
}
