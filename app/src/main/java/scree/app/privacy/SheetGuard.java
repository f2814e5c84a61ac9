package scree.app.privacy;

import java.io.IOException;
import java.util.Set;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSObject;
import org.apache.pdfbox.cos.COSObjectKey;
import org.apache.pdfbox.pdmodel.PDDocument;

/** Looks for what a sheet of paper never does: run a script, open something, carry another file. */
final class SheetGuard {
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

    private SheetGuard() {}

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
