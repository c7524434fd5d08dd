package org.leanlintel.formats.demo;

import java.util.List;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Lights.Opens;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OwnField;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Sign;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Wall;
import org.leanlintel.formats.standard.OfficeStandard;

/** A small made-up cabin, in inches: 2x6 walls, two rooms, a bath and a kitchen, and a sleeping loft under its gables. */
public final class HeronPointCabin {

    /** What holds for the whole set. */
    private static final String GENERAL =
            """
            1. Written dimensions govern; do not scale the drawings.
            2. Verify dimensions at the site before work begins.
            3. Dimensions are to face of framing and to rough openings unless noted.
            4. Work conforms to the International Residential Code as adopted locally.
            5. Trusses are designed by their supplier:
            - drawings at the site before delivery
            - no cutting, notching or drilling""";

    private static final String FURNISHING =
            """
            1. Furniture is shown to size; what is built in is in the schedule of fittings.
            2. Outlets are at 18 inches over the floor, over counters at 44, and are agreed at the site.
            3. Closets have a rod at 66 inches and one shelf over it.
            4. The stove stands clear of what burns as its maker says; the hearth reaches 18 inches past its door.
            5. Finishes are chosen from samples at the site.
            6. Blinds have rods of their own; walls over windows have blocking for them.""";

    private static final double WIDTH = 336, DEPTH = 240;
    /** From the first floor to the loft; from there to the eaves. */
    private static final double STOREY = 112.25, EAVES = 50;

    /** Of a table of 36 with chairs at both sides. */
    private static final double TABLE_DEPTH = 63;

    private static final double INCH = UnitSystem.MM_PER_INCH;

    private HeronPointCabin() {}

    /** The project as it is when it is opened first. */
    public static Model draw() {
        Draft d = new Draft(
                OfficeStandard.newProject(new Settings(
                        Settings.ID,
                        "Heron Point Cabin",
                        "41 Heron Point Rd, Lake Ansel",
                        "M. Quill",
                        "R. Alder",
                        UnitSystem.FEET_INCHES,
                        PaperSize.ARCH_D,
                        48 * UnitSystem.MM_PER_INCH,
                        "US",
                        Settings.RoomNumbering.HUNDREDS,
                        OfficeStandard.region("US").letters(),
                        Settings.ClauseNumbering.THROUGH_SET,
                        OfficeStandard.region("US").titleBlock(),
                        List.of(new OwnField("Job number", "2409"), new OwnField("Checked by", "J. Marl")))),
                UnitSystem.MM_PER_INCH);
        d.storey(STOREY, "slab-on-grade");
        List<Wall> shell = d.shell("frame-2x6", 0, 0, 0, DEPTH, WIDTH, DEPTH, WIDTH, 0);
        Wall west = shell.get(0), north = shell.get(1), east = shell.get(2), south = shell.get(3);
        Wall bedroom = d.partition("partition-2x4", south, 204, 6.75, north, 204, DEPTH - 6.75);
        Wall bath = d.partition("wet-wall-2x6", bedroom, 206, 150, east, WIDTH - 6.75, 150);

        d.door(south, End.END, 84, 38.25, 82.5, End.END, Side.RIGHT);
        d.window(south, End.END, 24, 48, 48, 32, 2, 50, Opens.SIDE_HUNG);
        d.window(south, End.START, 42, 48, 48, 32, 2, 50, Opens.SIDE_HUNG);
        d.centredWindow(north, Side.RIGHT, 100, 230, 60, 38, 42, new Opening.Window(2, 50, Opens.SIDE_HUNG));
        d.window(north, End.END, 54, 24, 24, 56, 1, 50, Opens.SIDE_HUNG);
        d.window(west, End.START, 90, 60, 48, 32, 2, 50, Opens.SIDE_HUNG);
        d.opening(bedroom, End.START, 100, 34, 82.5, new Opening.SlidingDoor(End.START, Side.RIGHT));
        d.door(bath, End.START, 12, 32, 82.5, End.START, Side.LEFT);

        d.roomLimit(8, 150, 200, 150);
        d.room(100, 60, "Living", Room.Use.LIVING, "Fir boards");
        d.room(100, 190, "Kitchen", Room.Use.KITCHEN, "Fir boards");
        d.room(268, 80, "Bedroom", Room.Use.BEDROOM, "Fir boards");
        d.room(268, 195, "Bath", Room.Use.BATHROOM, "Tile");
        d.numberRooms();
        fittings(d);
        d.site("site datum", 0, -8, -15);
        d.footings(100, 100);
        d.ground(-60, -60, -14, -12);
        d.ground(WIDTH + 60, -60, -14, -12);
        d.ground(-60, DEPTH + 60, -4, -8);
        d.ground(WIDTH + 60, DEPTH + 60, -12, -10);
        d.marking("elevation", Lens.MarkOf.FOOTINGS);
        d.floor("slab-on-grade", 100, 100);
        loft(d);
        otherPlans(d);
        sheets(d);
        return d.model();
    }

    /** The first floor for the client, its furniture, and the bath large. */
    private static void otherPlans(Draft d) {
        d.on(OfficeStandard.GROUND);
        d.plan("First floor for the client", "presentation", 32);
        d.plan("First floor, furniture", "furniture", 48);
        ElementId bath = d.part("Bath", 24, 196, 140, WIDTH + 8, DEPTH + 8);
        d.on(OfficeStandard.GROUND);
        d.dimension(d.plan());
        d.dimension(bath);
        ElementId loft = d.named("Loft plan");
        d.sign(d.plan(), WIDTH + 90, DEPTH + 70, Sign.Says.NORTH);
        d.sign(d.plan(), 60, 100, Sign.Says.LEVEL);
        d.sign(loft, WIDTH + 90, DEPTH + 70, Sign.Says.NORTH);
        d.sign(loft, 250, 190, Sign.Says.LEVEL);
        d.noteOn(bath, 230, 130, "Blocking in the wall behind the vanity");
    }

    /** The set. */
    private static void sheets(Draft d) {
        d.on(OfficeStandard.GROUND);
        ElementId legend = d.schedule("Legend", Drawing.Kind.LEGEND, 12);
        ElementId buildUps = d.schedule("Wall build-ups", Drawing.Kind.BUILD_UPS, 12);
        ElementId doors = d.schedule("Doors", Drawing.Kind.DOORS, 12);
        ElementId windows = d.schedule("Windows", Drawing.Kind.WINDOWS, 12);
        ElementId rooms = d.schedule("Rooms", Drawing.Kind.ROOMS, 12);
        ElementId fittings = d.schedule("Fittings", Drawing.Kind.FITTINGS, 12);
        ElementId bath = d.named("Bath"), client = d.named("First floor for the client");
        List<ElementId> sides = d.elevations(48);
        d.sign(d.plan(), WIDTH / 2, -96, Sign.Says.ELEVATION);
        d.sign(d.plan(), WIDTH / 2, DEPTH + 98, Sign.Says.ELEVATION);
        d.sign(d.plan(), -88, DEPTH / 2, Sign.Says.ELEVATION);
        d.sign(d.plan(), WIDTH + 82, DEPTH / 2, Sign.Says.ELEVATION);
        d.binding("Permit");
        d.sheet(
                "A-101",
                "First floor plan, bath and kitchen",
                PaperSize.ARCH_C,
                d.plan(),
                bath,
                d.interior("Kitchen", 48));
        d.binding("Client");
        d.sheet(
                "A-104",
                "Client's plan and furniture",
                PaperSize.ARCH_C,
                client,
                d.named("First floor, furniture"),
                d.words("Furnishing notes", 140, FURNISHING));
        d.binding("Permit");
        d.on(d.model().get(d.named("Loft plan"), Drawing.class).storey());
        ElementId roof = d.plan("Roof plan", "roof", 96);
        d.on(OfficeStandard.GROUND);
        ElementId foundations = d.plan("Foundation plan", "foundation", 32);
        d.dimension(foundations, false);
        ElementId roofs = d.schedule("Roofs", Drawing.Kind.ROOFS, 12);
        ElementId below = d.plan("First floor, ceilings", "ceiling", 48);
        d.on(d.model().get(d.named("Loft plan"), Drawing.class).storey());
        ElementId loft = d.plan("Loft, ceilings", "ceiling", 48);
        d.on(OfficeStandard.GROUND);
        sides.forEach(d::dimension);
        sides.forEach(d::materials);
        d.sheet("A-106", "Elevations", PaperSize.ARCH_D, sides.toArray(ElementId[]::new));
        ElementId truss = d.drawn(d.model().all(Truss.class).getFirst(), 24);
        d.sheet("A-102", "Loft plan and wall build-ups", PaperSize.ARCH_C, d.named("Loft plan"), loft, buildUps);
        d.sheet("A-107", "Roof and vaulted truss", PaperSize.ARCH_C, truss, roof, roofs);
        d.sheet("A-108", "Walls of the bath and ceilings", PaperSize.ARCH_C, d.interior("Bath", 32), below, legend);
        ElementId schedule = d.schedule("Foundation schedule", Drawing.Kind.FOUNDATIONS, 12);
        d.sheet("A-109", "Foundation plan", PaperSize.ARCH_C, foundations, schedule);
        d.sheet("A-105", "Doors, windows, rooms and fittings", PaperSize.ARCH_C, doors, rooms, windows, fittings);
        ElementId notes = d.words("General notes", 150, GENERAL);
        ElementId list = d.schedule("Sheets", Drawing.Kind.SHEETS, 12);
        d.sheet(
                "A-103",
                "Section, stair and general notes",
                PaperSize.ARCH_C,
                d.named("Section A"),
                d.named("Stair ST1"),
                list,
                notes);
    }

    /** A sleeping loft over the bedroom and the bath, open to the living room, between raked gables. */
    private static void loft(Draft d) {
        List<Wall> shell = d.storeyAbove("Loft", EAVES, "joist-floor");
        ElementId loft = d.here();
        d.on(OfficeStandard.GROUND);
        Stair.Turn quarter = Stair.Landing.quarter(Side.RIGHT);
        Stair stair = d.stair(126, 63, Math.PI / 2, 36, new Stair.Flights(List.of(10), List.of(quarter)));
        ElementId section = d.section(144, -86, 144, DEPTH + 86, Side.LEFT, 48);
        d.stairDrawing(stair, 24);
        d.on(loft);
        d.gable(shell.get(0), EAVES, EAVES + DEPTH / 2);
        d.gable(shell.get(2), EAVES, EAVES + DEPTH / 2);
        d.floor("joist-floor", 100, 100);
        d.hole(6.75, 6.75, 202, DEPTH - 6.75);
        d.window(shell.get(2), End.START, 96, 48, 48, 24, new Opening.Window(2, 50, Opens.SIDE_HUNG));
        d.window(shell.get(0), End.START, 96, 48, 48, 24, new Opening.Window(2, 50, Opens.FIXED));
        d.roomLimit(204, 8, 204, DEPTH - 8);
        d.room(270, 120, "Sleeping loft", Room.Use.BEDROOM, "Fir boards");
        d.note(36, 130, "Open to the living\nroom below");
        d.fitting("bed-double", 320, 180);
        Roof.Under vault = new Roof.ItsUnderside();
        Roof roof = d.roof(168, 120, new Pitch(Pitch.Said.IN_TWELVE, 12), vault, shell.get(0), shell.get(2));
        Truss.Form vaulted = new Truss.Scissor(new Pitch(Pitch.Said.IN_TWELVE, 6));
        d.trusses(roof, vaulted, new Truss.PartAlong(0, 192 * INCH));
        d.through(70, 70, 30, 46, new RoofPart.RoofLight(2.5 * INCH, 2 * INCH));
        d.through(
                270,
                36,
                66,
                50,
                new RoofPart.Dormer(
                        RoofPart.Form.GABLED,
                        new Pitch(Pitch.Said.IN_TWELVE, 6),
                        8 * INCH,
                        6 * INCH,
                        40 * INCH,
                        30 * INCH,
                        12 * INCH,
                        new ElementId("material-siding")));
        d.through(120, 70, 30, 46, new RoofPart.RoofLight(2.5 * INCH, 2 * INCH));
        d.drain(roof, 3, 2);
        d.dimension(d.plan());
        porch(d);
        d.dimension(section);
    }

    /** Over the way in, on brackets. */
    private static void porch(Draft d) {
        ElementId loft = d.here();
        d.on(OfficeStandard.GROUND);
        Roof.Edge low = new Roof.Edge(new Roof.Eaves(new Pitch(Pitch.Said.IN_TWELVE, 3)), 8 * INCH, 0);
        Roof.Edge side = new Roof.Edge(new Roof.Verge(), 6 * INCH, 0), wall = new Roof.Edge(new Roof.Against(), 0, 0);
        d.drain(d.roof(78, -48, 264, 0, 87, low, side, wall, side), 3, 2);
        d.on(loft);
    }

    /** The WC stands an inch too near the bath, so that the findings have something to say. */
    private static void fittings(Draft d) {
        d.fitting("base-run", 82, 225, 150);
        d.fitting("sink", 104, 225);
        d.fitting("hob", 28, 225);
        d.fitting("dishwasher", 135, 225);
        d.fitting("wall-run", 30, 230, 48);
        d.fitting("fridge", 178, 225);
        d.free("table", 84, 108, 0, 66, TABLE_DEPTH);
        d.fitting("sofa", 20, 50);
        d.fitting("fireplace", 165, 20);
        d.fitting("bed-king", 320, 68);
        d.fitting("wardrobe", 296, 140, 64);
        d.fitting("bath", 299, 225);
        d.fitting("wc", 255, 225);
        d.fitting("vanity", 322, 167.5, 28);
    }
}
