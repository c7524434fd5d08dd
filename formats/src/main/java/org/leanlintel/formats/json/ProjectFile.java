package org.leanlintel.formats.json;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.leanlintel.core.edit.change.References;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.StringStyle;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.formats.json.upgrade.Upgrade;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A whole project as one JSON document; described in {@code docs/project-file.md}. */
public final class ProjectFile {

    public static final String FORMAT = "lean-lintel-project";
    /** Of the elements' form, here and in the database. Raise it with an upgrade step and a kept sample. */
    public static final int VERSION = Upgrade.PRESENT;

    private static final long MOST_REVISIONS = 1_000_000_000;
    private static final Pattern MADE_BY_EDIT = Pattern.compile("r(\\d{1,9})-");

    /** Why a file cannot be imported; the message is a sentence that names the place. */
    public static final class Unreadable extends RuntimeException {
        private static final long serialVersionUID = 1;

        public Unreadable(String sentence) {
            super(sentence);
        }
    }

    /** @param files those that tracings show, by the SHA-256 of their bytes */
    private record Document(
            String format, int version, long revision, List<Element> elements, Map<String, byte[]> files) {}

    /** What a file holds. */
    public record Contents(Model model, Map<String, byte[]> files) {}

    private ProjectFile() {}

    public static byte[] write(Model model) {
        return write(model, Map.of());
    }

    public static byte[] write(Model model, Map<String, byte[]> files) {
        List<Element> elements = model.elements().stream()
                .sorted(Comparator.comparing(Element::id))
                .toList();
        return Json.mapper()
                .writerWithDefaultPrettyPrinter()
                .writeValueAsBytes(new Document(FORMAT, VERSION, model.revision(), elements, files));
    }

    /** @throws Unreadable if anything is wrong with the file */
    public static Model read(byte[] file) {
        return readAll(file).model();
    }

    /** @throws Unreadable if anything is wrong with the file */
    public static Contents readAll(byte[] file) {
        try {
            JsonNode root = Json.mapper().readTree(file);
            if (!FORMAT.equals(root.path("format").asString(""))) {
                throw new Unreadable(
                        "This is not a Lean Lintel project: its \"format\" is not \"%s\".".formatted(FORMAT));
            }
            int version = root.path("version").asInt(0);
            if (version < 1 || version > VERSION) {
                throw new Unreadable("This project file is of version %d; this program reads versions 1 to %d."
                        .formatted(version, VERSION));
            }
            Document document =
                    version == VERSION ? Json.mapper().readValue(file, Document.class) : upgraded(root, version);
            return new Contents(sound(document), document.files);
        } catch (JacksonException error) {
            throw new Unreadable(JsonErrors.sentence(error));
        }
    }

    private static Document upgraded(JsonNode root, int version) {
        for (JsonNode element : root.path("elements")) Upgrade.element(element, version);
        if (root instanceof ObjectNode whole) whole.set("files", Json.mapper().createObjectNode());
        Document document = Json.mapper().treeToValue(root, Document.class);
        return new Document(
                document.format, VERSION, document.revision, completed(document.elements, version), Map.of());
    }

    private static Model sound(Document document) {
        if (document.revision < 0) throw new Unreadable("At revision: it must not be negative.");
        Model model;
        try {
            model = Model.of(revisionOf(document), document.elements);
        } catch (Unusable twice) {
            throw new Unreadable("At elements: " + twice.getMessage());
        }
        if (model.find(Settings.ID, Settings.class) == null)
            throw new Unreadable("At elements: the project's settings are missing.");
        Refusal dangling = References.dangling(model);
        if (dangling != null)
            throw new Unreadable("At elements, " + dangling.concerns().getFirst() + ": " + dangling.sentence());
        return model;
    }

    /** A revision no project comes to counts for nothing: then it goes on after the highest that an element is named after. */
    private static long revisionOf(Document document) {
        if (document.revision <= MOST_REVISIONS) return document.revision;
        return document.elements.stream()
                .map(e -> MADE_BY_EDIT.matcher(e.id().value()))
                .filter(Matcher::lookingAt)
                .mapToLong(m -> Long.parseLong(m.group(1)))
                .max()
                .orElse(0);
    }

    /** Elements alone, written in the form of {@code version}. */
    public static List<Element> readElements(String json, int version) {
        JsonNode all = Json.mapper().readTree(json);
        for (JsonNode element : all) Upgrade.element(element, version);
        return Json.mapper().treeToValue(all, new TypeReference<List<Element>>() {});
    }

    /** One element, written in the form of {@code version}. */
    public static Element readElement(String json, int version) {
        if (version == VERSION) return Json.mapper().readValue(json, Element.class);
        JsonNode element = Json.mapper().readTree(json);
        Upgrade.element(element, version);
        return Json.mapper().treeToValue(element, Element.class);
    }

    /** A lens that is added, with a style of strings and with layers that the project has. */
    private static Lens fitted(Lens lens, List<Element> all) {
        Set<ElementId> known = all.stream().map(Element::id).collect(Collectors.toSet());
        List<ElementId> styles = all.stream()
                .filter(StringStyle.class::isInstance)
                .map(Element::id)
                .toList();
        Lens styled = known.contains(lens.strings()) || styles.isEmpty() ? lens : lens.stringing(styles.getFirst());
        return styled.showing(
                lens.layers().stream().filter(l -> known.contains(l.layer())).toList());
    }

    /** {@code elements} of a project with what forms later than {@code version} added to every project. */
    public static List<Element> completed(List<Element> elements, int version) {
        Set<ElementId> known = elements.stream().map(Element::id).collect(Collectors.toSet());
        boolean inches =
                elements.stream().anyMatch(e -> e instanceof Settings s && s.units() == UnitSystem.FEET_INCHES);
        List<Element> all = new ArrayList<>(elements);
        for (JsonNode added : Upgrade.added(version, inches)) {
            Element element = Json.mapper().treeToValue(added, Element.class);
            if (!known.contains(element.id())) all.add(element instanceof Lens l ? fitted(l, all) : element);
        }
        return all;
    }
}
