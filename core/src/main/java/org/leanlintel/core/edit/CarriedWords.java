package org.leanlintel.core.edit;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Blank;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Post;

/** Notes and strings carried. Mirrored, words still read the right way. */
record CarriedWords(Carriage carry) {

    /** On paper: how wide a letter of a note is, about, and how far apart its lines stand. */
    private static final double LETTER_MM = 1.15, LINE_MM = 3.75;

    /** Words stay upright: it is the middle of their block that is carried. */
    void note(Note n) {
        ElementId id = carry.idOf(n);
        Vec middle = n.style() == Note.Style.NAME ? Vec.ORIGIN : blockOf(n).times(0.5);
        carry.put(new Note(
                id,
                carry.there(n.layer()),
                carry.there(n.drawing()),
                carry.movement().point(n.at().plus(middle)).minus(middle),
                n.text(),
                n.style(),
                n.throughLens()));
    }

    /** From the upper left to the lower right corner of a note, about: letters have no widths here. */
    private Vec blockOf(Note n) {
        double scale = carry.from().model().find(n.drawing(), Drawing.class) instanceof Drawing d ? d.scale() : 1;
        int longest = n.text().lines().mapToInt(String::length).max().orElse(0);
        return new Vec(longest * LETTER_MM, -n.text().lines().count() * LINE_MM).times(scale);
    }

    void blank(Blank b) {
        ElementId id = carry.idOf(b);
        List<Vec> ring = b.ring().stream().map(carry.movement()::point).toList();
        carry.put(new Blank(id, carry.there(b.layer()), carry.there(b.drawing()), ring));
    }

    /** Left where it is, or left out, where it holds to something that is not carried. */
    void string(DimensionString s) {
        List<Hold> holds = new ArrayList<>();
        for (Hold hold : s.holds()) if (held(hold) instanceof Hold there) holds.add(there);
        if (holds.size() < s.holds().size()) return;
        ElementId id = carry.idOf(s);
        carry.put(new DimensionString(
                id,
                carry.there(s.layer()),
                carry.there(s.drawing()),
                carry.movement().direction(s.direction()),
                carry.movement().point(s.at()),
                holds,
                s.throughLens()));
    }

    private @Nullable Hold held(Hold hold) {
        return switch (hold) {
            case Hold.AtPoint p -> new Hold.AtPoint(carry.movement().point(p.at()));
            case Hold.Lost l -> new Hold.Lost(carry.movement().point(l.at()));
            case Hold.AtCorner c -> carry.carried(c.corner()) instanceof ElementId id ? new Hold.AtCorner(id) : null;
            case Hold.OnFace f ->
                carry.carried(f.wall()) instanceof ElementId id ? new Hold.OnFace(id, f.face()) : null;
            case Hold.OnPiece p ->
                carry.carried(p.piece()) instanceof ElementId id ? new Hold.OnPiece(id, edge(p)) : null;
            case Hold.AtJamb j ->
                carry.carried(j.opening()) instanceof ElementId id ? new Hold.AtJamb(id, j.edge()) : null;
            case Hold.AtCentre c -> carry.carried(c.opening()) instanceof ElementId id ? new Hold.AtCentre(id) : null;
            case Hold.AtLevel l -> carry.copies() ? null : l;
        };
    }

    /** Mirrored, a post's sides along its width change places; its width keeps its direction. */
    private int edge(Hold.OnPiece hold) {
        boolean ofPost = carry.from().model().find(hold.piece()) instanceof Post;
        return carry.movement().mirrors() && ofPost && hold.edge() % 2 == 0 ? 2 - hold.edge() : hold.edge();
    }
}
