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
 * middle of its room as it can be, over lines of strings at worst; outside it with a leader where it has no room within.
 */
final class RoomLabels {

    /** On paper: between places that are tried; how far outside its room a label goes; what lying in another room costs. */
    private static final double STEP = 3, OUTSIDE_STEP = 6, FURTHEST = 75, STRANGE = 60;
    /** On paper: what a line of a string costs that a label stands over. */
    private static final double STRING = 15;
    /** On paper: how far round a room is looked at first. */
    private static final double NEAR = 40;
    /** On paper: the dot at a leader's end. */
    private static final double DOT = 0.6;

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
        if (room.label() instanceof Room.PutAt put) return stage == Stage.PUT ? labels.put(put.at()) : Shows.NOTHING;
        return switch (stage) {
            case INSIDE -> labels.inside();
            case OUTSIDE -> labels.outside();
            default -> Shows.NOTHING;
        };
    }

    /** In all shapes that differ. */
    private List<RoomLabel> shapes(@Nullable InteriorMark mark) {
        List<RoomLabel> labels = new ArrayList<>();
        for (RoomLabel.Shape shape : RoomLabel.Shape.values()) {
            RoomLabel label = label(shape, mark);
            if (labels.isEmpty() || !labels.getLast().boxAt(Vec.ORIGIN).equals(label.boxAt(Vec.ORIGIN)))
                labels.add(label);
        }
        return labels;
    }

    private RoomLabel label(RoomLabel.Shape shape, @Nullable InteriorMark mark) {
        return new RoomLabel(room, space, shape, plan, building, mark);
    }

    private Shows paint(RoomLabel label, Vec at) {
        return paint(label, at, new Pens(look.lens()));
    }

    private Shows paint(RoomLabel label, Vec at, Pens pens) {
        label.paint(at, pens);
        return shows(pens, List.of(), List.of(label.boxAt(at)));
    }

    /** Outside its room. */
    private Shows paint(RoomLabel label, Vec at, RoomLeaders.Leader leader) {
        Pens pens = new Pens(look.lens());
        label.paint(at, pens);
        paint(leader, pens);
        List<Bounds> lines = new ArrayList<>();
        TakenBoxes.segments(leader.line(), lines);
        return shows(pens, lines, List.of(label.boxAt(at)));
    }

    /** Both in the room, apart. */
    private Shows paint(RoomLabel label, Vec at, InteriorMark apart, Vec markAt, Pens pens) {
        label.paint(at, pens);
        apart.paint(markAt, scale(), pens, plan.lettering());
        return shows(pens, List.of(), List.of(label.boxAt(at), apart.boxAt(markAt, scale())));
    }

    private Shows shows(Pens pens, List<Bounds> lines, List<Bounds> boxes) {
        return new Shows(List.of(new Group(room.id(), room.layer(), pens.items(), List.of())), lines, boxes);
    }

    /** Where the drafter put it, however far off, with a leader that minds what lies about the room. */
    private Shows put(Vec at) {
        RoomLabel label = label(RoomLabel.Shape.BESIDE, mark);
        if (space.covers(at)) return paint(label, at);
        Bounds box = label.boxAt(at);
        RoomLeaders leaders = new Round(Stage.PUT, space.bounds().grown(FURTHEST * scale())).leaders;
        RoomLeaders.Leader leader = leaders.clean(box, Double.POSITIVE_INFINITY);
        if (leader == null) leader = leaders.least(box, Double.POSITIVE_INFINITY);
        return leader == null ? paint(label, at) : paint(label, at, leader);
    }

    /** In the first shape that fits, with its mark where that does. */
    private Shows inside() {
        TakenBoxes taken = new Taken(plan, Stage.INSIDE, building).within(space.bounds());
        List<RoomLabel> wishes = new ArrayList<>();
        if (mark != null) wishes.addAll(shapes(mark));
        wishes.addAll(shapes(null));
        for (RoomLabel label : wishes) {
            Vec at = inside(taken, label::boxAt, b -> true);
            if (at == null) continue;
            if (mark == null || label.isMarked()) return paint(label, at);
            Vec apart = inside(taken, p -> mark.boxAt(p, scale()), b -> !b.meets(label.boxAt(at)));
            if (apart != null) return paint(label, at, mark, apart, new Pens(look.lens()));
        }
        return squeezed(taken);
    }

    /** Where it costs least of places nearer to each other, on paper of its own over lines of strings; its mark apart. */
    private Shows squeezed(TakenBoxes taken) {
        RoomLabel best = null;
        Vec where = null;
        double least = Double.POSITIVE_INFINITY;
        for (RoomLabel label : shapes(null))
            for (Vec at : places(space.bounds(), STEP / 2)) {
                double cost = at.distanceTo(space.middle());
                if (cost >= least) break;
                Bounds box = label.boxAt(at);
                if (!taken.isFreeButForStrings(box)
                        || !isWithin(at, box)
                        || !space.net().covers(box)) continue;
                cost += taken.stringsIn(box) * STRING * scale();
                if (cost >= least) continue;
                least = cost;
                best = label;
                where = at;
            }
        if (best == null || where == null) return Shows.NOTHING;
        Pens pens = new Pens(look.lens());
        Bounds box = best.boxAt(where);
        if (taken.stringsIn(box) > 0) best.ground(where, pens);
        if (mark == null) return paint(best, where, pens);
        Vec apart = inside(taken, p -> mark.boxAt(p, scale()), b -> !b.meets(box));
        return apart == null ? Shows.NOTHING : paint(best, where, mark, apart, pens);
    }

    private @Nullable Vec inside(TakenBoxes taken, Function<Vec, Bounds> boxAt, Predicate<Bounds> may) {
        for (Vec at : places(space.bounds(), STEP)) {
            Bounds box = boxAt.apply(at);
            if (may.test(box)
                    && taken.isFree(box)
                    && isWithin(at, box)
                    && space.net().covers(box)) return at;
        }
        return null;
    }

    /** Whether a box lies in the room, about. */
    private boolean isWithin(Vec middle, Bounds box) {
        return space.covers(middle) && space.bounds().covers(box);
    }

    /** A free place outside the room, best outside the building; the room's middle where there is none. */
    private Shows outside() {
        if (!building.get(new OnPlan(plan, Stage.INSIDE, room.id())).groups().isEmpty()) return Shows.NOTHING;
        RoomLabel label = label(RoomLabel.Shape.BESIDE, mark);
        Round round = new Round(Stage.OUTSIDE, space.bounds().grown(NEAR * scale()));
        Spot spot = outside(label, round, RoomLeaders::clean);
        if (spot == null) spot = outside(label, round, RoomLeaders::least);
        return spot == null ? paint(label, space.middle()) : paint(label, spot.at(), spot.leader());
    }

    /** Where a label stands outside its room. */
    private record Spot(Vec at, RoomLeaders.Leader leader) {}

    private interface Led {
        RoomLeaders.@Nullable Leader from(RoomLeaders leaders, Bounds box, double below);
    }

    private @Nullable Spot outside(RoomLabel label, Round near, Led led) {
        Vec middle = space.middle();
        Spot best = null;
        double least = Double.POSITIVE_INFINITY;
        Round round = near;
        for (Vec at : places(space.bounds().grown(FURTHEST * scale()), OUTSIDE_STEP)) {
            double cost = at.distanceTo(middle);
            if (cost >= least) break;
            Bounds box = label.boxAt(at);
            if (cost + box.distanceTo(space.bounds()) >= least) continue;
            while (!round.reach.covers(box)) round = new Round(Stage.OUTSIDE, round.reach.grown(FURTHEST * scale()));
            if (!round.leaders.isFree(box) || round.standsInAWall(box)) continue;
            if (round.isInARoom(at)) cost += STRANGE * scale();
            if (cost >= least) continue;
            RoomLeaders.Leader leader = led.from(round.leaders, box, least - cost);
            if (leader == null) continue;
            least = cost + leader.cost();
            best = new Spot(at, leader);
        }
        return best;
    }

    /** What lies round a room, as far as it is looked at. */
    private final class Round {

        final Bounds reach;
        final RoomLeaders leaders;

        /** @param stage before which all is known */
        Round(Stage stage, Bounds reach) {
            this.reach = reach;
            Taken all = new Taken(plan, stage, building);
            if (stage == Stage.OUTSIDE) addLabelsBefore(all);
            leaders = new RoomLeaders(space, all.within(reach), scale());
        }

        /** The labels outside of their rooms of rooms before it. */
        private void addLabelsBefore(Taken all) {
            for (Room other : Rooms.in(building).saidToBeIn(look.storey(), reach.grown(2 * FURTHEST * scale())))
                if (other.id().compareTo(room.id()) < 0)
                    building.get(new OnPlan(plan, Stage.OUTSIDE, other.id()))
                            .barred()
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
        return new NearestFirst(space.middle(), within, step * scale());
    }

    private void paint(RoomLeaders.Leader leader, Pens pens) {
        pens.line(PenRole.ROOM, leader.line());
        Vec dot = leader.line().getLast();
        pens.add(new Item.Arc(PenRole.ROOM, pens.pen(PenRole.ROOM), dot, DOT * scale(), 0, Math.TAU));
    }

    private double scale() {
        return look.drawing().scale();
    }
}
