package org.leanlintel.formats.dxf;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.annotate.ToldDimension;

/** What a dimension string draws, shared out to its parts, or to its points: its line cut where they meet, all else to the one it stands at. */
final class Assigned {

    private static final double CLOSE_MM = 0.5;

    /** What something is shared out to. @param from a stretch of the string's line, and {@code to}; @param middle where its figure belongs */
    private record Share(Vec from, Vec to, Vec middle, List<String> says) {}

    private final List<Share> parts;
    private final Vec along;
    private final List<List<Item>> items = new ArrayList<>();

    private Assigned(List<Share> parts) {
        this.parts = parts;
        along = parts.getLast().to().minus(parts.getFirst().from()).unit();
        parts.forEach(p -> items.add(new ArrayList<>()));
    }

    /** For each part, what is drawn of it. */
    static List<List<Item>> of(ToldDimension.Chain chain, List<Item> drawn) {
        List<Share> shares = new ArrayList<>();
        for (ToldDimension.Part p : chain.parts())
            shares.add(new Share(p.from(), p.to(), p.from().plus(p.to()).times(0.5), p.says()));
        return of(shares, drawn);
    }

    /** For each point, what is drawn of it, up to halfway to its neighbours. */
    static List<List<Item>> of(ToldDimension.Running running, List<Item> drawn) {
        List<Share> shares = new ArrayList<>();
        List<ToldDimension.Point> points = running.points();
        for (int i = 0; i < points.size(); i++) {
            Vec on = points.get(i).on();
            Vec before = points.get(Math.max(0, i - 1)).on(),
                    next = points.get(Math.min(points.size() - 1, i + 1)).on();
            shares.add(new Share(
                    before.plus(on).times(0.5),
                    on.plus(next).times(0.5),
                    on,
                    points.get(i).says()));
        }
        return of(shares, drawn);
    }

    private static List<List<Item>> of(List<Share> parts, List<Item> drawn) {
        Assigned assigned = new Assigned(parts);
        List<Item.Text> texts = new ArrayList<>();
        for (Item item : drawn) if (item instanceof Item.Text t) texts.add(t);
        IdentityHashMap<Item.Text, Integer> figures = assigned.figures(texts);
        for (Item item : drawn)
            switch (item) {
                case Item.Strokes s -> s.lines().forEach(line -> assigned.line(s, line));
                case Item.Arc a -> assigned.add(a.centre(), a);
                case Item.Fill f -> assigned.ground(f, figures);
                case Item.Text t ->
                    assigned.items.get(Objects.requireNonNull(figures.get(t))).add(t);
                default -> assigned.add(parts.getFirst().from(), item);
            }
        return assigned.items;
    }

    /** Each to the part that says so, wherever it stands: of several that say the same, the nearest to its middle. */
    private IdentityHashMap<Item.Text, Integer> figures(List<Item.Text> texts) {
        IdentityHashMap<Item.Text, Integer> figures = new IdentityHashMap<>();
        for (int i = 0; i < parts.size(); i++) {
            Vec middle = parts.get(i).middle();
            for (String line : parts.get(i).says()) {
                Item.Text nearest = texts.stream()
                        .filter(t -> t.text().equals(line) && !figures.containsKey(t))
                        .min(Comparator.comparingDouble(t -> t.at().distanceTo(middle)))
                        .orElse(null);
                if (nearest != null) figures.put(nearest, i);
            }
        }
        for (Item.Text t : texts) figures.putIfAbsent(t, at(position(t.at())));
        return figures;
    }

    /** With the figure that stands on it. */
    private void ground(Item.Fill ground, IdentityHashMap<Item.Text, Integer> figures) {
        Vec middle = ground.ring().getFirst().plus(ground.ring().get(2)).times(0.5);
        int part = figures.entrySet().stream()
                .min(Comparator.comparingDouble(e -> e.getKey().at().distanceTo(middle)))
                .map(Map.Entry::getValue)
                .orElse(at(position(middle)));
        items.get(part).add(ground);
    }

    private double position(Vec point) {
        return point.minus(parts.getFirst().from()).dot(along);
    }

    private double off(Vec point) {
        return Math.abs(point.minus(parts.getFirst().from()).cross(along));
    }

    /** To the part over which a point lies, or the nearest. */
    private void add(Vec point, Item item) {
        items.get(at(position(point))).add(item);
    }

    private int at(double position) {
        for (int i = 0; i < parts.size() - 1; i++)
            if (position <= position(parts.get(i).to()) + CLOSE_MM) return i;
        return parts.size() - 1;
    }

    private void line(Item.Strokes strokes, List<Vec> line) {
        if (line.size() == 2 && off(line.getFirst()) < CLOSE_MM && off(line.getLast()) < CLOSE_MM) {
            cut(strokes, line);
            return;
        }
        Vec nearest = line.stream().min(Comparator.comparingDouble(this::off)).orElseThrow();
        Vec middle = line.getFirst().plus(line.getLast()).times(0.5);
        add(off(middle) < CLOSE_MM ? middle : nearest, new Item.Strokes(strokes.role(), strokes.pen(), List.of(line)));
    }

    /** The string's own line; what of it runs on beyond its ends goes to the first part and the last. */
    private void cut(Item.Strokes strokes, List<Vec> line) {
        double one = position(line.getFirst()), two = position(line.getLast());
        double low = Math.min(one, two), high = Math.max(one, two);
        for (int i = 0; i < parts.size(); i++) {
            double from = i == 0 ? low : Math.max(low, position(parts.get(i).from()));
            double to = i == parts.size() - 1
                    ? high
                    : Math.min(high, position(parts.get(i).to()));
            if (to <= from) continue;
            Vec start = parts.getFirst().from();
            List<Vec> piece = List.of(start.along(along, from), start.along(along, to));
            items.get(i).add(new Item.Strokes(strokes.role(), strokes.pen(), List.of(piece)));
        }
    }
}
