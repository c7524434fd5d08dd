package org.leanlintel.core.edit.carry;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Marks;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Rigid;
import org.leanlintel.core.model.Annotation;
import org.leanlintel.core.model.Blank;
import org.leanlintel.core.model.BoundaryLine;
import org.leanlintel.core.model.Cloud;
import org.leanlintel.core.model.ConstructionLine;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Dimension;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Gap;
import org.leanlintel.core.model.GridLine;
import org.leanlintel.core.model.KeptGap;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.RoomLimit;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Sign;
import org.leanlintel.core.model.SpotLevel;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Tracing;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;

/** Takes things through a rigid movement, themselves or as copies. Mirrored, left and right change sides. */
public final class Carrying {

    private final Carriage carry;
    private final CarriedWalls walls;
    private final CarriedRooms rooms;
    private final CarriedWords words;
    private final CarriedInHeight inHeight;

    /**
     * @param there from a storey, layer, drawing, build-up or material to what stands for it where things are carried to
     * @param ids and {@code marks} are shared by several carryings of one edit
     */
    public Carrying(
            Building from,
            Building into,
            UnaryOperator<ElementId> there,
            Rigid movement,
            boolean copies,
            NewIds ids,
            Marks marks) {
        carry = new Carriage(
                from,
                into,
                there,
                movement,
                copies,
                ids,
                marks,
                new LinkedHashSet<>(),
                new HashMap<>(),
                new LinkedHashMap<>());
        CarriedPlacings placings = new CarriedPlacings(carry);
        walls = new CarriedWalls(carry, placings);
        rooms = new CarriedRooms(carry, placings);
        words = new CarriedWords(carry);
        inHeight = new CarriedInHeight(carry);
    }

    /** Things that stay, or are carried in another way: what is written of them finds them. */
    public Carrying knowing(Collection<Element> things) {
        for (Element e : things) carry.goesBy(e.id(), e.id());
        return this;
    }

    /** What is put; its order is that in which things are made. */
    public Collection<Element> put() {
        return carry.made().values();
    }

    /** @return why it cannot be done, or null */
    @Nullable
    public Refusal carry(List<Element> things) {
        for (Element e : things) if (e instanceof Wall w) carry.take(w);
        for (ElementId id : carry.walls()) walls.wall(carry.from().model().get(id, Wall.class));
        List<Element> inTurn =
                things.stream().sorted(Comparator.comparingInt(Carrying::turn)).toList();
        for (Element e : inTurn) if (other(e) instanceof Refusal refusal) return refusal;
        carry.from().model().all(KeptGap.class).forEach(this::keptGap);
        return carry.made().isEmpty() && !things.isEmpty() ? holds(things.getFirst()) : null;
    }

    /** Things before those that stand in or under them, and these before what is written of them. */
    private static int turn(Element element) {
        return switch (element) {
            case Annotation a -> 2;
            case RoofPart p -> 1;
            case Truss t -> 1;
            case Footing f -> 1;
            case OutsideSteps s -> 1;
            default -> 0;
        };
    }

    private static Refusal holds(Element element) {
        return Refusal.because(
                "%s holds to what is not taken along: select that too.".formatted(Naming.atStart(element)),
                element.id());
    }

    private @Nullable Refusal other(Element element) {
        switch (element) {
            case Wall w -> {}
            case Corner c -> {}
            case Post p -> post(p);
            case Note n -> words.note(n);
            case KeyMark m -> words.keyMark(m);
            case Fitting f -> rooms.fitting(f);
            case Room r -> rooms.room(r);
            case RoomLimit l -> rooms.roomLimit(l);
            case ConstructionLine l -> rooms.constructionLine(l);
            case GridLine l -> rooms.gridLine(l);
            case BoundaryLine l -> rooms.boundaryLine(l);
            case SpotLevel l -> rooms.spotLevel(l);
            case Floor f -> carry.put(inHeight.floor(f));
            case FloorVoid v -> carry.put(inHeight.hole(v));
            case RoofPart p -> {
                if (!(inHeight.roofPart(p) instanceof RoofPart carried)) return holds(p);
                carry.put(carried);
            }
            case Truss t -> {
                if (!(inHeight.truss(t) instanceof Truss carried)) return holds(t);
                carry.put(carried);
            }
            case Footing f -> {
                if (!(inHeight.footing(f) instanceof Footing carried)) return holds(f);
                carry.put(carried);
            }
            case Roof r -> carry.put(inHeight.roof(r));
            case Stair s -> carry.put(inHeight.stair(s));
            case Opening o -> {
                return carry.takes(o.wall()) ? null : walls.alone(o);
            }
            case WallPiece p -> {
                if (!carry.takes(p.wall())) return withItsWall(p);
            }
            case DimensionString s -> words.string(s);
            case Dimension d -> words.dimension(d);
            case Blank b -> words.blank(b);
            case Cloud c -> words.cloud(c);
            case Sign s -> words.sign(s);
            case Tracing t -> {
                return tracing(t);
            }
            case OutsideSteps s -> {
                if (!(inHeight.steps(s) instanceof OutsideSteps carried)) return holds(s);
                carry.put(carried);
            }
            case SectionLine l -> {
                return stays(l);
            }
            case Element.Apart a -> {
                return stays(a);
            }
        }
        return null;
    }

    private static Refusal stays(Element element) {
        return Refusal.because("The %s cannot be taken along.".formatted(Naming.of(element)), element.id());
    }

    /** A picture may be turned; mirrored, nothing on it could be read. */
    private @Nullable Refusal tracing(Tracing t) {
        if (carry.movement().mirrors() || carry.copies())
            return Refusal.because(
                    "The %s can be moved and turned, not mirrored or copied.".formatted(Naming.of(t)), t.id());
        double turn = carry.movement().toX().angle();
        carry.put(t.laid(carry.movement().point(t.at()), t.angle() + turn));
        return null;
    }

    private void post(Post p) {
        ElementId id = carry.idOf(p);
        carry.put(new Post(
                id,
                carry.there(p.storey()),
                carry.there(p.layer()),
                carry.mark("P", p.mark()),
                carry.movement().point(p.at()),
                carry.movement().angle(p.angle()),
                p.widthMm(),
                CarriedMakes.of(p.make(), carry),
                p.state()));
    }

    static Refusal withItsWall(Element element) {
        return Refusal.because(
                "The %s goes with its wall: select the wall too.".formatted(Naming.of(element)), element.id());
    }

    private void keptGap(KeptGap kept) {
        Gap.Beside g = kept.gap();
        if (!carry.takes(g.wall()) || !carry.takes(g.other())) return;
        ElementId id = carry.idOf(kept);
        Gap.Beside gap = new Gap.Beside(
                carry.taken(g.wall()),
                carry.movement().mirrors() ? g.side().other() : g.side(),
                carry.taken(g.other()));
        carry.put(new KeptGap(id, gap, kept.faces(), kept.clearMm()));
    }
}
