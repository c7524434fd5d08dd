package org.leanlintel.core.geometry;

/** Every tolerance of the product, with its unit and its reason. A value equal to the tolerance counts as within it. */
public final class Tolerance {

    /** Millimetres. Two positions this close are one: a thousandth of what any builder can measure. */
    public static final double SAME_MM = 1e-3;

    /** Millimetres. A corner of an outline no further beside the line past it is none: what rounding makes of points of one mitre. */
    public static final double PASSED_MM = 1e-6;

    /** Millimetres. How far a stated thickness may lie from the timber's own: what rounding inches to 0.1 mm leaves. */
    public static final double NOMINAL_MM = 0.06;

    /** Millimetres. How far a chord may lie from the arc it stands for: under what a pen shows at any scale. */
    public static final double CHORD_MM = 0.1;

    /** Sine of the angle under which two lines are treated as parallel: 0.06 degrees, 1 mm in 1 m. */
    public static final double PARALLEL_SINE = 1e-3;

    /** Sine of the angle under which two walls meeting end to end are cut on their bisector: 10 degrees. */
    public static final double BEND_SINE = Math.sin(Math.toRadians(10));

    /** Square millimetres. What an overlap of plies may amount to by rounding alone. */
    public static final double OVERLAP_MM2 = 1;

    /** Square millimetres. What rounding to {@link #SAME_MM} may add to or take from the plies at one junction. */
    public static final double SLIVER_MM2 = 10;

    /** Square millimetres. What several walls at one corner may leave empty of what they take: 7 by 7 mm. */
    public static final double CORNER_MM2 = 50;

    /** Square millimetres. What chords that stand for arcs may make two walls overlap where they join. */
    public static final double CHORDS_MM2 = 500;

    /** Square millimetres. What walls leave between them is no room below this: 100 by 100 mm. */
    public static final double LEAST_ROOM_MM2 = 10_000;

    /** Millimetres. A wall shorter than this is a slip of the pointer. */
    public static final double SHORTEST_WALL_MM = 10;

    /**
     * Millimetres. An end drawn this far short of a wall's face or past its other one was meant to meet it: less than any
     * gap that is built. It only proposes; the preview shows it joined.
     */
    public static final double MEANT_TO_MEET_MM = 25;

    /** Millimetres from the origin. Further out is a slip of the keyboard, and hatches lose their precision. */
    public static final double FURTHEST_MM = 1_000_000;

    private Tolerance() {}

    public static boolean same(double a, double b) {
        return Math.abs(a - b) <= SAME_MM;
    }

    public static boolean same(Vec a, Vec b) {
        return a.distanceTo(b) <= SAME_MM;
    }
}
