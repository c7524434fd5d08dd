package org.leanlintel.core.building.room;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Relations.WallEndRef;

/**
 * A part of a wall's set-out line between two places where other walls' lines meet it.
 *
 * @param nth along its wall
 * @param line at least two points, in the direction of the wall
 */
record Stretch(ElementId wall, int nth, List<Vec> line) {

    Stretch {
        line = List.copyOf(line);
    }

    /** The stretches of a wall that parts, in order; none of one that does not. */
    record Of(ElementId wall, Parting parting) implements Key<List<Stretch>> {

        /** A place along a wall where another's line meets it. */
        private record Node(double s, Vec at) {}

        @Override
        public List<Stretch> from(Reads reads) {
            Building building = Building.in(reads);
            Strip strip = building.strip(wall);
            if (strip == null || !parting.parts(strip.wall(), building)) return List.of();
            List<Node> nodes = nodes(strip, building);
            List<Stretch> stretches = new ArrayList<>();
            for (int i = 1; i < nodes.size(); i++) {
                Node from = nodes.get(i - 1), to = nodes.get(i);
                List<Vec> line = new ArrayList<>(List.of(from.at()));
                for (double s : strip.steps(from.s(), to.s())) line.add(strip.at(s, 0));
                line.add(to.at());
                if (!Vertex.of(from.at()).equals(Vertex.of(to.at())))
                    stretches.add(new Stretch(wall, stretches.size(), line));
            }
            return List.copyOf(stretches);
        }

        private List<Node> nodes(Strip strip, Building building) {
            List<Node> nodes = new ArrayList<>(List.of(
                    new Node(0, strip.axis().start()),
                    new Node(strip.length(), strip.axis().end())));
            for (WallEndRef ref : building.model().relations().endsOn(wall)) {
                Strip standing = building.strip(ref.wall().id());
                if (standing == null || !parting.parts(ref.wall(), building)) continue;
                Vec at = standing.axis().at(ref.end());
                nodes.add(new Node(strip.axis().s(at), at));
            }
            nodes.sort(Comparator.comparingDouble(Node::s));
            return nodes;
        }
    }

    /** A stretch walked along one way, with what it encloses to the left. */
    record Walked(Stretch stretch, boolean forward) implements Comparable<Walked> {

        private static final Comparator<Walked> ORDER = Comparator.<Walked, ElementId>comparing(
                        w -> w.stretch().wall())
                .thenComparingInt(w -> w.stretch().nth())
                .thenComparing(Walked::forward);

        List<Vec> line() {
            return forward ? stretch.line() : stretch.line().reversed();
        }

        Vertex from() {
            return Vertex.of(line().getFirst());
        }

        Vertex to() {
            return Vertex.of(line().getLast());
        }

        Walked back() {
            return new Walked(stretch, !forward);
        }

        /** The way it leaves, in radians. */
        double angle() {
            return line().get(1).minus(line().getFirst()).angle();
        }

        @Override
        public int compareTo(Walked other) {
            return ORDER.compare(this, other);
        }
    }

    /** All that leave from where lines of a storey meet, counter-clockwise. @param at nearly there */
    record From(ElementId storey, Parting parting, Vec at) implements Key<List<Walked>> {

        @Override
        public List<Walked> from(Reads reads) {
            List<Walked> leaving = new ArrayList<>();
            for (Strip strip : Building.in(reads).at(at, storey))
                for (Stretch s : reads.get(new Of(strip.wall().id(), parting)))
                    for (boolean forward : new boolean[] {true, false}) {
                        Walked walked = new Walked(s, forward);
                        if (walked.from().equals(Vertex.of(at))) leaving.add(walked);
                    }
            leaving.sort(Comparator.comparingDouble(Walked::angle).thenComparing(Comparator.naturalOrder()));
            return List.copyOf(leaving);
        }

        /** The one to walk on along after one that came here, to keep what it encloses to the left. */
        static Walked after(Walked came, ElementId storey, Parting parting, Reads reads) {
            List<Walked> leaving =
                    reads.get(new From(storey, parting, came.line().getLast()));
            int back = leaving.indexOf(came.back());
            return back < 0 ? came.back() : leaving.get((back + leaving.size() - 1) % leaving.size());
        }
    }
}
