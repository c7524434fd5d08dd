package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.FootprintsIn;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
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
 * middle of its room as it can be, over lines of strings at worst; outside it with a leader where it has no room within. The
 * mark of the room's walls goes outside by itself where there is room for the words alone.
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
        RoomLabels labels = labels(plan, id, building);
        if (labels == null) return Shows.NOTHING;
        if (labels.room.words().in(plan.drawing()) instanceof Vec put)
            return stage == Stage.PUT ? labels.put(put) : Shows.NOTHING;
        return switch (stage) {
            case INSIDE -> labels.inside();
            case OUTSIDE -> labels.outside();
            default -> Shows.NOTHING;
        };
    }

    private static @Nullable RoomLabels labels(PlanOf plan, ElementId id, Building building) {
        Room room = building.model().find(id, Room.class);
        RoomSpace space = room == null || !room.storey().equals(plan.storey())
                ? null
                : Rooms.in(building).of(room);
        return space == null || Rooms.in(building).named(space).getFirst() != room
                ? null
                : new RoomLabels(plan, building, room, space);
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

    /** What stands somewhere as one: words, the mark of walls, or both. @param painter at a middle */
    private record Block(Function<Vec, Bounds> box, BiConsumer<Vec, Pens> painter) {

        Bounds boxAt(Vec middle) {
            return box.apply(middle);
        }

        void paint(Vec middle, Pens pens) {
            painter.accept(middle, pens);
        }
    }

    private static Block words(RoomLabel label) {
        return new Block(label::boxAt, label::paint);
    }

    private Block walls(InteriorMark of) {
        return new Block(at -> of.boxAt(at, scale()), (at, pens) -> of.paint(at, scale(), pens, plan.lettering()));
    }

    private Shows paint(Block block, Vec at) {
        Pens pens = new Pens(look.lens());
        block.paint(at, pens);
        return shows(pens, List.of(), List.of(block.boxAt(at)));
    }

    /** Outside its room. */
    private Shows paint(Block block, Vec at, RoomLeaders.Leader leader) {
        Pens pens = new Pens(look.lens());
        block.paint(at, pens);
        paint(leader, pens);
        List<Bounds> lines = new ArrayList<>();
        TakenBoxes.segments(leader.line(), lines);
        return shows(pens, lines, List.of(block.boxAt(at)));
    }

    private Shows shows(Pens pens, List<Bounds> lines, List<Bounds> boxes) {
        return new Shows(List.of(new Group(room.id(), room.layer(), pens.items(), List.of())), lines, boxes);
    }

    /** Where the drafter put it, however far off, with a leader that minds what lies about the room. */
    private Shows put(Vec at) {
        RoomLabel label = label(RoomLabel.Shape.BESIDE, mark);
        Block block = words(label);
        if (space.covers(at)) return paint(block, at);
        Bounds box = label.boxAt(at);
        RoomLeaders leaders = new Round(Stage.PUT, space.bounds().grown(FURTHEST * scale())).leaders;
        RoomLeaders.Leader leader = leaders.clean(box, Double.POSITIVE_INFINITY);
        if (leader == null) leader = leaders.least(box, Double.POSITIVE_INFINITY);
        return leader == null ? paint(block, at) : paint(block, at, leader);
    }

    /**
     * A label in its room.
     *
     * @param isMarked whether the mark of the walls stands under the words
     * @param overStrings whether it needs paper of its own
     * @param markAt where the mark stands by itself; null where it is under the words, outside the room, or none
     */
    private record Placed(RoomLabel.Shape shape, boolean isMarked, Vec at, boolean overStrings, @Nullable Vec markAt) {}

    /** Where the label of a room stands in it; null where it finds no place. */
    private record InRoom(PlanOf plan, ElementId room) implements Key<@Nullable Placed> {
        @Override
        public @Nullable Placed from(Reads reads) {
            RoomLabels labels = labels(plan, room, Building.in(reads));
            return labels == null ? null : labels.placed();
        }
    }

    private Shows inside() {
        Placed placed = building.get(new InRoom(plan, room.id()));
        if (placed == null) return Shows.NOTHING;
        RoomLabel label = label(placed.shape, placed.isMarked ? mark : null);
        Pens pens = new Pens(look.lens());
        if (placed.overStrings) label.ground(placed.at, pens);
        label.paint(placed.at, pens);
        List<Bounds> boxes = new ArrayList<>(List.of(label.boxAt(placed.at)));
        if (mark != null && placed.markAt instanceof Vec at) {
            walls(mark).paint(at, pens);
            boxes.add(walls(mark).boxAt(at));
        }
        return shows(pens, List.of(), boxes);
    }

    /** In the first shape that fits, with its mark where that does. */
    private @Nullable Placed placed() {
        TakenBoxes taken = new Taken(plan, Stage.INSIDE, building).within(space.bounds());
        List<RoomLabel> wishes = new ArrayList<>();
        if (mark != null) wishes.addAll(shapes(mark));
        wishes.addAll(shapes(null));
        for (RoomLabel label : wishes) {
            Vec at = inside(taken, label::boxAt, b -> true);
            if (at == null) continue;
            if (mark == null || label.isMarked()) return new Placed(label.shape(), label.isMarked(), at, false, null);
            Vec apart = inside(taken, walls(mark)::boxAt, b -> !b.meets(label.boxAt(at)));
            if (apart != null) return new Placed(label.shape(), false, at, false, apart);
        }
        return squeezed(taken);
    }

    /** Where it costs least of places nearer to each other, on paper of its own over lines of strings; its mark apart, if that has a place. */
    private @Nullable Placed squeezed(TakenBoxes taken) {
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
        if (best == null || where == null) return null;
        Bounds box = best.boxAt(where);
        Vec apart = mark == null ? null : inside(taken, walls(mark)::boxAt, b -> !b.meets(box));
        return new Placed(best.shape(), false, where, taken.stringsIn(box) > 0, apart);
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

    /** What has no place in the room. */
    private Shows outside() {
        Placed placed = building.get(new InRoom(plan, room.id()));
        if (placed == null) return outside(words(label(RoomLabel.Shape.BESIDE, mark)));
        return mark == null || placed.isMarked || placed.markAt != null ? Shows.NOTHING : outside(walls(mark));
    }

    /** At a free place outside the room, best outside the building; in the room's middle where there is none. */
    private Shows outside(Block block) {
        Round round = new Round(Stage.OUTSIDE, space.bounds().grown(NEAR * scale()));
        Spot spot = outside(block, round, RoomLeaders::clean);
        if (spot == null) spot = outside(block, round, RoomLeaders::least);
        return spot == null ? paint(block, space.middle()) : paint(block, spot.at(), spot.leader());
    }

    /** Where a label stands outside its room. */
    private record Spot(Vec at, RoomLeaders.Leader leader) {}

    private interface Led {
        RoomLeaders.@Nullable Leader from(RoomLeaders leaders, Bounds box, double below);
    }

    private @Nullable Spot outside(Block block, Round near, Led led) {
        Vec middle = space.middle();
        Spot best = null;
        double least = Double.POSITIVE_INFINITY;
        Round round = near;
        for (Vec at : places(space.bounds().grown(FURTHEST * scale()), OUTSIDE_STEP)) {
            double cost = at.distanceTo(middle);
            if (cost >= least) break;
            Bounds box = block.boxAt(at);
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
