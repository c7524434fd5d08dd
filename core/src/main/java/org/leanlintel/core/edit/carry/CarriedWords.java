package org.leanlintel.core.edit.carry;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Blank;
import org.leanlintel.core.model.Cloud;
import org.leanlintel.core.model.Dimension;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.LetterStyle;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Pointing;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Sign;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.note.Block;
import org.leanlintel.core.note.Filled;
import org.leanlintel.core.note.Pointed;

/** Notes and strings carried. Mirrored, words still read the right way. */
record CarriedWords(Carriage carry) {

    /** Words stay upright: it is the middle of their block that is carried. */
    void note(Note n) {
        ElementId id = carry.idOf(n);
        LetterStyle style = carry.from().model().get(n.style(), LetterStyle.class);
        Vec middle = style.centred() ? Vec.ORIGIN : blockOf(n, style).times(0.5);
        List<Target> targets =
                n.leaders().targets().stream().map(t -> pointed(t, n)).toList();
        carry.put(new Note(
                id,
                carry.there(n.layer()),
                carry.there(n.drawing()),
                carry.movement().point(n.at().plus(middle)).minus(middle),
                n.text(),
                carry.there(n.style()),
                n.widthMm(),
                n.leaders().to(targets),
                n.throughLens()));
    }

    /** Where its leader points once all is carried; what is not carried is left, and the place alone is pointed at. */
    private Target pointed(Target target, Pointing of) {
        Drawing drawing = carry.from().model().get(of.drawing(), Drawing.class);
        if (drawing.kind() != Drawing.Kind.PLAN && !carry.copies()) return inHeight(target);
        Vec tip = Pointed.in(drawing, carry.from()).at(target);
        Vec there = carry.movement().point(tip == null ? of.at() : tip);
        if (target instanceof Target.Lost) return new Target.Lost(there);
        ElementId thing = Pointed.thing(target);
        ElementId carried = thing == null ? null : carry.carried(thing);
        if (carried == null) return new Target.AtPlace(there);
        return switch (target) {
            case Target.InPly p -> p.in(carried, p.alongMm());
            case Target.OnThing t -> new Target.OnThing(carried, turned(t));
            case Target.OnSeen s -> new Target.OnSeen(carried, s.off());
            case Target.AtPlace p -> p;
            case Target.Lost l -> l;
        };
    }

    /** Where it points in a picture of height that is moved as a whole, and the things in it with it. */
    private Target inHeight(Target target) {
        return switch (target) {
            case Target.AtPlace p -> new Target.AtPlace(carry.movement().point(p.at()));
            case Target.Lost l -> new Target.Lost(carry.movement().point(l.at()));
            case Target.OnThing t ->
                new Target.OnThing(t.thing(), carry.movement().point(t.off()));
            case Target.OnSeen s ->
                new Target.OnSeen(s.thing(), carry.movement().direction(s.off()));
            case Target.InPly p -> p;
        };
    }

    /** Things without directions of their own do not turn; those without a hand are not mirrored in themselves. */
    private Vec turned(Target.OnThing target) {
        Vec off = target.off();
        return switch (carry.from().model().find(target.thing())) {
            case Room r -> carry.movement().direction(off);
            case Floor f -> carry.movement().direction(off);
            case FloorVoid v -> carry.movement().direction(off);
            case RoofPart p -> carry.movement().direction(off);
            case Truss t -> carry.movement().direction(off);
            case Footing f -> carry.movement().direction(off);
            case Roof r -> carry.movement().direction(off);
            case Post p -> carry.movement().mirrors() ? new Vec(off.x(), -off.y()) : off;
            case Stair s -> carry.movement().mirrors() ? new Vec(off.x(), -off.y()) : off;
            case null -> off;
            default -> off;
        };
    }

    /** From the upper left to the lower right corner of a note, about. */
    private Vec blockOf(Note n, LetterStyle style) {
        double scale = carry.from().model().find(n.drawing(), Drawing.class) instanceof Drawing d ? d.scale() : 1;
        Block block = Block.of(n, style, Filled.of(n, carry.from()).text());
        return new Vec(block.widthMm(), -block.heightMm()).times(scale);
    }

    void keyMark(KeyMark m) {
        List<Target> targets =
                m.leaders().targets().stream().map(t -> pointed(t, m)).toList();
        carry.put(m.in(
                        carry.idOf(m),
                        carry.there(m.layer()),
                        carry.there(m.drawing()),
                        carry.movement().point(m.at()),
                        m.leaders().to(targets))
                .saying(carry.there(m.clause())));
    }

    void sign(Sign s) {
        carry.put(s.in(
                carry.idOf(s),
                carry.there(s.layer()),
                carry.there(s.drawing()),
                carry.movement().point(s.at())));
    }

    void blank(Blank b) {
        ElementId id = carry.idOf(b);
        List<Vec> ring = b.ring().stream().map(carry.movement()::point).toList();
        carry.put(new Blank(id, carry.there(b.layer()), carry.there(b.drawing()), ring));
    }

    void cloud(Cloud c) {
        ElementId id = carry.idOf(c);
        List<Vec> ring = c.ring().stream().map(carry.movement()::point).toList();
        carry.put(new Cloud(id, carry.there(c.layer()), carry.there(c.drawing()), ring, c.issue()));
    }

    /** Left where it is, or left out, where it holds to something that is not carried. */
    void string(DimensionString s) {
        if (s.holds().stream().anyMatch(h -> held(h) == null)) return;
        ElementId id = carry.idOf(s);
        carry.put(s.holding(h -> Objects.requireNonNull(held(h)))
                .laid(
                        carry.movement().direction(s.direction()),
                        carry.movement().point(s.at()))
                .in(id, carry.there(s.layer()), carry.there(s.drawing()))
                .styled(styled(s.styled())));
    }

    /** Left where it is, or left out, as a string is. */
    void dimension(Dimension d) {
        if (d.holds().stream().anyMatch(h -> held(h) == null)) return;
        ElementId id = carry.idOf(d);
        carry.put(d.holding(h -> Objects.requireNonNull(held(h)))
                .moved(carry.movement()::point)
                .in(id, carry.there(d.layer()), carry.there(d.drawing())));
    }

    private DimensionString.Styled styled(DimensionString.Styled styled) {
        return switch (styled) {
            case DimensionString.AsLens asLens -> asLens;
            case DimensionString.InStyle in -> new DimensionString.InStyle(carry.there(in.style()));
        };
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
            case Hold.OnFitting f ->
                carry.carried(f.fitting()) instanceof ElementId id ? new Hold.OnFitting(id, f.edge()) : null;
            case Hold.AtFittingCorner f ->
                carry.carried(f.fitting()) instanceof ElementId id ? new Hold.AtFittingCorner(id, f.corner()) : null;
            case Hold.AtRiser r ->
                carry.carried(r.stair()) instanceof ElementId id ? new Hold.AtRiser(id, r.riser()) : null;
            case Hold.BesideFlight b ->
                carry.carried(b.stair()) instanceof ElementId id
                        ? new Hold.BesideFlight(
                                id,
                                b.flight(),
                                carry.movement().mirrors() ? b.side().other() : b.side())
                        : null;
            case Hold.OnGrid g ->
                carry.carried(g.line()) instanceof ElementId id ? new Hold.OnGrid(id) : carry.copies() ? null : g;
            case Hold.AtLevel l -> carry.copies() ? null : l;
        };
    }

    /** Mirrored, a post's sides along its width change places; its width keeps its direction. */
    private int edge(Hold.OnPiece hold) {
        boolean ofPost = carry.from().model().find(hold.piece()) instanceof Post;
        return carry.movement().mirrors() && ofPost && hold.edge() % 2 == 0 ? 2 - hold.edge() : hold.edge();
    }
}
