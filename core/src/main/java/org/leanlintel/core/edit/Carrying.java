package org.leanlintel.core.edit;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedFitting;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.Span;
import org.leanlintel.core.building.Strip;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Rigid;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Gap;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.KeptGap;
import org.leanlintel.core.model.Meeting;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.RoomLimit;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Stop;
import org.leanlintel.core.model.Tracing;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WallPiece;

/**
 * Takes things through a rigid movement, themselves or as copies: walls with their corners, openings and pieces, posts,
 * notes and strings. An end that stood on a wall which stays behind stands on it where it still meets it, on another that
 * it was meant to meet, or is free. Mirrored, left and right change sides, and words still read the right way.
 */
final class Carrying {

    /** On paper: how wide a letter of a note is, about, and how far apart its lines stand. */
    private static final double LETTER_MM = 1.15, LINE_MM = 3.75;

    private final Building from;
    private final Building into;
    /** From a storey, layer, drawing, build-up or material to what stands for it where things are carried to. */
    private final UnaryOperator<ElementId> there;

    private final Rigid movement;
    private final boolean copies;
    private final NewIds ids;
    private final Marks marks;
    private final Set<ElementId> walls = new LinkedHashSet<>();
    private final Map<ElementId, ElementId> carried = new HashMap<>();
    private final Map<ElementId, Element> put = new LinkedHashMap<>();

    /** @param ids and {@code marks} are shared by several carryings of one edit */
    Carrying(
            Building from,
            Building into,
            UnaryOperator<ElementId> there,
            Rigid movement,
            boolean copies,
            NewIds ids,
            Marks marks) {
        this.from = from;
        this.into = into;
        this.there = there;
        this.movement = movement;
        this.copies = copies;
        this.ids = ids;
        this.marks = marks;
    }

    /** What is put; its order is that in which things are made. */
    Collection<Element> put() {
        return put.values();
    }

    /** @return why it cannot be done, or null */
    @Nullable
    Refusal carry(List<Element> things) {
        for (Element e : things) if (e instanceof Wall w) addWall(w);
        for (ElementId id : walls) wall(from.model().get(id, Wall.class));
        for (Element e : things) {
            Refusal refusal = other(e);
            if (refusal != null) return refusal;
        }
        from.model().all(KeptGap.class).forEach(this::keptGap);
        return null;
    }

    private void addWall(Wall wall) {
        walls.add(wall.id());
        carried.put(wall.id(), copies ? ids.next() : wall.id());
    }

    private ElementId idOf(Element e) {
        return carried.computeIfAbsent(e.id(), id -> copies ? ids.next() : id);
    }

    private void wall(Wall wall) {
        Wall moved = wall.madeOf(there.apply(wall.buildUp()), wall.setOut(), wall.outside())
                .named(idOf(wall), copies ? marks.next("W") : wall.mark())
                .on(there.apply(wall.storey()), there.apply(wall.layer()))
                .withEnd(End.START, end(wall, End.START))
                .withEnd(End.END, end(wall, End.END));
        put.put(moved.id(), movement.mirrors() ? mirrored(moved) : moved);
        for (Opening o : from.model().relations().openingsIn(wall.id()))
            opening(o, moved.id(), placing(o.wall(), o.placing(), o.id(), o.widthMm()));
        for (WallPiece p : from.model().relations().piecesOn(wall.id())) piece(p, moved.id());
    }

    private static Wall mirrored(Wall wall) {
        return wall.bent(-wall.bulge())
                .madeOf(wall.buildUp(), wall.setOut(), wall.outside().other());
    }

    private WallEnd end(Wall wall, End which) {
        return switch (wall.at(which)) {
            case WallEnd.AtCorner c -> new WallEnd.AtCorner(corner(c.corner()));
            case WallEnd.OnSide s ->
                walls.contains(s.wall())
                        ? new WallEnd.OnSide(carried.get(s.wall()), movement.point(s.at()), s.reach())
                        : leftBehind(wall, which, s);
        };
    }

    /** A corner is one for all that share it; walls that stay behind keep their own. */
    private ElementId corner(ElementId id) {
        ElementId known = carried.get(id);
        if (known != null) return known;
        Corner corner = from.model().get(id, Corner.class);
        boolean all = from.model().relations().endsAt(id).stream()
                .allMatch(ref -> walls.contains(ref.wall().id()));
        ElementId next = copies || !all ? ids.next() : id;
        carried.put(id, next);
        put.put(
                next,
                new Corner(
                        next,
                        there.apply(corner.storey()),
                        movement.point(corner.at()),
                        meeting(corner.meeting(), all)));
        return next;
    }

    private Meeting meeting(Meeting was, boolean all) {
        if (was instanceof Meeting.Through t)
            return walls.contains(t.wall()) ? new Meeting.Through(carried.get(t.wall())) : new Meeting.ByRule();
        return all ? was : new Meeting.ByRule();
    }

    /** An end whose host is not carried. */
    private WallEnd leftBehind(Wall wall, End which, WallEnd.OnSide was) {
        WallSolid solid = from.solid(wall.id());
        Strip strip = from.strip(wall.id());
        if (solid == null || strip == null) return was;
        Vec crossing = movement.point(strip.axis().at(which)),
                back = movement.point(strip.axis().at(which.other()));
        if (into.strip(was.wall()) instanceof Strip host && meets(host, back, crossing))
            return new WallEnd.OnSide(was.wall(), crossing, was.reach());
        Vec seen = movement.point(strip.at(solid.visible(which), 0));
        WallEnd meant = Attachment.meant(into, there.apply(wall.storey()), back, seen, was.reach(), walls);
        if (meant != null) return meant;
        Corner free = Corner.at(ids.next(), there.apply(wall.storey()), seen);
        put.put(free.id(), free);
        return new WallEnd.AtCorner(free.id());
    }

    private static boolean meets(Strip host, Vec back, Vec crossing) {
        if (!host.axis().isStraight() || Tolerance.same(back, crossing)) return false;
        Line line = host.axis().chord();
        double along = line.along(crossing);
        boolean onLine = Math.abs(crossing.minus(line.through()).cross(line.direction())) <= 1;
        double sine = Math.abs(line.direction().cross(crossing.minus(back).unit()));
        return onLine && along > 0 && along < host.length() && sine > Tolerance.BEND_SINE;
    }

    private void opening(Opening o, ElementId wall, Placing at) {
        Opening moved = o.named(idOf(o), copies ? marks.next(o.letter()) : o.mark())
                .placed(wall, at)
                .onLayer(there.apply(o.layer()));
        put.put(moved.id(), movement.mirrors() ? moved.of(moved.kind().mirrored()) : moved);
    }

    /** The same rule among what is carried; where what it goes by stays behind, the place it has now. */
    private Placing placing(ElementId wall, Placing was, ElementId thing, double widthMm) {
        Placing there =
                switch (was) {
                    case Placing.Off off ->
                        stop(off.stop()) instanceof Stop s ? new Placing.Off(s, off.to(), off.distanceMm()) : null;
                    case Placing.Between b ->
                        stop(b.one()) instanceof Stop one && stop(b.two()) instanceof Stop two
                                ? new Placing.Between(one, two, b.place(), b.of())
                                : null;
                    case Placing.InLine line ->
                        carried.get(line.opening()) instanceof ElementId id ? new Placing.InLine(id) : null;
                };
        if (there != null) return there;
        WallSolid solid = from.solid(wall);
        Span now = solid == null ? null : stretch(solid, was, thing, widthMm);
        return now == null ? was : Places.fixed(solid, (now.from() + now.to()) / 2, widthMm);
    }

    private static @Nullable Span stretch(WallSolid solid, Placing placing, ElementId thing, double widthMm) {
        return solid.opening(thing) instanceof PlacedOpening o
                ? new Span(o.from(), o.to(), null)
                : solid.place(placing, widthMm);
    }

    /** Null where it is of something that stays behind. */
    private @Nullable Stop stop(Stop was) {
        return switch (was) {
            case Stop.WallsEnd e ->
                movement.mirrors() ? new Stop.WallsEnd(e.end(), e.line().mirrored()) : e;
            case Stop.AtWall w ->
                walls.contains(w.wall()) ? new Stop.AtWall(carried.get(w.wall()), w.towards(), w.of()) : null;
            case Stop.AtOpening o ->
                carriedWith(o.opening()) instanceof ElementId id ? new Stop.AtOpening(id, o.towards()) : null;
        };
    }

    /** The id an opening will have that goes with its wall; null where that stays. */
    private @Nullable ElementId carriedWith(ElementId opening) {
        return from.model().find(opening, Opening.class) instanceof Opening o && walls.contains(o.wall())
                ? idOf(o)
                : null;
    }

    private void fitting(Fitting f) {
        PlacedFitting placed = PlacedFitting.of(f, from);
        ElementId id = idOf(f);
        Fitting moved = f.on(id, there.apply(f.storey()), there.apply(f.layer()), copies ? marks.next("F") : f.mark())
                .of(there.apply(f.symbol()), f.widthMm(), f.depthMm())
                .mirrored(movement.mirrors() != f.mirrored());
        put.put(id, moved.seated(seat(f, placed)));
    }

    private Fitting.Seat seat(Fitting f, @Nullable PlacedFitting placed) {
        if (f.seat() instanceof Fitting.OnWall seat && walls.contains(seat.wall())) {
            Side side = movement.mirrors() ? seat.side().other() : seat.side();
            Placing placing = placing(seat.wall(), seat.placing(), f.id(), f.widthMm());
            return new Fitting.OnWall(carried.get(seat.wall()), side, placing);
        }
        if (placed == null) return f.seat();
        Vec out = movement.direction(placed.out());
        Seating seating = new Seating(into, there.apply(f.storey()), walls);
        Vec back = movement.point(placed.box(f.widthMm() / 2, 0));
        Fitting.Seat against = placed.symbol().back() ? seating.against(back, out, f.widthMm()) : null;
        return against != null
                ? against
                : new Fitting.Free(movement.point(placed.middle()), out.left().angle());
    }

    private void room(Room r) {
        Room.LabelPlace label =
                r.label() instanceof Room.PutAt at ? new Room.PutAt(movement.point(at.at())) : r.label();
        ElementId id = idOf(r);
        put.put(
                id,
                r.on(id, there.apply(r.storey()), there.apply(r.layer()))
                        .seeded(movement.point(r.seed()))
                        .labelled(label));
    }

    private void roomLimit(RoomLimit l) {
        ElementId id = idOf(l);
        put.put(
                id,
                new RoomLimit(
                        id,
                        there.apply(l.storey()),
                        there.apply(l.layer()),
                        movement.point(l.from()),
                        movement.point(l.to())));
    }

    private void piece(WallPiece p, ElementId wall) {
        WallPiece moved = p.named(idOf(p), copies ? marks.next("P") : p.mark())
                .on(wall)
                .of(there.apply(p.layer()), made(p.make()));
        put.put(moved.id(), movement.mirrors() ? moved.facing(moved.side().other()) : moved);
    }

    private WallPiece.Make made(WallPiece.Make make) {
        return switch (make) {
            case WallPiece.Lined l ->
                new WallPiece.Lined(l.plies().stream()
                        .map(p -> p.of(there.apply(p.material())))
                        .toList());
            case WallPiece.Niche n -> n;
            case WallPiece.Solid s -> made(s);
            case WallPiece.Built b -> made(b);
            case WallPiece.Boxed b -> made(b);
        };
    }

    private WallPiece.Mass made(WallPiece.Mass mass) {
        return switch (mass) {
            case WallPiece.Solid s -> made(s);
            case WallPiece.Built b -> made(b);
            case WallPiece.Boxed b -> made(b);
        };
    }

    private WallPiece.Solid made(WallPiece.Solid s) {
        return new WallPiece.Solid(there.apply(s.material()), s.depthMm());
    }

    private WallPiece.Built made(WallPiece.Built b) {
        return new WallPiece.Built(there.apply(b.buildUp()), b.depthMm());
    }

    private WallPiece.Boxed made(WallPiece.Boxed b) {
        return new WallPiece.Boxed(there.apply(b.material()), b.boardMm(), b.depthMm());
    }

    private @Nullable Refusal other(Element element) {
        switch (element) {
            case Wall w -> {}
            case Corner c -> {}
            case Post p -> post(p);
            case Note n -> note(n);
            case Fitting f -> fitting(f);
            case Room r -> room(r);
            case RoomLimit l -> roomLimit(l);
            case Floor f -> put.put(idOf(f), inHeight().floor(f, idOf(f)));
            case FloorVoid v -> put.put(idOf(v), inHeight().hole(v, idOf(v)));
            case Stair s -> put.put(idOf(s), inHeight().stair(s, idOf(s)));
            case Opening o -> {
                return walls.contains(o.wall()) ? null : alone(o);
            }
            case WallPiece p -> {
                if (!walls.contains(p.wall())) return withItsWall(p);
            }
            case DimensionString s -> string(s);
            case Tracing t -> {
                return tracing(t);
            }
            default -> {
                return Refusal.because("The %s cannot be taken along.".formatted(Naming.of(element)), element.id());
            }
        }
        return null;
    }

    private CarriedInHeight inHeight() {
        return new CarriedInHeight(there, movement, copies, marks);
    }

    /** Words stay upright: it is the middle of their block that is carried. */
    private void note(Note n) {
        ElementId id = idOf(n);
        Vec middle = n.style() == Note.Style.NAME ? Vec.ORIGIN : blockOf(n).times(0.5);
        put.put(
                id,
                new Note(
                        id,
                        there.apply(n.layer()),
                        there.apply(n.drawing()),
                        movement.point(n.at().plus(middle)).minus(middle),
                        n.text(),
                        n.style()));
    }

    /** From the upper left to the lower right corner of a note, about: letters have no widths here. */
    private Vec blockOf(Note n) {
        double scale = from.model().find(n.drawing(), Drawing.class) instanceof Drawing d ? d.scale() : 1;
        int longest = n.text().lines().mapToInt(String::length).max().orElse(0);
        return new Vec(longest * LETTER_MM, -n.text().lines().count() * LINE_MM).times(scale);
    }

    /** A picture may be turned; mirrored, nothing on it could be read. */
    private @Nullable Refusal tracing(Tracing t) {
        if (movement.mirrors() || copies)
            return Refusal.because(
                    "The %s can be moved and turned, not mirrored or copied.".formatted(Naming.of(t)), t.id());
        double turn = movement.toX().angle();
        put.put(t.id(), t.laid(movement.point(t.at()), t.angle() + turn));
        return null;
    }

    private void post(Post p) {
        ElementId id = idOf(p);
        put.put(
                id,
                new Post(
                        id,
                        there.apply(p.storey()),
                        there.apply(p.layer()),
                        copies ? marks.next("P") : p.mark(),
                        movement.point(p.at()),
                        movement.angle(p.angle()),
                        p.widthMm(),
                        made(p.make())));
    }

    /** An opening copied along its own wall. */
    private @Nullable Refusal alone(Opening o) {
        Strip strip = from.strip(o.wall());
        if (strip == null || !movement.isShift() || from != into) return withItsWall(o);
        double along = movement.origin().dot(strip.axis().chord().direction());
        WallSolid solid = from.solid(o.wall());
        if (solid == null || !(solid.opening(o.id()) instanceof PlacedOpening now)) return withItsWall(o);
        opening(o, o.wall(), Places.shifted(o.placing(), along, solid, now.from(), now.to()));
        return null;
    }

    private static Refusal withItsWall(Element element) {
        return Refusal.because(
                "The %s goes with its wall: select the wall too.".formatted(Naming.of(element)), element.id());
    }

    /** Left where it is, or left out, where it holds to something that is not carried. */
    private void string(DimensionString s) {
        List<Hold> holds = new ArrayList<>();
        for (Hold hold : s.holds()) if (held(hold) instanceof Hold there) holds.add(there);
        if (holds.size() < s.holds().size()) return;
        ElementId id = idOf(s);
        put.put(
                id,
                new DimensionString(
                        id,
                        there.apply(s.layer()),
                        there.apply(s.drawing()),
                        movement.direction(s.direction()),
                        movement.point(s.at()),
                        holds));
    }

    private @Nullable Hold held(Hold hold) {
        return switch (hold) {
            case Hold.AtPoint p -> new Hold.AtPoint(movement.point(p.at()));
            case Hold.AtCorner c -> carried.get(c.corner()) instanceof ElementId id ? new Hold.AtCorner(id) : null;
            case Hold.OnFace f -> carried.get(f.wall()) instanceof ElementId id ? new Hold.OnFace(id, f.face()) : null;
            case Hold.OnPiece p ->
                carried.get(p.piece()) instanceof ElementId id ? new Hold.OnPiece(id, edge(p)) : null;
            case Hold.AtJamb j ->
                carried.get(j.opening()) instanceof ElementId id ? new Hold.AtJamb(id, j.edge()) : null;
        };
    }

    /** Mirrored, a post's sides along its width change places; its width keeps its direction. */
    private int edge(Hold.OnPiece hold) {
        boolean ofPost = from.model().find(hold.piece()) instanceof Post;
        return movement.mirrors() && ofPost && hold.edge() % 2 == 0 ? 2 - hold.edge() : hold.edge();
    }

    private void keptGap(KeptGap kept) {
        Gap.Beside g = kept.gap();
        if (!walls.contains(g.wall()) || !walls.contains(g.other())) return;
        ElementId id = idOf(kept);
        Gap.Beside gap = new Gap.Beside(
                carried.get(g.wall()), movement.mirrors() ? g.side().other() : g.side(), carried.get(g.other()));
        put.put(id, new KeptGap(id, gap, kept.faces(), kept.clearMm()));
    }
}
