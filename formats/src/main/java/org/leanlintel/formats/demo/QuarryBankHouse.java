package org.leanlintel.formats.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.roof.BuiltTruss;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Lights;
import org.leanlintel.core.model.Lights.Light;
import org.leanlintel.core.model.Lights.Opens;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.OwnField;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Sign;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.formats.standard.OfficeStandard;

/**
 * A made-up house of two storeys, in millimetres: timber frame and brick, a stair with a half landing in its hall, and a
 * study over the garage.
 */
public final class QuarryBankHouse {

    /** What holds for the whole set. */
    private static final String GENERAL =
            """
            1. Figured dimensions are taken; nothing is scaled from a drawing.
            2. Dimensions are checked on site before work is begun or anything is made.
            3. Levels are in metres above datum, floors to their finished face.
            4. Dimensions go to structural faces and openings; linings and finishes are in the build-ups.
            5. Materials and workmanship follow the Building Regulations and the standards that the approved documents name.
            6. Trusses are designed by their supplier:
            - the supplier's drawings are on site before delivery
            - nothing is cut, notched or drilled that they do not show
            7. Lintels, beams and their bearings are as the engineer's schedule; where a drawing differs, ask before building.
            8. Insulation is continuous at junctions: no gap wider than 3 mm stays unfilled.
            9. The air barrier runs unbroken from floor to roof, taped at every lap and round every pipe and cable.
            10. Cavity trays and weep holes stand over every opening and wherever a roof meets a wall.
            11. Services through fire-resisting work are sealed to the rating of what they pass through.
            12. Smoke alarms are mains-fed with a battery, linked, one on the ceiling of each storey's hall.
            13. Glass lower than 800 over a floor, and within 300 of a door lower than 1500, is safety glass and marked so.
            14. Stairs, guards and handrails are as their own drawing; guards stand 900 over floors and flights.
            15. Timber in outside walls is treated; ends that are cut on site are treated again.
            16. The office is told two days before work is covered that has to be seen.""";

    private static final String ABBREVIATIONS =
            """
            DPC: damp-proof course
            DPM: damp-proof membrane
            DW: space for a dishwasher
            FFL: finished floor level
            FR: space for a refrigerator
            OV: oven
            R: risers
            RWP: rainwater pipe
            SSL: structural slab level
            TD, WM: space for a dryer, for a washing machine
            u/s: underside
            UNO: unless noted otherwise
            VCL: vapour control layer""";

    private static final String DEMOLITION =
            """
            1. What is dashed is taken down; what is grey stays and is kept whole.
            2. The wall over an opening is propped before the opening is cut, and stays so until its lintel has set.
            3. Services are found, made safe and capped before work begins.
            4. Bricks that are sound are cleaned and kept for making good.
            5. Floors and stairs that stay are covered for as long as the work goes on.
            6. Where asbestos may be, nothing is disturbed before it has been looked for by a licensed surveyor.
            7. Waste is parted on site: timber, plaster, masonry, metal; tickets are kept.
            8. What turns up and is on no drawing, as a beam, a flue or a drain, is left and told to the office.
            9. Openings and edges left by the day's work are closed against weather and against falling before the site is left.
            10. Neighbours are told a week before noise and dust; work that shakes their walls is done by hand.
            11. New work is toothed and bonded into old, not butted against it; movement joints stay where they are.
            12. Making good is to match: bricks by a sample panel, plaster by a coat that is flush with the old.
            13. Walls of neighbours are looked at with them before work begins; cracks are measured and photographed.
            14. Holes in floors and roofs are covered, fixed down and marked; nobody works or walks under open ones.
            15. Rubble is not stacked on floors or against walls that stay; chutes and skips stand on spread loads.""";

    private static final String SETTING_OUT =
            """
            1. The house is set out from its south-west corner, the outer face of structure.
            2. Squareness is proved by the diagonals before anything is laid; they agree to 5 mm.
            3. Figures are to faces of structure: blocks and studs, not boards or plaster.
            4. Openings are the sizes their frames need, with 5 mm all round; frames are measured before they are built in.
            5. Partitions are marked out on the slab and agreed with the office before they are built.
            6. Levels are carried from the datum on the kerb at +24.000.
            7. Drains and service entries are set out before the slab is poured, from the same corner.
            8. Where figures and site disagree by more than 10 mm, the office is told before work goes on.
            9. Profiles and datum pegs stay until the roof is on.
            10. Walls that go are down, and what they carried is propped, before new ones beside them are marked out.
            11. Whoever sets out keeps a record of what was measured, and gives the office a copy.""";

    private static final String FACES =
            """
            1. Bricks and boards are by sample, agreed on site before they are ordered.
            2. Movement joints in brickwork are at 12 m at most, and within 6 m of a corner.
            3. Boards are fixed over ventilated battens, open at foot and head with insect mesh.""";

    private static final String JUNCTIONS =
            """
            1. Details go before plans where they differ; ask where both are unclear.
            2. Membranes lap 150 and are dressed down and out.""";

    private static final String WET_ROOM =
            """
            1. The floor is one with the shower's: the membrane is turned up 150 at walls and 100 past the door.
            2. Falls to the shower's drain are 1:60 within it and 1:80 elsewhere.
            3. Walls behind the basin and the WC have boards that carry rails, from 700 to 1200 over the floor.
            4. The fan runs on for 15 minutes after the light is off.
            5. Tiles begin with a whole one over the shower's edge.""";

    /** Of a table of 900 with chairs at both sides. */
    private static final double TABLE_DEPTH = 1545;

    private static final double WIDTH = 12400, DEPTH = 8400;
    /** From the ground floor to the first. */
    private static final double STOREY = 2775;
    /** Where the house ends and the garage begins: the garage's face of the wall between them. */
    private static final double HOUSE = 8863;

    private final Draft d = new Draft(
            OfficeStandard.newProject(new Settings(
                    Settings.ID,
                    "Quarry Bank House",
                    "3 Quarry Bank, Marrow Bay",
                    "Teasel & Wren",
                    "R. Alder",
                    UnitSystem.METRIC,
                    PaperSize.A2,
                    1200,
                    "UK",
                    Settings.RoomNumbering.FROM_ZERO,
                    OfficeStandard.region("UK").letters(),
                    Settings.ClauseNumbering.THROUGH_SET,
                    OfficeStandard.region("UK").titleBlock(),
                    List.of(new OwnField("Job number", "2417"), new OwnField("Checked by", "J. Marl")))),
            1);
    private final Wall west, north, south, garageNorth, east, garageSouth;
    /** Placed with the other openings. */
    private @Nullable Opening backDoor, garageDoor, garageWayIn;

    private @Nullable ElementId firstPlan;
    private @Nullable Roof mainRoof;

    private final Wall garageSide, spine, hallWest, hallEast, store, wetWest, lobby, pantry, utility, wc;

    private QuarryBankHouse() {
        d.storey(STOREY, "suspended-timber");
        List<Wall> brick = d.outside("frame-brick", HOUSE, 0, 0, 0, 0, DEPTH);
        south = brick.get(0);
        west = brick.get(1);
        north = d.outside("frame-boarded", 0, DEPTH, HOUSE, DEPTH).getFirst();
        List<Wall> garage = d.outside("block-single", HOUSE, DEPTH, WIDTH, DEPTH, WIDTH, 0, HOUSE, 0);
        garageNorth = garage.get(0);
        east = garage.get(1);
        garageSouth = garage.get(2);
        garageSide = d.partition("block-partition", south, 8800, 354, north, 8800, DEPTH - 354);
        spine = d.partition("stud-partition", west, 354, 4600, garageSide, 8740, 4600);
        hallWest = d.partition("stud-partition", south, 4050, 354, spine, 4050, 4600);
        hallEast = d.partition("stud-partition", south, 6900, 354, spine, 6900, 4600);
        store = d.partition("stud-partition", hallEast, 6900, 2400, garageSide, 8740, 2400);
        wetWest = d.partition("wet-wall", north, 6500, DEPTH - 260, spine, 6500, 4600);
        lobby = d.partition("stud-partition", wetWest, 6570, 6300, garageSide, 8740, 6300);
        d.curve(store, 4000, Side.RIGHT);
        pantry = d.partition("stud-partition", spine, 2000, 4600, north, 2000, DEPTH - 354);
        utility = d.partition("stud-partition", west, 354, 6400, pantry, 2000, 6400);
        wc = d.partition("block-partition", garageSide, 8860, 6200, east, WIDTH - 354, 6200);
    }

    /** The house in time. @param issued as it was issued for its permit; @param now as it is when it is opened first */
    public record States(Model issued, Model now) {}

    public static States states() {
        QuarryBankHouse house = drafted();
        Model issued = house.d.model();
        house.change();
        return new States(issued, house.d.model());
    }

    /** The project as it is when it is opened first. */
    public static Model draw() {
        return states().now();
    }

    private static QuarryBankHouse drafted() {
        QuarryBankHouse house = new QuarryBankHouse();
        house.openings();
        house.pieces();
        house.d.keep(house.hallWest, Side.RIGHT, house.hallEast, 2750);
        house.rooms();
        house.fittings();
        house.inHeight();
        house.otherPlans();
        house.sheets();
        return house;
    }

    /** What has become different since the permit: a window of the first floor further along, and a word about it. */
    private void change() {
        Opening window = d.model().all(Opening.class).stream()
                .filter(o -> o.mark().equals("W9"))
                .findFirst()
                .orElseThrow();
        d.move(window, new Vec(-250, 0));
        d.noteOn(d.named("First floor plan"), 300, -2700, "Window of bedroom 1 moved clear of the flue");
    }

    /** The set: each plan with what belongs to it. */
    private void sheets() {
        d.on(OfficeStandard.GROUND);
        ElementId clauses = d.schedule("Keyed notes", Drawing.Kind.CLAUSES, 10);
        ElementId legend = d.schedule("Legend", Drawing.Kind.LEGEND, 10);
        ElementId buildUps = d.schedule("Wall build-ups", Drawing.Kind.BUILD_UPS, 10);
        ElementId doors = d.schedule("Doors", Drawing.Kind.DOORS, 10);
        ElementId windows = d.schedule("Windows", Drawing.Kind.WINDOWS, 10);
        ElementId rooms = d.schedule("Rooms", Drawing.Kind.ROOMS, 10);
        ElementId fittings = d.schedule("Fittings", Drawing.Kind.FITTINGS, 10);
        d.sheet("A-101", "Ground floor plan", PaperSize.A2, d.plan(), clauses);
        d.sheet("A-102", "First floor plan", PaperSize.A2, d.named("First floor plan"), legend);
        d.sheet("A-103", "Section and stair", PaperSize.A2, d.named("Section A"), d.named("Stair ST1"));
        d.sheet(
                "A-104",
                "Existing, demolition and client's plan",
                PaperSize.A2,
                d.named("Ground floor as it is"),
                d.named("Ground floor, demolition"),
                d.named("Ground floor for the client"),
                d.words("Demolition notes", 205, DEMOLITION));
        d.legendOn("A-104", "Key to the plans", new Vec(233, 111));
        d.sheet(
                "A-105",
                "Setting out",
                PaperSize.A2,
                d.named("Ground floor, setting out"),
                d.words("Setting-out notes", 215, SETTING_OUT));
        d.sheet(
                "A-106",
                "Furniture and wet room",
                PaperSize.A2,
                d.named("Ground floor, furniture"),
                d.named("Wet room"),
                d.words("Wet room notes", 140, WET_ROOM));
        ElementId foundations = d.plan("Foundations", "foundation", 50);
        d.dimension(foundations, false);
        ElementId roofs = d.schedule("Roofs", Drawing.Kind.ROOFS, 10);
        d.on(d.model().get(d.named("First floor plan"), Drawing.class).storey());
        ElementId roofPlan = d.plan("Roof plan", "roof", 100);
        d.on(OfficeStandard.GROUND);
        List<ElementId> sides = d.elevations(100);
        sides.forEach(d::dimension);
        sides.forEach(d::materials);
        d.sheet("A-108", "Doors, windows, rooms and fittings", PaperSize.A1, doors, rooms, windows, fittings);
        List<ElementId> faces = new ArrayList<>(sides);
        faces.add(d.words("Notes on the faces", 130, FACES));
        d.sheet("A-109", "Elevations", PaperSize.A2, faces.toArray(ElementId[]::new));
        Truss truss =
                d.trusses(Objects.requireNonNull(mainRoof), new Truss.Level(Truss.Webs.FINK), new Truss.AllAlong());
        List<Double> at = Objects.requireNonNull(d.building().get(new BuiltTruss.Of(truss.id())))
                .at();
        Truss girder =
                d.girder(mainRoof, new Truss.Level(Truss.Webs.HOWE), 2, new Truss.OneAt(at.getLast() - at.getFirst()));
        d.sheet("A-110", "Roof", PaperSize.A2, d.drawn(truss, 50), d.drawn(girder, 50), roofPlan, roofs);
        d.sheet("A-111", "Kitchen and wet room", PaperSize.A2, d.interior("Kitchen", 50), d.interior("Wet room", 25));
        ElementId below = d.plan("Ground floor, ceilings", "ceiling", 50);
        d.on(d.model().get(d.named("First floor plan"), Drawing.class).storey());
        ElementId upper = d.plan("First floor, ceilings", "ceiling", 50);
        d.on(OfficeStandard.GROUND);
        d.sheet("A-113", "Ceilings", PaperSize.A2, below, upper);
        ElementId schedule = d.schedule("Foundation schedule", Drawing.Kind.FOUNDATIONS, 10);
        d.sheet("A-112", "Foundations", PaperSize.A2, foundations, schedule);
        List<ElementId> details = new ArrayList<>(details());
        details.add(d.words("Notes on details", 130, JUNCTIONS));
        d.sheet("A-114", "Details", PaperSize.A2, details.toArray(ElementId[]::new));
        ElementId notes = d.words("General notes", 200, GENERAL);
        ElementId abbreviations = d.words("Abbreviations", 90, ABBREVIATIONS);
        ElementId list = d.schedule("Sheets", Drawing.Kind.SHEETS, 10);
        d.sheet("A-107", "Wall build-ups, notes and sheets", PaperSize.A2, buildUps, notes, list, abbreviations);
    }

    /** Where the section's outside walls meet the ground, a floor and the roof. */
    private List<ElementId> details() {
        ElementId section = d.named("Section A");
        Roof roof = Objects.requireNonNull(mainRoof);
        ElementId eaves = d.detail("Eaves", section, 10, 750, 4800, 2150, 5850);
        d.noteAt(eaves, 760, 6130, "{plies}", roof, 1500, 5560);
        ElementId foot = d.detail("Foot of outside wall", section, 10, 1000, -1120, 2200, 130);
        d.noteAt(foot, 1740, -610, "{build-up},\n{thickness} mm", floor("suspended-timber"), 1900, -110);
        ElementId edge = d.detail("First floor at outside wall", section, 10, 9150, 2250, 10_550, 3050);
        d.noteAt(edge, 9160, 3300, "{plies}", floor("timber-floor"), 9400, 2680);
        ElementId seat = d.detail("First floor at inside walls", section, 10, 4550, 2250, 5450, 3050);
        List<ElementId> details = List.of(eaves, foot, edge, seat);
        details.forEach(d::dimension);
        return details;
    }

    /** The garage stands already, with a wall and a chimney breast in it that go and doors that come; the ground floor through other lenses. */
    private void otherPlans() {
        d.on(OfficeStandard.GROUND);
        Wall goes = d.partition("block-partition", garageSide, 8860, 3750, east, WIDTH - 215, 3750);
        WallPiece.Make brick = new WallPiece.Solid(new ElementId("material-brick"), 350);
        WallPiece breast = d.piece(east, Side.RIGHT, d.part(End.END, 2450, 900), 0, 2500, brick);
        d.state(WorkState.REMOVED, goes, breast);
        d.state(WorkState.EXISTING, garageNorth, east, garageSouth, garageSide);
        d.work(Objects.requireNonNull(garageDoor), Opening.Work.NEW);
        d.work(Objects.requireNonNull(garageWayIn), Opening.Work.NEW);
        d.plan("Ground floor as it is", "existing", 50);
        d.plan("Ground floor, demolition", "demolition", 50);
        d.plan("Ground floor for the client", "presentation", 50);
        d.plan("Ground floor, furniture", "furniture", 50);
        d.plan("Ground floor, setting out", "setting-out", 50, d.plan());
        ElementId wetRoom = d.part("Wet room", 20, 6300, 6150, 9000, DEPTH + 150);
        d.on(OfficeStandard.GROUND);
        d.dimension(d.plan());
        d.dimension(wetRoom);
        d.dimension(Objects.requireNonNull(firstPlan));
        write(wetRoom);
    }

    /** What the plans say in words: keyed notes on the ground floor with their list, and what the walls of the wet room are. */
    private void write(ElementId wetRoom) {
        ElementId ground = d.plan();
        d.sign(ground, 14_700, 11_700, Sign.Says.NORTH);
        d.sign(Objects.requireNonNull(firstPlan), 14_700, 10_600, Sign.Says.NORTH);
        d.sign(ground, 1300, 1900, Sign.Says.LEVEL);
        d.sign(Objects.requireNonNull(firstPlan), 1300, 3300, Sign.Says.LEVEL);
        d.keyed(ground, 1200, 2350, "11", west, 200, 2350);
        d.keyed(ground, 2900, 6900, "15", d.fittingOf("hob"), 2900, 7900, "30 l/s");
        d.keyed(ground, 9300, 700, "06", garageSouth, 9700, 110, "concrete, 215 x 100", "150");
        d.noteAt(wetRoom, 9350, 8900, "{ply}", north, 8200, DEPTH - 30);
        d.noteAt(wetRoom, 9350, 8500, "{ply}", north, 7900, DEPTH - 180);
        d.noteAt(wetRoom, 9350, 7000, "{build-up}, {thickness} mm", garageSide, 8800, 7000);
        d.noteOn(wetRoom, 7000, 5700, "Tiles on walls 3 and 4, sealed panels on 1 and 2;\nfloor falls to the shower");
    }

    /** Floors, the porch, the stair in the hall and the section through it. */
    private void inHeight() {
        List<Wall> shell = d.storeyAbove("First", 2500, "timber-floor");
        ElementId first = d.here();
        d.on(OfficeStandard.GROUND);
        d.site("site datum", 24_300, -300, 24);
        d.footings(2000, 2000, garageSide);
        d.ground(-1500, -2500, -520, -420);
        d.ground(WIDTH + 1500, -2500, -380, -300);
        d.ground(-1500, DEPTH + 2500, -330, -300);
        d.ground(WIDTH + 1500, DEPTH + 2500, -150, -300);
        d.floor("suspended-timber", 2000, 2000);
        d.floor("slab", HOUSE, 215, WIDTH - 215, DEPTH - 215, -150, new Floor.Level());
        d.floor("slab", 4500, -700, 6300, 0, -150, new Floor.Falling(-Math.PI / 2, 1 / 80.0));
        d.steps(Objects.requireNonNull(backDoor), 1400, 900, new OutsideSteps.Steps(300));
        d.steps(Objects.requireNonNull(garageDoor), 1400, 900, new OutsideSteps.Steps(300));
        Stair.Turn half = new Stair.Landing(Stair.Way.HALF, Side.RIGHT, 0, 100);
        Stair stair = d.stair(5050, 2272, Math.PI / 2, 850, new Stair.Flights(List.of(7), List.of(half)));
        ElementId section = d.section(5475, -2600, 5475, DEPTH + 1300, Side.RIGHT, 50);
        d.stairDrawing(stair, 25);
        d.on(first);
        firstPlan = d.plan();
        upstairs(shell);
        roofs(shell);
        annotate(section);
    }

    /** Hipped to the west and gabled over the garage, a cross gable at the front, and a lean-to on brackets over the porch. */
    private void roofs(List<Wall> shell) {
        Pitch main = Pitch.degrees(35);
        ElementId first = d.here();
        mainRoof = d.roof(
                2000, 2000, main, new Roof.LevelCeiling(new ElementId("build-up-loft-ceiling")), above(shell, east));
        Roof.Edge eaves = new Roof.Edge(new Roof.Eaves(main), 300, 0);
        Roof.Edge front = new Roof.Edge(new Roof.Verge(), 300, 0), inside = new Roof.Edge(new Roof.Against(), 0, 0);
        d.roof(9200, 0, 12_000, 3600, 0, front, eaves, inside, eaves);
        d.drain(mainRoof, 68, 68);
        d.through(
                620,
                3730,
                550,
                800,
                new RoofPart.Stack(1650, new ElementId("material-brick"), new RoofPart.Saddle(Pitch.degrees(30))));
        d.on(OfficeStandard.GROUND);
        Roof.Edge low = new Roof.Edge(new Roof.Eaves(Pitch.degrees(17.5)), 200, 0);
        Roof.Edge side = new Roof.Edge(new Roof.Verge(), 100, 0);
        d.roof(4500, -800, 6300, 0, 2200, low, side, inside, side);
        d.on(first);
    }

    /** The section: levels up its left side, walls across its foot, and what is built there. */
    private void annotate(ElementId section) {
        d.dimension(section);
        d.noteAt(section, 800, 9500, "{plies}", d.model().all(Roof.class).getFirst(), 3300, 7000);
        d.noteAt(section, 5200, 4900, "{build-up},\n{thickness} mm", floor("timber-floor"), 7540, 2680);
        d.noteAt(section, 2400, 1050, "{build-up}, {thickness} mm", floor("suspended-timber"), 4000, -110);
    }

    private Floor floor(String buildUp) {
        return d.model().all(Floor.class).stream()
                .filter(f -> f.buildUp().value().endsWith(buildUp))
                .findFirst()
                .orElseThrow();
    }

    /** The first floor: three bedrooms and a bathroom about a landing, and the study over the garage. */
    private void upstairs(List<Wall> shell) {
        Wall over =
                d.partition("stud-partition", above(shell, south), 8800, 354, above(shell, north), 8800, DEPTH - 260);
        Wall corridor = d.partition("stud-partition", above(shell, west), 354, 5700, over, 8750, 5700);
        List<Wall> bedroom =
                d.bent("stud-partition", above(shell, south), 4050, 354, 4050, 4600, above(shell, west), 354, 4600);
        List<Wall> bath = d.bent("wet-wall", above(shell, south), 6945, 354, 6945, 4600, over, 8750, 4600);
        d.partition("stud-partition", corridor, 4450, 5700, above(shell, north), 4450, DEPTH - 260);
        d.door(bedroom.get(1), End.START, 150, 762, 2040, End.START, Side.LEFT);
        d.door(bath.get(1), End.START, 100, 762, 2040, End.START, Side.RIGHT);
        d.door(corridor, End.START, 2900, 762, 2040, End.END, Side.LEFT);
        d.door(corridor, End.START, 4600, 762, 2040, End.START, Side.LEFT);
        d.door(over, End.START, 4400, 762, 2040, End.START, Side.RIGHT);
        upstairsWindows(shell);
        d.floor("timber-floor", 2000, 2000);
        d.room(2000, 2500, "Bedroom 1", Room.Use.BEDROOM, "Carpet");
        d.room(4500, 2500, "Landing", Room.Use.HALL, "Oak boards");
        d.room(7800, 2500, "Bathroom", Room.Use.BATHROOM, "Tiles");
        d.room(2200, 7000, "Bedroom 2", Room.Use.BEDROOM, "Carpet");
        d.room(6600, 7000, "Bedroom 3", Room.Use.BEDROOM, "Carpet");
        d.room(10500, 4000, "Study", Room.Use.STUDY, "Oak boards");
        d.numberRooms();
        d.fitting("bath", 8600, 1500);
        d.fitting("wc", 7150, 2950);
        d.fitting("basin", 8650, 3950, 500);
        d.fitting("bed-double", 600, 2600);
        d.fitting("bed-single", 600, 6940);
        d.fitting("bed-single", 8600, 6940);
        d.fitting("sofa", 11900, 5500);
    }

    private void upstairsWindows(List<Wall> shell) {
        Opening.Window pair = new Opening.Window(2, 110, Opens.SIDE_HUNG);
        Wall first = above(shell, south);
        d.window(first, End.END, 1300, 1500, 1200, 900, pair);
        d.window(first, End.END, 4700, 1200, 1200, 900, pair);
        d.window(first, End.END, 7300, 600, 1050, 1050, new Opening.Window(1, 110, Opens.TOP_HUNG));
        d.window(above(shell, west), End.START, 2000, 1200, 1200, 900, pair);
        d.window(above(shell, north), End.START, 1500, 1500, 1200, 900, pair);
        d.window(above(shell, north), End.START, 5800, 1500, 1200, 900, pair);
        d.window(above(shell, garageSouth), End.START, 900, 1800, 1200, 900, fixedBetween(2));
        d.window(above(shell, east), End.START, 3000, 1500, 1200, 900, pair);
    }

    /** A wide fixed light between two that hang at the sides. */
    private static Opening.Window fixedBetween(double part) {
        List<Light> row = List.of(
                new Light(Opens.SIDE_HUNG, Side.LEFT, 1),
                new Light(Opens.FIXED, Side.LEFT, part),
                new Light(Opens.SIDE_HUNG, Side.RIGHT, 1));
        return new Opening.Window(new Lights(row, new Lights.NothingOver(), false), 110, new Opening.Flat());
    }

    /** One light that hangs at the side and a fixed one, each below a narrow one that hangs at its top. */
    private static Opening.Window belowToplights() {
        List<Light> row = List.of(new Light(Opens.SIDE_HUNG, Side.LEFT, 1), new Light(Opens.FIXED, Side.LEFT, 1));
        Lights.Toplights over =
                new Lights.Toplights(Lights.equal(2, Opens.TOP_HUNG).row(), 380);
        return new Opening.Window(new Lights(row, over, false), 110, new Opening.Flat());
    }

    private Vec middle(Wall wall) {
        Strip strip = Objects.requireNonNull(d.building().strip(wall.id()));
        return strip.at(strip.length() / 2, 0);
    }

    /** The copy above of a wall: that lies where it does. */
    private Wall above(List<Wall> shell, Wall below) {
        Vec middle = middle(below);
        return shell.stream()
                .filter(w -> middle(w).distanceTo(middle) < 1)
                .findFirst()
                .orElseThrow();
    }

    private void openings() {
        d.window(
                south,
                End.END,
                1100,
                2100,
                1200,
                900,
                new Opening.Window(
                        Lights.equal(2, Opens.SIDE_HUNG),
                        110,
                        new Opening.Bay(500, 0.6, Opening.BayFoot.WALLED, new Opening.SlopedLid(Pitch.degrees(30)))));
        d.door(south, End.END, 5100, 1010, 2100, End.END, Side.RIGHT);
        d.window(south, End.END, 7350, 900, 1200, 900, 2, 110, Opens.VERTICAL_SLIDING);
        d.liftingDoor(garageSouth, End.START, 600, 2440, 2134);
        d.window(north, End.START, 2900, 2400, 1050, 1050, fixedBetween(1.5));
        d.window(north, End.START, 750, 900, 1050, 1050, 1, 110, Opens.TOP_HUNG);
        d.window(north, End.START, 7300, 600, 600, 1500, 1, 110, Opens.TOP_HUNG);
        d.cornerPair(garageNorth, End.END, 1000, 1050, 1050, new Opening.Window(1, 60, Opens.FIXED));
        d.window(west, End.START, 1500, 1500, 1200, 900, belowToplights());
        Opening back = d.door(west, End.END, 900, 926, 2100, End.START, Side.RIGHT);
        Opening garageBack = d.door(east, End.START, 3600, 926, 2100, End.START, Side.LEFT);
        backDoor = back;
        garageDoor = garageBack;
        d.opening(hallWest, End.START, 500, 1400, 2040, new Opening.PairDoor(End.START, 0.5, Side.LEFT));
        d.door(spine, End.START, 3790, 838, 2040, End.START, Side.RIGHT);
        d.door(hallEast, End.START, 700, 838, 2040, End.START, Side.RIGHT);
        Opening storeDoor = d.door(store, End.START, 500, 762, 2040, End.START, Side.LEFT);
        d.opening(pantry, End.END, 150, 762, 2040, new Opening.PocketDoor(End.START));
        d.opening(utility, End.START, 120, 900, 2100, new Opening.OpenWay(true));
        Opening lobbyDoor = d.door(spine, End.START, 7000, 762, 2040, End.END, Side.LEFT);
        Opening wetDoor = d.door(lobby, End.START, 600, 762, 2040, End.START, Side.LEFT);
        d.type("DT1", storeDoor, lobbyDoor, wetDoor);
        garageWayIn = d.door(garageSide, End.START, 1000, 838, 2040, End.START, Side.RIGHT);
        d.door(wc, End.START, 600, 838, 2040, End.START, Side.RIGHT);
    }

    /** A chimney breast, a splashback, tiles and a niche in the wet room, a boxing, a low wall and a post. */
    private void pieces() {
        d.piece(
                west,
                Side.RIGHT,
                d.part(End.START, 3250, 900),
                0,
                2500,
                new WallPiece.Built(new ElementId("build-up-block-partition"), 350));
        d.piece(north, Side.RIGHT, d.part(End.START, 2200, 4200), 910, 590, tiles());
        d.piece(lobby, Side.LEFT, new WallPiece.Whole(), 0, 2100, tiles());
        d.piece(wetWest, Side.LEFT, d.part(End.START, 150, 600), 1000, 300, new WallPiece.Niche(90));
        ElementId board = new ElementId("material-plasterboard");
        d.piece(south, Side.RIGHT, d.part(End.START, 2300, 300), 0, 2500, new WallPiece.Boxed(board, 12.5, 150));
        d.low(d.nib("stud-partition", pantry, 2050, 5900, 2700, 5900), 1100);
        d.post(10650, 4600, 140, "softwood");
    }

    private static WallPiece.Make tiles() {
        return new WallPiece.Lined(List.of(Ply.solid(new ElementId("material-tile"), 10, Does.LINING)));
    }

    private void rooms() {
        d.room(2100, 2700, "Living", Room.Use.LIVING, "Oak boards");
        d.room(5350, 2050, "Stair hall", Room.Use.HALL, "Oak boards");
        d.room(7900, 1750, "Study", Room.Use.STUDY, "Oak boards");
        d.room(7850, 3900, "Store", Room.Use.STORE, "Painted screed");
        d.room(4250, 6700, "Kitchen", Room.Use.KITCHEN, "Tiles");
        d.room(1330, 5400, "Pantry", Room.Use.STORE, "Tiles");
        d.room(1050, 7450, "Utility", Room.Use.UTILITY, "Tiles");
        d.room(7750, 5780, "Lobby", Room.Use.HALL, "Tiles");
        d.room(7700, 7500, "Wet room", Room.Use.BATHROOM, "Tiles to fall");
        d.ceiling("Wet room", 2200, new Room.LevelCeiling(new ElementId("build-up-lowered-ceiling")));
        d.ceiling("Lobby", 2200, new Room.LevelCeiling(new ElementId("build-up-lowered-ceiling")));
        d.room(10500, 3000, "Garage", Room.Use.GARAGE, "Power-floated slab");
        d.room(10500, 7000, "Workshop", Room.Use.OTHER, "Painted screed");
        d.numberRooms();
        d.note(8960, 3500, "Floor\nfalls to\nthe door");
    }

    private void fittings() {
        d.fitting("fireplace", 900, 3700, 900);
        d.fitting("sofa", 2200, 800);
        d.fitting("sofa", 2700, 4100, 1800);
        d.fitting("sofa", 8150, 2000, 900);
        d.fitting("base-run", 3850, 7900, 3600);
        d.fitting("sink", 4100, 7900);
        d.fitting("hob", 2900, 7900);
        d.fitting("oven", 2350, 7900);
        d.fitting("dishwasher", 4850, 7900);
        d.fitting("wall-run", 2475, 8050, 800);
        d.fitting("fridge", 6000, 7900);
        d.free("table", 4300, 5750, 0, 1600, TABLE_DEPTH);
        d.fitting("base-run", 500, 5500, 1600, 560);
        d.fitting("wall-run", 420, 5500, 1600);
        d.fitting("laundry-side", 900, 8000);
        d.fitting("shower", 7000, 8000);
        d.fitting("basin", 7795, 8000, 500);
        d.fitting("wc", 8600, 7000);
        d.free("car", 10580, 2450, 2, 1850, 4000);
        d.state(WorkState.EXISTING, d.fitting("base-run", 10400, 7900, 2800));
        d.fitting("wardrobe", 7900, 4400, 1500);
    }
}
