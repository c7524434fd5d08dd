package org.leanlintel.formats.pdf;

import java.util.HashMap;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Model;

/** The layers of a project as a document's optional content (ISO 32000-1, 8.11), those alone that something is drawn on. */
final class PdfLayers {

    private final Model model;
    private final PDOptionalContentProperties all = new PDOptionalContentProperties();
    private final Map<ElementId, PDOptionalContentGroup> made = new HashMap<>();

    PdfLayers(PDDocument document, Model model) {
        this.model = model;
        document.getDocumentCatalog().setOCProperties(all);
    }

    /** Null where something is on no layer, as frames and titles are. */
    @Nullable
    PDOptionalContentGroup of(ElementId layer) {
        if (!(model.find(layer) instanceof Layer found)) return null;
        return made.computeIfAbsent(layer, id -> {
            PDOptionalContentGroup group = new PDOptionalContentGroup(found.name());
            all.addGroup(group);
            return group;
        });
    }
}
