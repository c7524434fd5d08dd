package org.leanlintel.core.model;

/** Where in its build-up a wall's set-out line lies. It stays there when the build-up changes. */
public sealed interface SetOut {

    /** Millimetres from the outside of {@code buildUp} to the set-out line. */
    double depthIn(BuildUp buildUp);

    /**
     * The same physical face in another build-up, by what plies do; where it has no such face, the same place beside its
     * structure. There and back gives the same place.
     */
    default SetOut keptIn(BuildUp from, BuildUp to) {
        return this;
    }

    /** On a face: 0 is the outer face, n the face inside ply n - 1. Past the last face, it is the inner face. */
    record OnFace(int face) implements SetOut {
        public OnFace {
            if (face < 0 || face > 24) throw new Unusable("A build-up has faces 0 to 24, not " + face + ".");
        }

        @Override
        public double depthIn(BuildUp buildUp) {
            return buildUp.depthOfFace(Math.min(face, buildUp.plies().size()));
        }

        @Override
        public SetOut keptIn(BuildUp from, BuildUp to) {
            double depth = depthIn(from);
            if (face == 0) return this;
            if (depth == from.thicknessMm()) return new InnerFace();
            if (depth == new OutsideOfStructure().depthIn(from)) return new OutsideOfStructure();
            if (depth == new InsideOfStructure().depthIn(from)) return new InsideOfStructure();
            Integer same = SameFace.in(from, face, to);
            return same == null ? OffStructure.at(depth, from) : new OnFace(same);
        }
    }

    /** On the inner face, however many plies there are. */
    record InnerFace() implements SetOut {
        @Override
        public double depthIn(BuildUp buildUp) {
            return buildUp.thicknessMm();
        }
    }

    record OutsideOfStructure() implements SetOut {
        @Override
        public double depthIn(BuildUp buildUp) {
            return buildUp.depthOfFace(buildUp.structureFrom());
        }
    }

    record InsideOfStructure() implements SetOut {
        @Override
        public double depthIn(BuildUp buildUp) {
            return buildUp.depthOfFace(buildUp.structureTo());
        }
    }

    record MiddleOfStructure() implements SetOut {
        @Override
        public double depthIn(BuildUp buildUp) {
            return (buildUp.depthOfFace(buildUp.structureFrom()) + buildUp.depthOfFace(buildUp.structureTo())) / 2;
        }
    }

    /**
     * Where a face lay that this build-up does not have: so far inwards of its structure's outside, within the wall.
     *
     * @param mm negative towards the outside of the wall
     */
    record OffStructure(double mm) implements SetOut {
        public OffStructure {
            mm = Checks.between("The distance of a set-out line from the structure", mm, -20_000, 20_000);
        }

        static OffStructure at(double depth, BuildUp buildUp) {
            return new OffStructure(depth - buildUp.depthOfFace(buildUp.structureFrom()));
        }

        @Override
        public double depthIn(BuildUp buildUp) {
            double depth = buildUp.depthOfFace(buildUp.structureFrom()) + mm;
            return Math.clamp(depth, 0, buildUp.thicknessMm());
        }
    }
}
