package org.leanlintel.core.model;

import org.leanlintel.core.geometry.Vec;

/**
 * A hole through a wall and what stands in it.
 *
 * @param mark what people call it: D3, N4
 * @param widthMm of the structural (rough) opening
 * @param sillMm its lower edge above the storey's level
 * @param make of what stands in it
 * @param typeMark of what it shares its sizes, kind and make with; empty where it is alone
 * @param words where its mark stands: from the middle of the opening the way the wall runs, and from the wall's set-out line to the left of that
 * @param work what becomes of it in the work drawn
 */
public record Opening(
        ElementId id,
        ElementId layer,
        String mark,
        ElementId wall,
        Placing placing,
        double widthMm,
        double heightMm,
        double sillMm,
        Kind kind,
        OpeningMake make,
        String typeMark,
        WordsAt words,
        Work work)
        implements OnLayer, Marked, Worded {

    private static final double LEAST_GLASS_MM = 50;

    public Opening {
        mark = Checks.name("An opening's mark", mark);
        widthMm = Checks.between("An opening's width", widthMm, 100, 20_000);
        heightMm = Checks.between("An opening's height", heightMm, 100, 10_000);
        sillMm = Checks.between("A sill", sillMm, 0, 10_000);
        typeMark = Checks.text("The mark of a type", typeMark.strip(), 20);
        double least = make.fixWidthMm() + 2 * make.frameMm() + 2 * make.gapMm();
        if (widthMm < least + 10)
            throw new Unusable("Allowances and frame of %s leave nothing of its width.".formatted(mark));
        if (kind instanceof Window w && w.lights().over() instanceof Lights.Toplights over)
            checkTransom(mark, over.heightMm(), heightMm - make.fixHeightMm(), make.frameMm());
    }

    /** A transom leaves room for glass above it and below. */
    private static void checkTransom(String mark, double overMm, double unitMm, double frameMm) {
        double least = 1.5 * frameMm + LEAST_GLASS_MM;
        if (overMm < least || unitMm - overMm < least)
            throw new Unusable("The transom of %s leaves no room for glass above it or below.".formatted(mark));
    }

    public Opening placed(ElementId inWall, Placing at) {
        return new Opening(id, layer, mark, inWall, at, widthMm, heightMm, sillMm, kind, make, typeMark, words, work);
    }

    public Opening named(ElementId otherId, String otherMark) {
        return new Opening(
                otherId, layer, otherMark, wall, placing, widthMm, heightMm, sillMm, kind, make, typeMark, words, work);
    }

    @Override
    public Opening onLayer(ElementId other) {
        return new Opening(
                id, other, mark, wall, placing, widthMm, heightMm, sillMm, kind, make, typeMark, words, work);
    }

    public Opening of(Kind other) {
        return new Opening(
                id, layer, mark, wall, placing, widthMm, heightMm, sillMm, other, make, typeMark, words, work);
    }

    /** With the sizes, the make and the kind of another, as far as a type shares them: turned as it was itself. */
    public Opening like(Opening other) {
        return new Opening(
                id,
                layer,
                mark,
                wall,
                placing,
                other.widthMm,
                other.heightMm,
                other.sillMm,
                other.kind.turnedLike(kind),
                other.make,
                other.typeMark,
                words,
                work);
    }

    public Opening typed(String other) {
        return new Opening(id, layer, mark, wall, placing, widthMm, heightMm, sillMm, kind, make, other, words, work);
    }

    /** Of the unit that stands in it, frame included. */
    public double unitWidthMm() {
        return widthMm - make.fixWidthMm();
    }

    public double unitHeightMm() {
        return heightMm - make.fixHeightMm();
    }

    /** Between the jambs of its frame. */
    public double clearWidthMm() {
        return unitWidthMm() - 2 * make.frameMm();
    }

    /** Of the widest side-hung leaf; of the panels together where it folds; of the leaf that slides. 0 without leaves. */
    public double leafWidthMm() {
        double between = clearWidthMm() - 2 * make.gapMm();
        return switch (kind) {
            case PairDoor pair -> between * Math.max(pair.part(), 1 - pair.part());
            case OpenWay way -> 0;
            case Window window -> 0;
            default -> between;
        };
    }

    /** From under the leaf to its top. */
    public double leafHeightMm() {
        return unitHeightMm() - make.frameMm() - make.gapMm() - make.underMm();
    }

    public double headMm() {
        return sillMm + heightMm;
    }

    /** What its mark begins with. */
    public String letter(MarkLetters letters) {
        return kind instanceof Window ? letters.windows() : letters.doors();
    }

    public String noun() {
        return switch (kind) {
            case Window w -> "window";
            case OpenWay o -> "open way";
            default -> "door";
        };
    }

    /** The same in a wall that is mirrored. */
    public Opening mirrored() {
        return of(kind.mirrored()).worded(words.each(at -> new Vec(at.x(), -at.y())));
    }

    /** The same in a wall that is drawn the other way: nothing moves. */
    public Opening turnedAbout() {
        return of(kind.turnedAbout()).worded(words.each(at -> at.times(-1)));
    }

    @Override
    public Opening worded(WordsAt other) {
        return new Opening(
                id, layer, mark, wall, placing, widthMm, heightMm, sillMm, kind, make, typeMark, other, work);
    }

    public Opening in(Work other) {
        return new Opening(
                id, layer, mark, wall, placing, widthMm, heightMm, sillMm, kind, make, typeMark, words, other);
    }

    /** What becomes of it and of what stands in it. @param in its wall */
    public WorkState stateIn(Wall in) {
        return switch (work) {
            case AS_WALL -> in.state();
            case NEW -> in.stays() ? WorkState.NEW : WorkState.REMOVED;
            case FILLED -> WorkState.REMOVED;
        };
    }

    /** What becomes of an opening in the work drawn. */
    public enum Work {
        /** It comes, stays or goes with its wall. */
        AS_WALL,
        /** It is made in a wall that stands. */
        NEW,
        /** It is there and is to be filled. */
        FILLED
    }

    /** What stands in the opening. */
    public sealed interface Kind {

        /** The same in a wall that is drawn the other way: nothing moves. */
        default Kind turnedAbout() {
            return this;
        }

        /** The same in a wall that is mirrored: what is left of the run comes to lie right of it. */
        default Kind mirrored() {
            return this;
        }

        /** The same, hung and swung as {@code other} where that is of this kind. */
        default Kind turnedLike(Kind other) {
            return this;
        }
    }

    /** One side-hung leaf. @param hinge the edge it hangs on; @param swing the side of the wall it opens to */
    public record SwingDoor(End hinge, Side swing) implements Kind {

        @Override
        public SwingDoor turnedLike(Kind other) {
            return other instanceof SwingDoor like ? like : this;
        }

        @Override
        public SwingDoor turnedAbout() {
            return new SwingDoor(hinge.other(), swing.other());
        }

        @Override
        public SwingDoor mirrored() {
            return new SwingDoor(hinge, swing.other());
        }
    }

    /**
     * Two side-hung leaves that meet.
     *
     * @param active the edge at which the leaf hangs that opens first
     * @param part of the clear width that the active leaf takes, 0.5 for equal leaves
     */
    public record PairDoor(End active, double part, Side swing) implements Kind {
        public PairDoor {
            part = Checks.number("The active leaf's part of the width", part, 0.2, 0.8, "");
        }

        @Override
        public PairDoor turnedLike(Kind other) {
            return other instanceof PairDoor like ? new PairDoor(like.active, part, like.swing) : this;
        }

        @Override
        public PairDoor turnedAbout() {
            return new PairDoor(active.other(), part, swing.other());
        }

        @Override
        public PairDoor mirrored() {
            return new PairDoor(active, part, swing.other());
        }
    }

    /** A leaf that slides into the wall beside the opening. @param into the end of the wall it slides towards */
    public record PocketDoor(End into) implements Kind {

        @Override
        public PocketDoor turnedLike(Kind other) {
            return other instanceof PocketDoor like ? like : this;
        }

        @Override
        public PocketDoor turnedAbout() {
            return new PocketDoor(into.other());
        }
    }

    /** A leaf that slides along a face of the wall. @param towards the end of the wall it opens to; @param face it hangs on */
    public record SlidingDoor(End towards, Side face) implements Kind {

        @Override
        public SlidingDoor turnedLike(Kind other) {
            return other instanceof SlidingDoor like ? like : this;
        }

        @Override
        public SlidingDoor turnedAbout() {
            return new SlidingDoor(towards.other(), face.other());
        }

        @Override
        public SlidingDoor mirrored() {
            return new SlidingDoor(towards, face.other());
        }
    }

    /** Panels that fold against an edge. @param against that edge; @param swing the side they fold to */
    public record FoldingDoor(End against, int panels, Side swing) implements Kind {
        public FoldingDoor {
            if (panels < 2 || panels > 8) throw new Unusable("A folding door has 2 to 8 panels, not " + panels + ".");
        }

        @Override
        public FoldingDoor turnedLike(Kind other) {
            return other instanceof FoldingDoor like ? new FoldingDoor(like.against, panels, like.swing) : this;
        }

        @Override
        public FoldingDoor turnedAbout() {
            return new FoldingDoor(against.other(), panels, swing.other());
        }

        @Override
        public FoldingDoor mirrored() {
            return new FoldingDoor(against, panels, swing.other());
        }
    }

    /** Panels half of which fold against either edge. @param swing the side they fold to */
    public record FoldingPair(int panels, Side swing) implements Kind {
        public FoldingPair {
            if (panels < 4 || panels > 8 || panels % 2 != 0)
                throw new Unusable("A folding door in two halves has 4, 6 or 8 panels, not " + panels + ".");
        }

        @Override
        public FoldingPair turnedLike(Kind other) {
            return other instanceof FoldingPair like ? new FoldingPair(panels, like.swing) : this;
        }

        @Override
        public FoldingPair turnedAbout() {
            return mirrored();
        }

        @Override
        public FoldingPair mirrored() {
            return new FoldingPair(panels, swing.other());
        }
    }

    /** A door that lifts overhead, as to a garage. */
    public record LiftingDoor() implements Kind {}

    /** An opening without a leaf. @param lined whether it has a lining */
    public record OpenWay(boolean lined) implements Kind {}

    /** A framed window. @param setbackMm from the wall's outer face to the frame */
    public record Window(Lights lights, double setbackMm, Form form) implements Kind {

        public Window {
            setbackMm = Checks.between("A frame's set-back", setbackMm, 0, 1000);
        }

        /** One in the plane of its wall, of lights that are all alike. */
        public Window(int lights, double setbackMm, Lights.Opens opens) {
            this(Lights.equal(lights, opens), setbackMm, new Flat());
        }

        public Window in(Form other) {
            return new Window(lights, setbackMm, other);
        }

        @Override
        public Window turnedAbout() {
            return form instanceof ToCorner c ? in(new ToCorner(c.end().other())) : this;
        }

        @Override
        public Window mirrored() {
            return new Window(lights.mirrored(), setbackMm, form);
        }

        @Override
        public Window turnedLike(Kind other) {
            return other instanceof Window like && like.form instanceof ToCorner ? in(like.form) : this;
        }
    }

    /** How a window stands in its wall. */
    public sealed interface Form {}

    /** In the plane of its wall. */
    public record Flat() implements Form {}

    /**
     * A bay of three: a front, and a side from either edge of the opening to it. Each side is one light.
     *
     * @param projectionMm from the wall's outer face to the front's
     * @param frontPart how much of the opening's width the front takes
     * @param foot what stands under it
     * @param lid what closes it above
     */
    public record Bay(double projectionMm, double frontPart, BayFoot foot, BayLid lid) implements Form {
        public Bay {
            projectionMm = Checks.between("How far a bay stands out", projectionMm, 100, 3000);
            frontPart = Checks.number("The front's part of a bay", frontPart, 0.2, 1, "");
        }
    }

    /** What stands under a bay. */
    public enum BayFoot {
        /** Nothing: a floor of its own is hung before the wall. */
        HUNG,
        /** Walls of the outermost ply of its wall, down to the foot of that, or to the ground. */
        WALLED
    }

    /** What closes a bay above. */
    public sealed interface BayLid {}

    public record FlatLid() implements BayLid {}

    /** Three slopes that rise to the wall. */
    public record SlopedLid(Pitch pitch) implements BayLid {}

    /** Round the corner at an end of its wall, with the window of the next wall, and a post between them. */
    public record ToCorner(End end) implements Form {}
}
