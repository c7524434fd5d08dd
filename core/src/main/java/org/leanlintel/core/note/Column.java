package org.leanlintel.core.note;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.LetterStyle;
import org.leanlintel.core.model.Note;

/**
 * Notes set under one another. Each keeps to the height of what it points at as far as the others let it; two whose leaders
 * cross change places, which makes both shorter, so the search ends with none that cross.
 */
public final class Column {

    /** On paper: between one note and the next, and from a leader's landing to its words. */
    private static final double APART_MM = 2.5, LANDING_MM = 1.2;

    private record Entry(int index, LetterStyle style, Block block, Vec tip) {}

    private final List<Note> notes;
    private final double scale;
    private final Pointed pointed;
    private final List<Entry> entries = new ArrayList<>();

    /** @param notes of one drawing */
    public Column(List<Note> notes, Drawing drawing, Building building) {
        this.notes = List.copyOf(notes);
        scale = drawing.scale();
        pointed = Pointed.in(drawing, building);
        for (int i = 0; i < notes.size(); i++) {
            Note n = notes.get(i);
            LetterStyle style = building.model().get(n.style(), LetterStyle.class);
            entries.add(new Entry(
                    i, style, Block.of(n, style, Filled.of(n, building).text()), tip(n)));
        }
    }

    private Vec tip(Note note) {
        return note.leaders().targets().stream()
                .map(pointed::at)
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(note.at());
    }

    /** Where each note goes, in the order they were given. */
    public List<Vec> places() {
        boolean right = isRight();
        double edge = right ? furthestRight() : furthestLeft();
        List<Entry> order = new ArrayList<>(entries);
        order.sort(Comparator.comparingDouble((Entry e) -> -e.tip().y())
                .thenComparingDouble(e -> e.tip().x()));
        double[] base = bases(order);
        while (uncross(order, edge, base)) base = bases(order);
        List<Vec> places = new ArrayList<>(notes.stream().map(Note::at).toList());
        for (int i = 0; i < order.size(); i++) {
            Entry e = order.get(i);
            double x = right ? edge : edge - e.block().widthMm() * scale;
            places.set(e.index(), new Vec(x, base[i]));
        }
        return places;
    }

    /** On which side of what they point at the column stands: where most of them are. */
    private boolean isRight() {
        double off = 0;
        for (Entry e : entries)
            off += notes.get(e.index()).at().x()
                    + e.block().widthMm() * scale / 2
                    - e.tip().x();
        return off >= 0;
    }

    private double furthestRight() {
        return notes.stream().mapToDouble(n -> n.at().x()).max().orElse(0);
    }

    private double furthestLeft() {
        double least = Double.POSITIVE_INFINITY;
        for (Entry e : entries)
            least = Math.min(least, notes.get(e.index()).at().x() + e.block().widthMm() * scale);
        return least;
    }

    /** First base lines from the top down: at the height of the tips where there is room, all of them moved the least. */
    private double[] bases(List<Entry> order) {
        int n = order.size();
        double[] down = new double[n], wish = new double[n];
        for (int i = 1; i < n; i++)
            down[i] = down[i - 1] + (order.get(i - 1).block().heightMm() + APART_MM) * scale;
        for (int i = 0; i < n; i++) wish[i] = order.get(i).tip().y() + down[i];
        double[] level = falling(wish);
        for (int i = 0; i < n; i++) level[i] -= down[i];
        return level;
    }

    /** The sequence that never rises and lies nearest to the wishes, by squares: neighbours that would rise share their mean. */
    private static double[] falling(double[] wish) {
        int n = wish.length, blocks = 0;
        double[] mean = new double[n];
        int[] count = new int[n];
        for (double w : wish) {
            mean[blocks] = w;
            count[blocks++] = 1;
            while (blocks > 1 && mean[blocks - 1] > mean[blocks - 2]) {
                int both = count[blocks - 1] + count[blocks - 2];
                mean[blocks - 2] = (mean[blocks - 1] * count[blocks - 1] + mean[blocks - 2] * count[blocks - 2]) / both;
                count[--blocks - 1] = both;
            }
        }
        double[] all = new double[n];
        for (int b = 0, i = 0; b < blocks; b++) for (int k = 0; k < count[b]; k++) all[i++] = mean[b];
        return all;
    }

    /** Whether two leaders crossed, and their notes have changed places. */
    private boolean uncross(List<Entry> order, double edge, double[] base) {
        for (int i = 0; i < order.size(); i++)
            for (int j = i + 1; j < order.size(); j++) {
                Vec one = landing(edge, base[i], order.get(i)), two = landing(edge, base[j], order.get(j));
                Vec to = order.get(i).tip(), other = order.get(j).tip();
                boolean shorter =
                        one.distanceTo(other) + two.distanceTo(to) < one.distanceTo(to) + two.distanceTo(other) - 1e-6;
                if (!shorter || !Vec.cross(one, to, two, other)) continue;
                Entry moved = order.get(i);
                order.set(i, order.get(j));
                order.set(j, moved);
                return true;
            }
        return false;
    }

    private Vec landing(double edge, double base, Entry e) {
        double aside = e.tip().x() < edge ? -LANDING_MM : LANDING_MM;
        return new Vec(edge + aside * scale, base + e.style().heightMm() / 2 * scale);
    }
}
