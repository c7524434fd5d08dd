package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.FootprintsIn;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.BoxGrid;
import org.leanlintel.core.geometry.NearestFirst;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.PlanOf;
import org.leanlintel.core.picture.TakenBoxes;
import org.leanlintel.core.picture.annotate.InteriorMark;

/**
 * The label of a room, clear of walls, fittings, strings and other labels: where the drafter put it; else as near to the
 * middle of its room as it can be; outside it with a leader where it has no room within.
 */
final class RoomLabels {

    /** On paper: between places that are tried; how far outside its room a label goes; what lying in another room costs. */
    private static final double STEP = 3, OUTSIDE_STEP = 6, FURTHEST = 90, STRANGE = 60;
    /** On paper: how far round a room is looked at first. */
    private static final double NEAR = 40;
    /** On paper: the dot at a leader's end, its distance from what stands in the room, and between places it is tried at. */
    private static final double DOT = 0.6, DOT_CLEAR = 1.4, DOT_STEP = 8;
    /** On paper: the squares that what is drawn round a room is looked up by. */
    private static final double SQUARE = 5;
    /** On paper: what a leader costs for everything it crosses. */
    private static final double CROSSED = 30;

    private final PlanOf plan;
    private final Building building;
    private final Look look;
    private final Room room;
    private final RoomSpace space;
    private final @Nullable InteriorMark mark;

    private RoomLabels(PlanOf plan, Building building, Room room, RoomSpace space) {
        this.plan = plan;
        this.building = building;
        this.room = room;
        this.space = space;
        look = plan.look(building);
        mark = InteriorMark.of(room.id(), look, building);
    }

    /** At one of the three stages; nothing where it is drawn at another, or another room of the same area has the label. */
    static Shows of(PlanOf plan, Stage stage, ElementId id, Building building) {
        Room room = building.model().find(id, Room.class);
        RoomSpace space = room == null || !room.storey().equals(plan.storey())
                ? null
                : Rooms.in(building).of(room);
        if (space == null || Rooms.in(building).named(space).getFirst() != room) return Shows.NOTHING;
        RoomLabels labels = new RoomLabels(plan, building, room, space);
        if (room.label() instanceof Room.PutAt put)
            return stage == Stage.PUT ? labels.paint(labels.label(false, labels.mark), put.at()) : Shows.NOTHING;
        return switch (stage) {
            case INSIDE -> labels.inside();
            case OUTSIDE -> labels.outside();
            default -> Shows.NOTHING;
        };
    }

    private RoomLabel label(boolean stacked) {
        return label(stacked, null);
    }

    private RoomLabel label(boolean stacked, @Nullable InteriorMark mark) {
        return new RoomLabel(room, space, stacked, plan, building, mark);
    }

    private Shows paint(RoomLabel label, Vec at) {
        return paint(label, at, space.net().middle());
    }

    /** @param dot where a leader ends, where the label stands outside */
    private Shows paint(RoomLabel label, Vec at, Vec dot) {
        Pens pens = new Pens(look.lens());
        label.paint(at, pens);
        if (!space.covers(at)) leader(label.boxAt(at), dot, pens);
        Group group = new Group(room.id(), room.layer(), pens.items(), List.of());
        return new Shows(List.of(group), List.of(), List.of(label.boxAt(at)));
    }

    /** Both in the room, apart. */
    private Shows paint(RoomLabel label, Vec at, InteriorMark apart, Vec markAt) {
        Pens pens = new Pens(look.lens());
        label.paint(at, pens);
        apart.paint(markAt, scale(), pens, plan.lettering());
        Group group = new Group(room.id(), room.layer(), pens.items(), List.of());
        return new Shows(List.of(group), List.of(), List.of(label.boxAt(at), apart.boxAt(markAt, scale())));
    }

    /** The number beside the name where that fits, over it where that does. */
    private Shows inside() {
        TakenBoxes taken = new Taken(plan, Stage.INSIDE, building).within(space.bounds());
        List<RoomLabel> wishes = new ArrayList<>();
        if (mark != null) wishes.addAll(List.of(label(false, mark), label(true, mark)));
        wishes.addAll(List.of(label(false), label(true)));
        for (RoomLabel label : wishes) {
            Vec at = inside(taken, label::boxAt, b -> true);
            if (at == null) continue;
            if (mark == null || label.isMarked()) return paint(label, at);
            Vec apart = inside(taken, p -> mark.boxAt(p, scale()), b -> !b.meets(label.boxAt(at)));
            if (apart != null) return paint(label, at, mark, apart);
        }
        return Shows.NOTHING;
    }

    private @Nullable Vec inside(TakenBoxes taken, Function<Vec, Bounds> boxAt, Predicate<Bounds> may) {
        for (Vec at : places(space.bounds(), STEP)) {
            Bounds box = boxAt.apply(at);
            boolean within = space.covers(at)
                    && may.test(box)
                    && space.bounds().covers(new Vec(box.minX(), box.minY()))
                    && space.bounds().covers(new Vec(box.maxX(), box.maxY()));
            if (within && taken.isFree(box) && space.net().covers(box)) return at;
        }
        return null;
    }

    /** A free place outside the room, best outside the building; the room's middle where there is none. */
    private Shows outside() {
        if (!building.get(new OnPlan(plan, Stage.INSIDE, room.id())).groups().isEmpty()) return Shows.NOTHING;
        RoomLabel label = label(false, mark);
        Vec middle = space.net().middle(), best = middle, dot = middle;
        double least = Double.POSITIVE_INFINITY;
        Round round = new Round(space.bounds().grown(NEAR * scale()));
        List<Dot> dots = dots(round);
        for (Vec at : places(space.bounds().grown(FURTHEST * scale()), OUTSIDE_STEP)) {
            double cost = at.distanceTo(middle);
            if (cost >= least) break;
            Bounds box = label.boxAt(at);
            while (!round.reach.covers(box)) round = new Round(round.reach.grown(FURTHEST * scale()));
            if (round.drawn.isMetBy(box) || round.standsInAWall(box)) continue;
            if (round.isInARoom(at)) cost += STRANGE * scale();
            if (cost >= least) continue;
            Leader leader = leader(box, dots, round, (int) ((least - cost) / (CROSSED * scale())));
            if (leader == null) continue;
            cost += leader.crossed() * CROSSED * scale();
            if (cost >= least) continue;
            least = cost;
            best = at;
            dot = leader.dot();
        }
        return paint(label, best, dot);
    }

    /** @param crossed how many drawn things and words it crosses; @param cost for these and its length */
    private record Leader(Vec dot, int crossed, double cost) {}

    /** Of all that end in the room, one that crosses least, and the shortest of those; null where each crosses more than some. */
    private @Nullable Leader leader(Bounds box, List<Dot> dots, Round round, int most) {
        Dot near = dots.getFirst();
        for (Dot dot : dots) if (box.squaredTo(dot.at()) < box.squaredTo(near.at())) near = dot;
        Leader best = ending(near, box, round, most, Double.POSITIVE_INFINITY);
        for (Dot dot : dots) {
            Leader other = ending(dot, box, round, most, best == null ? Double.POSITIVE_INFINITY : best.cost());
            if (other != null) best = other;
        }
        return best;
    }

    /** The leader that ends at a dot; null where it crosses more than {@code most}, or does not cost less than {@code least}. */
    private @Nullable Leader ending(Dot dot, Bounds box, Round round, int most, double least) {
        if (box.squaredTo(dot.at()) >= least * least) return null;
        Vec from = nearest(box, dot.at());
        double length = from.distanceTo(dot.at()), each = CROSSED * scale();
        int limit = (int) Math.min(most, (least - length) / each);
        int crossed = dot.isFree() ? 0 : 1;
        if (crossed <= limit) crossed += round.drawn.crossed(from, dot.at(), limit - crossed);
        double cost = crossed * each + length;
        return crossed > limit || cost >= least ? null : new Leader(dot.at(), crossed, cost);
    }

    private Bounds round(Vec dot) {
        double clear = DOT_CLEAR * scale();
        return new Bounds(dot.x() - clear, dot.y() - clear, dot.x() + clear, dot.y() + clear);
    }

    /** Where a leader may end. @param isFree whether nothing stands there */
    private record Dot(Vec at, boolean isFree) {}

    /** The middle of the room, and places all over it. */
    private List<Dot> dots(Round round) {
        Vec middle = space.net().middle();
        List<Dot> dots = new ArrayList<>(List.of(new Dot(middle, !round.drawn.isMetBy(round(middle)))));
        for (Vec at : new NearestFirst(middle, space.bounds(), DOT_STEP * scale())) {
            Bounds end = round(at);
            if (space.net().covers(end)) dots.add(new Dot(at, !round.drawn.isMetBy(end)));
        }
        return dots;
    }

    /** What lies round a room, as far as it is looked at. */
    private final class Round {

        final Bounds reach;
        final BoxGrid drawn;

        Round(Bounds reach) {
            this.reach = reach;
            Taken all = new Taken(plan, Stage.OUTSIDE, building);
            addLabelsBefore(all);
            TakenBoxes taken = all.within(reach);
            List<Bounds> boxes = new ArrayList<>(taken.things());
            boxes.addAll(taken.texts());
            drawn = new BoxGrid(boxes, SQUARE * scale());
        }

        /** The labels outside of their rooms of rooms before it. */
        private void addLabelsBefore(Taken all) {
            for (Room other : Rooms.in(building).saidToBeIn(look.storey(), reach.grown(2 * FURTHEST * scale())))
                if (other.id().compareTo(room.id()) < 0)
                    building.get(new OnPlan(plan, Stage.OUTSIDE, other.id()))
                            .texts()
                            .forEach(all::add);
        }

        boolean isInARoom(Vec at) {
            return Rooms.in(building).isIn(look.storey(), at);
        }

        boolean standsInAWall(Bounds box) {
            return FootprintsIn.meet(box, look.storey(), true, building);
        }
    }

    /** Places to try, the nearest to the middle of the room first. */
    private NearestFirst places(Bounds within, double step) {
        return new NearestFirst(space.net().middle(), within, step * scale());
    }

    /** From the label's nearer side to a dot in the room. */
    private void leader(Bounds box, Vec dot, Pens pens) {
        pens.line(PenRole.ROOM, nearest(box, dot), dot);
        pens.add(new Item.Arc(PenRole.ROOM, pens.pen(PenRole.ROOM), dot, DOT * scale(), 0, Math.TAU));
    }

    private static Vec nearest(Bounds box, Vec to) {
        return new Vec(
                Math.max(box.minX(), Math.min(to.x(), box.maxX())), Math.max(box.minY(), Math.min(to.y(), box.maxY())));
    }

    private double scale() {
        return look.drawing().scale();
    }
}
