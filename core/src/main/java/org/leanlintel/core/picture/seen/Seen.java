package org.leanlintel.core.picture.seen;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;

/** What is seen of one face. @param lines of its outline; @param area that is seen */
public record Seen(SeenFace face, List<List<Vec>> lines, Area area) {

    /** The elements of which something may be seen, the nearest first. */
    public record Elements(Sight sight) implements Key<List<ElementId>> {
        @Override
        public List<ElementId> from(Reads reads) {
            return reads.get(new Live(sight)).stream()
                    .map(SeenFace::element)
                    .distinct()
                    .toList();
        }
    }

    /** All that is seen, the nearest face first. */
    public record All(Sight sight) implements Key<List<Seen>> {
        @Override
        public List<Seen> from(Reads reads) {
            return seen(sight, reads.get(new Live(sight)), reads);
        }
    }

    /** What is seen of one element. */
    public record Of(Sight sight, ElementId element) implements Key<List<Seen>> {
        @Override
        public List<Seen> from(Reads reads) {
            return seen(sight, reads.get(new LiveOf(sight, element)), reads);
        }
    }

    private static List<Seen> seen(Sight sight, List<SeenFace> faces, Reads reads) {
        List<Seen> seen = new ArrayList<>();
        for (Seen s : reads.all(faces.stream().map(f -> new OfFace(sight, f)).toList())) if (s != null) seen.add(s);
        return seen;
    }

    /** Null where nothing is. */
    private record OfFace(Sight sight, SeenFace face) implements Key<@Nullable Seen> {
        @Override
        public @Nullable Seen from(Reads reads) {
            return reads.get(new Before(sight, face)).seen();
        }
    }

    /** What may hide some of a face. */
    private record Before(Sight sight, SeenFace face) implements Key<Hiding.Before> {
        @Override
        public Hiding.Before from(Reads reads) {
            return Hiding.Before.of(face, reads.get(new Live(sight)), reads.get(sight.first()));
        }
    }

    /** The faces that no other alone hides whole, the nearest first. */
    private record Live(Sight sight) implements Key<List<SeenFace>> {
        @Override
        public List<SeenFace> from(Reads reads) {
            List<SeenFace> faces = new ArrayList<>();
            List<ElementId> elements = reads.get(sight.view()).elements();
            reads.all(elements.stream()
                            .map(e -> new SeenFaces.Of(sight.view(), e))
                            .toList())
                    .forEach(faces::addAll);
            faces.sort(Comparator.comparingDouble(SeenFace::near));
            return Hiding.live(faces, reads.get(sight.first()));
        }
    }

    private record LiveOf(Sight sight, ElementId element) implements Key<List<SeenFace>> {
        @Override
        public List<SeenFace> from(Reads reads) {
            return reads.get(new Live(sight)).stream()
                    .filter(f -> f.element().equals(element))
                    .toList();
        }
    }
}
