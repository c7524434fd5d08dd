package org.leanlintel.formats.standard;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OpeningMake;
import org.leanlintel.core.model.OwnField;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Rules;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.StairMake;
import org.leanlintel.core.model.StairRules;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.TimberSize;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.formats.json.Json;
import org.leanlintel.formats.json.ProjectFile;
import tools.jackson.core.type.TypeReference;

/** What a new project starts from. The files are data: an office adds a material or a build-up there, not in code. */
public final class OfficeStandard {

    /** Ids the standard promises. */
    public static final ElementId GROUND = new ElementId("storey-ground");

    public static final ElementId GROUND_PLAN = new ElementId("drawing-ground-plan");
    public static final ElementId LAYER_WALLS = new ElementId("layer-walls");
    public static final ElementId LAYER_OPENINGS = new ElementId("layer-openings");
    public static final ElementId LAYER_ROOMS = new ElementId("layer-rooms");
    public static final ElementId LAYER_ROOFS = new ElementId("layer-roofs");
    public static final ElementId LAYER_FOUNDATIONS = new ElementId("layer-foundations");
    public static final ElementId LAYER_SITE = new ElementId("layer-site");
    public static final ElementId LAYER_FITTINGS = new ElementId("layer-fittings");
    public static final ElementId LAYER_FLOORS = new ElementId("layer-floors");
    public static final ElementId LAYER_SECTIONS = new ElementId("layer-sections");
    public static final ElementId LAYER_DIMENSIONS = new ElementId("layer-dimensions");
    public static final ElementId LAYER_NOTES = new ElementId("layer-notes");
    public static final ElementId LETTERS_NOTE = new ElementId("letters-note");
    public static final ElementId LETTERS_NAME = new ElementId("letters-name");
    public static final ElementId LENS_BUILDING_PLAN = new ElementId("lens-building-plan");

    private static final List<String> FILES = List.of(
            "layers.json",
            "string-styles.json",
            "letter-styles.json",
            "title-blocks.json",
            "lenses.json",
            "clauses.json",
            "materials.json",
            "build-ups.json",
            "heat.json");

    private OfficeStandard() {}

    /** Layers, lenses, materials, build-ups and surface resistances. */
    public static List<Element> elements() {
        List<Element> elements = new ArrayList<>();
        for (String file : FILES) elements.addAll(ProjectFile.readElements(text(file), ProjectFile.VERSION));
        return elements;
    }

    /** A project of a region that comes with the program. */
    public static Model newProject(Settings settings) {
        return newProject(settings, region(settings.region()));
    }

    /** A project of {@code settings} with what its trade region offers, one storey and its plan, and nothing drawn. */
    public static Model newProject(Settings settings, TradeRegion region) {
        List<Element> elements = new ArrayList<>();
        for (Element e : elements())
            if (e instanceof BuildUp b) {
                if (marked(b, region) instanceof BuildUp offered) elements.add(offered);
            } else elements.add(e instanceof Lens l ? l.lining(region.windows().lines()) : e);
        elements.addAll(fittings(region));
        elements.add(ruleSets().get(region.like()));
        elements.add(settings);
        elements.add(new Storey(
                GROUND,
                region.storeys().first(),
                0,
                region.storeys().heightMm(),
                new Storey.NotSaid(),
                new Rise.Fixed(region.storeys().ceilingMm())));
        elements.add(Site.UNSAID);
        elements.add(new Drawing(
                GROUND_PLAN,
                region.storeys().plan(),
                Drawing.Kind.PLAN,
                GROUND,
                LENS_BUILDING_PLAN,
                region.scale(),
                "",
                new Drawing.Whole(),
                0,
                new Drawing.All(),
                List.of()));
        return Model.of(0, elements);
    }

    /** The build-ups of the stock, wherever they are offered. */
    public static List<BuildUp> buildUps() {
        return elements().stream()
                .filter(BuildUp.class::isInstance)
                .map(BuildUp.class::cast)
                .toList();
    }

    /** A build-up with the mark it has in a region; null where it is not offered there. */
    private static @Nullable BuildUp marked(BuildUp buildUp, TradeRegion region) {
        for (TradeRegion.Marked m : region.buildUps())
            if (m.buildUp().equals(buildUp.id())) return buildUp.named(buildUp.id(), m.mark(), buildUp.name());
        return null;
    }

    /** What names of layers can be made up of. */
    public static LayerFields layerFields() {
        return Json.mapper().readValue(text("layer-fields.json"), LayerFields.class);
    }

    /** The trade regions that come with the program. */
    public static List<TradeRegion> regions() {
        return Json.mapper().readValue(text("regions.json"), new TypeReference<List<TradeRegion>>() {});
    }

    /** The trade region {@code id}. @throws Unusable with a sentence where there is none */
    public static TradeRegion region(String id) {
        List<TradeRegion> all = regions();
        return all.stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new Unusable("There is no trade region \"%s\": choose one of %s."
                        .formatted(
                                id,
                                String.join(
                                        ", ", all.stream().map(TradeRegion::id).toList()))));
    }

    /** The settings of a new project in a trade region. */
    public static Settings settings(
            TradeRegion region, String name, String address, String client, String drawnBy, PaperSize paper) {
        return new Settings(
                Settings.ID,
                name,
                address,
                client,
                drawnBy,
                region.units(),
                paper,
                region.cutMm(),
                region.id(),
                region.numbering(),
                region.letters(),
                Settings.ClauseNumbering.THROUGH_SET,
                region.titleBlock(),
                List.of(new OwnField("Job number", ""), new OwnField("Checked by", "")));
    }

    /** The stock of fittings of a region. */
    public static List<Element> fittings(TradeRegion region) {
        return ProjectFile.readElements(text(region.fittings()), ProjectFile.VERSION);
    }

    /** All rule sets, by the region they are of. */
    public static Map<String, Rules> ruleSets() {
        return Json.mapper().readValue(text("rules.json"), new TypeReference<LinkedHashMap<String, Rules>>() {});
    }

    /** All sets of rules for stairs: those of the rule sets, and others. */
    public static List<StairRules> stairRules() {
        List<StairRules> all = new ArrayList<>();
        ruleSets().values().forEach(r -> all.add(r.stairs()));
        all.addAll(Json.mapper().readValue(text("stair-rules.json"), new TypeReference<List<StairRules>>() {}));
        return all;
    }

    /** How stairs are usually made. @param source of the sizes; @param widthMm from string to string */
    public record StairMakes(StairMake make, double widthMm, String source) {}

    /** How stairs are usually made in a region. */
    public static StairMakes stairMakes(String region) {
        return ofRegion("stair-makes.json", new TypeReference<Map<String, StairMakes>>() {}, region);
    }

    /**
     * How roofs are usually made.
     *
     * @param overhangMm of eaves; @param vergeMm of verges; @param seatMm of rafters on the plate
     * @param source of the sizes
     */
    public record RoofMakes(
            ElementId buildUp,
            ElementId ceiling,
            Pitch pitch,
            double overhangMm,
            double vergeMm,
            double seatMm,
            Roof.Trim trim,
            TrussMake truss,
            DownpipeMake downpipe,
            ParapetMake parapet,
            String source) {}

    /** What parapets usually are. @param buildUp and fall of roofs that end in them; @param upMm above the plate */
    public record ParapetMake(ElementId buildUp, double upMm, double copingMm, Pitch fall, String source) {}

    /** How large downpipes usually are. @param depthMm away from the wall */
    public record DownpipeMake(double widthMm, double depthMm, String source) {}

    /** What trusses are usually of. */
    public record TrussMake(
            Truss.Form form,
            double topMm,
            double bottomMm,
            double webMm,
            double thickMm,
            double spacingMm,
            String source) {}

    /** How roofs are usually made in a region. */
    public static RoofMakes roofMakes(String region) {
        return ofRegion("roof-makes.json", new TypeReference<Map<String, RoofMakes>>() {}, region);
    }

    /** How foundations are usually made. @param undersideMm above the floor; @param source of the sizes */
    public record FootingMakes(
            double widthMm,
            double depthMm,
            double undersideMm,
            ElementId material,
            Footing.Rising rising,
            String source) {}

    /** How foundations are usually made in a region. */
    public static FootingMakes footingMakes(String region) {
        return ofRegion("footing-makes.json", new TypeReference<Map<String, FootingMakes>>() {}, region);
    }

    /**
     * Which of the stock tools start with in a region, where sizes are not theirs to say.
     *
     * @param lining of a lining of its own; mass, post, steps and chimney of what is built of one material
     * @param board of what is boxed in
     * @param sections the lens of cuts; elevations that of other drawings that show heights; roofPlan that of roofs from above
     * @param letters the style that notes are set in
     */
    public record UsualStock(
            ElementId lining,
            ElementId mass,
            ElementId post,
            ElementId steps,
            ElementId board,
            ElementId chimney,
            ElementId sections,
            ElementId elevations,
            ElementId roofPlan,
            ElementId letters,
            String source) {}

    public static UsualStock usualStock(String region) {
        return ofRegion("usual-stock.json", new TypeReference<Map<String, UsualStock>>() {}, region);
    }

    /** How doors and windows are usually made. @param source of the allowances */
    public record OpeningMakes(OpeningMake door, OpeningMake window, String source) {

        public OpeningMake of(Opening.Kind kind) {
            return kind instanceof Opening.Window ? window : door;
        }
    }

    /** How doors and windows are usually made in a region. */
    public static OpeningMakes openingMakes(String region) {
        return ofRegion("opening-makes.json", new TypeReference<Map<String, OpeningMakes>>() {}, region);
    }

    /** All a region offers, for who draws there. @param leaves with the openings they ask for, the usual one first */
    public record Offered(
            TradeRegion region,
            OpeningMakes makes,
            StairMakes stairs,
            RoofMakes roofs,
            FootingMakes footings,
            UsualStock stock,
            List<TradeRegion.Leaf> leaves,
            List<TimberSize> timber) {}

    public static Offered offered(TradeRegion region) {
        OpeningMakes makes = openingMakes(region.like());
        List<TimberSize> sold = timber().stream()
                .filter(t -> region.timber().stream().anyMatch(t.source()::startsWith))
                .toList();
        return new Offered(
                region,
                makes,
                stairMakes(region.like()),
                roofMakes(region.like()),
                footingMakes(region.like()),
                usualStock(region.like()),
                region.leaves(makes.door()),
                sold);
    }

    /** The sizes timber is sold as, with what they really measure. */
    public static List<TimberSize> timber() {
        return Json.mapper().readValue(text("timber.json"), new TypeReference<List<TimberSize>>() {});
    }

    private static <T> T ofRegion(String file, TypeReference<Map<String, T>> type, String region) {
        return Objects.requireNonNull(Json.mapper().readValue(text(file), type).get(region));
    }

    static String text(String file) {
        try (InputStream in = OfficeStandard.class.getResourceAsStream("/standard/" + file)) {
            if (in == null) throw new IllegalStateException("The office standard lacks " + file);
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
