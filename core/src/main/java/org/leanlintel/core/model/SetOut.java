package org.leanlintel.core.model;

/** Where in its build-up a wall's set-out line lies. It stays there when the build-up changes. */
public sealed interface SetOut {

    /** Millimetres from the outside of {@code buildUp} to the set-out line. */
    double depthIn(BuildUp buildUp);

    /** On a face: 0 is the outer face, n the face inside ply n - 1. Past the last face, it is the inner face. */
    record OnFace(int face) implements SetOut {
        public OnFace {
            if (face < 0 || face > 24)
                throw new IllegalArgumentException("A build-up has faces 0 to 24, not " + face + ".");
        }

        @Override
        public double depthIn(BuildUp buildUp) {
            return buildUp.depthOfFace(Math.min(face, buildUp.plies().size()));
        }
    }

    /** On the inner face, however many plies there are. */
    record InnerFace() implements SetOut {
        @Override
        public double depthIn(BuildUp buildUp) {
            return buildUp.thicknessMm();
        }
    }

    record MiddleOfStructure() implements SetOut {
        @Override
        public double depthIn(BuildUp buildUp) {
            return (buildUp.depthOfFace(buildUp.structureFrom()) + buildUp.depthOfFace(buildUp.structureTo())) / 2;
        }
    }
}
