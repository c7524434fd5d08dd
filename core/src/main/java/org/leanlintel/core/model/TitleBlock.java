package org.leanlintel.core.model;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * How the title blocks of sheets are laid out: boxes that fill themselves from the project, the sheet and its issues. Millimetres
 * of paper.
 *
 * @param widthMm how wide it is; along the foot, how wide at least
 * @param heightMm how high it is; at the right edge, how high at least
 * @param margin what is marked along the edges of its sheets
 */
public record TitleBlock(
        ElementId id, String name, Place place, double widthMm, double heightMm, List<Part> parts, Margin margin)
        implements Element.Stock {

    /** The one that comes with the program and that projects begin with where their region says no other. */
    public static final ElementId USUAL = new ElementId("title-block-corner");

    private static final int MOST_PARTS = 100;
    /** As large as the largest paper. */
    private static final double LARGEST_MM = 1_300;

    public TitleBlock {
        name = Checks.name("A title block's name", name);
        widthMm = Checks.between("A title block's width", widthMm, 20, LARGEST_MM);
        heightMm = Checks.between("A title block's height", heightMm, 10, LARGEST_MM);
        parts = List.copyOf(parts);
        if (parts.size() > MOST_PARTS) throw new Unusable("A title block has %d parts at most.".formatted(MOST_PARTS));
    }

    /** That of a project's sheets. @throws MissingElement where there is none */
    public static TitleBlock of(Model model) {
        return model.get(model.settings().titleBlock(), TitleBlock.class);
    }

    /** The same as another stock item. */
    public TitleBlock called(ElementId otherId, String otherName) {
        return new TitleBlock(otherId, otherName, place, widthMm, heightMm, parts, margin);
    }

    /** The symbols in it. */
    public List<ElementId> symbols() {
        List<ElementId> symbols = new ArrayList<>();
        for (Part p : parts) if (p.content() instanceof Logo l) symbols.add(l.symbol());
        return symbols;
    }

    /** The same with other symbols in it. @param there what stands for each */
    public TitleBlock showing(UnaryOperator<ElementId> there) {
        List<Part> others = parts.stream()
                .map(p -> p.content() instanceof Logo l ? p.with(new Logo(there.apply(l.symbol()))) : p)
                .toList();
        return new TitleBlock(id, name, place, widthMm, heightMm, others, margin);
    }

    /**
     * What is marked in the margin of sheets.
     *
     * @param zones fields of about 50 mm, lettered down and numbered across (ISO 5457, clause 4.4)
     * @param folds where a sheet is folded to A4 (DIN 824, form A, with a margin to be filed by)
     */
    public record Margin(boolean zones, boolean folds) {
        public static final Margin BARE = new Margin(false, false);
    }

    /** Where it lies within the frame. */
    public enum Place {
        /** At the lower right (ISO 5457, clause 4.1). */
        CORNER,
        /** A strip down the whole right edge (North American practice). */
        RIGHT_EDGE,
        /** A strip along the whole foot. */
        FOOT
    }

    /**
     * A box in it.
     *
     * @param x from the block's left end; @param y from its lower end
     * @param far whether it is held to the other end of a strip: {@code y} runs down from the top at the right edge, {@code x} back
     *     from the right end along the foot
     * @param framed whether its edges are drawn
     */
    public record Part(
            double x, double y, double widthMm, double heightMm, boolean far, boolean framed, Content content) {
        public Part {
            x = Checks.between("Where a part of a title block lies", x, 0, LARGEST_MM);
            y = Checks.between("Where a part of a title block lies", y, 0, LARGEST_MM);
            widthMm = Checks.between("The width of a part of a title block", widthMm, 2, LARGEST_MM);
            heightMm = Checks.between("The height of a part of a title block", heightMm, 2, LARGEST_MM);
        }

        Part with(Content other) {
            return new Part(x, y, widthMm, heightMm, far, framed, other);
        }
    }

    /** What stands in a box. */
    public sealed interface Content {}

    /**
     * Words; empty ones leave room, as for a stamp.
     *
     * @param label small, at the top left
     * @param text with fields in braces, as {@code {project}}; lines end where it has line ends
     * @param letterMm height of capitals; smaller where the box is too small for them
     */
    public record Words(String label, String text, double letterMm, boolean strong) implements Content {
        public Words {
            label = Checks.text("A label in a title block", label, 60);
            text = Checks.text("Words in a title block", text, 500);
            letterMm = Checks.between("The height of letters in a title block", letterMm, 1, 40);
        }
    }

    /** The last times the sheet was issued. @param rows how many are shown */
    public record Issues(int rows) implements Content {
        public Issues {
            if (rows < 1 || rows > 30) throw new Unusable("A title block shows 1 to 30 issues.");
        }
    }

    /** A picture of dots, as large as the box allows. @param data as of {@link Raster} */
    public record Image(String data) implements Content {
        public Image {
            Raster.of(data);
        }
    }

    /** A symbol of the project's, as the office's own, as large as the box allows. */
    public record Logo(ElementId symbol) implements Content {}
}
