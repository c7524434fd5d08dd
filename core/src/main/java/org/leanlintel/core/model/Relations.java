package org.leanlintel.core.model;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.model.ModelPart.Related;
import org.pcollections.HashPMap;
import org.pcollections.HashTreePMap;
import org.pcollections.TreePMap;

/** What stands on, lies in or is drawn on what. Lists are in the order of ids. Immutable; shares what does not change. */
public final class Relations {

    /** How elements belong to another. */
    public enum Way {
        WALLS_OF_STOREY,
        POSTS_OF_STOREY,
        ANNOTATIONS_OF_DRAWING,
        ENDS_AT_CORNER,
        ENDS_ON_WALL,
        OPENINGS_IN_WALL,
        PIECES_ON_WALL
    }

    /** One end of a wall. */
    public record WallEndRef(Wall wall, End end) {}

    /** One thing that belongs to another. */
    private record Link(Related to, Place place, Object what) {}

    /** Where it comes among all that belong there. */
    private record Place(ElementId id, int nth) implements Comparable<Place> {

        private static final Comparator<Place> ORDER =
                Comparator.comparing(Place::id).thenComparingInt(Place::nth);

        @Override
        public int compareTo(Place other) {
            return ORDER.compare(this, other);
        }
    }

    private static final TreePMap<Place, Object> NOTHING = TreePMap.empty();

    static final Relations NONE = new Relations(HashTreePMap.empty(), null);

    private final HashPMap<Related, TreePMap<Place, Object>> related;
    private final Model.@Nullable Watch watch;

    private Relations(HashPMap<Related, TreePMap<Place, Object>> related, Model.@Nullable Watch watch) {
        this.related = related;
        this.watch = watch;
    }

    Relations watchedBy(Model.Watch by) {
        return new Relations(related, by);
    }

    Relations with(Element element) {
        HashPMap<Related, TreePMap<Place, Object>> next = related;
        for (Link l : links(element)) next = next.plus(l.to(), at(next, l.to()).plus(l.place(), l.what()));
        return new Relations(next, watch);
    }

    Relations without(Element element) {
        HashPMap<Related, TreePMap<Place, Object>> next = related;
        for (Link l : links(element)) {
            TreePMap<Place, Object> left = at(next, l.to()).minus(l.place());
            next = left.isEmpty() ? next.minus(l.to()) : next.plus(l.to(), left);
        }
        return new Relations(next, watch);
    }

    private static TreePMap<Place, Object> at(HashPMap<Related, TreePMap<Place, Object>> all, Related to) {
        TreePMap<Place, Object> there = all.get(to);
        return there == null ? NOTHING : there;
    }

    /** What an element belongs to. */
    static Collection<Related> of(Element element) {
        return links(element).stream().map(Link::to).toList();
    }

    private static List<Link> links(Element element) {
        return switch (element) {
            case Wall w -> wall(w);
            case Opening o -> List.of(link(Way.OPENINGS_IN_WALL, o.wall(), o));
            case WallPiece p -> List.of(link(Way.PIECES_ON_WALL, p.wall(), p));
            case Post p -> List.of(link(Way.POSTS_OF_STOREY, p.storey(), p));
            case Annotation a -> List.of(link(Way.ANNOTATIONS_OF_DRAWING, a.drawing(), a));
            case Room r -> List.of();
            case RoomLimit r -> List.of();
            case ConstructionLine c -> List.of();
            case Ruled r -> List.of();
            case Fitting f -> List.of();
            case Floor f -> List.of();
            case FloorVoid f -> List.of();
            case RoofPart p -> List.of();
            case Truss t -> List.of();
            case Footing f -> List.of();
            case SpotLevel l -> List.of();
            case Roof r -> List.of();
            case Stair s -> List.of();
            case OutsideSteps o -> List.of();
            case SectionLine s -> List.of();
            case Corner c -> List.of();
            case Tracing t -> List.of();
            case Element.Apart a -> List.of();
        };
    }

    private static List<Link> wall(Wall wall) {
        List<Link> links = new ArrayList<>(List.of(link(Way.WALLS_OF_STOREY, wall.storey(), wall)));
        for (End end : End.values()) {
            Related to =
                    switch (wall.at(end)) {
                        case WallEnd.AtCorner c -> new Related(Way.ENDS_AT_CORNER, c.corner());
                        case WallEnd.OnSide s -> new Related(Way.ENDS_ON_WALL, s.wall());
                    };
            links.add(new Link(to, new Place(wall.id(), end.ordinal()), new WallEndRef(wall, end)));
        }
        return links;
    }

    private static Link link(Way way, ElementId to, Element element) {
        return new Link(new Related(way, to), new Place(element.id(), 0), element);
    }

    Object related(Related to) {
        return at(related, to);
    }

    @SuppressWarnings("unchecked")
    private <T> List<T> all(Way way, ElementId id) {
        Related to = new Related(way, id);
        if (watch != null) watch.reads(to);
        TreePMap<Place, Object> there = at(related, to);
        return there.isEmpty() ? List.of() : new ArrayList<>((Collection<T>) there.values());
    }

    public List<Wall> wallsOf(ElementId storey) {
        return all(Way.WALLS_OF_STOREY, storey);
    }

    /** The ends of walls that share {@code corner}. */
    public List<WallEndRef> endsAt(ElementId corner) {
        return all(Way.ENDS_AT_CORNER, corner);
    }

    /** The ends that stand against a side of {@code wall}. */
    public List<WallEndRef> endsOn(ElementId wall) {
        return all(Way.ENDS_ON_WALL, wall);
    }

    public List<Opening> openingsIn(ElementId wall) {
        return all(Way.OPENINGS_IN_WALL, wall);
    }

    /** What is built against or into a wall. */
    public List<WallPiece> piecesOn(ElementId wall) {
        return all(Way.PIECES_ON_WALL, wall);
    }

    public List<Post> postsOf(ElementId storey) {
        return all(Way.POSTS_OF_STOREY, storey);
    }

    /** Dimension strings and notes of {@code drawing}. */
    public List<Annotation> annotationsOf(ElementId drawing) {
        return all(Way.ANNOTATIONS_OF_DRAWING, drawing);
    }
}
