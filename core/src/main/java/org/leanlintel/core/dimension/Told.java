package org.leanlintel.core.dimension;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;

/**
 * What a plan tells in one direction. Lines in line are one place; a link tells how far one place lies from another. What is
 * linked with the datum, however far about, is found.
 */
final class Told {

    /** What tells how one place lies from another. @param words as it is read; @param by the string or the thing that tells it */
    record Link(int from, int to, String words, ElementId by) {}

    /** How far apart two lines may lie and touch. */
    private static final double TOUCH_MM = 1;

    private final Vec direction;
    private final List<PlanLine> lines;
    private final Map<Object, Integer> byHold = new HashMap<>();
    private final int[] place;
    /** By line: where it lies along the direction, and from where to where across it. */
    private final double[] position, low, high;

    private final List<List<Link>> links = new ArrayList<>();
    private final List<Chain> chains = new ArrayList<>();
    /** By place, once found: the link it was found by, null at the datum; and whether it was. */
    private final @Nullable Link[] foundBy;

    private final boolean[] found;
    /** The lines by their positions, and those. */
    private final List<Integer> order = new ArrayList<>();

    private final List<Double> positions = new ArrayList<>();
    private final Map<ElementId, List<Integer>> byElement = new HashMap<>();
    private Predicate<PlanLine> given = l -> false;
    private boolean hasDatum;

    /** @param lines those measured along {@code direction} */
    Told(Vec direction, List<PlanLine> lines) {
        this.direction = direction;
        this.lines = List.copyOf(lines);
        place = new int[lines.size()];
        position = new double[lines.size()];
        low = new double[lines.size()];
        high = new double[lines.size()];
        foundBy = new Link[lines.size()];
        found = new boolean[lines.size()];
        for (int i = 0; i < lines.size(); i++) {
            place[i] = i;
            PlanLine line = lines.get(i);
            double from = line.from().dot(direction.left()), to = line.to().dot(direction.left());
            position[i] = line.middle().dot(direction);
            low[i] = Math.min(from, to);
            high[i] = Math.max(from, to);
            links.add(new ArrayList<>());
            byHold.put(lines.get(i).hold(), i);
            byElement
                    .computeIfAbsent(lines.get(i).element(), e -> new ArrayList<>())
                    .add(i);
        }
        for (int i = 0; i < lines.size(); i++) order.add(i);
        order.sort(Comparator.comparingDouble(this::position));
        for (int i : order) positions.add(position(i));
        joinInLine();
    }

    Vec direction() {
        return direction;
    }

    List<PlanLine> lines() {
        return lines;
    }

    double position(int line) {
        return position[line];
    }

    /** Those of an element. */
    List<Integer> linesOf(ElementId element) {
        return byElement.getOrDefault(element, List.of());
    }

    /** Which of its lines something holds to; null for none. */
    @Nullable
    Integer line(Object hold) {
        return byHold.get(hold);
    }

    /** Faces in line are one place wherever they lie, for that is seen on the plan; all else where it touches. */
    private void joinInLine() {
        for (int start = 0; start < order.size(); ) {
            int end = start + 1;
            while (end < order.size()
                    && position(order.get(end)) - position(order.get(end - 1)) <= Tolerance.NOMINAL_MM) end++;
            joinAt(order.subList(start, end));
            start = end;
        }
    }

    private void joinAt(List<Integer> run) {
        int face = -1;
        for (int i : run) {
            if (lines.get(i).kind() != PlanLine.Kind.FACE) continue;
            if (face >= 0) join(face, i);
            face = i;
        }
        List<Integer> along = new ArrayList<>(run);
        along.sort(Comparator.comparingDouble(this::low));
        for (int k = 0; k < along.size(); k++) {
            double high = high(along.get(k)) + TOUCH_MM;
            for (int m = k + 1; m < along.size() && low(along.get(m)) <= high; m++) join(along.get(k), along.get(m));
        }
    }

    double low(int line) {
        return low[line];
    }

    double high(int line) {
        return high[line];
    }

    private int root(int line) {
        int at = line;
        while (place[at] != at) at = place[at] = place[place[at]];
        return at;
    }

    private void join(int one, int two) {
        place[root(one)] = root(two);
    }

    /** Whether two lines are in one place. */
    boolean isOne(int one, int two) {
        return root(one) == root(two);
    }

    int placeOf(int line) {
        return root(line);
    }

    void link(int one, int two, String words, ElementId by) {
        int a = root(one), b = root(two);
        if (a == b) return;
        Link on = new Link(a, b, words, by), back = new Link(b, a, words, by);
        links.get(a).add(on);
        links.get(b).add(back);
        if (found[a] != found[b]) find(found[a] ? on : back);
    }

    /** Takes what a string tells; its links are the caller's to make. */
    void add(Chain chain) {
        chains.add(chain);
    }

    List<Chain> chains() {
        return chains;
    }

    /** The line at a point that is best told of: a face before the side of a piece, and those before all else; null for none. */
    @Nullable
    Integer at(Vec point, double withinMm) {
        double position = point.dot(direction), across = point.dot(direction.left());
        Integer best = null;
        for (int i : near(position, withinMm)) {
            if (across < low(i) - TOUCH_MM || across > high(i) + TOUCH_MM) continue;
            if (best == null || rank(i) < rank(best)) best = i;
        }
        return best;
    }

    /** The finished faces of walls that run along a stretch square to the direction. */
    List<Integer> facesAlong(Vec from, Vec to) {
        double a = from.dot(direction.left()), b = to.dot(direction.left());
        List<Integer> faces = new ArrayList<>();
        for (int i : near(from.dot(direction), Tolerance.NOMINAL_MM))
            if (lines.get(i).kind() == PlanLine.Kind.FACE
                    && low(i) < Math.max(a, b) - TOUCH_MM
                    && high(i) > Math.min(a, b) + TOUCH_MM) faces.add(i);
        return faces;
    }

    private int rank(int line) {
        return switch (lines.get(line).kind()) {
            case FACE -> 0;
            case GRID -> 6;
            case SIDE -> 1;
            case POINT -> 2;
            case JAMB -> 3;
            case CENTRE -> 4;
            case INNER -> 5;
        };
    }

    /** Lines whose positions lie within a distance of one. */
    private List<Integer> near(double position, double withinMm) {
        int from = Collections.binarySearch(positions, position - withinMm - Tolerance.SAME_MM);
        List<Integer> near = new ArrayList<>();
        for (int k = from < 0 ? -from - 1 : from; k < order.size(); k++) {
            if (positions.get(k) > position + withinMm) break;
            near.add(order.get(k));
        }
        near.sort(null);
        return near;
    }

    /**
     * Finds what can be found from what is known.
     *
     * @param known whether a line is where it is to begin with
     * @param orDatum whether, where nothing is known, what most of the lines are told from is
     */
    void find(Predicate<PlanLine> known, boolean orDatum) {
        given = known;
        hasDatum = orDatum;
        findAgain();
    }

    /** Finds what can be found since more is told. */
    void findAgain() {
        Arrays.fill(found, false);
        Arrays.fill(foundBy, null);
        List<Integer> start = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) if (given.test(lines.get(i))) start.add(root(i));
        if (start.isEmpty() && hasDatum) start = datum();
        Deque<Integer> next = new ArrayDeque<>();
        for (int s : start) if (!found[s]) next.add(s);
        for (int s : start) found[s] = true;
        findOn(next);
    }

    /** What is found by one link more, from what was found before. */
    private void find(Link by) {
        found[by.to()] = true;
        foundBy[by.to()] = by;
        findOn(new ArrayDeque<>(List.of(by.to())));
    }

    private void findOn(Deque<Integer> next) {
        while (!next.isEmpty()) {
            for (Link l : links.get(next.remove())) {
                if (found[l.to()]) continue;
                found[l.to()] = true;
                foundBy[l.to()] = l;
                next.add(l.to());
            }
        }
    }

    /** By line: which of the groups it is in that are told of together. */
    int[] groups() {
        int[] group = new int[lines.size()];
        Arrays.fill(group, -1);
        for (int i = 0; i < lines.size(); i++) {
            if (group[root(i)] < 0) spread(root(i), group);
            group[i] = group[root(i)];
        }
        return group;
    }

    /** How many strings run beside a stretch of one, nearer to it than some distance. */
    int near(double from, double to, double across, double within) {
        int near = 0;
        for (Chain c : chains) {
            if (Math.abs(c.acrossMm() - across) >= within) continue;
            boolean before = false, behind = false;
            for (Integer line : c.lines())
                if (line != null) {
                    before |= position(line) < Math.max(from, to);
                    behind |= position(line) > Math.min(from, to);
                }
            if (before && behind) near++;
        }
        return near;
    }

    /** How many strings of the other direction a stretch of a string across would cross. */
    int crossed(double from, double to, double across, Told square) {
        double sign = Math.signum(square.direction.dot(direction.left()));
        double turn = Math.signum(square.direction.left().dot(direction));
        int crossed = 0;
        for (Chain c : square.chains) {
            double at = c.acrossMm() * turn;
            if (at < Math.min(from, to) || at > Math.max(from, to)) continue;
            boolean below = false, above = false;
            for (Integer line : c.lines())
                if (line != null) {
                    double place = square.position(line) * sign;
                    below |= place <= across;
                    above |= place >= across;
                }
            if (below && above) crossed++;
        }
        return crossed;
    }

    /** The outermost face of those that most lines are told from; nothing where there is no face. */
    private List<Integer> datum() {
        int[] group = groups();
        Map<Integer, Integer> sizes = new HashMap<>();
        for (int i = 0; i < lines.size(); i++) if (lines.get(i).sought()) sizes.merge(group[i], 1, Integer::sum);
        int best = -1;
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).kind() != PlanLine.Kind.FACE) continue;
            int more =
                    best < 0 ? 1 : Integer.compare(sizes.getOrDefault(group[i], 0), sizes.getOrDefault(group[best], 0));
            if (more > 0 || more == 0 && position(i) < position(best) - Tolerance.NOMINAL_MM) best = i;
        }
        return best < 0 ? List.of() : List.of(root(best));
    }

    private void spread(int from, int[] group) {
        Deque<Integer> next = new ArrayDeque<>(List.of(from));
        group[from] = from;
        while (!next.isEmpty())
            for (Link l : links.get(next.remove()))
                if (group[l.to()] < 0) {
                    group[l.to()] = from;
                    next.add(l.to());
                }
    }

    boolean isFound(int line) {
        return found[root(line)];
    }

    /** By what a place was found last; null at the datum, and where it was not. */
    @Nullable
    Link foundBy(int line) {
        return foundBy[root(line)];
    }
}
