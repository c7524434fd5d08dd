package org.leanlintel.formats.json;

import java.util.Comparator;
import java.util.List;
import org.leanlintel.core.edit.office.Standard;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Unusable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** An office standard as one JSON document: the stock of a project and its rules; described in {@code docs/project-file.md}. */
public final class StandardFile {

    public static final String FORMAT = "lean-lintel-standard";

    /** More than an office keeps. */
    private static final int MOST_ITEMS = 5_000;

    private record Document(String format, int version, List<Element> elements) {}

    private StandardFile() {}

    /** The standard that a project has come to. */
    public static byte[] write(Model model) {
        List<Element> elements = model.elements().stream()
                .filter(Standard::holds)
                .sorted(Comparator.comparing(Element::id))
                .toList();
        return Json.mapper()
                .writerWithDefaultPrettyPrinter()
                .writeValueAsBytes(new Document(FORMAT, ProjectFile.VERSION, elements));
    }

    /** @throws ProjectFile.Unreadable if anything is wrong with the file */
    public static List<Element> read(byte[] file) {
        try {
            JsonNode root = Json.mapper().readTree(file);
            if (!FORMAT.equals(root.path("format").asString("")))
                throw new ProjectFile.Unreadable(
                        "This is not an office standard: its \"format\" is not \"%s\".".formatted(FORMAT));
            int version = root.path("version").asInt(0);
            if (version < 8 || version > ProjectFile.VERSION)
                throw new ProjectFile.Unreadable("This standard is of version %d; this program reads versions 8 to %d."
                        .formatted(version, ProjectFile.VERSION));
            List<Element> elements =
                    ProjectFile.readElements(root.path("elements").toString(), version);
            if (elements.size() > MOST_ITEMS)
                throw new ProjectFile.Unreadable("A standard has %d items at most.".formatted(MOST_ITEMS));
            for (Element e : elements)
                if (!Standard.holds(e))
                    throw new ProjectFile.Unreadable("%s is no part of an office standard.".formatted(e.id()));
            return elements;
        } catch (JacksonException error) {
            throw new ProjectFile.Unreadable(JsonErrors.sentence(error));
        } catch (Unusable wrong) {
            throw new ProjectFile.Unreadable(String.valueOf(wrong.getMessage()));
        }
    }
}
