package org.leanlintel.core.model;

import java.util.Locale;
import org.leanlintel.core.geometry.Vec;

/** What a picked point holds to, so that it follows when that moves. */
public sealed interface Hold {

    /** Nothing: the point itself. */
    record AtPoint(Vec at) implements Hold {
        public AtPoint {
            at = Checks.near(at);
        }
    }

    /** What has been deleted: where it was, until another is chosen. */
    record Lost(Vec at) implements Hold {
        public Lost {
            at = Checks.near(at);
        }
    }

    record AtCorner(ElementId corner) implements Hold {}

    /** A face of a wall: 0 is the outer face, n the face inside ply n - 1; negative ones are lines in it. */
    record OnFace(ElementId wall, int face) implements Hold {

        public static final int SET_OUT_LINE = -1;
        /** In the middle of its structure. */
        public static final int CENTRE_LINE = -2;
    }

    /**
     * A side of a piece on a wall (0 its front, 1 its side nearer the wall's start, 2 the other) or of a post (0 to 3,
     * counter-clockwise from the one its width lies along).
     */
    record OnPiece(ElementId piece, int edge) implements Hold {
        public OnPiece {
            if (edge < 0 || edge > 3) throw new Unusable("A piece has sides 0 to 3, not " + edge + ".");
        }
    }

    /** An edge of an opening. */
    record AtJamb(ElementId opening, End edge) implements Hold {}

    /** The middle of an opening. */
    record AtCentre(ElementId opening) implements Hold {}

    /** A grid line, or a side of the plot. */
    record OnGrid(ElementId line) implements Hold {}

    /** A line of a fitting's box, as it is seen from before it; mirrored with it. */
    record OnFitting(ElementId fitting, Edge edge) implements Hold {

        public enum Edge {
            BACK,
            FRONT,
            LEFT,
            RIGHT,
            /** From its back to its front, halfway along. */
            MIDDLE;

            /** In words, as "left of F3". */
            public String said() {
                return name().toLowerCase(Locale.ROOT);
            }
        }
    }

    /** A corner of a fitting's box, as it is seen from before it; mirrored with it. */
    record AtFittingCorner(ElementId fitting, Corner corner) implements Hold {

        public enum Corner {
            BACK_LEFT,
            BACK_RIGHT,
            FRONT_RIGHT,
            FRONT_LEFT;

            /** In words, as "front left corner of F3". */
            public String said() {
                return name().toLowerCase(Locale.ROOT).replace('_', ' ') + " corner";
            }
        }
    }

    /** A riser of a stair, counted from 1 upwards. */
    record AtRiser(ElementId stair, int riser) implements Hold {
        public AtRiser {
            if (riser < 1 || riser > 200) throw new Unusable("A stair has risers from 1 on, not " + riser + ".");
        }
    }

    /** A side of a straight flight of a stair. @param flight counted from 0 upwards; @param side as it is gone up */
    record BesideFlight(ElementId stair, int flight, Side side) implements Hold {
        public BesideFlight {
            if (flight < 0 || flight > 20) throw new Unusable("A stair has flights from 0 on, not " + flight + ".");
        }
    }

    /** A level that a storey, a floor, an opening, a fitting or the site has: only drawings that show heights show it. */
    record AtLevel(ElementId of, Of level) implements Hold {

        public enum Of {
            /** Of a storey: its floor, its ceilings, the heads of its walls. */
            FLOOR,
            CEILING,
            HEADS,
            /** Of a floor that was drawn, and of a fitting. */
            TOP,
            UNDERSIDE,
            /** Of an opening. */
            SILL,
            HEAD,
            /** Of the site. */
            GROUND,
            /** Of a roof: its plates, its lowest eaves, its ridge, its highest parapet; of eaves and ridge the tops of rafters. */
            PLATE,
            EAVES,
            RIDGE,
            PARAPET
        }
    }
}
