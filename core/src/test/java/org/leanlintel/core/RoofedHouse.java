package org.leanlintel.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.leanlintel.core.building.roof.BuiltRoof;
import org.leanlintel.core.edit.drawing.AddDrawing;
import org.leanlintel.core.edit.storey.DrawRoof;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.takeoff.Table;
import org.leanlintel.core.takeoff.Tables;

/** The house of two storeys with a roof of 35 degrees, overhanging by 300: tiles 25, battens 25, rafters 150, a lining of 15. */
public final class RoofedHouse {

    public static final ElementId COVER = Sketch.id("cover");
    public static final Roof.Edge EAVES = new Roof.Edge(new Roof.Eaves(Pitch.degrees(35)), 300, 0);
    public static final Roof.Edge VERGE = new Roof.Edge(new Roof.Verge(), 300, 0);
    public static final Roof.Edge AGAINST = new Roof.Edge(new Roof.Against(), 0, 0);

    public final HouseOfTwo house = new HouseOfTwo();
    public final Sketch sketch = house.sketch;

    public RoofedHouse() {
        sketch.put(new BuildUp(
                COVER,
                "RX",
                "Roof",
                BuildUp.Use.ROOF,
                List.of(
                        Sketch.ply("brick", 25, Does.FACING),
                        Sketch.ply("air", 25, Does.AIR_GAP),
                        Sketch.ply("stud", 150, Does.CARRIES),
                        Sketch.ply("board", 15, Does.LINING)),
                "",
                "",
                ""));
    }

    /** Over the upper storey; a seat of 100. */
    public DrawRoof overShell(Roof.Edge usual, Roof.OwnEdge... own) {
        return over(new Roof.OverShell(new Vec(3000, 2000)), usual, own);
    }

    public DrawRoof over(Roof.Over over, Roof.Edge usual, Roof.OwnEdge... own) {
        return new DrawRoof(
                house.first.id(),
                Sketch.LAYER,
                COVER,
                over,
                new Roof.AtWallHeads(),
                new Roof.Seated(100),
                usual,
                Arrays.asList(own),
                trim(180, Roof.Soffit.LEVEL, 100),
                new Roof.ItsUnderside());
    }

    /** All of one material, without flashings. */
    public static Roof.Trim trim(double fasciaMm, Roof.Soffit soffit, double gutterMm) {
        ElementId board = Sketch.id("board");
        return new Roof.Trim(fasciaMm, soffit, board, gutterMm, board, 0, board);
    }

    /** Gables over the walls along y. */
    public Roof gabled() {
        return draw(overShell(EAVES, at(wall(0, 2000), VERGE), at(wall(6000, 2000), VERGE)));
    }

    public Roof draw(DrawRoof edit) {
        return (Roof) sketch.run(edit).after().getFirst();
    }

    public static Roof.OwnEdge at(Wall wall, Roof.Edge edge) {
        return new Roof.OwnEdge(new Roof.OnWall(wall.id()), edge);
    }

    /** The wall of the upper storey that passes a point. */
    public Wall wall(double x, double y) {
        return house.above.stream()
                .filter(w -> sketch.building().solid(w.id()).bounds().grown(1).covers(new Vec(x, y)))
                .findFirst()
                .orElseThrow();
    }

    public BuiltRoof built(Roof roof) {
        BuiltRoof built = sketch.building().get(new BuiltRoof.Of(roof.id()));
        assertThat(built).isNotNull();
        return built;
    }

    /** That of its roofs. */
    public Table schedule() {
        return schedule(sketch);
    }

    public static Table schedule(Sketch sketch) {
        Drawing roofs = sketch.drawing("Roofs", Drawing.Kind.ROOFS, Sketch.STOREY, 10);
        return Tables.of(roofs, sketch.building());
    }

    /** Of the faces that look so, in degrees counter-clockwise from east. */
    public ElementId elevation(double degrees) {
        return sketch.run(new AddDrawing(
                        "Elevation " + degrees,
                        Drawing.Kind.ELEVATION,
                        Sketch.STOREY,
                        Sketch.LENS,
                        50,
                        new Drawing.Facing(Math.toRadians(degrees)),
                        new Drawing.All(),
                        List.of()))
                .after()
                .getFirst()
                .id();
    }
}
