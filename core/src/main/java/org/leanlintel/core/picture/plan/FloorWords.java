package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.FootprintsIn;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.building.room.FloorAreas;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.TextBox;
import org.leanlintel.core.picture.annotate.StringLines;

/**
 * The level of a floor where that is not its storey's, and how it falls, clear of the arrow that says which way: in its middle, or as near
 * to that as its words stand on no wall, post or fitting and on no line of a string.
 */
final class FloorWords {

    /** On paper: letters, the head of an arrow, how long an arrow of a fall is, how far beside it words stand. */
    private static final double LETTERS_MM = 1.8, HEAD_MM = 2, ARROW_MM = 15, OFF_MM = 1;
    /** On paper: from one place that is tried to the next, and how clear words stand. */
    private static final double STEP_MM = 2.5, CLEAR_MM = 0.5;
    /** How many of these away the furthest place lies. */
    private static final int STEPS = 8;

    private final Floor floor;
    private final Building building;
    private final Look look;
    private final Lettering lettering;
    private final double scale;

    FloorWords(Floor floor, Building building, Look look, Lettering lettering) {
        this.floor = floor;
        this.building = building;
        this.look = look;
        this.lettering = lettering;
        scale = look.drawing().scale();
    }

    void draw(Pens pens) {
        Area area = FloorAreas.of(floor, building);
        if (area.isEmpty() || floor.fall() instanceof Floor.Level && floor.stepMm() == 0) return;
        Vec at = place(area);
        if (floor.fall() instanceof Floor.Falling f) arrow(at, Vec.ofAngle(f.direction()), pens);
        for (Item.Text text : texts(at)) pens.onPaper(text, scale, lettering);
    }

    private Vec place(Area area) {
        Vec middle = area.middle();
        return around().stream()
                .map(middle::plus)
                .filter(at -> isFree(at, area))
                .findFirst()
                .orElse(middle);
    }

    /** The nearest first. */
    private List<Vec> around() {
        List<Vec> places = new ArrayList<>();
        for (int x = -STEPS; x <= STEPS; x++)
            for (int y = -STEPS; y <= STEPS; y++) places.add(new Vec(x, y).times(STEP_MM * scale));
        places.sort((a, b) -> Double.compare(a.length(), b.length()));
        return places;
    }

    private boolean isFree(Vec at, Area area) {
        for (Item.Text text : texts(at)) {
            Bounds box = TextBox.of(text, scale, lettering).bounds().grown(CLEAR_MM * scale);
            if (!area.covers(box)
                    || FootprintsIn.meet(box, look.storey(), false, building)
                    || isOnAPost(box)
                    || StringLines.meet(box, look.drawing().id(), building)
                    || !PlacedFitting.near(building, look.storey(), box).isEmpty()) return false;
        }
        return true;
    }

    private boolean isOnAPost(Bounds box) {
        return building.model().all(Post.class).stream()
                .anyMatch(p -> p.storey().equals(look.storey())
                        && Bounds.of(p.corners()).meets(box));
    }

    private List<Item.Text> texts(Vec at) {
        String level = look.levels().print(look.on().levelMm() + floor.stepMm());
        Vec above = at.plus(new Vec(0, 0.7 * scale)), below = at.plus(new Vec(0, -(LETTERS_MM + 0.7) * scale));
        if (!(floor.fall() instanceof Floor.Falling f)) return List.of(text(level, above, Align.CENTRE));
        Vec aside = new Vec(Math.abs(Math.sin(f.direction())) * OFF_MM * scale, 0);
        Align align = aside.x() > OFF_MM / 2 * scale ? Align.LEFT : Align.CENTRE;
        String falls = "fall 1:%d".formatted(Math.round(1 / f.slope()));
        return List.of(text(level, above.plus(aside), align), text(falls, below.plus(aside), align));
    }

    private Item.Text text(String words, Vec at, Align align) {
        return lettering.set(words, at, 0, LETTERS_MM, align, false);
    }

    private void arrow(Vec middle, Vec way, Pens pens) {
        Vec from = middle.along(way, -ARROW_MM / 2 * scale), to = middle.along(way, ARROW_MM / 2 * scale);
        Vec back = to.along(way, -HEAD_MM * scale);
        pens.line(PenRole.STAIR, from, to);
        double half = HEAD_MM * 0.35 * scale;
        pens.line(PenRole.STAIR, back.along(way.left(), half), to, back.along(way.left(), -half));
    }
}
