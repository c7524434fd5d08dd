package org.leanlintel.formats.demo;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.TextBox;
import org.leanlintel.formats.pdf.DrawingLettering;

/**
 * Words that a line runs through, where they do not stand on paper of their own; hatches do not count.
 *
 * @param by whose line it is
 */
record Struck(Group words, String said, Group by, PenRole role) {

    static List<Struck> in(Picture picture) {
        List<Struck> struck = new ArrayList<>();
        for (Group words : picture.groups())
            for (Item item : words.items()) {
                if (!(item instanceof Item.Text text) || text.text().isBlank()) continue;
                TextBox box = TextBox.of(text, picture.scale(), DrawingLettering.get());
                if (words.items().stream().noneMatch(i -> isUnder(i, box)))
                    for (Group by : picture.groups()) add(words, box, by, struck);
            }
        return struck;
    }

    private static boolean isUnder(Item item, TextBox words) {
        return item instanceof Item.Fill fill
                && fill.over()
                && isWithin(fill.ring(), words.bounds().centre());
    }

    private static boolean isWithin(List<Vec> convex, Vec point) {
        int left = 0;
        for (int i = 0; i < convex.size(); i++) {
            Vec from = convex.get(i), to = convex.get((i + 1) % convex.size());
            if (to.minus(from).cross(point.minus(from)) > 0) left++;
        }
        return left == 0 || left == convex.size();
    }

    private static void add(Group words, TextBox box, Group by, List<Struck> struck) {
        for (Item item : by.items())
            if (item instanceof Item.Strokes s && s.role() != PenRole.HATCH && item.prints())
                for (List<Vec> line : s.lines())
                    for (int i = 1; i < line.size(); i++)
                        if (crosses(box.corners(), line.get(i - 1), line.get(i))) {
                            struck.add(new Struck(words, box.said(), by, s.role()));
                            return;
                        }
    }

    /** Whether some of a line lies within a convex ring, counter-clockwise. */
    private static boolean crosses(List<Vec> ring, Vec from, Vec to) {
        double enter = 0, leave = 1;
        for (int i = 0; i < ring.size(); i++) {
            Vec corner = ring.get(i),
                    inwards = ring.get((i + 1) % ring.size()).minus(corner).left();
            double begins = inwards.dot(from.minus(corner)), ends = inwards.dot(to.minus(corner));
            if (begins < 0 && ends < 0) return false;
            if (begins < 0) enter = Math.max(enter, begins / (begins - ends));
            if (ends < 0) leave = Math.min(leave, begins / (begins - ends));
        }
        return leave - enter > 1e-9;
    }
}
