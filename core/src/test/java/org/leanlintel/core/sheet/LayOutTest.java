package org.leanlintel.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.TitleBlock;

/** On an A2 sheet there are 564 by 400 to draw on, but for the title block of 180 by 72. */
class LayOutTest {

    private static final TitleBlock TITLES = Sketch.titleBlock();
    private static final Paper A2 = Paper.across(PaperSize.A2);

    private static LayOut.Block block(String name, double width, double height) {
        return new LayOut.Block(
                new ElementId(name), Vec.ORIGIN, new Bounds(-width / 2, -height / 2, width / 2, height / 2));
    }

    private static List<String> names(List<LayOut.Put> sheet) {
        return sheet.stream().map(p -> p.block().drawing().value()).toList();
    }

    /** Two of 270 and the gap of 8 are 548 wide, and share 8 of what is left on either side. */
    @Test
    void whatFitsSideBySideHasItsTopInOneLine() {
        List<List<LayOut.Put>> sheets = LayOut.on(A2, TITLES, List.of(block("a", 270, 200), block("b", 270, 150)))
                .sheets();
        assertThat(sheets).hasSize(1);
        Bounds a = sheets.getFirst().get(0).box(), b = sheets.getFirst().get(1).box();
        assertThat(a.maxY()).isCloseTo(b.maxY(), within(1e-9));
        assertThat(a.minX()).isCloseTo(20 + 8, within(1e-9));
        assertThat(b.minX()).isCloseTo(a.maxX() + 8, within(1e-9));
        assertThat(584 - b.maxX()).isCloseTo(8, within(1e-9));
    }

    /** Beside titles 72 wide along the right edge there are 492 to draw on, over titles 72 high along the foot 328. */
    @ParameterizedTest
    @CsvSource({"RIGHT_EDGE, 20, 512, 10, 410", "FOOT, 20, 584, 82, 410"})
    void whatStandsAloneIsInTheMiddleOfTheRoomThereIs(
            TitleBlock.Place place, double left, double right, double low, double high) {
        TitleBlock titles =
                new TitleBlock(TITLES.id(), TITLES.name(), place, 72, 72, List.of(), TitleBlock.Margin.BARE);
        Bounds box = LayOut.on(A2, titles, List.of(block("a", 400, 240)))
                .sheets()
                .getFirst()
                .getFirst()
                .box();
        assertThat(box.centre().x()).isCloseTo((left + right) / 2, within(1e-9));
        assertThat(box.centre().y()).isCloseTo((low + high) / 2, within(1e-9));
    }

    /** The third finds room on no sheet but a second; the fourth goes back to the first. */
    @Test
    void eachGoesToTheFirstSheetWithRoomForIt() {
        LayOut.Result result = LayOut.on(
                A2,
                TITLES,
                List.of(block("a", 270, 300), block("b", 270, 300), block("c", 270, 200), block("d", 100, 60)));
        assertThat(result.sheets()).extracting(LayOutTest::names).containsExactly(List.of("a", "b", "d"), List.of("c"));
        assertThat(result.tooLarge()).isEmpty();
    }

    /** On the sheet 304 by 200 are taken at the upper left: one of 200 fits to the right of that, of two of 150 high one below; the last would only fit elsewhere. */
    @Test
    void whatStandsOnASheetStaysAndTheRoomBesideItIsUsed() {
        ElementId begun = new ElementId("begun"), other = new ElementId("other");
        Bounds taken = new Bounds(20, 210, 320, 410);
        LayOut.Filled filled = LayOut.filling(
                List.of(new LayOut.Begun(begun, A2, List.of(taken)), new LayOut.Begun(other, A2, List.of())),
                TITLES,
                List.of(block("a", 200, 200), block("b", 290, 150), block("c", 290, 150), block("d", 900, 10)),
                (b, sheet) -> sheet.equals(begun) || b.drawing().equals(new ElementId("d")));
        assertThat(filled.put()).containsOnlyKeys(begun);
        List<LayOut.Put> put = filled.put().get(begun);
        assertThat(names(put)).containsExactly("a", "b");
        for (LayOut.Put p : put)
            assertThat(p.box().grown(LayOut.GAP_MM - 1e-6).meets(taken)).isFalse();
        assertThat(put.get(0).box().minX()).isCloseTo(328, within(1e-9));
        assertThat(put.get(1).box().maxY()).isCloseTo(202, within(1e-9));
        assertThat(filled.left()).extracting(b -> b.drawing().value()).containsExactly("c", "d");
    }

    /** The fourth would go under the third's neighbour, 20 further left than the second, and has the second's edge instead. */
    @Test
    void leftEdgesComeInLine() {
        List<LayOut.Put> sheet = LayOut.on(
                        A2,
                        TITLES,
                        List.of(block("a", 270, 150), block("b", 200, 150), block("c", 250, 100), block("d", 150, 100)))
                .sheets()
                .getFirst();
        assertThat(sheet.get(2).box().minX()).isCloseTo(sheet.get(0).box().minX(), within(1e-9));
        assertThat(sheet.get(3).box().minX()).isCloseTo(sheet.get(1).box().minX(), within(1e-9));
    }

    @Test
    void whatIsLargerThanThePaperIsSaid() {
        LayOut.Result result = LayOut.on(A2, TITLES, List.of(block("a", 600, 100), block("b", 100, 100)));
        assertThat(result.tooLarge()).extracting(b -> b.drawing().value()).containsExactly("a");
        assertThat(result.sheets()).extracting(LayOutTest::names).containsExactly(List.of("b"));
    }

    /** 500 by 300 fills 0.7 of an A2 and 0.31 of an A1. */
    @Test
    void thePaperIsTheOneThatIsWellUsed() {
        List<Paper> papers = List.of(Paper.across(PaperSize.A1), A2, Paper.across(PaperSize.A3));
        LayOut.Result one = LayOut.onBest(papers, TITLES, List.of(block("a", 500, 300)));
        assertThat(one.paper()).isEqualTo(A2);
        assertThat(one.used()).isCloseTo(500 * 300.0 / (564 * 400 - 180 * 72), within(1e-9));
        LayOut.Result four = LayOut.onBest(
                papers,
                TITLES,
                List.of(block("a", 350, 250), block("b", 350, 250), block("c", 350, 250), block("d", 350, 220)));
        assertThat(four.paper()).as("fewer sheets").isEqualTo(Paper.across(PaperSize.A1));
        assertThat(four.sheets()).hasSize(1);
    }

    static LongStream seeds() {
        return LongStream.range(0, 60);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void nothingOverlapsOrLeavesTheSheet(long seed) {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        PaperSize[] sizes = PaperSize.values();
        Paper paper = new Paper(sizes[random.nextInt(sizes.length)], random.nextBoolean());
        List<LayOut.Block> blocks = new ArrayList<>();
        for (int i = 0; i < 3 + random.nextInt(20); i++)
            blocks.add(block("b" + i, 10 + random.nextDouble() * 300, 10 + random.nextDouble() * 250));
        LayOut.Result result = LayOut.on(paper, TITLES, blocks);
        int put = 0;
        for (List<LayOut.Put> sheet : result.sheets()) {
            put += sheet.size();
            for (LayOut.Put p : sheet) {
                assertThat(SheetArea.of(paper, TITLES).holds(p.box().grown(LayOut.MARGIN_MM - 0.02)))
                        .isTrue();
                for (LayOut.Put other : sheet)
                    assertThat(p == other
                                    || !p.box().grown(LayOut.GAP_MM / 2 - 1e-6).meets(other.box()))
                            .isTrue();
            }
        }
        assertThat(put + result.tooLarge().size()).isEqualTo(blocks.size());
    }

    @Test
    void numbersAreReadAsTheyCount() {
        assertThat(SheetOrder.compare("A-9", "A-10")).isNegative();
        assertThat(SheetOrder.compare("A-101", "S-001")).isNegative();
        assertThat(SheetOrder.compare("A-101", "A-101a")).isNegative();
        assertThat(SheetOrder.compare("a-2", "A-2")).isZero();
    }

    private static List<LargerScales.Larger> larger(List<LayOut.Block> blocks, String... drawn) {
        List<List<LayOut.Put>> sheets = LayOut.on(A2, TITLES, blocks).sheets();
        assertThat(sheets).hasSize(1);
        List<LargerScales.Larger> at = Stream.of(drawn)
                .map(d -> new LargerScales.Larger(new ElementId(d), 50))
                .toList();
        return LargerScales.of(sheets.getFirst(), A2, TITLES, at, List.of(100.0, 20.0, 25.0, 50.0));
    }

    /** 564 by 400 less 180 by 72 is 212,640: a plan of 250 by 150 takes a sixth of it, and fits at twice the size. */
    @Test
    void aSheetLargelyEmptyIsOfferedTheNextLargerScale() {
        assertThat(larger(List.of(block("plan", 250, 150)), "plan"))
                .containsExactly(new LargerScales.Larger(new ElementId("plan"), 25));
        assertThat(larger(List.of(block("plan", 360, 300)), "plan"))
                .as("well used")
                .isEmpty();
        assertThat(larger(List.of(block("plan", 300, 200)), "plan"))
                .as("600 wide at twice the size")
                .isEmpty();
        assertThat(larger(List.of(block("table", 250, 150)))).as("of no scale").isEmpty();
    }

    /** At twice the size they are 520 by 260 and 400 by 200: more than a sheet of 564 by 400 holds side by side or above each other. */
    @Test
    void whereTheyDoNotFitTogetherTheLargestThatDoesIsEnlargedAlone() {
        assertThat(larger(List.of(block("a", 260, 130), block("b", 200, 100)), "a", "b"))
                .containsExactly(new LargerScales.Larger(new ElementId("a"), 25));
        assertThat(larger(List.of(block("a", 130, 130), block("b", 130, 130)), "a", "b"))
                .extracting(LargerScales.Larger::scale)
                .containsExactly(25.0, 25.0);
    }
}
