package org.leanlintel.formats.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.wall.DrawWalls;
import org.leanlintel.core.edit.wall.NewWall;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.heat.HeatLoss;
import org.leanlintel.core.heat.UValue;
import org.leanlintel.core.model.Annotation;
import org.leanlintel.core.model.BoundaryLine;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Framing;
import org.leanlintel.core.model.Heat;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.InWork;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Leaders;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.LetterStyle;
import org.leanlintel.core.model.Lights;
import org.leanlintel.core.model.MarkLetters;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OpeningMake;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Rules;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairRules;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Surface;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.SymbolPart;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.model.WordsAt;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.formats.json.upgrade.Upgrade;
import tools.jackson.databind.node.ObjectNode;

class ProjectFileTest {

    /** One kept sample for every version of the format. */
    @Test
    void readsTheKeptSampleOfVersion1() throws IOException {
        Model model = ProjectFile.read(sample(1));
        assertThat(model.settings().name()).isEqualTo("Kept sample");
        assertThat(model.all(Wall.class)).extracting(Wall::mark).containsExactly("W1", "W2");
        assertThat(ProjectFile.read(ProjectFile.write(model))).isEqualTo(model);
    }

    /** Version 1 knew neither marks nor heat: what came from the standard gets the standard's. */
    @Test
    void upgradesVersion1() throws IOException {
        Model model = ProjectFile.read(sample(1));
        BuildUp cavity = model.get(new ElementId("build-up-brick-cavity"), BuildUp.class);
        assertThat(cavity.mark()).isEqualTo("3");
        assertThat(cavity.plies()).extracting(Ply::framing).containsOnly(new Framing.Solid());
        assertThat(model.get(new ElementId("material-brick"), Material.class).heat())
                .isEqualTo(new Heat.Conducts(0.77));
        assertThat(UValue.of(cavity, model)).isInstanceOf(HeatLoss.Worked.class);
    }

    /** In version 2 a post had a material and a depth of its own. */
    @Test
    void upgradesVersion2() throws IOException {
        Model model = ProjectFile.read(sample(2));
        Post post = model.all(Post.class).iterator().next();
        assertThat(post.widthMm()).isEqualTo(140);
        assertThat(post.make()).isEqualTo(new WallPiece.Solid(new ElementId("material-brick"), 90));
        assertThat(ProjectFile.read(ProjectFile.write(model))).isEqualTo(model);
    }

    /** In version 3 an opening lay at a distance from an end of its wall, and knew neither make nor type. */
    @Test
    void upgradesVersion3() throws IOException {
        Model model = ProjectFile.read(sample(3));
        Opening window = model.all(Opening.class).stream()
                .filter(o -> o.kind() instanceof Opening.Window)
                .findFirst()
                .orElseThrow();
        assertThat(window.placing()).isEqualTo(Placing.from(End.END, 800));
        assertThat(window.make()).isEqualTo(OpeningMake.WINDOW);
        assertThat(model.find(Rules.ID, Rules.class)).isNotNull();
        assertThat(model.all(Symbol.class)).hasSizeGreaterThan(20);
        assertThat(model.find(new ElementId("layer-fittings"))).isNotNull();
        assertThat(model.all(Drawing.class)).extracting(Drawing::sortBy).containsOnly("");
        assertThat(ProjectFile.read(ProjectFile.write(model))).isEqualTo(model);
    }

    @Test
    void upgradesVersion4() throws IOException {
        Model model = ProjectFile.read(sample(4));
        assertThat(model.all(Wall.class))
                .extracting(Wall::rise)
                .containsExactly(Rise.FULL, new Rise(new Rise.Fixed(100), new Rise.Fixed(1800)));
        Storey storey = model.all(Storey.class).getFirst();
        assertThat(storey.floor()).isEqualTo(new Storey.NotSaid());
        assertThat(model.get(Rules.ID, Rules.class).stairs().value(StairRules.What.RISE_MOST, 0))
                .isEqualTo(220);
        assertThat(model.get(Site.ID, Site.class)).isEqualTo(Site.UNSAID);
        assertThat(model.find(new ElementId("layer-floors"))).isNotNull();
        assertThat(model.all(Drawing.class)).extracting(Drawing::subject).containsOnly(new Drawing.Whole());
        assertThat(ProjectFile.read(ProjectFile.write(model))).isEqualTo(model);
    }

    /** In version 5 a project's unit said what it was offered. */
    @Test
    void upgradesVersion5() throws IOException {
        Model model = ProjectFile.read(sample(5));
        assertThat(model.settings().region()).isEqualTo("UK");
        assertThat(model.settings().numbering()).isEqualTo(Settings.RoomNumbering.FROM_ZERO);
        assertThat(ProjectFile.read(ProjectFile.write(model))).isEqualTo(model);
    }

    /** The sixth was written from what became of the fifth when the sixth was new. */
    @Test
    void whatAnEarlierFormBecomesStaysAsItWas() throws IOException {
        assertThat(ProjectFile.read(sample(5))).isEqualTo(ProjectFile.read(sample(6)));
    }

    /** In version 8 walls and openings alone said what becomes of them. */
    @Test
    void upgradesVersion8() throws IOException {
        Model model = ProjectFile.read(sample(8));
        assertThat(model.elements())
                .filteredOn(InWork.class::isInstance)
                .hasSize(5)
                .allMatch(e -> ((InWork) e).state() == WorkState.NEW);
        assertThat(model.elements())
                .filteredOn(Annotation.class::isInstance)
                .hasSize(2)
                .noneMatch(e -> ((Annotation) e).throughLens());
        assertThat(model.get(new ElementId("part-of-it"), Drawing.class).frame())
                .isEqualTo(Drawing.Part.rectangle(Vec.ORIGIN, new Vec(2000, 1500)));
        assertThat(ProjectFile.read(ProjectFile.write(model))).isEqualTo(model);
    }

    /** In version 9 notes ran on and pointed at nothing. */
    @Test
    void upgradesVersion9() throws IOException {
        Model model = ProjectFile.read(sample(9));
        assertThat(model.all(Note.class)).hasSize(1).allSatisfy(note -> {
            assertThat(note.widthMm()).isZero();
            assertThat(note.leaders()).isEqualTo(Leaders.NONE);
        });
        assertThat(ProjectFile.read(ProjectFile.write(model))).isEqualTo(model);
    }

    /** In version 10 a sheet had a size and lay across. */
    @Test
    void upgradesVersion10() throws IOException {
        Model model = ProjectFile.read(sample(10));
        assertThat(model.all(Sheet.class)).singleElement().satisfies(sheet -> {
            assertThat(sheet.paper()).isEqualTo(Paper.across(PaperSize.A3));
            assertThat(sheet.drawings()).hasSize(1);
        });
        assertThat(model.get(new ElementId("layer-dimensions"), Layer.class).takes())
                .contains("dimensionString", "dimension");
        assertThat(ProjectFile.read(ProjectFile.write(model))).isEqualTo(model);
    }

    /** In version 11 there were no roofs, and materials had no face. */
    @Test
    void upgradesVersion11() throws IOException {
        Model model = ProjectFile.read(sample(11));
        assertThat(model.get(new ElementId("material-brick"), Material.class).surface())
                .isEqualTo(new Surface.Rows(75, 225));
        assertThat(model.all(Lens.class))
                .isNotEmpty()
                .allMatch(l -> l.pens().containsKey(PenRole.ROOF))
                .anyMatch(l -> l.roofs() == Lens.Roofs.FROM_ABOVE);
        assertThat(model.all(Layer.class)).anyMatch(l -> l.takes().contains("roof"));
        assertThat(ProjectFile.read(ProjectFile.write(model))).isEqualTo(model);
    }

    /** In version 12 fittings were flat. */
    @Test
    void upgradesVersion12() throws IOException {
        Model model = ProjectFile.read(sample(12));
        assertThat(model.get(new ElementId("symbol-base-run"), Symbol.class).parts())
                .hasAtLeastOneElementOfType(SymbolPart.Doors.class);
        assertThat(model.all(Layer.class)).anyMatch(l -> l.takes().contains("truss"));
        assertThat(ProjectFile.read(ProjectFile.write(model))).isEqualTo(model);
    }

    @Test
    void upgradesVersion13() throws IOException {
        Model model = ProjectFile.read(sample(13));
        assertThat(model.settings().letters()).isEqualTo(MarkLetters.PLAIN);
        assertThat(model.all(Lens.class)).extracting(Lens::letters).containsOnly(Lens.Letters.USUAL);
        assertThat(model.all(Lens.class)).flatExtracting(Lens::layers).isNotEmpty();
        assertThat(model.all(Drawing.class)).flatExtracting(Drawing::inFront).isEmpty();
        assertThat(ProjectFile.read(ProjectFile.write(model))).isEqualTo(model);
    }

    /** The rules of its region ask for 450 below the ground; what it lacks of the new lens's layers is left out. */
    @Test
    void upgradesVersion14() throws IOException {
        Model model = ProjectFile.read(sample(14));
        assertThat(model.get(Rules.ID, Rules.class).foundations().belowGroundMm())
                .isEqualTo(450);
        assertThat(model.all(Layer.class)).anyMatch(l -> l.takes().contains("footing"));
        assertThat(model.get(new ElementId("lens-foundation"), Lens.class).layers())
                .isNotEmpty()
                .allMatch(l -> model.find(l.layer()) instanceof Layer);
        assertThat(ProjectFile.read(ProjectFile.write(model))).isEqualTo(model);
    }

    /** In version 17 there were four ways of setting notes, and no more. */
    @Test
    void upgradesVersion17() throws IOException {
        Model model = ProjectFile.read(sample(17));
        assertThat(model.all(LetterStyle.class))
                .extracting(s -> s.id().value(), LetterStyle::heightMm, LetterStyle::nextMm)
                .containsExactlyInAnyOrder(
                        tuple("letters-note", 2.5, 2.5),
                        tuple("letters-small", 1.8, 1.8),
                        tuple("letters-name", 3.5, 2.5),
                        tuple("letters-heading", 5.0, 5.0));
        assertThat(model.get(Rules.ID, Rules.class).chimneys().saddles().widerMm())
                .isZero();
        assertThat(model.all(Sheet.class))
                .isNotEmpty()
                .allMatch(s -> s.set().isEmpty() && !s.paper().isOfItsOwn());
        assertThat(model.get(new ElementId("lens-ceiling"), Lens.class).marks()).containsExactly(Lens.MarkOf.CEILINGS);
        assertThat(model.all(Note.class))
                .extracting(n -> n.style().value())
                .containsExactlyInAnyOrder("letters-note", "letters-note", "letters-name", "letters-heading");
        assertThat(ProjectFile.read(ProjectFile.write(model))).isEqualTo(model);
    }

    @Test
    void inVersion17NothingLayBehindAChimney() {
        ObjectNode part = Json.mapper().createObjectNode().put("type", "roofPart");
        part.set("make", Json.mapper().createObjectNode().put("type", "stack"));
        Upgrade.element(part, 17);
        assertThat(part.path("make").path("behind").path("type").asString()).isEqualTo("bare");
        ObjectNode light = Json.mapper().createObjectNode().put("type", "roofPart");
        light.set("make", Json.mapper().createObjectNode().put("type", "roofLight"));
        Upgrade.element(light, 17);
        assertThat(light.path("make").has("behind")).isFalse();
    }

    @Test
    void theForm16OpensAsWhatItBecame() throws IOException {
        Model later = ProjectFile.read(sample(17)), model = ProjectFile.read(sample(16));
        assertThat(later.elements()).containsAll(model.elements());
        assertThat(ProjectFile.read(sample(15)).all(Wall.class)).isEqualTo(model.all(Wall.class));
    }

    /** What was put by hand in version 23 stood so in all plans. */
    @Test
    void upgradesVersion23() throws IOException {
        Model model = ProjectFile.read(sample(23));
        assertThat(model.get(new ElementId("r26-1"), Room.class).words())
                .isEqualTo(WordsAt.CLEAR.put(new Vec(1234, 2345)));
        assertThat(model.get(new ElementId("r19-1"), Opening.class).words())
                .isEqualTo(WordsAt.CLEAR.put(new Vec(300, -700)));
        assertThat(model.all(Opening.class).stream().filter(o -> o.words().isPut()))
                .hasSize(1);
        assertThat(model.all(Fitting.class)).isNotEmpty().allMatch(f -> f.words()
                .equals(WordsAt.CLEAR));
        assertThat(ProjectFile.read(ProjectFile.write(model))).isEqualTo(model);
    }

    private static byte[] sample(int version) throws IOException {
        String name = "/project-v%d.lintel.json".formatted(version);
        try (InputStream in = ProjectFileTest.class.getResourceAsStream(name)) {
            return in.readAllBytes();
        }
    }

    @Test
    void namesThePlaceOfEveryFault() throws IOException {
        String file = new String(sample(1), StandardCharsets.UTF_8);
        assertRefused(file.replaceFirst("\"widthMm\" : 910.0", "\"widthMm\" : \"wide\""), "widthMm");
        assertRefused(file.replaceFirst("\"mark\" : \"W1\",", ""), "mark");
        assertRefused(file.replaceFirst("\"mark\" : \"W1\"", "\"mark\" : null"), "mark");
        assertRefused(file.replaceFirst("\"mark\" : \"W1\"", "\"mark\" : \"W1\", \"colour\" : 3"), "colour");
        assertRefused(file.replaceFirst("\"at\" : \\[[^]]*]", "\"at\" : [1]"), "[x, y]");
        assertRefused(file.replaceFirst("\"does\" : \"CARRIES\"", "\"does\" : 0"), "does");
        assertRefused(file + "x", "line");
        assertRefused("[]", "not a Lean Lintel project");
        assertRefused("", "");
    }

    private static void assertRefused(String file, String place) {
        assertThatThrownBy(() -> ProjectFile.read(file.getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(ProjectFile.Unreadable.class)
                .hasMessageContaining(place)
                .message()
                .doesNotContain("org.leanlintel");
    }

    /** In version 18 a bay had nothing under it and nothing over it. */
    @Test
    void upgradesVersion18() throws IOException {
        Model model = ProjectFile.read(sample(18));
        assertThat(model.all(Opening.class))
                .extracting(Opening::kind)
                .contains(new Opening.Window(
                        Lights.equal(2, Lights.Opens.SIDE_HUNG),
                        110,
                        new Opening.Bay(500, 0.6, Opening.BayFoot.HUNG, new Opening.FlatLid())));
        assertThat(ProjectFile.read(ProjectFile.write(model))).isEqualTo(model);
    }

    /**
     * In version 24 all lights of a window opened alike, those of its first half hung at the start of their wall, and landings were as long as
     * their stair was wide.
     */
    @Test
    void upgradesVersion24() throws IOException {
        Model model = ProjectFile.read(sample(24));
        assertThat(lights(model, "G2").row()).containsExactly(new Lights.Light(Lights.Opens.SIDE_HUNG, Side.RIGHT, 1));
        assertThat(lights(model, "G1").row())
                .extracting(Lights.Light::side)
                .containsExactly(Side.LEFT, Side.RIGHT, Side.RIGHT);
        assertThat(model.all(Stair.class))
                .extracting(Stair::shape)
                .containsExactly(new Stair.Flights(
                        List.of(2, 2, 2),
                        List.of(
                                new Stair.Landing(Stair.Way.HALF, Side.RIGHT, 0, 120),
                                new Stair.Winders(Side.LEFT, 45),
                                Stair.Landing.quarter(Side.LEFT))));
        assertThat(ProjectFile.read(ProjectFile.write(model))).isEqualTo(model);
    }

    private static Lights lights(Model model, String mark) {
        return model.all(Opening.class).stream()
                .filter(o -> o.mark().equals(mark))
                .map(o -> ((Opening.Window) o.kind()).lights())
                .findFirst()
                .orElseThrow();
    }

    /** In version 19 drawings stood on sheets as drawn, gutters were of what fascias are, and plots had no boundaries. */
    @Test
    void upgradesVersion19() throws IOException {
        Model model = ProjectFile.read(sample(19));
        assertThat(model.all(Sheet.class).getFirst().drawings())
                .extracting(Sheet.Placed::quarters)
                .containsExactly(0);
        ElementId boards = new ElementId("material-backer");
        assertThat(model.all(Roof.class))
                .extracting(Roof::trim)
                .containsExactly(new Roof.Trim(175, Roof.Soffit.LEVEL, boards, 112, boards, 0, boards));
        assertThat(model.all(Lens.class)).allSatisfy(l -> assertThat(l.pens()).containsKey(PenRole.BOUNDARY));
        assertThat(model.all(Layer.class)).anySatisfy(l -> assertThat(l.takes()).contains("boundaryLine"));
        assertThat(ProjectFile.read(ProjectFile.write(model))).isEqualTo(model);
    }

    /** In version 20 every truss stood by itself, and no drawing was left out on purpose. */
    @Test
    void upgradesVersion20() throws IOException {
        Model model = ProjectFile.read(sample(20));
        assertThat(model.all(Truss.class)).extracting(Truss::plies).containsExactly(1);
        assertThat(model.all(Drawing.class)).extracting(Drawing::leftOut).containsOnly(false);
        assertThat(model.all(BoundaryLine.class)).hasSize(2);
        assertThat(ProjectFile.read(ProjectFile.write(model))).isEqualTo(model);
    }

    /** In version 21 every truss of a gable was as high as the others. */
    @Test
    void upgradesVersion21() throws IOException {
        Model model = ProjectFile.read(sample(21));
        assertThat(model.all(Truss.class))
                .extracting(Truss::form)
                .containsExactlyInAnyOrder(new Truss.Level(Truss.Webs.FINK), new Truss.Gable(400, 0));
        assertThat(model.all(Drawing.class)).extracting(Drawing::leftOut).contains(true, false);
        assertThat(ProjectFile.read(ProjectFile.write(model))).isEqualTo(model);
    }

    /** In version 22 a legend was of all drawings. */
    @Test
    void upgradesVersion22() throws IOException {
        Model model = ProjectFile.read(sample(22));
        assertThat(model.all(Drawing.class))
                .filteredOn(d -> d.kind() == Drawing.Kind.LEGEND)
                .singleElement()
                .extracting(Drawing::subject)
                .isEqualTo(new Drawing.Whole());
        assertThat(model.all(Truss.class)).extracting(Truss::form).contains(new Truss.Gable(400, 95));
        assertThat(ProjectFile.read(ProjectFile.write(model))).isEqualTo(model);
    }

    @Test
    void editsKeepTheirMeaningOnTheWire() {
        Edit edit = new DrawWalls(
                NewWall.of(
                        new ElementId("s"),
                        new ElementId("l"),
                        new ElementId("b"),
                        new SetOut.MiddleOfStructure(),
                        Side.RIGHT,
                        WallEnd.Reach.FACE),
                List.of(Pick.bare(0.1, -3), new Pick(new Vec(5, 6), new Hold.OnFace(new ElementId("w"), 2))),
                false);
        String json = Json.mapper().writerFor(Edit.class).writeValueAsString(edit);
        assertThat(json)
                .startsWith("{\"type\":\"drawWalls\"")
                .contains("\"hold\":{\"type\":\"onFace\"")
                .contains("[0.1,-3]");
        assertThat(Json.mapper().readValue(json, Edit.class)).isEqualTo(edit);
    }
}
