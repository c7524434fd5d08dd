package org.leanlintel.formats.standard;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OpeningMake;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Rules;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.StairMake;
import org.leanlintel.core.model.StairRules;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.TimberSize;
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
    public static final ElementId LAYER_FITTINGS = new ElementId("layer-fittings");
    public static final ElementId LAYER_FLOORS = new ElementId("layer-floors");
    public static final ElementId LAYER_SECTIONS = new ElementId("layer-sections");
    public static final ElementId LAYER_DIMENSIONS = new ElementId("layer-dimensions");
    public static final ElementId LAYER_NOTES = new ElementId("layer-notes");
    public static final ElementId LENS_BUILDING_PLAN = new ElementId("lens-building-plan");

    private static final List<String> FILES =
            List.of("layers.json", "lenses.json", "materials.json", "build-ups.json", "heat.json");

    private OfficeStandard() {}

    /** Layers, lenses, materials, build-ups and surface resistances. */
    public static List<Element> elements() {
        List<Element> elements = new ArrayList<>();
        for (String file : FILES) elements.addAll(ProjectFile.readElements(text(file), ProjectFile.VERSION));
        return elements;
    }

    /** A project of {@code settings} with the standard, one storey and its plan, and nothing drawn. */
    public static Model newProject(Settings settings) {
        List<Element> elements = new ArrayList<>(elements());
        elements.addAll(fittings(settings.units()));
        elements.add(rules(settings.units()));
        elements.add(settings);
        boolean metric = settings.units() == UnitSystem.METRIC;
        elements.add(new Storey(
                GROUND,
                metric ? "Ground" : "First floor",
                0,
                metric ? 2500 : 97.125 * UnitSystem.MM_PER_INCH,
                new Storey.NotSaid(),
                new Rise.UnderStoreyAbove()));
        elements.add(Site.UNSAID);
        String name = metric ? "Ground floor plan" : "First floor plan";
        elements.add(new Drawing(
                GROUND_PLAN,
                name,
                Drawing.Kind.PLAN,
                GROUND,
                LENS_BUILDING_PLAN,
                metric ? 50 : 48,
                "",
                new Drawing.Whole()));
        return Model.of(0, elements);
    }

    /** The stock of fittings, in the sizes of a market that measures so. */
    public static List<Element> fittings(UnitSystem units) {
        String file = units == UnitSystem.METRIC ? "fittings-metric.json" : "fittings-inches.json";
        return ProjectFile.readElements(text(file), ProjectFile.VERSION);
    }

    /** The rule set that a project measured so starts with. */
    public static Rules rules(UnitSystem units) {
        return ruleSets().get(units);
    }

    /** All rule sets, by the unit of the market they are of. */
    public static Map<UnitSystem, Rules> ruleSets() {
        return Json.mapper().readValue(text("rules.json"), new TypeReference<Map<UnitSystem, Rules>>() {});
    }

    /** All sets of rules for stairs: those of the rule sets, and others. */
    public static List<StairRules> stairRules() {
        List<StairRules> all = new ArrayList<>();
        ruleSets().values().forEach(r -> all.add(r.stairs()));
        all.addAll(Json.mapper().readValue(text("stair-rules.json"), new TypeReference<List<StairRules>>() {}));
        return all;
    }

    /** How stairs are usually made where one measures so. @param source of the sizes; @param widthMm from string to string */
    public record StairMakes(StairMake make, double widthMm, String source) {}

    public static StairMakes stairMakes(UnitSystem units) {
        return Json.mapper()
                .readValue(text("stair-makes.json"), new TypeReference<Map<UnitSystem, StairMakes>>() {})
                .get(units);
    }

    /** How doors and windows are usually made. @param source of the allowances */
    public record OpeningMakes(OpeningMake door, OpeningMake window, String source) {

        public OpeningMake of(Opening.Kind kind) {
            return kind instanceof Opening.Window ? window : door;
        }
    }

    /** How doors and windows are usually made where one measures so. */
    public static OpeningMakes openingMakes(UnitSystem units) {
        return Json.mapper()
                .readValue(text("opening-makes.json"), new TypeReference<Map<UnitSystem, OpeningMakes>>() {})
                .get(units);
    }

    /** The sizes timber is sold as, with what they really measure. */
    public static List<TimberSize> timber() {
        return Json.mapper().readValue(text("timber.json"), new TypeReference<List<TimberSize>>() {});
    }

    private static String text(String file) {
        try (InputStream in = OfficeStandard.class.getResourceAsStream("/standard/" + file)) {
            if (in == null) throw new IllegalStateException("The office standard lacks " + file);
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
