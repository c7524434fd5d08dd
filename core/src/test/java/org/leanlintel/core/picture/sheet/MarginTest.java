package org.leanlintel.core.picture.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.drawing.AddSheet;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.TitleBlock;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.sheet.SheetArea;
import org.leanlintel.core.sheet.TitleFacts;

/** What is marked in the margins of sheets. */
class MarginTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final Sketch sketch = new Sketch();

    private Picture sheet(PaperSize size, boolean zones, boolean folds) {
        TitleBlock block = TitleBlock.of(sketch.model());
        sketch.put(new TitleBlock(
                block.id(),
                block.name(),
                block.place(),
                block.widthMm(),
                block.heightMm(),
                List.of(),
                new TitleBlock.Margin(zones, folds)));
        Sheet sheet = (Sheet) sketch.run(
                        new AddSheet("A-" + sketch.model().all(Sheet.class).size(), "S", Paper.across(size), List.of()))
                .after()
                .getFirst();
        return SheetPicture.of(
                sheet, sketch.model(), id -> new Picture(1, List.of()), LETTERS, TitleFacts.printed("today"));
    }

    private static List<Item.Text> texts(Picture picture) {
        return picture.groups().stream()
                .flatMap(g -> g.items().stream())
                .filter(Item.Text.class::isInstance)
                .map(Item.Text.class::cast)
                .toList();
    }

    /** Folded to 210 by 297 with 20 to be filed by: the last panel is 190 and lies on top (DIN 824). */
    @Test
    void eachSizeIsFoldedToA4() {
        assertThat(MarginPainter.upright(210)).isEmpty();
        assertThat(MarginPainter.upright(420)).containsExactly(125.0, 230.0);
        assertThat(MarginPainter.upright(594)).containsExactly(210.0, 402.0);
        assertThat(MarginPainter.upright(841)).containsExactly(210.0, 335.5, 461.0, 651.0);
        assertThat(MarginPainter.upright(1189)).containsExactly(210.0, 319.5, 429.0, 619.0, 809.0, 999.0);
    }

    /** ISO 5457: an A3 has eight fields across and six down, on both sides; an A4 six and four, on two. */
    @Test
    void fieldsAreLetteredDownAndNumberedAcross() {
        List<Item.Text> a3 = texts(sheet(PaperSize.A3, true, false));
        assertThat(a3.stream()
                        .filter(t -> t.text().matches("\\d"))
                        .map(Item.Text::text)
                        .distinct())
                .containsExactly("1", "2", "3", "4", "5", "6", "7", "8");
        assertThat(a3.stream()
                        .filter(t -> t.text().matches("[A-Z]"))
                        .map(Item.Text::text)
                        .distinct())
                .containsExactlyInAnyOrder("A", "B", "C", "D", "E", "F");
        assertThat(a3).hasSize(2 * (8 + 6));
        Bounds frame = SheetArea.frame(Paper.across(PaperSize.A3));
        assertThat(a3).allMatch(t -> !frame.covers(t.at().plus(new Vec(0, 1.75))));
        assertThat(a3.stream()
                        .filter(t -> t.text().equals("A"))
                        .findFirst()
                        .orElseThrow()
                        .at()
                        .y())
                .as("A is at the top")
                .isGreaterThan(237);
        assertThat(texts(sheet(PaperSize.A4, true, false))).hasSize(6 + 4);
    }

    @Test
    void nothingIsMarkedWhereNothingIsAskedForAndPaperInInchesIsNotFoldedToA4() {
        assertThat(texts(sheet(PaperSize.A3, false, false))).isEmpty();
        assertThat(lines(sheet(PaperSize.A1, false, true)) - lines(sheet(PaperSize.A1, false, false)))
                .as("four folds above and below, one at either side")
                .isEqualTo(2 * 4 + 2);
        assertThat(lines(sheet(PaperSize.ARCH_D, false, true))).isEqualTo(lines(sheet(PaperSize.ARCH_D, false, false)));
    }

    private static long lines(Picture picture) {
        return picture.groups().stream()
                .flatMap(g -> g.items().stream())
                .filter(Item.Strokes.class::isInstance)
                .mapToLong(i -> ((Item.Strokes) i).lines().size())
                .sum();
    }
}
