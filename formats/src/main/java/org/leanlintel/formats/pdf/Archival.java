package org.leanlintel.formats.pdf;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Calendar;
import java.util.TimeZone;
import javax.xml.transform.TransformerException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.common.PDMetadata;
import org.apache.pdfbox.pdmodel.graphics.color.PDOutputIntent;
import org.apache.xmpbox.XMPMetadata;
import org.apache.xmpbox.schema.DublinCoreSchema;
import org.apache.xmpbox.schema.PDFAIdentificationSchema;
import org.apache.xmpbox.schema.XMPBasicSchema;
import org.apache.xmpbox.type.BadFieldValueException;
import org.apache.xmpbox.xml.XmpSerializer;

/** What makes a document one that can be kept for ever: PDF/A-2b (ISO 19005-2), as planning offices ask for. */
final class Archival {

    private static final String SRGB = "sRGB IEC61966-2.1";

    private Archival() {}

    /** Says what colours mean, and in XMP the same of the document as its information does. */
    static void finish(PDDocument document) throws IOException {
        PDDocumentInformation about = document.getDocumentInformation();
        if (about.getCreationDate() == null) about.setCreationDate(Calendar.getInstance(TimeZone.getTimeZone("UTC")));
        byte[] profile = ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData();
        PDOutputIntent intent = new PDOutputIntent(document, new ByteArrayInputStream(profile));
        intent.setInfo(SRGB);
        intent.setOutputCondition(SRGB);
        intent.setOutputConditionIdentifier(SRGB);
        document.getDocumentCatalog().addOutputIntent(intent);
        PDMetadata metadata = new PDMetadata(document);
        metadata.importXMPMetadata(xmp(about));
        document.getDocumentCatalog().setMetadata(metadata);
    }

    private static byte[] xmp(PDDocumentInformation about) throws IOException {
        XMPMetadata xmp = XMPMetadata.createXMPMetadata();
        PDFAIdentificationSchema conforms = xmp.createAndAddPDFAIdentificationSchema();
        conforms.setPart(2);
        DublinCoreSchema core = xmp.createAndAddDublinCoreSchema();
        if (about.getTitle() != null) core.setTitle(about.getTitle());
        if (about.getAuthor() != null) core.addCreator(about.getAuthor());
        if (about.getSubject() != null) core.setDescription(about.getSubject());
        XMPBasicSchema basic = xmp.createAndAddXMPBasicSchema();
        basic.setCreatorTool(about.getCreator());
        basic.setCreateDate(about.getCreationDate());
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            conforms.setConformance("B");
            new XmpSerializer().serialize(xmp, bytes, true);
        } catch (BadFieldValueException | TransformerException e) {
            throw new IOException(e);
        }
        return bytes.toByteArray();
    }
}
