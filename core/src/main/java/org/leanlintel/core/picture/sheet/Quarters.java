package org.leanlintel.core.picture.sheet;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.TextBox;

/** What is drawn on a sheet, turned there by quarters of a turn. Words are read from below or from the right (ISO 129-1), whichever way they come to lie. */
record Quarters(int quarters, Vec about, Lettering lettering) {

    /** A little beyond upright still reads from the right. */
    private static final double UPRIGHT = Math.PI / 2 + 1e-6;

    /** Lines so far apart, in heights of their letters, are read as one under the other. */
    private static final double STACKED = 1.2;

    private static final double SAME_ANGLE = 1e-6;

    Group of(Group onSheet) {
        if (quarters == 0) return onSheet;
        Group turned = onSheet.with((Item i) -> turned(i));
        List<Item.Text> over = turned.items().stream()
                .filter(i -> i instanceof Item.Text t && isOver(t))
                .map(Item.Text.class::cast)
                .toList();
        if (over.isEmpty()) return turned;
        List<Block> blocks = blocks(over);
        return turned.with((Item i) -> i instanceof Item.Text t && isOver(t) ? upright(t, blocks) : i);
    }

    private Vec turned(Vec at) {
        return about.plus(at.minus(about).quarterTurned(quarters));
    }

    private List<Vec> turned(List<Vec> line) {
        return line.stream().map(this::turned).toList();
    }

    private Item turned(Item item) {
        double by = quarters * Math.PI / 2;
        return switch (item) {
            case Item.Fill f -> new Item.Fill(f.tint(), turned(f.ring()), f.over());
            case Item.Hatch h ->
                new Item.Hatch(
                        h.pen(),
                        h.rings().stream().map(this::turned).toList(),
                        h.degrees().stream().map(d -> d + 90 * quarters).toList(),
                        turned(h.origin()),
                        h.pitch());
            case Item.Wave w ->
                new Item.Wave(
                        w.pen(),
                        turned(w.from()),
                        turned(w.to()),
                        w.across().quarterTurned(quarters),
                        w.halves(),
                        w.steps());
            case Item.Strokes s ->
                new Item.Strokes(
                        s.role(), s.pen(), s.lines().stream().map(this::turned).toList());
            case Item.Arc a ->
                new Item.Arc(a.role(), a.pen(), turned(a.centre()), a.radius(), a.from() + by, a.sweep());
            case Item.Text t -> at(t, turned(t.at()), t.angle() + by);
            case Item.Traced t ->
                new Item.Traced(
                        t.file(), t.page(), turned(t.at()), t.widthMm(), t.heightMm(), t.angle() + by, t.strength());
            case Item.Image i -> image(i);
        };
    }

    /** Pictures of dots stay upright, about their middle. */
    private Item image(Item.Image i) {
        Vec half = new Vec(i.widthMm() / 2, i.heightMm() / 2);
        return new Item.Image(i.address(), turned(i.at().plus(half)).minus(half), i.widthMm(), i.heightMm());
    }

    private static Item.Text at(Item.Text text, Vec at, double angle) {
        return new Item.Text(
                text.text(), at, Math.IEEEremainder(angle, 2 * Math.PI), text.strong(), text.runs(), text.ink());
    }

    private static boolean isOver(Item.Text text) {
        return text.angle() > UPRIGHT || text.angle() <= UPRIGHT - Math.PI;
    }

    /** Words that stand under each other, by where they lie. */
    private static final class Block {
        private final List<Item.Text> texts = new ArrayList<>();
        private final List<TextBox> boxes = new ArrayList<>();

        Block(Item.Text text, TextBox box) {
            add(text, box);
        }

        void add(Item.Text text, TextBox box) {
            texts.add(text);
            boxes.add(box);
        }

        /** Whether a line stands right under or over one of it. */
        boolean takes(Item.Text text, TextBox box) {
            Vec along = Vec.ofAngle(text.angle()), up = along.left();
            for (int i = 0; i < texts.size(); i++) {
                if (Math.abs(texts.get(i).angle() - text.angle()) > SAME_ANGLE) continue;
                TextBox other = boxes.get(i);
                double apart = STACKED * Math.max(box.heightMm(), other.heightMm());
                if (gap(along, box, other) < 0 && gap(up, box, other) < apart) return true;
            }
            return false;
        }

        /** Between two boxes along a direction; less than 0 where they reach over each other. */
        private static double gap(Vec along, TextBox one, TextBox other) {
            return Math.max(low(one, along) - high(other, along), low(other, along) - high(one, along));
        }

        private static double low(TextBox box, Vec along) {
            return box.corners().stream().mapToDouble(along::dot).min().orElseThrow();
        }

        private static double high(TextBox box, Vec along) {
            return box.corners().stream().mapToDouble(along::dot).max().orElseThrow();
        }

        /** The middle of it all, measured along its lines. */
        Vec middle() {
            Vec along = Vec.ofAngle(texts.getFirst().angle()), up = along.left();
            Bounds seen = Bounds.of(boxes.stream()
                    .flatMap(b -> b.corners().stream())
                    .map(p -> new Vec(p.dot(along), p.dot(up)))
                    .toList());
            return along.times(seen.centre().x()).plus(up.times(seen.centre().y()));
        }
    }

    private List<Block> blocks(List<Item.Text> texts) {
        List<Block> blocks = new ArrayList<>();
        for (Item.Text t : texts) {
            TextBox box = TextBox.of(t, 1, lettering);
            blocks.stream()
                    .filter(b -> b.takes(t, box))
                    .findFirst()
                    .ifPresentOrElse(b -> b.add(t, box), () -> blocks.add(new Block(t, box)));
        }
        return blocks;
    }

    /** Turned round with all of its block, in whose place it stays. */
    private static Item.Text upright(Item.Text text, List<Block> blocks) {
        for (Block b : blocks)
            if (b.texts.contains(text)) {
                Vec middle = b.middle();
                return at(text, middle.times(2).minus(text.at()), text.angle() + Math.PI);
            }
        return text;
    }
}
