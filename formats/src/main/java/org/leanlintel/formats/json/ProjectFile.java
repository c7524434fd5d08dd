package org.leanlintel.formats.json;

import java.util.Comparator;
import java.util.List;
import org.leanlintel.core.edit.References;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Settings;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;

/** A whole project as one JSON document; described in {@code docs/project-file.md}. */
public final class ProjectFile {

    public static final String FORMAT = "lean-lintel-project";
    /** Of the elements' form, here and in the database. Raise it with an upgrade step and a kept sample. */
    public static final int VERSION = 1;

    /** Why a file cannot be imported; the message is a sentence that names the place. */
    public static final class Unreadable extends RuntimeException {
        private static final long serialVersionUID = 1;

        Unreadable(String sentence) {
            super(sentence);
        }
    }

    private record Document(String format, int version, long revision, List<Element> elements) {}

    private ProjectFile() {}

    public static byte[] write(Model model) {
        List<Element> elements = model.elements().stream()
                .sorted(Comparator.comparing(Element::id))
                .toList();
        return Json.mapper()
                .writerWithDefaultPrettyPrinter()
                .writeValueAsBytes(new Document(FORMAT, VERSION, model.revision(), elements));
    }

    /** @throws Unreadable if anything is wrong with the file */
    public static Model read(byte[] file) {
        try {
            JsonNode root = Json.mapper().readTree(file);
            if (!FORMAT.equals(root.path("format").asString(""))) {
                throw new Unreadable(
                        "This is not a Lean Lintel project: its \"format\" is not \"%s\".".formatted(FORMAT));
            }
            int version = root.path("version").asInt(0);
            if (version != VERSION) {
                throw new Unreadable("This project file is of version %d; this program reads version %d."
                        .formatted(version, VERSION));
            }
            return sound(Json.mapper().readValue(file, Document.class));
        } catch (JacksonException error) {
            throw new Unreadable(JsonErrors.sentence(error));
        }
    }

    private static Model sound(Document document) {
        if (document.revision < 0) throw new Unreadable("At revision: it must not be negative.");
        Model model;
        try {
            model = Model.of(document.revision, document.elements);
        } catch (IllegalArgumentException twice) {
            throw new Unreadable("At elements: " + twice.getMessage());
        }
        if (model.find(Settings.ID, Settings.class) == null)
            throw new Unreadable("At elements: the project's settings are missing.");
        Refusal dangling = References.dangling(model);
        if (dangling != null)
            throw new Unreadable("At elements, " + dangling.concerns().getFirst() + ": " + dangling.sentence());
        return model;
    }

    /** Elements alone, as the database and the office standard keep them. */
    public static List<Element> readElements(byte[] json) {
        return Json.mapper().readValue(json, new TypeReference<List<Element>>() {});
    }
}
