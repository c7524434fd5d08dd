package org.leanlintel.server.store;

import java.util.Collection;
import java.util.List;
import org.leanlintel.core.model.Element;
import org.leanlintel.formats.json.Json;
import tools.jackson.core.type.TypeReference;

/** Elements to and from the JSON the database keeps. */
final class Stored {

    private static final TypeReference<List<Element>> ELEMENTS = new TypeReference<>() {};

    private Stored() {}

    static String write(Element element) {
        return Json.mapper().writerFor(Element.class).writeValueAsString(element);
    }

    static String write(Collection<Element> elements) {
        return Json.mapper().writerFor(ELEMENTS).writeValueAsString(List.copyOf(elements));
    }
}
