package org.leanlintel.formats.pdf;

import java.io.IOException;
import java.util.Base64;
import java.util.HashMap;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.jspecify.annotations.Nullable;

/** The pictures of dots embedded in one document, each once. */
final class PdfImages {

    private static final System.Logger LOG = System.getLogger(PdfImages.class.getName());

    private final PDDocument document;
    private final Map<String, @Nullable PDImageXObject> known = new HashMap<>();

    PdfImages(PDDocument document) {
        this.document = document;
    }

    /** @param address of a picture within itself; null where it cannot be read */
    @Nullable
    PDImageXObject of(String address) {
        if (!known.containsKey(address)) known.put(address, read(address));
        return known.get(address);
    }

    private @Nullable PDImageXObject read(String address) {
        byte[] bytes = Base64.getDecoder().decode(address.substring(address.indexOf(',') + 1));
        try {
            return PDImageXObject.createFromByteArray(document, bytes, "picture");
        } catch (IOException | IllegalArgumentException e) {
            LOG.log(System.Logger.Level.WARNING, "A picture cannot be read", e);
            return null;
        }
    }
}
