package org.leanlintel.core.check;

import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.derive.Failing;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Dimension;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.InWork;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Marked;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.OnStorey;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.Pointing;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Wall;

/** What is looked at, in the order findings are listed in. */
enum Check {
    CLEARANCE(Fitting.class, Finding.Kind.CLEARANCE),
    CLASH(Fitting.class, Finding.Kind.CLASH),
    SWING(Wall.class, Finding.Kind.SWING),
    ESCAPE(Room.class, Finding.Kind.ESCAPE),
    ROOMS(Room.class, Finding.Kind.ROOMS),
    WAY_IN(Room.class, Finding.Kind.ROOMS),
    STAIR(Stair.class, Finding.Kind.STAIR),
    STEPS(OutsideSteps.class, Finding.Kind.STAIR),
    STAIR_WAY(Stair.class, Finding.Kind.STAIR),
    STAIR_LANDING(Stair.class, Finding.Kind.STAIR),
    ROOF(Roof.class, Finding.Kind.ROOF),
    HEADS(Wall.class, Finding.Kind.ROOF),
    TRUSS(Truss.class, Finding.Kind.ROOF),
    GUTTERS(Roof.class, Finding.Kind.ROOF),
    CHIMNEY(RoofPart.class, Finding.Kind.ROOF),
    FOOTING(Footing.class, Finding.Kind.SUPPORT),
    SUPPORT(Wall.class, Finding.Kind.SUPPORT),
    LAYER(Layer.class, Finding.Kind.LAYER),
    STRING(DimensionString.class, Finding.Kind.STRING),
    DIMENSION(Dimension.class, Finding.Kind.STRING),
    NOTE(Note.class, Finding.Kind.NOTE),
    KEYED(KeyMark.class, Finding.Kind.NOTE),
    SET_OUT(Drawing.class, Finding.Kind.SET_OUT);

    /** The kind of element that it looks at one by one. */
    final Class<? extends Element> kind;

    /** What it finds. */
    private final Finding.Kind finds;

    Check(Class<? extends Element> kind, Finding.Kind finds) {
        this.kind = kind;
        this.finds = finds;
    }

    /** What it finds with one element on a storey; nothing where the element does not stand there. */
    record Of(Check check, ElementId storey, ElementId element) implements Key<List<Finding>> {

        @Override
        public List<Finding> from(Reads reads) {
            Building building = Building.in(reads);
            return orUnlooked(building, () -> look(building));
        }

        /** What is found, or that nothing could be looked for here: all else is found without it. */
        List<Finding> orUnlooked(Building building, Supplier<List<Finding>> look) {
            return Failing.or(look, check + " of " + element, () -> {
                String sentence = "%s could not be checked, by a fault of this program, which is in its log."
                        .formatted(name(building.model().find(element)));
                String remedy = "Change it, or check it yourself.";
                return List.of(new Finding(check.finds, sentence, remedy, List.of(element), storey, Vec.ORIGIN, ""));
            });
        }

        private static String name(@Nullable Element of) {
            return switch (of) {
                case Room r -> r.name();
                case Drawing d -> d.name();
                case Layer l -> l.name();
                case Marked m -> m.mark();
                case DimensionString s -> "A dimension string";
                case Dimension d -> "A dimension";
                case Note n -> "A note";
                case KeyMark k -> "A keyed note";
                case null -> "Something";
                default -> "Something";
            };
        }

        private List<Finding> look(Building building) {
            Element found = building.model().find(element);
            if (found instanceof InWork w && !w.stays()) return List.of();
            Storey on = building.model().get(storey, Storey.class);
            return switch (check) {
                case CLEARANCE -> placed(found) ? new ClearanceCheck(building, storey).findings(element) : List.of();
                case CLASH -> placed(found) ? new ClashCheck(building, storey).findings(element) : List.of();
                case SWING -> new SwingCheck(building, storey).findings(element);
                case ESCAPE ->
                    found instanceof Room r && spaceOf(r, building) instanceof RoomSpace s
                            ? new EscapeCheck(building, on).findings(r, s)
                            : List.of();
                case ROOMS -> there(found, Room.class, r -> new RoomCheck(building, on).findings(r));
                case WAY_IN ->
                    found instanceof Room r && spaceOf(r, building) instanceof RoomSpace s
                            ? new WayInCheck(building, on).findings(r, s)
                            : List.of();
                case STAIR -> there(found, Stair.class, s -> new StairCheck(building, on).findings(s));
                case STEPS -> new StairCheck(building, on).landing(element);
                case ROOF -> there(found, Roof.class, r -> RoofCheck.findings(r, building));
                case HEADS -> there(found, Wall.class, w -> HeadCheck.findings(w.id(), building));
                case GUTTERS -> there(found, Roof.class, r -> GutterCheck.findings(r, building));
                case CHIMNEY ->
                    found instanceof RoofPart p && isOver(p.roof(), building)
                            ? ChimneyCheck.findings(p, building)
                            : List.of();
                case FOOTING -> there(found, Footing.class, f -> FootingCheck.findings(f, building));
                case TRUSS ->
                    found instanceof Truss t && isOver(t.roof(), building)
                            ? RoofCheck.findings(t, building)
                            : List.of();
                case STAIR_WAY ->
                    building.get(new BuiltStair.Of(element)) instanceof BuiltStair s
                                    && s.stair().storey().equals(storey)
                            ? new StairWayCheck(building, on).findings(s)
                            : List.of();
                case STAIR_LANDING ->
                    building.get(new BuiltStair.Of(element)) instanceof BuiltStair s
                            ? new StairLandingCheck(building, storey).findings(s)
                            : List.of();
                case SUPPORT -> new SupportCheck(building, on).findings(element);
                case STRING ->
                    found instanceof DimensionString s ? new StringCheck(building, storey).findings(s) : List.of();
                case DIMENSION ->
                    found instanceof Dimension d ? new StringCheck(building, storey).findings(d) : List.of();
                case NOTE, KEYED ->
                    found instanceof Pointing p ? new NoteCheck(building, storey).findings(p) : List.of();
                case SET_OUT ->
                    found instanceof Drawing d ? new SetOutFindings(building, storey).findings(d) : List.of();
                case LAYER -> found instanceof Layer l ? new LayerCheck(building, storey).findings(l) : List.of();
            };
        }

        /** What is found with something of a kind that stands on the storey. */
        private <T extends OnStorey> List<Finding> there(
                @Nullable Element found, Class<T> kind, Function<T, List<Finding>> check) {
            return kind.isInstance(found) && kind.cast(found).storey().equals(storey)
                    ? check.apply(kind.cast(found))
                    : List.of();
        }

        private boolean isOver(ElementId roof, Building building) {
            return building.model().get(roof, Roof.class).storey().equals(storey);
        }

        private boolean placed(@Nullable Element found) {
            return found instanceof Fitting f && f.storey().equals(storey);
        }

        /** Of the first room of an area, which speaks for it. */
        private @Nullable RoomSpace spaceOf(Room room, Building building) {
            RoomSpace space = room.storey().equals(storey) ? Rooms.in(building).of(room) : null;
            return space != null && Rooms.in(building).named(space).getFirst() == room ? space : null;
        }
    }
}
