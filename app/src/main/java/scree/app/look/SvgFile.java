package scree.app.look;

import java.io.ByteArrayOutputStream;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/** Drawings on their way into SVG files. */
public final class SvgFile {
    static final String SPACE = "http://www.w3.org/2000/svg";

    private SvgFile() {}

    /** Returns a document to draw into. */
    public static Document empty() {
        try {
            return DocumentBuilderFactory.newInstance()
                    .newDocumentBuilder()
                    .getDOMImplementation()
                    .createDocument(SPACE, "svg", null);
        } catch (ParserConfigurationException e) {
            throw new IllegalStateException("every Java can make an empty document", e);
        }
    }

    /** Gives a drawing its size and a title that readers of screens say. */
    public static void frame(Element root, int wide, int high, String title) {
        root.setAttribute("viewBox", "0 0 " + wide + " " + high);
        Element name = root.getOwnerDocument().createElementNS(SPACE, "title");
        name.appendChild(root.getOwnerDocument().createTextNode(title));
        root.insertBefore(name, root.getFirstChild());
    }

    /** Writes a drawing without a document type, so that no reader goes looking for one. */
    public static byte[] written(Element root) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            TransformerFactory.newInstance().newTransformer().transform(new DOMSource(root), new StreamResult(out));
        } catch (TransformerException e) {
            throw new IllegalStateException("the drawing could not be written", e);
        }
        return out.toByteArray();
    }
}
