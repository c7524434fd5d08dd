package org.leanlintel.core.sheet;

import org.leanlintel.core.model.Drawing;

/** What kind of sheet the first figure of a number says (US National CAD Standard, Uniform Drawing System, sheet types; as remembered: check). */
public enum SheetSeries {
    GENERAL(0),
    PLANS(1),
    ELEVATIONS(2),
    SECTIONS(3),
    LARGE_SCALE(4),
    DETAILS(5),
    SCHEDULES(6);

    private final int figure;

    SheetSeries(int figure) {
        this.figure = figure;
    }

    public int figure() {
        return figure;
    }

    private static boolean isPart(Drawing drawing) {
        return drawing.frame() instanceof Drawing.Part;
    }

    /** That of a drawing. */
    public static SheetSeries of(Drawing drawing) {
        return switch (drawing.kind()) {
            case SHEETS, LEGEND, TEXT, CLAUSES, PICTURE -> GENERAL;
            case PLAN -> isPart(drawing) ? LARGE_SCALE : PLANS;
            case ELEVATION -> isPart(drawing) ? DETAILS : ELEVATIONS;
            case SECTION -> isPart(drawing) ? DETAILS : SECTIONS;
            case INTERIOR -> LARGE_SCALE;
            case STAIR, TRUSS -> DETAILS;
            case BUILD_UPS, DOORS, WINDOWS, ROOMS, FITTINGS, ROOFS, FOUNDATIONS -> SCHEDULES;
        };
    }
}
