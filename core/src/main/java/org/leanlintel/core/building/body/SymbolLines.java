package org.leanlintel.core.building.body;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Symbol;

/** What a placed fitting shows, stretched to its size and where it stands, as lines. */
public final class SymbolLines {

    /** @param closed whether the last point joins the first; @param patch whether it hides what lies under it */
    public record Line(List<Vec> points, boolean closed, boolean patch) {}

    /** @param at the middle of its base line */
    public record Text(Vec at, String text, double heightMm) {}

    private static final int CHORDS = 32, CORNER_CHORDS = 5;

    private final PlacedFitting placed;
    private final Symbol symbol;
    private final List<Line> lines = new ArrayList<>();
    private final List<Text> texts = new ArrayList<>();

    private SymbolLines(PlacedFitting placed) {
        this.placed = placed;
        symbol = placed.symbol();
        for (Symbol.Mark mark : symbol.drawn()) add(mark);
    }

    public static SymbolLines of(PlacedFitting placed) {
        return new SymbolLines(placed);
    }

    public List<Line> lines() {
        return lines;
    }

    public List<Text> texts() {
        return texts;
    }

    private void add(Symbol.Mark mark) {
        switch (mark) {
            case Symbol.Path p -> line(p.points(), p.closed(), false);
            case Symbol.Patch p -> line(p.points(), true, true);
            case Symbol.Rounded r -> line(rounded(r), true, false);
            case Symbol.Oval o -> line(oval(o), true, false);
            case Symbol.Bow b ->
                line(bow(b.centre(), b.radiusMm(), b.fromDegrees(), b.sweepDegrees(), CHORDS), false, false);
            case Symbol.Words w -> texts.add(new Text(stretched(w.at()), w.text(), w.heightMm()));
            case Symbol.Repeated r -> repeated(r);
            case Symbol.Units u -> units(u);
        }
    }

    private void line(List<Vec> points, boolean closed, boolean patch) {
        lines.add(new Line(points.stream().map(this::stretched).toList(), closed, patch));
    }

    private static List<Vec> rounded(Symbol.Rounded r) {
        double radius = Math.min(r.radiusMm(), Math.min(r.widthMm(), r.depthMm()) / 2);
        double left = r.at().x() + radius, right = r.at().x() + r.widthMm() - radius;
        double back = r.at().y() + radius, front = r.at().y() + r.depthMm() - radius;
        List<Vec> ring = new ArrayList<>(bow(new Vec(left, back), radius, 180, 90, CORNER_CHORDS));
        ring.addAll(bow(new Vec(right, back), radius, 270, 90, CORNER_CHORDS));
        ring.addAll(bow(new Vec(right, front), radius, 0, 90, CORNER_CHORDS));
        ring.addAll(bow(new Vec(left, front), radius, 90, 90, CORNER_CHORDS));
        return ring;
    }

    private static List<Vec> oval(Symbol.Oval o) {
        List<Vec> ring = new ArrayList<>();
        for (int i = 0; i < CHORDS; i++) {
            double turn = Math.TAU * i / CHORDS;
            ring.add(o.centre().plus(new Vec(o.halfWidthMm() * Math.cos(turn), o.halfDepthMm() * Math.sin(turn))));
        }
        return ring;
    }

    private static List<Vec> bow(Vec centre, double radius, double from, double sweep, int chords) {
        List<Vec> points = new ArrayList<>();
        for (int i = 0; i <= chords; i++)
            points.add(centre.along(Vec.ofAngle(Math.toRadians(from + sweep * i / chords)), radius));
        return points;
    }

    /** As many as fit between the insets, the rest of the room shared by both ends. */
    private void repeated(Symbol.Repeated r) {
        double width = placed.fitting().widthMm(), room = width - 2 * r.insetMm();
        if (room < 0) return;
        int count = (int) Math.floor(room / r.pitchMm() + 1e-6) + 1;
        double first = (width - (count - 1) * r.pitchMm()) / 2;
        for (int i = 0; i < count; i++) {
            double x = first + i * r.pitchMm();
            lines.add(new Line(
                    r.points().stream()
                            .map(p -> placed.drawn(x + p.x(), front(p.y())))
                            .toList(),
                    false,
                    false));
        }
    }

    private void units(Symbol.Units units) {
        double x = 0;
        for (double w : UnitRun.fill(placed.fitting().widthMm(), units.widthsMm())) {
            x += w;
            if (x > placed.fitting().widthMm() - 1) break;
            double at = x;
            lines.add(new Line(
                    List.of(placed.drawn(at, front(units.fromMm())), placed.drawn(at, front(units.toMm()))),
                    false,
                    false));
        }
    }

    private Vec stretched(Vec p) {
        Vec there =
                symbol.stretched(p, placed.fitting().widthMm(), placed.fitting().depthMm());
        return placed.drawn(there.x(), there.y());
    }

    /** How far to the front something comes to lie. */
    private double front(double y) {
        Vec there = symbol.stretched(
                new Vec(0, y), placed.fitting().widthMm(), placed.fitting().depthMm());
        return there.y();
    }
}
