package org.leanlintel.formats.demo;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.dimension.Facing;
import org.leanlintel.core.dimension.Scheme;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.dimension.DimensionPlan;
import org.leanlintel.core.edit.drawing.AddDrawing;
import org.leanlintel.core.edit.drawing.AddSheet;
import org.leanlintel.core.edit.drawing.DrawElevations;
import org.leanlintel.core.edit.drawing.DrawInterior;
import org.leanlintel.core.edit.drawing.DrawSection;
import org.leanlintel.core.edit.fitting.PlaceFitting;
import org.leanlintel.core.edit.gap.KeepGap;
import org.leanlintel.core.edit.note.Picked;
import org.leanlintel.core.edit.note.PlaceKeyMark;
import org.leanlintel.core.edit.note.PlaceNote;
import org.leanlintel.core.edit.note.PlaceNotes;
import org.leanlintel.core.edit.note.PlaceSign;
import org.leanlintel.core.edit.opening.MakeType;
import org.leanlintel.core.edit.opening.PlaceCornerPair;
import org.leanlintel.core.edit.opening.PlaceOpening;
import org.leanlintel.core.edit.room.DrawRoomLimit;
import org.leanlintel.core.edit.room.NameRoom;
import org.leanlintel.core.edit.room.NumberRooms;
import org.leanlintel.core.edit.run.Editing;
import org.leanlintel.core.edit.setting.Aim;
import org.leanlintel.core.edit.storey.AddStorey;
import org.leanlintel.core.edit.storey.DrainRoof;
import org.leanlintel.core.edit.storey.DrawFloor;
import org.leanlintel.core.edit.storey.DrawRoof;
import org.leanlintel.core.edit.storey.DrawStair;
import org.leanlintel.core.edit.storey.DrawVoid;
import org.leanlintel.core.edit.storey.LayFootings;
import org.leanlintel.core.edit.storey.LayTrusses;
import org.leanlintel.core.edit.storey.PlaceRoofPart;
import org.leanlintel.core.edit.storey.PlaceSpotLevel;
import org.leanlintel.core.edit.storey.PlaceSteps;
import org.leanlintel.core.edit.storey.ReviseStorey;
import org.leanlintel.core.edit.wall.CurveWall;
import org.leanlintel.core.edit.wall.DrawWalls;
import org.leanlintel.core.edit.wall.NewWall;
import org.leanlintel.core.edit.wall.PlacePiece;
import org.leanlintel.core.edit.wall.PlacePost;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Gap;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.InWork;
import org.leanlintel.core.model.Leaders;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Lights;
import org.leanlintel.core.model.Meeting;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OpeningMake;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Sign;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Stop;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.TitleBlock;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.core.picture.height.MaterialNames;
import org.leanlintel.core.picture.sheet.Footprint;
import org.leanlintel.core.sheet.LayOut;
import org.leanlintel.formats.pdf.DrawingLettering;
import org.leanlintel.formats.standard.OfficeStandard;

/** Draws a demo project by the product's own edits, in its own unit. A refused edit is a fault of the demo. */
final class Draft {

    private String set = "";
    private final double unitMm;
    private Building building;
    /** The storey that is drawn on, and its plan. */
    private ElementId storey = OfficeStandard.GROUND, plan = OfficeStandard.GROUND_PLAN;

    /** @param unitMm millimetres in the unit this draft is written in */
    Draft(Model start, double unitMm) {
        this.building = Building.of(start);
        this.unitMm = unitMm;
    }

    Building building() {
        return building;
    }

    Model model() {
        return building.model();
    }

    private Change run(Edit edit) {
        Editing.Result result = Editing.run(edit, building);
        if (result.outcome() instanceof Refusal refusal)
            throw new IllegalStateException("The demo was refused: " + refusal.sentence());
        building = result.after();
        return (Change) result.outcome();
    }

    /** Gives the storey drawn on a height to the next, and a floor. */
    void storey(double height, String floor) {
        Storey now = model().get(storey, Storey.class);
        run(new ReviseStorey(new Storey(
                now.id(), now.name(), now.levelMm(), height * unitMm, built(floor), new Rise.UnderStoreyAbove())));
    }

    private static Storey.Underfoot built(String floor) {
        return new Storey.Built(new ElementId("build-up-" + floor));
    }

    /** Adds a storey above with a copy of the shell, and draws there from now on. @return the copied walls */
    List<Wall> storeyAbove(String name, double height, String floor) {
        Change change = run(new AddStorey(
                storey,
                true,
                name,
                height * unitMm,
                built(floor),
                new AddStorey.Taking(true, false, false),
                new AddStorey.NotLaid()));
        for (Element e : change.after()) {
            if (e instanceof Storey s) storey = s.id();
            if (e instanceof Drawing d) plan = d.id();
        }
        return made(change);
    }

    ElementId here() {
        return storey;
    }

    /** Draws on another storey from now on. */
    void on(ElementId other) {
        storey = other;
        plan = Objects.requireNonNull(Drawing.workingPlan(model(), other)).id();
    }

    ElementId plan() {
        return plan;
    }

    /** The ground outside, what levels are counted from, and north in degrees right of up. */
    void site(String datum, double zeroMm, double ground, double north) {
        double angle = Math.PI / 2 - Math.toRadians(north);
        run(new Revise(new Site(Site.ID, datum, zeroMm, ground * unitMm, angle)));
    }

    /** A partition from one wall to another round a corner. */
    List<Wall> bent(
            String buildUp, Wall from, double x0, double y0, double x, double y, Wall to, double x1, double y1) {
        List<Pick> picks = List.of(
                new Pick(at(x0, y0), new Hold.OnFace(from.id(), 0)),
                Pick.bare(x * unitMm, y * unitMm),
                new Pick(at(x1, y1), new Hold.OnFace(to.id(), 0)));
        return walls(buildUp, new SetOut.MiddleOfStructure(), picks, false);
    }

    void gable(Wall wall, double eaves, double apex) {
        Wall now = model().get(wall.id(), Wall.class);
        run(new Revise(now.rising(new Rise(new Rise.OnFloor(), Rise.Along.gable(eaves * unitMm, apex * unitMm)))));
    }

    /** A floor that fills the shell round a point, out to the outer faces of its structure. */
    void floor(String buildUp, double x, double y) {
        floor(buildUp, new Floor.InsideShell(at(x, y), Floor.Edge.STRUCTURE_OUTER), 0, new Floor.Level());
    }

    /** A rectangle of floor, a step from the storey's level. */
    void floor(String buildUp, double x0, double y0, double x1, double y1, double step, Floor.Fall fall) {
        floor(buildUp, new Floor.Drawn(List.of(at(x0, y0), at(x1, y0), at(x1, y1), at(x0, y1))), step, fall);
    }

    private void floor(String buildUp, Floor.Outline outline, double step, Floor.Fall fall) {
        run(new DrawFloor(
                storey,
                OfficeStandard.LAYER_FLOORS,
                new ElementId("build-up-" + buildUp),
                outline,
                step * unitMm,
                Math.PI / 2,
                fall));
    }

    /** A roof over the shell round a point, made as is usual where the house is built; its edges over some walls are verges. */
    Roof roof(double x, double y, Pitch pitch, Roof.Under under, Wall... verges) {
        OfficeStandard.RoofMakes makes =
                OfficeStandard.roofMakes(model().settings().region());
        Roof.Edge verge = new Roof.Edge(new Roof.Verge(), makes.vergeMm(), 0);
        List<Roof.OwnEdge> own = Arrays.stream(verges)
                .map(w -> new Roof.OwnEdge(new Roof.OnWall(w.id()), verge))
                .toList();
        Roof.Edge eaves = new Roof.Edge(new Roof.Eaves(pitch), makes.overhangMm(), 0);
        return roof(makes, new Roof.OverShell(at(x, y)), new Roof.AtWallHeads(), eaves, own, under);
    }

    /** A roof over a rectangle, its sides given from the one at the foot of the plan counter-clockwise. */
    Roof roof(double x0, double y0, double x1, double y1, double plate, Roof.Edge... sides) {
        List<Roof.OwnEdge> own = new ArrayList<>();
        for (int i = 1; i < sides.length; i++) own.add(new Roof.OwnEdge(new Roof.OnSide(i), sides[i]));
        Roof.Over over = new Roof.OverRing(List.of(at(x0, y0), at(x1, y0), at(x1, y1), at(x0, y1)));
        OfficeStandard.RoofMakes makes =
                OfficeStandard.roofMakes(model().settings().region());
        Roof.Plate at = plate == 0 ? new Roof.AtWallHeads() : new Roof.AtHeight(plate * unitMm);
        return roof(makes, over, at, sides[0], own, new Roof.Loft());
    }

    private Roof roof(
            OfficeStandard.RoofMakes makes,
            Roof.Over over,
            Roof.Plate plate,
            Roof.Edge usual,
            List<Roof.OwnEdge> own,
            Roof.Under under) {
        return (Roof) run(new DrawRoof(
                        storey,
                        OfficeStandard.LAYER_ROOFS,
                        makes.buildUp(),
                        over,
                        plate,
                        new Roof.Seated(makes.seatMm()),
                        usual,
                        own,
                        makes.trim(),
                        under))
                .after()
                .getFirst();
    }

    /** Trusses as usual in the trade region, in all of a roof or from so far along to so far. */
    Truss trusses(Roof roof, Truss.Form form, Truss.Along along) {
        OfficeStandard.TrussMake make =
                OfficeStandard.roofMakes(model().settings().region()).truss();
        return (Truss) run(new LayTrusses(
                        roof.id(),
                        OfficeStandard.LAYER_ROOFS,
                        form,
                        make.topMm(),
                        make.bottomMm(),
                        make.webMm(),
                        make.thickMm(),
                        make.spacingMm(),
                        along))
                .after()
                .getFirst();
    }

    /** One of several trusses side by side, that carries what does not reach the other side of the roof. */
    Truss girder(Roof roof, Truss.Form form, int plies, Truss.Along along) {
        Truss girder = trusses(roof, form, along).ofPlies(plies);
        run(new Revise(girder));
        return girder;
    }

    /** The drawing of a truss. */
    ElementId drawn(Truss truss, double scale) {
        return run(new AddDrawing(
                        "Truss " + truss.mark(),
                        Drawing.Kind.TRUSS,
                        storey,
                        new ElementId("lens-elevation"),
                        scale,
                        new Drawing.One(truss.id()),
                        new Drawing.All(),
                        List.of()))
                .after()
                .getFirst()
                .id();
    }

    RoofPart through(double x, double y, double width, double length, RoofPart.Make make) {
        return (RoofPart)
                run(new PlaceRoofPart(OfficeStandard.LAYER_ROOFS, at(x, y), width * unitMm, length * unitMm, make))
                        .after()
                        .getFirst();
    }

    /** Downpipes as the roof needs. @param width of each along the wall, @param depth away from it */
    void drain(Roof roof, double width, double depth) {
        run(new DrainRoof(
                roof.id(),
                OfficeStandard.LAYER_ROOFS,
                width * unitMm,
                depth * unitMm,
                roof.trim().gutterOf()));
    }

    /** Foundations as usual in the trade region: under the shell round a point, and under walls. */
    void footings(double x, double y, Wall... walls) {
        List<Footing.Under> under = new ArrayList<>(List.of(new Footing.UnderShell(at(x, y))));
        for (Wall w : walls) under.add(new Footing.UnderWall(w.id()));
        OfficeStandard.FootingMakes make =
                OfficeStandard.footingMakes(model().settings().region());
        run(new LayFootings(
                storey,
                OfficeStandard.LAYER_FOUNDATIONS,
                under,
                make.widthMm(),
                make.depthMm(),
                make.undersideMm(),
                make.material(),
                make.rising()));
    }

    /** How high the ground lies at a point, before the work and after it. */
    void ground(double x, double y, double existing, double finished) {
        run(new PlaceSpotLevel(OfficeStandard.LAYER_SITE, at(x, y), existing * unitMm, finished * unitMm));
    }

    /** Notes that name the materials an elevation shows. */
    void materials(ElementId elevation) {
        List<PlaceNote> notes = new ArrayList<>();
        for (MaterialNames.Named n : MaterialNames.of(building(), elevation, DrawingLettering.get()))
            notes.add(new PlaceNote(
                    elevation,
                    OfficeStandard.LAYER_NOTES,
                    n.at(),
                    MaterialNames.TEXT,
                    OfficeStandard.LETTERS_NOTE,
                    0,
                    Leaders.Shape.ELBOWED,
                    Leaders.Tip.DOT,
                    List.of(new Picked.Thing(n.element(), n.tip()))));
        run(new PlaceNotes(notes));
    }

    /** A lens of the office standard with marks of more things. */
    void marking(String lens, Lens.MarkOf more) {
        Lens of = model().get(new ElementId("lens-" + lens), Lens.class);
        List<Lens.MarkOf> marks = new ArrayList<>(of.marks());
        marks.add(more);
        run(new Revise(of.marking(marks)));
    }

    /** The four elevations, from the side at the foot of the plan round. */
    List<ElementId> elevations(double scale) {
        return run(new DrawElevations(storey, new ElementId("lens-elevation"), scale)).after().stream()
                .map(Element::id)
                .toList();
    }

    /** The walls of a room of this storey from inside, dimensioned. */
    ElementId interior(String room, double scale) {
        ElementId of = model().all(Room.class).stream()
                .filter(r -> r.storey().equals(storey) && r.name().equals(room))
                .findFirst()
                .orElseThrow()
                .id();
        ElementId drawing = run(new DrawInterior(of, new ElementId("lens-elevation"), scale))
                .after()
                .getFirst()
                .id();
        dimension(drawing);
        return drawing;
    }

    /** Before a door: a landing, and steps or a ramp to the ground. */
    void steps(Opening door, double width, double landing, OutsideSteps.Way way) {
        run(new PlaceSteps(
                door.id(),
                OfficeStandard.LAYER_FLOORS,
                width * unitMm,
                landing * unitMm,
                way,
                new ElementId("material-concrete")));
    }

    void hole(double x0, double y0, double x1, double y1) {
        run(new DrawVoid(storey, OfficeStandard.LAYER_FLOORS, List.of(at(x0, y0), at(x1, y0), at(x1, y1), at(x0, y1))));
    }

    /** A stair from the left end of its first riser, with goings as the rules ask. */
    Stair stair(double x, double y, double angle, double width, Stair.Shape shape) {
        String region = model().settings().region();
        return (Stair) run(new DrawStair(
                        storey,
                        OfficeStandard.LAYER_FLOORS,
                        at(x, y),
                        angle,
                        width * unitMm,
                        shape,
                        new Stair.LeastRisers(),
                        new Stair.GoingByRule(),
                        OfficeStandard.stairMakes(region).make(),
                        Stair.Above.FOUND))
                .after()
                .getFirst();
    }

    /** A section line with its drawing. */
    ElementId section(double x0, double y0, double x1, double y1, Side looking, double scale) {
        Change change = run(new DrawSection(
                "Section",
                storey,
                OfficeStandard.LAYER_SECTIONS,
                at(x0, y0),
                at(x1, y1),
                looking,
                20_000,
                new ElementId("lens-section"),
                scale));
        return change.after().stream()
                .filter(Drawing.class::isInstance)
                .findFirst()
                .orElseThrow()
                .id();
    }

    ElementId stairDrawing(Stair stair, double scale) {
        return run(new AddDrawing(
                        "Stair " + stair.mark(),
                        Drawing.Kind.STAIR,
                        storey,
                        OfficeStandard.LENS_BUILDING_PLAN,
                        scale,
                        new Drawing.One(stair.id()),
                        new Drawing.All(),
                        List.of()))
                .after()
                .getFirst()
                .id();
    }

    /** A drawing by its name. */
    ElementId named(String name) {
        return model().all(Drawing.class).stream()
                .filter(d -> d.name().equals(name))
                .findFirst()
                .orElseThrow()
                .id();
    }

    void move(Opening opening, Vec by) {
        run(new Move(List.of(opening.id()), by));
    }

    /** Sheets to come are bound in a set of this name. */
    void binding(String name) {
        set = name;
    }

    /** A sheet with drawings laid out on it; they all fit. */
    void sheet(String number, String title, PaperSize size, ElementId... drawings) {
        Building now = building();
        Paper paper = Paper.across(size);
        List<LayOut.Block> blocks = new ArrayList<>();
        for (ElementId id : drawings) {
            Picture picture = DrawingPicture.of(now, id, DrawingLettering.get()).picture();
            Footprint print =
                    Footprint.of(now.model().get(id, Drawing.class), now.model(), picture, DrawingLettering.get());
            blocks.add(new LayOut.Block(id, print.anchor(), print.box()));
        }
        LayOut.Result laid = LayOut.on(paper, TitleBlock.of(now.model()), blocks);
        if (laid.sheets().size() != 1 || !laid.tooLarge().isEmpty())
            throw new IllegalStateException("More than one sheet is needed for " + title);
        List<Sheet.Placed> placed = laid.sheets().getFirst().stream()
                .map(p -> new Sheet.Placed(p.block().drawing(), p.block().anchor(), p.at()))
                .toList();
        run(new AddSheet(number, title, set, paper, placed));
    }

    private static List<Wall> made(Change change) {
        return change.after().stream()
                .filter(Wall.class::isInstance)
                .map(Wall.class::cast)
                .toList();
    }

    private Vec at(double x, double y) {
        return new Vec(x * unitMm, y * unitMm);
    }

    /** A closed run along its outer face, clockwise, so that the outside lies to its left. */
    List<Wall> shell(String buildUp, double... xy) {
        return walls(buildUp, new SetOut.OnFace(0), picks(xy), true);
    }

    /** An open run along its outer face, outside to its left; it shares the corners it starts and ends at. */
    List<Wall> outside(String buildUp, double... xy) {
        return walls(buildUp, new SetOut.OnFace(0), picks(xy), false);
    }

    /** A run from the side of one wall to the side of another, along the middle of its structure. */
    Wall partition(String buildUp, Wall from, double x0, double y0, Wall to, double x1, double y1) {
        List<Pick> picks = List.of(
                new Pick(at(x0, y0), new Hold.OnFace(from.id(), 0)), new Pick(at(x1, y1), new Hold.OnFace(to.id(), 0)));
        return walls(buildUp, new SetOut.MiddleOfStructure(), picks, false).getFirst();
    }

    /** A short wall from the side of another to a free end, round which its lining returns. */
    Wall nib(String buildUp, Wall from, double x0, double y0, double x1, double y1) {
        List<Pick> picks =
                List.of(new Pick(at(x0, y0), new Hold.OnFace(from.id(), 0)), Pick.bare(x1 * unitMm, y1 * unitMm));
        Wall wall = walls(buildUp, new SetOut.MiddleOfStructure(), picks, false).getFirst();
        if (wall.end() instanceof WallEnd.AtCorner free) {
            Corner corner = model().get(free.corner(), Corner.class);
            run(new Revise(corner.decided(new Meeting.Returned())));
        }
        return wall;
    }

    /** Gives a wall a head of its own. */
    void low(Wall wall, double head) {
        Wall now = model().get(wall.id(), Wall.class);
        run(new Revise(now.rising(new Rise(new Rise.OnFloor(), new Rise.Fixed(head * unitMm)))));
    }

    /** Keeps the clear distance from a wall to another on a side of it. */
    void keep(Wall wall, Side side, Wall other, double clear) {
        run(new KeepGap(new Gap.Beside(wall.id(), side, other.id()), Gap.Faces.FINISH, clear * unitMm));
    }

    void curve(Wall wall, double radius, Side bowsTo) {
        run(new CurveWall(wall.id(), new CurveWall.Radius(radius * unitMm, bowsTo)));
    }

    /** @param low and height in the draft's unit */
    WallPiece piece(Wall wall, Side side, WallPiece.Stretch stretch, double low, double height, WallPiece.Make make) {
        return (WallPiece) run(new PlacePiece(
                        wall.id(), OfficeStandard.LAYER_WALLS, side, stretch, low * unitMm, height * unitMm, make))
                .after()
                .getFirst();
    }

    WallPiece.Stretch part(End from, double distance, double width) {
        return new WallPiece.Part(Placing.from(from, distance * unitMm), width * unitMm);
    }

    void post(double x, double y, double size, String material) {
        run(new PlacePost(
                storey,
                OfficeStandard.LAYER_WALLS,
                at(x, y),
                0,
                size * unitMm,
                new WallPiece.Solid(new ElementId("material-" + material), size * unitMm)));
    }

    private List<Pick> picks(double... xy) {
        List<Pick> picks = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) picks.add(Pick.bare(xy[i] * unitMm, xy[i + 1] * unitMm));
        return picks;
    }

    private List<Wall> walls(String buildUp, SetOut setOut, List<Pick> picks, boolean close) {
        Change change = run(new DrawWalls(
                NewWall.of(
                        storey,
                        OfficeStandard.LAYER_WALLS,
                        new ElementId("build-up-" + buildUp),
                        setOut,
                        Side.LEFT,
                        WallEnd.Reach.STRUCTURE),
                picks,
                close));
        return made(change);
    }

    Opening door(Wall wall, End from, double distance, double width, double height, End hinge, Side swing) {
        return opening(wall, from, distance, width, height, 0, new Opening.SwingDoor(hinge, swing));
    }

    Opening liftingDoor(Wall wall, End from, double distance, double width, double height) {
        return opening(wall, from, distance, width, height, 0, new Opening.LiftingDoor());
    }

    Opening window(
            Wall wall,
            End from,
            double distance,
            double width,
            double height,
            double sill,
            int lights,
            double setbackMm,
            Lights.Opens opens) {
        return opening(wall, from, distance, width, height, sill, new Opening.Window(lights, setbackMm, opens));
    }

    /** An opening from the floor of a kind of its own. */
    Opening opening(Wall wall, End from, double distance, double width, double height, Opening.Kind kind) {
        return opening(wall, from, distance, width, height, 0, kind);
    }

    private Opening opening(
            Wall wall, End from, double distance, double width, double height, double sill, Opening.Kind kind) {
        return aimed(wall, new Aim.By(Placing.from(from, distance * unitMm)), width, height, sill, kind);
    }

    /** A window of a form of its own. */
    Opening window(
            Wall wall, End from, double distance, double width, double height, double sill, Opening.Window kind) {
        return opening(wall, from, distance, width, height, sill, kind);
    }

    /** Windows of one width round a corner; the one in {@code wall} first. */
    List<Opening> cornerPair(Wall wall, End end, double width, double height, double sill, Opening.Window kind) {
        OpeningMake make =
                OfficeStandard.openingMakes(model().settings().region()).of(kind);
        Change change = run(new PlaceCornerPair(
                wall.id(),
                end,
                OfficeStandard.LAYER_OPENINGS,
                width * unitMm,
                width * unitMm,
                height * unitMm,
                sill * unitMm,
                kind,
                make));
        return change.after().stream().map(Opening.class::cast).toList();
    }

    /** A window in the middle of the room that a point lies in, on a side of its wall. */
    Opening centredWindow(
            Wall wall, Side side, double x, double y, double width, double height, double sill, Opening.Window kind) {
        Aim aim = new Aim.Centred(at(x, y), side, Stop.Of.FINISH, Aim.In.ROOM);
        return aimed(wall, aim, width, height, sill, kind);
    }

    private Opening aimed(Wall wall, Aim aim, double width, double height, double sill, Opening.Kind kind) {
        String region = model().settings().region();
        Change change = run(new PlaceOpening(
                wall.id(),
                OfficeStandard.LAYER_OPENINGS,
                aim,
                width * unitMm,
                height * unitMm,
                sill * unitMm,
                kind,
                OfficeStandard.openingMakes(region).of(kind)));
        return (Opening) change.after().getFirst();
    }

    /** Makes openings of one type. */
    void type(String mark, Opening... openings) {
        run(new MakeType(Stream.of(openings).map(Opening::id).toList(), mark));
    }

    /** Names the closed area round a point. */
    void room(double x, double y, String name, Room.Use use, String floor) {
        Room.Finishes finishes = new Room.Finishes(floor, "Emulsion", "Emulsion");
        run(new NameRoom(storey, OfficeStandard.LAYER_ROOMS, at(x, y), "", name, use, finishes));
    }

    /** A ceiling of its own for the room of a name. */
    void ceiling(String name, double height, Room.Above above) {
        Room room = model().all(Room.class).stream()
                .filter(r -> r.name().equals(name))
                .findFirst()
                .orElseThrow();
        run(new Revise(room.under(new Rise.Fixed(height * unitMm), above)));
    }

    /** The label of a room, put by hand. */
    void label(String name, double x, double y) {
        Room room = model().all(Room.class).stream()
                .filter(r -> r.name().equals(name))
                .findFirst()
                .orElseThrow();
        run(new Revise(room.worded(room.words().put(at(x, y)))));
    }

    void numberRooms() {
        run(new NumberRooms(storey, OfficeStandard.LAYER_ROOMS));
    }

    void roomLimit(double x0, double y0, double x1, double y1) {
        run(new DrawRoomLimit(storey, OfficeStandard.LAYER_ROOMS, at(x0, y0), at(x1, y1)));
    }

    /** A fitting of its usual size at a point: with its back to the wall there, if it has one. */
    Fitting fitting(String symbol, double x, double y) {
        Symbol of = symbol(symbol);
        return place(of, at(x, y), 0, of.width().usualMm(), of.depth().usualMm());
    }

    /** The same of another width. */
    Fitting fitting(String symbol, double x, double y, double width) {
        Symbol of = symbol(symbol);
        return place(of, at(x, y), 0, width * unitMm, of.depth().usualMm());
    }

    /** The same of another width and depth. */
    Fitting fitting(String symbol, double x, double y, double width, double depth) {
        return place(symbol(symbol), at(x, y), 0, width * unitMm, depth * unitMm);
    }

    /** A fitting that stands free. @param turns quarters counter-clockwise */
    void free(String symbol, double x, double y, int turns, double width, double depth) {
        place(symbol(symbol), at(x, y), turns * Math.PI / 2, width * unitMm, depth * unitMm);
    }

    private Symbol symbol(String name) {
        return model().get(new ElementId("symbol-" + name), Symbol.class);
    }

    private Fitting place(Symbol symbol, Vec at, double angle, double widthMm, double depthMm) {
        return (Fitting) run(new PlaceFitting(
                        storey,
                        OfficeStandard.LAYER_FITTINGS,
                        symbol.id(),
                        new PlaceFitting.Near(at),
                        angle,
                        false,
                        widthMm,
                        depthMm))
                .after()
                .getFirst();
    }

    /** All the strings a plan wants, as they are drawn in its trade region. */
    void dimension(ElementId drawing) {
        dimension(drawing, true);
    }

    /** @param inside whether those of rooms too */
    void dimension(ElementId drawing, boolean inside) {
        Scheme scheme = OfficeStandard.region(model().settings().region()).strings();
        run(new DimensionPlan(
                drawing, OfficeStandard.LAYER_DIMENSIONS, List.of(Facing.values()), inside, List.of(), scheme));
    }

    void noteOn(ElementId drawing, double x, double y, String text) {
        run(new PlaceNote(drawing, OfficeStandard.LAYER_NOTES, at(x, y), text, OfficeStandard.LETTERS_NOTE));
    }

    /** On paper: where the lines of notes with leaders are broken. */
    private static final double NOTE_WIDTH_MM = 50;

    /** A note with a leader to a place of a thing. */
    void noteAt(ElementId drawing, double x, double y, String text, Element thing, double toX, double toY) {
        run(new PlaceNote(
                drawing,
                OfficeStandard.LAYER_NOTES,
                at(x, y),
                text,
                OfficeStandard.LETTERS_NOTE,
                NOTE_WIDTH_MM,
                Leaders.Shape.ELBOWED,
                Leaders.Tip.DOT,
                List.of(new Picked.Thing(thing.id(), at(toX, toY)))));
    }

    /** The fitting of a symbol on this storey. */
    Fitting fittingOf(String symbol) {
        return model().all(Fitting.class).stream()
                .filter(f -> f.storey().equals(storey) && f.symbol().equals(new ElementId("symbol-" + symbol)))
                .findFirst()
                .orElseThrow();
    }

    /** The number of a clause of the office's library. @param fills what stands in its blanks */
    void keyed(
            ElementId drawing,
            double x,
            double y,
            String clause,
            Element thing,
            double toX,
            double toY,
            String... fills) {
        run(new PlaceKeyMark(
                drawing,
                OfficeStandard.LAYER_NOTES,
                at(x, y),
                new ElementId("clause-" + clause),
                List.of(fills),
                Leaders.Shape.STRAIGHT,
                Leaders.Tip.DOT,
                List.of(new Picked.Thing(thing.id(), at(toX, toY)))));
    }

    void sign(ElementId drawing, double x, double y, Sign.Says says) {
        run(new PlaceSign(drawing, OfficeStandard.LAYER_NOTES, at(x, y), says));
    }

    void note(double x, double y, String text) {
        noteOn(plan, x, y, text);
    }

    /** Another plan of the storey drawn on, through a lens of the office standard. */
    ElementId plan(String name, String lens, double scale, ElementId... also) {
        return plan(name, lens, scale, new Drawing.All(), List.of(also));
    }

    /** A plan of a rectangle of the storey drawn on, every ply shown. */
    ElementId part(String name, double scale, double x0, double y0, double x1, double y1) {
        return plan(name, "every-ply", scale, Drawing.Part.rectangle(at(x0, y0), at(x1, y1)), List.of());
    }

    /** A part of a section at a large scale, its edges broken. */
    ElementId detail(String name, ElementId section, double scale, double x0, double y0, double x1, double y1) {
        Drawing of = model().get(section, Drawing.class);
        Drawing.Part part = new Drawing.Part(List.of(at(x0, y0), at(x1, y0), at(x1, y1), at(x0, y1)), true);
        return run(new AddDrawing(name, of.kind(), of.storey(), of.lens(), scale, of.subject(), part, List.of()))
                .after()
                .getFirst()
                .id();
    }

    private ElementId plan(String name, String lens, double scale, Drawing.Frame frame, List<ElementId> also) {
        ElementId through = new ElementId("lens-" + lens);
        return run(new AddDrawing(name, Drawing.Kind.PLAN, storey, through, scale, new Drawing.Whole(), frame, also))
                .after()
                .getFirst()
                .id();
    }

    /** What becomes of things in the work drawn. */
    void state(WorkState state, InWork... things) {
        for (InWork thing : things) run(new Revise(((InWork) model().get(thing.id(), Element.class)).in(state)));
    }

    /** What becomes of an opening in a wall that stands. */
    void work(Opening opening, Opening.Work work) {
        run(new Revise(model().get(opening.id(), Opening.class).in(work)));
    }

    /** A table of the model at a scale. */
    ElementId schedule(String name, Drawing.Kind kind, double scale) {
        return onSheets(name, kind, scale, new Drawing.Whole());
    }

    /** A legend of the drawings that stand on a sheet with it. @param at its upper left corner, on paper */
    void legendOn(String number, String name, Vec at) {
        ElementId legend = onSheets(name, Drawing.Kind.LEGEND, 10, new Drawing.OnItsSheet());
        Sheet sheet = model().all(Sheet.class).stream()
                .filter(s -> s.number().equals(number))
                .findFirst()
                .orElseThrow();
        List<Sheet.Placed> placed = new ArrayList<>(sheet.drawings());
        placed.add(new Sheet.Placed(legend, Vec.ORIGIN, at));
        run(new Revise(sheet.with(placed)));
    }

    /** Words that stand on sheets by themselves, under their heading. */
    ElementId words(String heading, double widthMm, String text) {
        return onSheets(
                heading, Drawing.Kind.TEXT, 10, new Drawing.Written(text, OfficeStandard.LETTERS_NOTE, widthMm));
    }

    private ElementId onSheets(String name, Drawing.Kind kind, double scale, Drawing.Subject subject) {
        return run(new AddDrawing(
                        name,
                        kind,
                        storey,
                        OfficeStandard.LENS_BUILDING_PLAN,
                        scale,
                        subject,
                        new Drawing.All(),
                        List.of()))
                .after()
                .getFirst()
                .id();
    }
}
