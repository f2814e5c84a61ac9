package scree.app.privacy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Set;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSObject;
import org.apache.pdfbox.cos.COSObjectKey;
import org.apache.pdfbox.pdmodel.PDDocument;
import scree.core.image.PictureIntake;
import scree.core.image.PictureRefused;
import tools.jackson.databind.JsonNode;

/**
 * Lets through only files that are what they are said to be. A picture is decoded and as large as its row says; a sheet is opened and does nothing
 * that paper does not: run a script, open something, carry another file.
 */
final class FileGuard {
    private static final String PDF = "pdf";
    private static final String PICTURE = "jpeg";
    private static final Set<String> ACTS = Set.of(
            "JS",
            "JavaScript",
            "Launch",
            "EmbeddedFile",
            "EmbeddedFiles",
            "OpenAction",
            "AA",
            "RichMedia",
            "SubmitForm",
            "ImportData",
            "URI");

    private FileGuard() {}

    /**
     * Returns the file.
     *
     * @param file null for one that is missing
     * @param col which it is of its row: pdf, jpeg or thumb
     * @throws ClientFileRefused when it is missing, or something else
     */
    static byte[] safe(byte[] file, String col, JsonNode row) {
        try {
            if (file == null
                    || !(col.equals(PDF) ? isSheet(file) : isPicture(file, col.equals(PICTURE) ? row : null))) {
                throw new ClientFileRefused(ClientFileRefused.Why.PICTURE);
            }
        } catch (IOException | PictureRefused | IllegalArgumentException no) {
            throw new ClientFileRefused(ClientFileRefused.Why.PICTURE, no);
        }
        return file;
    }

    private static boolean isSheet(byte[] file) throws IOException {
        try (PDDocument sheet = Loader.loadPDF(file)) {
            return !acts(sheet);
        }
    }

    /** @param sized with its width and height, null where the row says nothing of them */
    private static boolean isPicture(byte[] file, JsonNode sized) throws IOException {
        if (file.length == 0 || PictureIntake.bytesToDecode(file) > PictureIntake.MOST_DECODED_BYTES) {
            return false;
        }
        BufferedImage picture = ImageIO.read(new ByteArrayInputStream(file));
        return picture != null
                && (sized == null
                        || sized.path("width").asInt(0) == picture.getWidth()
                                && sized.path("height").asInt(0) == picture.getHeight());
    }

    /** Returns whether any object of the document does something by itself or on a tap. */
    static boolean acts(PDDocument sheet) throws IOException {
        for (COSObjectKey key : sheet.getDocument().getXrefTable().keySet()) {
            COSObject object = sheet.getDocument().getObjectFromPool(key);
            COSBase is = object == null ? null : object.getObject();
            if (is instanceof COSDictionary dictionary && acts(dictionary)) {
                return true;
            }
        }
        return acts(sheet.getDocumentCatalog().getCOSObject());
    }

    private static boolean acts(COSDictionary dictionary) {
        for (COSName name : dictionary.keySet()) {
            if (ACTS.contains(name.getName())
                    || dictionary.getDictionaryObject(name) instanceof COSName value && ACTS.contains(value.getName())
                    || dictionary.getItem(name) instanceof COSDictionary direct
                            && direct != dictionary
                            && acts(direct)) {
                return true;
            }
        }
        return false;
    }
}
