package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.leanlintel.core.geometry.GivenUp;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Pen;
import org.leanlintel.core.model.PenRole;

/** Gathers what is drawn, lines by pen. */
public final class Pens {

    private static final String PAPER = "#ffffff";

    private final Lens lens;
    private final Map<PenRole, List<List<Vec>>> lines = new EnumMap<>(PenRole.class);
    private final List<Item> others = new ArrayList<>();

    public Pens(Lens lens) {
        this.lens = lens;
    }

    public void line(PenRole role, Vec... points) {
        line(role, List.of(points));
    }

    public void line(PenRole role, List<Vec> points) {
        GivenUp.orGoOn();
        lines.computeIfAbsent(role, r -> new ArrayList<>())
                .add(points.stream().map(Pens::rounded).toList());
    }

    /** To 0.01 mm, far under what any pen shows: the same line then always has the same numbers, and few digits. */
    private static Vec rounded(Vec p) {
        return new Vec(Math.rint(p.x() * 100) / 100, Math.rint(p.y() * 100) / 100);
    }

    public void closed(PenRole role, List<Vec> ring) {
        List<Vec> closed = new ArrayList<>(ring);
        closed.add(ring.getFirst());
        line(role, closed);
    }

    public void fill(String tint, List<Vec> ring) {
        others.add(new Item.Fill(tint, ring.stream().map(Pens::rounded).toList()));
    }

    /** Paper over what is drawn, for words to stand on. */
    public void ground(List<Vec> ring) {
        others.add(new Item.Fill(PAPER, ring.stream().map(Pens::rounded).toList(), true));
    }

    /** Words on paper of their own, so that no line runs through them. */
    public void onPaper(Item.Text words, double scale, Lettering lettering) {
        ground(TextBox.of(words, scale, lettering).corners());
        add(words);
    }

    /** What a cut material is filled with. */
    public String tint(Material material) {
        return switch (lens.fill()) {
            case MATERIALS -> material.tint();
            case SOLID -> DrawnPlies.SOLID;
            case NONE -> PAPER;
        };
    }

    /** @param degrees of its families of lines; @param pitchMm between them, model millimetres */
    void hatch(List<List<Vec>> rings, List<Double> degrees, double pitchMm) {
        List<List<Vec>> drawn = rings.stream()
                .map(ring -> ring.stream().map(Pens::rounded).toList())
                .toList();
        if (lens.fill() == Lens.Fill.MATERIALS)
            others.add(new Item.Hatch(pen(PenRole.HATCH), drawn, degrees, Vec.ORIGIN, pitchMm));
    }

    void wave(Vec from, Vec to, Vec across, int halves, int steps) {
        if (lens.fill() == Lens.Fill.MATERIALS)
            others.add(new Item.Wave(pen(PenRole.HATCH), rounded(from), rounded(to), rounded(across), halves, steps));
    }

    public void add(Item item) {
        others.add(item);
    }

    public Pen pen(PenRole role) {
        return Objects.requireNonNull(lens.pens().get(role));
    }

    /** In the order they are drawn. */
    public List<Item> items() {
        List<Item> items = new ArrayList<>();
        for (PenRole role : PenRole.values()) addLines(role, items);
        items.addAll(others);
        items.sort(Comparator.comparing(Item::rank));
        return items;
    }

    private void addLines(PenRole role, List<Item> items) {
        List<List<Vec>> drawn = lines.get(role);
        if (drawn != null) items.add(new Item.Strokes(role, pen(role), drawn));
    }
}
