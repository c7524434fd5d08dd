package org.leanlintel.core.model;

/** What a drafter decided of one point or one part of a dimension string, by what its ends hold to. Lengths on paper. */
public sealed interface OwnPart {

    /** How long the extension line of a point is. @param lengthMm 0 for none */
    record Reach(Hold point, double lengthMm) implements OwnPart {
        public Reach {
            lengthMm = Checks.between("The length of an extension line", lengthMm, 0, 2000);
        }
    }

    /**
     * The figure between two neighbouring points.
     *
     * @param says in place of what is measured; empty for that
     */
    record Figure(Hold from, Hold to, String says, Place place) implements OwnPart {
        public Figure {
            says = Checks.text("The words in place of a measure", says.strip(), 40);
        }
    }

    /** Where a figure stands. */
    sealed interface Place {}

    /** Where there is room. */
    record Found() implements Place {}

    /** @param alongMm from the middle of its part, the way the string measures; @param upMm from the line to its base line, as it is read */
    record Put(double alongMm, double upMm) implements Place {
        public Put {
            alongMm = Checks.between("How far a figure is moved", alongMm, -2000, 2000);
            upMm = Checks.between("How far a figure is moved", upMm, -2000, 2000);
        }
    }
}
