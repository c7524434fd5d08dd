package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.leanlintel.core.geometry.GivenUp;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Pen;
import org.leanlintel.core.model.PenRole;

/** Gathers what is drawn, lines by pen. */
final class Pens {

    private final Lens lens;
    private final Map<PenRole, List<List<Vec>>> lines = new EnumMap<>(PenRole.class);
    private final List<Item> others = new ArrayList<>();

    Pens(Lens lens) {
        this.lens = lens;
    }

    void line(PenRole role, Vec... points) {
        line(role, List.of(points));
    }

    void line(PenRole role, List<Vec> points) {
        GivenUp.orGoOn();
        lines.computeIfAbsent(role, r -> new ArrayList<>())
                .add(points.stream().map(Pens::rounded).toList());
    }

    /** To 0.01 mm, far under what any pen shows: the same line then always has the same numbers, and few digits. */
    private static Vec rounded(Vec p) {
        return new Vec(Math.rint(p.x() * 100) / 100, Math.rint(p.y() * 100) / 100);
    }

    void closed(PenRole role, List<Vec> ring) {
        List<Vec> closed = new ArrayList<>(ring);
        closed.add(ring.getFirst());
        line(role, closed);
    }

    void fill(String tint, List<Vec> ring) {
        others.add(new Item.Fill(tint, ring.stream().map(Pens::rounded).toList()));
    }

    void add(Item item) {
        others.add(item);
    }

    Pen pen(PenRole role) {
        return lens.pens().get(role);
    }

    /** Fills first, then lines from the hatch up, then arcs and texts. */
    List<Item> items() {
        List<Item> items = new ArrayList<>();
        others.stream().filter(Item.Fill.class::isInstance).forEach(items::add);
        addLines(PenRole.HATCH, items);
        for (PenRole role : PenRole.values()) if (role != PenRole.HATCH) addLines(role, items);
        others.stream().filter(i -> !(i instanceof Item.Fill)).forEach(items::add);
        return items;
    }

    private void addLines(PenRole role, List<Item> items) {
        List<List<Vec>> drawn = lines.get(role);
        if (drawn != null) items.add(new Item.Strokes(role, pen(role), drawn));
    }
}
