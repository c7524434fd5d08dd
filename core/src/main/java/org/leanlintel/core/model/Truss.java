package org.leanlintel.core.model;

/**
 * Trusses of one shape in a roof, side by side. Their span, pitch and heel are the roof's.
 *
 * @param mark what people call them: T1
 * @param topMm the depth of top chords, square to them
 * @param bottomMm of bottom chords
 * @param webMm of webs
 * @param thickMm how thick the timbers are
 * @param plies how many stand side by side as one: a girder is of two or more
 * @param spacingMm from the middle of one to that of the next
 * @param along where in the roof they stand
 */
public record Truss(
        ElementId id,
        ElementId roof,
        ElementId layer,
        String mark,
        Form form,
        double topMm,
        double bottomMm,
        double webMm,
        double thickMm,
        int plies,
        double spacingMm,
        Along along,
        WorkState state)
        implements InWork, Marked {

    private static final int MOST_PLIES = 4;

    public Truss {
        mark = Checks.name("A truss's mark", mark);
        topMm = Checks.between("The depth of a top chord", topMm, 20, 500);
        bottomMm = Checks.between("The depth of a bottom chord", bottomMm, 20, 500);
        webMm = Checks.between("The depth of a web", webMm, 20, 500);
        thickMm = Checks.between("The thickness of a truss", thickMm, 20, 300);
        if (plies < 1 || plies > MOST_PLIES)
            throw new Unusable("Up to %d trusses stand side by side as one.".formatted(MOST_PLIES));
        spacingMm = Checks.between("The spacing of trusses", spacingMm, 100, 5000);
    }

    /** How its members lie. */
    public sealed interface Form {}

    /** Between slopes and a level bottom chord. */
    public record Level(Webs webs) implements Form {}

    /** The bottom chords rise to the middle, the vaulted kind. @param bottom their underside's pitch */
    public record Scissor(Pitch bottom) implements Form {}

    /**
     * Round a room, on a level bottom chord that is its floor.
     *
     * @param roomMm how wide it is between its uprights, the middle of it under the peak
     * @param headMm from the bottom chord up to the underside of the collar
     */
    public record Attic(double roomMm, double headMm) implements Form {
        public Attic {
            roomMm = Checks.between("The width of a room in trusses", roomMm, 500, 12_000);
            headMm = Checks.between("The height of a room in trusses", headMm, 500, 6000);
        }
    }

    /** A tie part way up, and no bottom chord. @param upMm its underside over the plates */
    public record RaisedTie(double upMm) implements Form {
        public RaisedTie {
            upMm = Checks.between("The height of a tie", upMm, 50, 6000);
        }
    }

    /** The bottom chords as steep as the top chords, as far under them as the heel is high. @param everyMm the most there is, level, from node to node of a chord */
    public record Parallel(double everyMm) implements Form {
        public Parallel {
            everyMm = Checks.between("The spacing of a truss's nodes", everyMm, 200, 5000);
        }
    }

    /**
     * Uprights that a gable is boarded on.
     *
     * @param everyMm from the middle of one to that of the next
     * @param lowerMm upright, how far its top chords lie under those of the others, for a ladder that runs over it; it has no tails then
     */
    public record Gable(double everyMm, double lowerMm) implements Form {
        public Gable {
            everyMm = Checks.between("The spacing of uprights", everyMm, 100, 2000);
            lowerMm = Checks.between("How much lower a gable's truss is", lowerMm, 0, 500);
        }
    }

    /** How a level truss is braced. */
    public enum Webs {
        KING_POST,
        FINK,
        HOWE,
        FAN;

        public String words() {
            return switch (this) {
                case KING_POST -> "king post";
                case FINK -> "fink";
                case HOWE -> "Howe";
                case FAN -> "fan";
            };
        }
    }

    /** Where they stand. */
    public sealed interface Along {}

    /** From one end of the roof to the other, as far as its ridge and the walls at its ends let them. */
    public record AllAlong() implements Along {}

    /** @param fromMm from the end where all of them would begin; @param toMm likewise */
    public record PartAlong(double fromMm, double toMm) implements Along {
        public PartAlong {
            fromMm = Checks.between("Where trusses begin", fromMm, 0, 1_000_000);
            toMm = Checks.between("Where trusses end", toMm, 0, 1_000_000);
            if (toMm <= fromMm) throw new Unusable("Trusses end further along than they begin.");
        }
    }

    /** One at each end of where they could stand. */
    public record AtEnds() implements Along {}

    /** A single one. @param mm to its middle, from the end where all of them would begin */
    public record OneAt(double mm) implements Along {
        public OneAt {
            mm = Checks.between("Where a truss stands", mm, 0, 1_000_000);
        }
    }

    /** Whether others of the roof, spread along it, give way to them. */
    public boolean isPlaced() {
        return along instanceof AtEnds || along instanceof OneAt;
    }

    /** How thick all plies of one are. */
    public double wholeThickMm() {
        return plies * thickMm;
    }

    /** Of which shape it is, in words. */
    public String words() {
        return plies == 1 ? formWords() : "girder of %d, %s".formatted(plies, formWords());
    }

    private String formWords() {
        return switch (form) {
            case Level l -> l.webs().words();
            case Scissor s -> "scissor, " + s.bottom().words() + " inside";
            case Attic a -> "attic";
            case RaisedTie r -> "raised tie";
            case Parallel p -> "parallel chords";
            case Gable g -> g.lowerMm() > 0 ? "gable end, lowered" : "gable end";
        };
    }

    public Truss on(ElementId otherId, ElementId otherRoof, ElementId otherLayer, String otherMark) {
        return new Truss(
                otherId,
                otherRoof,
                otherLayer,
                otherMark,
                form,
                topMm,
                bottomMm,
                webMm,
                thickMm,
                plies,
                spacingMm,
                along,
                state);
    }

    /** The same, so many side by side as one. */
    public Truss ofPlies(int many) {
        return new Truss(id, roof, layer, mark, form, topMm, bottomMm, webMm, thickMm, many, spacingMm, along, state);
    }

    @Override
    public Truss in(WorkState other) {
        return new Truss(id, roof, layer, mark, form, topMm, bottomMm, webMm, thickMm, plies, spacingMm, along, other);
    }

    @Override
    public Truss onLayer(ElementId other) {
        return new Truss(id, roof, other, mark, form, topMm, bottomMm, webMm, thickMm, plies, spacingMm, along, state);
    }
}
