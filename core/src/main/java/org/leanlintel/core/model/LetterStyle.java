package org.leanlintel.core.model;

/**
 * How the words of a note are set.
 *
 * @param heightMm height of capitals on paper, of the first line: usually one of the series of ISO 3098-1
 * @param nextMm the same, of the lines after it
 * @param centred whether lines are centred on where the note stands, as names are; else they begin there
 */
public record LetterStyle(ElementId id, String name, double heightMm, double nextMm, Strong strong, boolean centred)
        implements Element.Stock {

    public LetterStyle {
        name = Checks.name("A letter style's name", name);
        heightMm = height(heightMm);
        nextMm = height(nextMm);
    }

    private static double height(double mm) {
        return Checks.between("The height of letters", mm, 1, 30);
    }

    /** What of a note is in strong letters. */
    public enum Strong {
        NOTHING,
        FIRST_LINE,
        ALL
    }

    /** The same as another stock item. */
    public LetterStyle called(ElementId otherId, String otherName) {
        return new LetterStyle(otherId, otherName, heightMm, nextMm, strong, centred);
    }

    /** @param line counted from 0 */
    public double heightMm(int line) {
        return line == 0 ? heightMm : nextMm;
    }

    /** @param line counted from 0 */
    public boolean isStrong(int line) {
        return switch (strong) {
            case NOTHING -> false;
            case FIRST_LINE -> line == 0;
            case ALL -> true;
        };
    }

    /** Whether what is set in it names something: its first line stands out from those under it. */
    public boolean isOfNames() {
        return centred && heightMm > nextMm;
    }
}
