package org.leanlintel.core;

import java.util.List;
import org.leanlintel.core.edit.storey.AddStorey;
import org.leanlintel.core.edit.storey.DrawFloor;
import org.leanlintel.core.edit.storey.DrawStair;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairMake;
import org.leanlintel.core.model.StairRules;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Wall;

/** A sketch of a house of two storeys: 6,000 by 4,000, 2,600 from floor to floor, a floor of 250 between. */
public final class HouseOfTwo {

    /** 20 finish and 230 of joists. */
    public static final ElementId FLOOR = Sketch.id("floor");

    public final Sketch sketch = new Sketch();
    public final List<Wall> shell = sketch.shell(6000, 4000);
    public final Storey first;
    public final List<Wall> above;

    public HouseOfTwo(StairRules.Limit... limits) {
        sketch.put(
                new BuildUp(
                        FLOOR,
                        "FX",
                        "Floor",
                        BuildUp.Use.FLOOR,
                        List.of(Sketch.ply("board", 20, Does.LINING), Sketch.ply("stud", 230, Does.CARRIES)),
                        "",
                        "",
                        ""),
                Storey.bare(Sketch.STOREY, "Ground", 0, 2600),
                UsualRules.with(new StairRules("Test", List.of(limits))));
        List<Element> made = sketch.run(new AddStorey(
                        Sketch.STOREY,
                        true,
                        "First",
                        2500,
                        new Storey.Built(FLOOR),
                        new AddStorey.Taking(true, false, false),
                        new AddStorey.NotLaid()))
                .after();
        first = only(made, Storey.class, "First");
        above = made.stream()
                .filter(Wall.class::isInstance)
                .map(Wall.class::cast)
                .toList();
    }

    private static Storey only(List<Element> made, Class<Storey> kind, String name) {
        return made.stream()
                .filter(kind::isInstance)
                .map(kind::cast)
                .filter(s -> s.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    public ElementId planAbove() {
        return sketch.model().all(Drawing.class).stream()
                .filter(d -> d.storey().equals(first.id()) && d.kind() == Drawing.Kind.PLAN)
                .findFirst()
                .orElseThrow()
                .id();
    }

    public Floor layFloorAbove() {
        return (Floor) sketch.run(new DrawFloor(
                        first.id(),
                        Sketch.LAYER,
                        FLOOR,
                        new Floor.InsideShell(new Vec(500, 500), Floor.Edge.STRUCTURE_OUTER),
                        0,
                        0,
                        new Floor.Level()))
                .after()
                .getFirst();
    }

    /** Straight, along x, from 1,000, 1,500: 13 risers of 200 at a going of 250. */
    public Stair stair(double width, StairMake.Rails rails, Stair.Above over) {
        StairMake make =
                new StairMake(22, 12, 18, StairMake.Strings.CLOSED, 32, 235, 90, rails, 900, Sketch.id("stud"));
        return (Stair) sketch.run(new DrawStair(
                        Sketch.STOREY,
                        Sketch.LAYER,
                        new Vec(1000, 1500),
                        0,
                        width,
                        new Stair.Flights(List.of(), List.of()),
                        new Stair.FixedRisers(13),
                        new Stair.FixedGoing(250),
                        make,
                        over))
                .after()
                .getFirst();
    }
}
