package org.leanlintel.core.building.body;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.roof.TrussBodies;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Wall;

/** What stands in a building, as bodies in space: what sections cut and elevations see. */
public record Bodies(Building building) {

    /** What an element amounts to that stands; nothing where it does not. */
    public List<Body> of(ElementId element) {
        return building.get(new BodiesOf(element)).bodies();
    }

    /** What should stand and cannot be worked out. */
    public List<Element> failing() {
        List<Element> failing = new ArrayList<>();
        for (Class<? extends Element> kind : BodiesOf.KINDS)
            for (Element e : building.model().all(kind))
                if (building.get(new BodiesOf(e.id())).failed()) failing.add(e);
        return failing;
    }

    /** All that carries and closes a storey: walls, floors, roofs, stairs, steps, posts and foundations. */
    public Collection<Body> on(ElementId storey) {
        List<Body> bodies = new ArrayList<>();
        for (WallSolid solid : building.solidsOf(storey)) add(solid.strip().wall(), bodies);
        addOthers(storey, bodies);
        return bodies;
    }

    /** The same, but of walls only those that may lie within some bounds. */
    public Collection<Body> near(ElementId storey, Bounds bounds) {
        List<Body> bodies = new ArrayList<>();
        for (Strip strip : building.near(bounds, storey)) add(strip.wall(), bodies);
        addOthers(storey, bodies);
        return bodies;
    }

    /** What stands in the openings of a storey. */
    public Collection<Body> inOpenings(ElementId storey) {
        List<Body> bodies = new ArrayList<>();
        for (Wall wall : building.model().relations().wallsOf(storey))
            bodies.addAll(building.get(new OpeningBodies.Of(wall.id())));
        return bodies;
    }

    /** The fittings of a storey. */
    public Collection<Body> fittings(ElementId storey) {
        List<Body> bodies = new ArrayList<>();
        for (Fitting f : building.model().all(Fitting.class))
            if (f.storey().equals(storey)) bodies.addAll(building.get(new FittingBodies.Of(f.id())));
        return bodies;
    }

    /** The trusses in the roofs of a storey. */
    public Collection<Body> trusses(ElementId storey) {
        List<Body> bodies = new ArrayList<>();
        for (Truss t : building.model().all(Truss.class))
            if (storeyOf(t.roof()).equals(storey)) bodies.addAll(building.get(new TrussBodies.Of(t.id())));
        return bodies;
    }

    private void addOthers(ElementId storey, List<Body> bodies) {
        for (Floor f : building.model().all(Floor.class)) if (f.storey().equals(storey)) add(f, bodies);
        for (Roof r : building.model().all(Roof.class)) if (r.storey().equals(storey)) add(r, bodies);
        for (RoofPart p : building.model().all(RoofPart.class))
            if (storeyOf(p.roof()).equals(storey)) add(p, bodies);
        for (PlacedSteps steps : PlacedSteps.on(storey, building)) add(steps.steps(), bodies);
        for (Stair s : building.model().all(Stair.class)) if (s.storey().equals(storey)) add(s, bodies);
        for (Post p : building.model().relations().postsOf(storey)) add(p, bodies);
        for (Room r : building.model().all(Room.class))
            if (r.storey().equals(storey) && r.ceilingBuildUp() != null) add(r, bodies);
        for (Footing f : building.model().all(Footing.class)) if (f.storey().equals(storey)) add(f, bodies);
    }

    private ElementId storeyOf(ElementId roof) {
        return building.model().get(roof, Roof.class).storey();
    }

    private void add(Element element, List<Body> bodies) {
        bodies.addAll(of(element.id()));
    }
}
