package org.leanlintel.core;

import static org.assertj.core.api.Assertions.fail;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.drawing.AddDrawing;
import org.leanlintel.core.edit.drawing.DrawSection;
import org.leanlintel.core.edit.fitting.PlaceFitting;
import org.leanlintel.core.edit.opening.PlaceOpening;
import org.leanlintel.core.edit.run.Editing;
import org.leanlintel.core.edit.storey.AddStorey;
import org.leanlintel.core.edit.wall.DrawWalls;
import org.leanlintel.core.edit.wall.NewWall;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Detail;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Hatch;
import org.leanlintel.core.model.Heat;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.LetterStyle;
import org.leanlintel.core.model.Lights;
import org.leanlintel.core.model.MarkLetters;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Pen;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StringStyle;
import org.leanlintel.core.model.Surface;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.TitleBlock;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WorkState;

/** A small project to draw in from tests: a few build-ups with round numbers, one storey, one plan at 1:50. */
public final class Sketch {

    public static final ElementId STOREY = id("ground"), LAYER = id("layer"), LENS = id("lens"), PLAN = id("plan");
    /** Strokes, figures of 2.5 mm above the line, to 1 mm and 1/16 in. */
    public static final ElementId STYLE = id("style");
    /** Styles of letters: of notes, and of names. */
    public static final ElementId LETTERS = id("letters"), NAMES = id("names");
    /** 100 facing, 50 air gap, 140 structure: 290 mm. */
    public static final ElementId SHELL = id("shell");
    /** 140 structure, 15 lining. */
    public static final ElementId LINED = id("lined");
    /** 12.5 lining, 89 structure, 12.5 lining: 114 mm. */
    public static final ElementId PARTITION = id("partition");

    /** Put by {@link #ceiling()}; it is not there from the beginning. */
    public static final ElementId CEILING = id("ceiling");

    private Building building;

    public Sketch() {
        List<Element> elements = new ArrayList<>(List.of(
                new Settings(
                        Settings.ID,
                        "Test",
                        "",
                        "",
                        "",
                        UnitSystem.METRIC,
                        PaperSize.A2,
                        1200,
                        "UK",
                        Settings.RoomNumbering.FROM_ZERO,
                        MarkLetters.PLAIN),
                Storey.bare(STOREY, "Ground", 0, 2500),
                Layer.plain(LAYER, "All", List.of()),
                lens(),
                style(),
                letters().getFirst(),
                letters().getLast(),
                titleBlock(),
                new Drawing(
                        PLAN,
                        "Plan",
                        Drawing.Kind.PLAN,
                        STOREY,
                        LENS,
                        50,
                        "",
                        new Drawing.Whole(),
                        0,
                        new Drawing.All(),
                        List.of())));
        for (String name : List.of("brick", "air", "stud", "board", "insulation")) {
            elements.add(new Material(
                    id(name),
                    name,
                    name,
                    new Hatch(Hatch.Pattern.NONE, 1),
                    "#ffffff",
                    new Heat.Unstated(),
                    new Surface.Plain(),
                    0,
                    ""));
        }
        elements.add(buildUp(
                "shell", ply("brick", 100, Does.FACING), ply("air", 50, Does.AIR_GAP), ply("stud", 140, Does.CARRIES)));
        elements.add(buildUp("lined", ply("stud", 140, Does.CARRIES), ply("board", 15, Does.LINING)));
        elements.add(buildUp(
                "partition",
                ply("board", 12.5, Does.LINING),
                ply("stud", 89, Does.CARRIES),
                ply("board", 12.5, Does.LINING)));
        building = Building.of(Model.of(0, elements));
    }

    public static ElementId id(String name) {
        return new ElementId(name);
    }

    public static Ply ply(String material, double mm, Does does) {
        return Ply.solid(id(material), mm, does);
    }

    public static BuildUp buildUp(String name, Ply... plies) {
        return new BuildUp(
                id(name),
                name.substring(0, Math.min(6, name.length())),
                name,
                BuildUp.Use.WALL,
                List.of(plies),
                "",
                "",
                "");
    }

    /** Of ceilings: 100 structure, 12.5 lining. */
    public static BuildUp ceiling() {
        return new BuildUp(
                CEILING,
                "C1",
                "Ceiling",
                BuildUp.Use.CEILING,
                List.of(ply("stud", 100, Does.CARRIES), ply("board", 12.5, Does.LINING)),
                "",
                "",
                "");
    }

    public static Lens lens() {
        Map<PenRole, Pen> pens = new EnumMap<>(PenRole.class);
        for (PenRole role : PenRole.values()) pens.put(role, new Pen(0.25, Pen.Dash.CONTINUOUS));
        return new Lens(
                LENS,
                "All",
                List.of(),
                pens,
                0,
                new Detail(1000, 1000),
                Lens.Fill.MATERIALS,
                Lens.Symbol.LEAF,
                List.of(),
                List.of(),
                Lens.OpeningEdges.STRUCTURAL,
                false,
                Lens.Roofs.OVERHEAD,
                Lens.OpeningLines.MEET_AT_HINGE,
                Map.of(
                        WorkState.EXISTING, Lens.StateLook.GREY,
                        WorkState.REMOVED, Lens.StateLook.DASHED,
                        WorkState.NEW, Lens.StateLook.FULL),
                Lens.Colours.NOWHERE,
                STYLE,
                Lens.Letters.USUAL,
                Lens.Backdrop.NONE,
                0);
    }

    /** In the corner, 180 by 54: project, client and sheet above, drawing and scale below. */
    public static TitleBlock titleBlock() {
        return new TitleBlock(
                TitleBlock.USUAL,
                "Corner",
                TitleBlock.Place.CORNER,
                180,
                72,
                List.of(
                        box(0, 54, 180, 18, new TitleBlock.Issues(3)),
                        box(0, 40, 120, 14, new TitleBlock.Words("Project", "{project}", 5, true)),
                        box(0, 34, 120, 6, new TitleBlock.Words("", "{address}", 2.5, false)),
                        box(120, 34, 60, 20, new TitleBlock.Words("Client", "{client}", 3.5, false)),
                        box(0, 22, 120, 12, new TitleBlock.Words("Drawing", "{title}", 5, true)),
                        box(0, 16, 120, 6, new TitleBlock.Words("", "{units}", 2.5, false)),
                        box(120, 0, 60, 34, new TitleBlock.Words("Sheet", "{sheet}\n{place in set}", 6, true)),
                        box(0, 0, 36, 16, new TitleBlock.Words("Scale at {paper}", "{scale}", 3.5, false)),
                        box(36, 0, 48, 16, new TitleBlock.Words("Drawn by", "{drawn by}", 3.5, false)),
                        box(84, 0, 36, 16, new TitleBlock.Words("Printed", "{printed}", 3.5, false))),
                TitleBlock.Margin.BARE);
    }

    private static TitleBlock.Part box(double x, double y, double wide, double high, TitleBlock.Content content) {
        return new TitleBlock.Part(x, y, wide, high, false, true, content);
    }

    public static List<LetterStyle> letters() {
        return List.of(
                new LetterStyle(LETTERS, "Note", 2.5, 2.5, LetterStyle.Strong.NOTHING, false),
                new LetterStyle(NAMES, "Name", 3.5, 2.5, LetterStyle.Strong.FIRST_LINE, true));
    }

    public static StringStyle style() {
        return new StringStyle(
                STYLE,
                "Strokes",
                StringStyle.Terminator.STROKE,
                new StringStyle.ToPoint(1.5),
                StringStyle.Figures.ABOVE,
                false,
                2.5,
                1,
                16,
                StringStyle.Says.PROJECT);
    }

    public Building building() {
        return building;
    }

    public Model model() {
        return building.model();
    }

    /** Runs an edit that must be accepted. */
    public Change run(Edit edit) {
        Editing.Result result = Editing.run(edit, building);
        if (!(result.outcome() instanceof Change change))
            return fail("refused: " + ((Refusal) result.outcome()).sentence());
        building = result.after();
        return change;
    }

    /** The sentence with which an edit is refused, which changes nothing. */
    public String refusal(Edit edit) {
        Model before = model();
        if (!(tryRun(edit) instanceof Refusal refusal)) return fail("not refused: " + edit);
        if (model() != before) fail("refused, and yet something changed: " + edit);
        return refusal.sentence();
    }

    /** Adds a storey 2,500 high over the lower one, with copies of its shell, and no floor of its own. */
    public void storeyAbove() {
        run(new AddStorey(
                STOREY,
                true,
                "First",
                2500,
                new Storey.NotSaid(),
                new AddStorey.Taking(true, false, false),
                new AddStorey.NotLaid()));
    }

    /** Adds a drawing of all of its storey. */
    public Drawing drawing(String name, Drawing.Kind kind, ElementId storey, double scale) {
        return (Drawing)
                run(new AddDrawing(name, kind, storey, LENS, scale, new Drawing.Whole(), new Drawing.All(), List.of()))
                        .after()
                        .getFirst();
    }

    /** Draws a section at 1:50. @param beyondMm how far behind it things are seen */
    public ElementId section(Vec from, Vec to, Side looking, double beyondMm) {
        return run(new DrawSection("Section", STOREY, LAYER, from, to, looking, beyondMm, LENS, 50)).after().stream()
                .filter(Drawing.class::isInstance)
                .findFirst()
                .orElseThrow()
                .id();
    }

    /** A shell of 290 with its outer face on a rectangle from the origin: walls to the west, north, east and south. */
    public List<Wall> shell(double width, double height) {
        return run(SHELL, true, 0, 0, 0, height, width, height, width, 0);
    }

    /** A partition square across a shell, its middle at x, from its south to its north wall. */
    public Wall across(List<Wall> shell, double x) {
        double north = building().strip(shell.get(1).id()).axis().start().y();
        return partition(PARTITION, new Vec(x, 290), shell.get(3), new Vec(x, north - 290), shell.get(1));
    }

    public NewWall newWall(ElementId buildUp) {
        return NewWall.of(STOREY, LAYER, buildUp, new SetOut.MiddleOfStructure(), Side.LEFT, WallEnd.Reach.STRUCTURE);
    }

    /** The line of a straight wall: x where it runs up, y where it runs across. */
    public double lineOf(Wall wall) {
        Strip strip = building().strip(wall.id());
        Vec direction = strip.axis().chord().direction();
        return Math.abs(direction.y()) > 0.5
                ? strip.axis().start().x()
                : strip.axis().start().y();
    }

    /** Runs an edit and keeps what comes of it, if anything does. */
    public Outcome tryRun(Edit edit) {
        Editing.Result result = Editing.run(edit, building);
        building = result.after();
        return result.outcome();
    }

    public void apply(Change change) {
        building = building.after(change, model().after(change));
    }

    /** Puts elements straight into the model. */
    public void put(Element... elements) {
        apply(Change.to(model(), "put", List.of(elements), List.of()));
    }

    /** A run of walls along its outer face, with the outside on its left, as a clockwise shell has it. */
    public List<Wall> run(ElementId buildUp, boolean close, double... xy) {
        List<Pick> picks = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) picks.add(Pick.bare(xy[i], xy[i + 1]));
        return made(run(new DrawWalls(
                NewWall.of(STOREY, LAYER, buildUp, new SetOut.OnFace(0), Side.LEFT, WallEnd.Reach.STRUCTURE),
                picks,
                close)));
    }

    /** A partition along its middle, from the side of one wall to the side of another, or to a free point where null. */
    public Wall partition(ElementId buildUp, Vec from, Wall onFrom, Vec to, Wall onTo) {
        List<Pick> picks = List.of(on(from, onFrom), on(to, onTo));
        return made(run(new DrawWalls(
                        NewWall.of(
                                STOREY,
                                LAYER,
                                buildUp,
                                new SetOut.MiddleOfStructure(),
                                Side.LEFT,
                                WallEnd.Reach.STRUCTURE),
                        picks,
                        false)))
                .getFirst();
    }

    private static Pick on(Vec at, Wall wall) {
        return new Pick(at, wall == null ? new Hold.AtPoint(at) : new Hold.OnFace(wall.id(), 0));
    }

    public Opening door(Wall wall, double fromStart, double width) {
        return (Opening) run(new PlaceOpening(
                        wall.id(),
                        LAYER,
                        Placing.from(End.START, fromStart),
                        width,
                        2100,
                        0,
                        new Opening.SwingDoor(End.START, Side.RIGHT)))
                .after()
                .getFirst();
    }

    public Opening window(Wall wall, double fromStart, double width, double sill, double height) {
        return (Opening) run(new PlaceOpening(
                        wall.id(),
                        LAYER,
                        Placing.from(End.START, fromStart),
                        width,
                        height,
                        sill,
                        new Opening.Window(1, 100, Lights.Opens.FIXED)))
                .after()
                .getFirst();
    }

    /** A table of 600 deep that stands free, as wide as is said. @param at its middle; @param angle of its back, radians */
    public Fitting table(Vec at, double angle, double wide) {
        ElementId table = id("table");
        if (model().find(table) == null)
            put(new Symbol(
                    table,
                    "Table",
                    Symbol.Kind.OTHER,
                    "Test",
                    false,
                    new Vec(300, 300),
                    new Symbol.Extent(100, 600, 3000),
                    Symbol.Extent.fixed(600),
                    0,
                    750,
                    List.of(300.0),
                    List.of(),
                    List.of(new Symbol.Rounded(Vec.ORIGIN, 600, 600, 20)),
                    List.of(),
                    ""));
        PlaceFitting.Seated where = new PlaceFitting.Seated(new Fitting.Free(at, angle));
        return (Fitting) run(new PlaceFitting(STOREY, LAYER, table, where, 0, false, wide, 600))
                .after()
                .getFirst();
    }

    public static List<Wall> made(Change change) {
        return change.after().stream()
                .filter(Wall.class::isInstance)
                .map(Wall.class::cast)
                .toList();
    }

    public Wall wall(Wall wall) {
        return model().get(wall.id(), Wall.class);
    }

    /** Plan areas of everything that stands at a height. */
    public List<Area> cutAt(double mm) {
        return at(new Bodies(building).on(STOREY), mm).stream()
                .map(b -> Area.of(b.outline()))
                .toList();
    }

    public static List<Body> at(Collection<Body> bodies, double mm) {
        return bodies.stream().filter(b -> mm >= b.lowMm() && mm < b.highMm()).toList();
    }

    /** Plan area of one material of one wall at a height, square millimetres. */
    public double area(Wall wall, String material, double mm) {
        return at(building.solid(wall.id()).bodies(), mm).stream()
                .filter(b -> b.material().id().equals(id(material)))
                .mapToDouble(b -> Area.of(b.outline()).mm2())
                .sum();
    }
}
