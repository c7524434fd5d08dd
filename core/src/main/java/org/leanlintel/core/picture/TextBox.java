package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;

/**
 * What a text takes, as wide as it is set.
 *
 * @param heightMm of its highest capitals, on paper
 * @param corners in the picture's own millimetres
 */
public record TextBox(String said, double heightMm, List<Vec> corners) {

    /** On paper: how far two texts may come into each other's boxes, whose corners are empty. */
    private static final double SLACK_MM = 0.15;

    public TextBox {
        corners = List.copyOf(corners);
    }

    /** @param scale of the picture: its millimetres to one of paper */
    public static TextBox of(Item.Text text, double scale, Lettering lettering) {
        double left = Double.POSITIVE_INFINITY, right = 0, low = Double.POSITIVE_INFINITY, high = 0, height = 0;
        for (Item.Run r : text.runs()) {
            left = Math.min(left, r.right() + SLACK_MM);
            right = Math.max(right, r.right() + lettering.width(r.letters(), r.height(), text.strong()) - SLACK_MM);
            low = Math.min(low, r.up() + SLACK_MM);
            high = Math.max(high, r.up() + r.height() - SLACK_MM);
            height = Math.max(height, r.height());
        }
        Vec along = Vec.ofAngle(text.angle()).times(scale), up = along.left();
        List<Vec> corners = new ArrayList<>();
        for (double[] at : new double[][] {{left, low}, {right, low}, {right, high}, {left, high}})
            corners.add(text.at().plus(along.times(at[0])).plus(up.times(at[1])));
        return new TextBox(text.text(), height, corners);
    }

    public Bounds bounds() {
        return Bounds.of(corners);
    }

    /** Whether some of both lies in one place. */
    public boolean meets(TextBox other) {
        return bounds().meets(other.bounds())
                && !Area.of(corners).and(Area.of(other.corners)).isEmpty();
    }
}
