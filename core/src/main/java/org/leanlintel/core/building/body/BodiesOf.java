package org.leanlintel.core.building.body;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.Wrapped;
import org.leanlintel.core.building.join.Content;
import org.leanlintel.core.building.roof.BuiltRoof;
import org.leanlintel.core.building.roof.PlacedRoofPart;
import org.leanlintel.core.building.roof.RoofBodies;
import org.leanlintel.core.building.roof.RoomCeiling;
import org.leanlintel.core.building.roof.UnderRoofs;
import org.leanlintel.core.derive.Failing;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Wall;

/** What an element amounts to that stands; nothing where it does not. */
record BodiesOf(ElementId element) implements Key<BodiesOf.Stands> {

    /** The kinds of elements that stand. */
    static final List<Class<? extends Element>> KINDS = List.of(
            Wall.class,
            Roof.class,
            Floor.class,
            Stair.class,
            OutsideSteps.class,
            RoofPart.class,
            Footing.class,
            Post.class,
            Room.class);

    /** @param failed whether there should be some and none could be worked out */
    record Stands(List<Body> bodies, boolean failed) {}

    @Override
    public Stands from(Reads reads) {
        Building building = Building.in(reads);
        return Failing.or(
                () -> new Stands(bodies(building), false), element.toString(), () -> new Stands(List.of(), true));
    }

    private List<Body> bodies(Building building) {
        return List.copyOf(
                switch (building.model().find(element)) {
                    case Wall w ->
                        building.solid(element) instanceof WallSolid s ? UnderRoofs.of(s, building) : List.of();
                    case Roof r ->
                        building.get(new BuiltRoof.Of(element)) instanceof BuiltRoof built
                                ? RoofBodies.of(built, building)
                                : List.of();
                    case Floor f -> OnStems.floor(f, building);
                    case Stair s ->
                        building.get(new BuiltStair.Of(element)) instanceof BuiltStair built
                                ? StairBodies.of(built, building)
                                : List.of();
                    case OutsideSteps s ->
                        PlacedSteps.of(s, building) instanceof PlacedSteps placed ? placed.bodies(building) : List.of();
                    case RoofPart p ->
                        building.get(new PlacedRoofPart.Of(element)) instanceof PlacedRoofPart placed
                                ? placed.bodies(building, Ground.finished(building)::at)
                                : List.of();
                    case Footing f ->
                        building.get(new BuiltFooting.Of(element)) instanceof BuiltFooting built
                                ? built.bodies(building)
                                : List.of();
                    case Room r -> RoomCeiling.bodies(r, building);
                    case Post p -> UnderRoofs.underRafters(p.storey(), post(p, building), building);
                    case null -> List.of();
                    default -> List.of();
                });
    }

    private static List<Body> post(Post post, Building building) {
        StoreySpace on = building.space(post.storey());
        List<Body> bodies = new ArrayList<>();
        for (Wrapped.Part part : Wrapped.of(post.make(), post.widthMm(), true, building.model()))
            bodies.add(new Body(
                    post.id(),
                    Content.NO_PLY,
                    part.material(),
                    part.does(),
                    post.ring(part.x0(), part.x1(), part.y0(), part.y1()),
                    Plane.level(on.levelMm() + on.footMm()),
                    Plane.level(on.levelMm() + on.headMm())));
        return bodies;
    }
}
