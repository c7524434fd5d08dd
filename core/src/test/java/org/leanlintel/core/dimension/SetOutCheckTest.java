package org.leanlintel.core.dimension;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Records;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.wall.CurveWall;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.StringStyle;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.model.WorkState;

/** A shell of 7,200 by 4,800, and what a builder can find of it from one string more or less. */
class SetOutCheckTest {

    private static final Vec EAST = new Vec(1, 0), NORTH = new Vec(0, 1);

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(7200, 4800);
    private final Wall west = shell.get(0), north = shell.get(1), east = shell.get(2), south = shell.get(3);

    private SetOutReport report() {
        return sketch.building().get(new SetOutCheck.Of(Sketch.PLAN));
    }

    private List<String> lost() {
        return report().lost().stream().map(SetOutReport.Line::words).sorted().toList();
    }

    private static Hold face(Wall wall, int face) {
        return new Hold.OnFace(wall.id(), face);
    }

    private static Hold outer(Wall wall) {
        return face(wall, 0);
    }

    private void string(Vec way, Hold... holds) {
        sketch.run(new DrawString(Sketch.PLAN, Sketch.LAYER, way, new Vec(-900, -900), List.of(holds)));
    }

    private void overall() {
        string(EAST, outer(west), outer(east));
        string(NORTH, outer(south), outer(north));
    }

    private void marks(Lens.MarkOf... marks) {
        sketch.put(Records.with(Sketch.lens(), "marks", List.of(marks)));
    }

    private static Hold jamb(Opening opening, End end) {
        return new Hold.AtJamb(opening.id(), end);
    }

    @Test
    void withoutAStringOnlyTheOutermostFaceIsKnown() {
        assertThat(lost())
                .containsExactly("face of W1", "face of W2", "face of W2", "face of W3", "face of W3", "face of W4");
    }

    @Test
    void overallsTellTheOuterFacesAndMarksOfBuildUpsTheInnerOnes() {
        overall();
        assertThat(lost()).containsExactly("face of W1", "face of W2", "face of W3", "face of W4");
        marks(Lens.MarkOf.BUILD_UPS);
        assertThat(report().isClean()).isTrue();
    }

    @Test
    void anOpeningIsFoundByOneEdgeWhereItsMarkSaysHowWideItIs() {
        overall();
        Opening window = sketch.window(south, 2000, 1200, 900, 1200);
        marks(Lens.MarkOf.BUILD_UPS);
        assertThat(lost()).containsExactly("edge of G1", "edge of G1");
        string(EAST, outer(west), jamb(window, End.END));
        assertThat(lost()).containsExactly("edge of G1");
        marks(Lens.MarkOf.BUILD_UPS, Lens.MarkOf.WINDOWS);
        assertThat(report().isClean()).isTrue();
    }

    @Test
    void anOpeningIsFoundByItsMiddle() {
        overall();
        Opening window = sketch.window(south, 2000, 1200, 900, 1200);
        marks(Lens.MarkOf.BUILD_UPS, Lens.MarkOf.WINDOWS);
        string(EAST, outer(west), new Hold.AtCentre(window.id()));
        assertThat(report().isClean()).isTrue();
    }

    @Test
    void whatStandsBetweenTwoThatAreKnownIsNotKnownItself() {
        overall();
        marks(Lens.MarkOf.BUILD_UPS);
        Wall partition = sketch.across(shell, 3000);
        assertThat(lost()).containsExactly("face of W5", "face of W5");
        string(EAST, face(partition, 0), face(partition, 3));
        assertThat(lost()).as("told of itself alone").hasSize(2);
        string(EAST, face(partition, 3), face(east, 3));
        assertThat(report().isClean()).isTrue();
    }

    @Test
    void facesInLineAreToldTogetherAndOthersAreNot() {
        overall();
        marks(Lens.MarkOf.BUILD_UPS);
        Wall middle = sketch.partition(Sketch.PARTITION, new Vec(290, 2400), west, new Vec(6910, 2400), east);
        Wall upper = sketch.partition(Sketch.PARTITION, new Vec(3000, 2457), middle, new Vec(3000, 4510), north);
        sketch.partition(Sketch.PARTITION, new Vec(3000, 2343), middle, new Vec(3000, 290), south);
        Wall aside = sketch.partition(Sketch.PARTITION, new Vec(5000, 2343), middle, new Vec(5000, 290), south);
        string(NORTH, outer(south), face(middle, 0));
        string(EAST, outer(west), face(upper, 0));
        assertThat(lost()).containsExactly("face of " + aside.mark(), "face of " + aside.mark());
    }

    @Test
    void theWayToALineIsToldNumberByNumber() {
        overall();
        marks(Lens.MarkOf.BUILD_UPS);
        Wall partition = sketch.across(shell, 3000);
        string(EAST, face(west, 3), face(partition, 0));
        SetOutReport report = report();
        int step = report.lines().stream()
                .filter(l -> l.element().equals(partition.id()) && l.from().x() > 3000)
                .findFirst()
                .orElseThrow()
                .step();
        List<String> words = new ArrayList<>();
        for (; step >= 0; step = report.steps().get(step).before())
            words.add(report.steps().get(step).words());
        assertThat(words)
                .containsExactly("the plies of W5 (build-up partit)", "2653", "the plies of W1 (build-up shell)");
    }

    @Test
    void aStringOfBarePointsSaysWhatIsNotSoOnceAWallHasMoved() {
        marks(Lens.MarkOf.BUILD_UPS);
        string(EAST, new Hold.AtPoint(new Vec(0, 0)), new Hold.AtPoint(new Vec(7200, 0)));
        string(NORTH, outer(south), outer(north));
        assertThat(report().isClean()).isTrue();
        sketch.run(new Move(List.of(east.id()), new Vec(10, 0)));
        SetOutReport.Misread misread = report().misread().getFirst();
        assertThat(misread.said()).isEqualTo("7200");
        assertThat(misread.really()).isEqualTo("7210");
        sketch.run(new Move(List.of(east.id()), new Vec(300, 0)));
        assertThat(report().misread()).as("seen to lie elsewhere").isEmpty();
        assertThat(lost()).containsExactly("face of W3", "face of W3");
    }

    /** A partition whose face lies 2,653.4 from the shell's: 2,653 to the millimetre, 2,655 to five of them. */
    @Test
    void aDistanceTheStringsSayInTwoWaysIsFound() {
        overall();
        marks(Lens.MarkOf.BUILD_UPS);
        Wall partition = sketch.across(shell, 3000.4);
        string(EAST, face(west, 3), face(partition, 0));
        string(EAST, outer(east), face(partition, 0), face(west, 3));
        assertThat(report().isClean()).isTrue();
        DimensionString second = sketch.model().all(DimensionString.class).getLast();
        sketch.put(rounded(5));
        sketch.run(new Revise(second.styled(new DimensionString.InStyle(Sketch.id("rounded")))));
        assertThat(report().twice()).singleElement().satisfies(t -> {
            assertThat(List.of(t.said(), t.otherSaid())).containsExactly("2653", "2655");
            assertThat(t.other()).isEqualTo(second.id());
        });
        assertThat(report().isClean()).isFalse();
        sketch.put(rounded(1));
        assertThat(report().isClean()).isTrue();
    }

    private static StringStyle rounded(double step) {
        StringStyle s = Sketch.style();
        return new StringStyle(
                Sketch.id("rounded"),
                "Rounded",
                s.terminator(),
                s.extension(),
                s.figures(),
                s.ground(),
                s.letterMm(),
                step,
                s.partsOfInch(),
                s.says());
    }

    @Test
    void whatStandsAlreadyNeedsNoNumber() {
        for (Wall w : shell) sketch.run(new Revise(sketch.wall(w).in(WorkState.EXISTING)));
        assertThat(report().isClean()).isTrue();
        Wall partition = sketch.across(shell, 3000);
        marks(Lens.MarkOf.BUILD_UPS);
        assertThat(lost()).hasSize(2);
        string(EAST, face(west, 3), face(partition, 0));
        assertThat(report().isClean()).isTrue();
        sketch.run(new Revise(sketch.wall(partition).in(WorkState.REMOVED)));
        sketch.across(shell, 5000);
        assertThat(lost()).as("of the new one alone").containsExactly("face of W6", "face of W6");
    }

    @Test
    void aPostIsFoundByAllItsSides() {
        overall();
        marks(Lens.MarkOf.BUILD_UPS);
        ElementId post = Sketch.id("post");
        WallPiece.Mass make = new WallPiece.Solid(Sketch.id("stud"), 140);
        sketch.put(new Post(post, Sketch.STOREY, Sketch.LAYER, "P1", new Vec(3000, 2000), 0, 140, make, WorkState.NEW));
        string(EAST, face(west, 3), new Hold.OnPiece(post, 3), new Hold.OnPiece(post, 1));
        string(NORTH, face(south, 3), new Hold.OnPiece(post, 0));
        assertThat(lost()).containsExactly("side of post P1");
        string(NORTH, face(north, 3), new Hold.OnPiece(post, 2));
        assertThat(report().isClean()).isTrue();
    }

    @Test
    void theFreeEndOfAWallHasToBeTold() {
        overall();
        marks(Lens.MarkOf.BUILD_UPS);
        Wall nib = sketch.partition(Sketch.PARTITION, new Vec(290, 2400), west, new Vec(1500, 2400), null);
        string(NORTH, outer(south), face(nib, 0));
        assertThat(lost()).containsExactly("end of " + nib.mark());
        ElementId corner = ((WallEnd.AtCorner) sketch.wall(nib).end()).corner();
        string(EAST, face(west, 3), new Hold.AtCorner(corner));
        assertThat(report().isClean()).isTrue();
    }

    @Test
    void aWallAtAnAngleIsFoundByItsTwoEnds() {
        Sketch cut = new Sketch();
        List<Wall> walls = cut.run(Sketch.SHELL, true, 0, 0, 0, 4800, 5200, 4800, 7200, 2800, 7200, 0);
        cut.put(Records.with(Sketch.lens(), "marks", List.of(Lens.MarkOf.BUILD_UPS)));
        cut.run(new DrawString(
                Sketch.PLAN, Sketch.LAYER, EAST, new Vec(0, -900), List.of(outer(walls.get(0)), outer(walls.get(3)))));
        cut.run(new DrawString(
                Sketch.PLAN, Sketch.LAYER, NORTH, new Vec(-900, 0), List.of(outer(walls.get(4)), outer(walls.get(1)))));
        SetOutReport before = cut.building().get(new SetOutCheck.Of(Sketch.PLAN));
        assertThat(before.lost())
                .extracting(SetOutReport.Line::words)
                .contains("end of W3", "face of W3")
                .doesNotContain("face of W1");
        Hold one = new Hold.AtCorner(((WallEnd.AtCorner) walls.get(2).start()).corner());
        Hold two = new Hold.AtCorner(((WallEnd.AtCorner) walls.get(2).end()).corner());
        cut.run(new DrawString(Sketch.PLAN, Sketch.LAYER, EAST, new Vec(0, 5700), List.of(outer(walls.get(0)), one)));
        cut.run(new DrawString(Sketch.PLAN, Sketch.LAYER, NORTH, new Vec(8100, 0), List.of(outer(walls.get(4)), two)));
        assertThat(cut.building().get(new SetOutCheck.Of(Sketch.PLAN)).lost()).isEmpty();
    }

    @Test
    void curvedWallsAreSaidNotToBeJudged() {
        overall();
        marks(Lens.MarkOf.BUILD_UPS);
        sketch.run(new CurveWall(north.id(), new CurveWall.Through(new Vec(3600, 5200))));
        assertThat(report().unjudged()).isEqualTo(1);
    }
}
