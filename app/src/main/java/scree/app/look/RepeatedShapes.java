package scree.app.look;

import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import org.apache.batik.svggen.DOMGroupManager;
import org.apache.batik.svggen.SVGGraphics2D;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/** Writes a shape that comes again, as letters do, once, and refers to it from then on: a page of text stays a tenth as large. */
final class RepeatedShapes extends SVGGraphics2D {
    /** From here on a shape is drawn, not written, and hardly comes again. */
    private static final int LONGEST = 4000;

    private final Map<String, String> known = new HashMap<>();
    private final Element shapes;

    RepeatedShapes(Document document) {
        super(document);
        this.shapes = document.createElementNS(SvgFile.SPACE, "defs");
    }

    /** Returns what is referred to, to be put before all else. */
    Element shapes() {
        return shapes;
    }

    @Override
    public void fill(Shape shape) {
        PathIterator path = shape.getPathIterator(null);
        double[] at = new double[6];
        if (path.isDone()
                || path.getWindingRule() != PathIterator.WIND_NON_ZERO
                || path.currentSegment(at) != PathIterator.SEG_MOVETO) {
            super.fill(shape);
            return;
        }
        double x = at[0];
        double y = at[1];
        String drawn = relative(path, x, y);
        if (drawn.length() > LONGEST) {
            super.fill(shape);
            return;
        }
        String id = known.computeIfAbsent(drawn, this::define);
        Element use = getDOMFactory().createElementNS(SvgFile.SPACE, "use");
        use.setAttributeNS("http://www.w3.org/1999/xlink", "xlink:href", "#" + id);
        use.setAttribute("x", number(x));
        use.setAttribute("y", number(y));
        Element inPlace = getDOMFactory()
                .createElementNS(
                        SvgFile.SPACE, "g"); // what clips it lies where it lay, not where the shape is moved to
        inPlace.appendChild(use);
        domGroupManager.addElement(inPlace, DOMGroupManager.FILL);
    }

    private String define(String drawn) {
        String id = "s" + known.size();
        Element path = getDOMFactory().createElementNS(SvgFile.SPACE, "path");
        path.setAttribute("id", id);
        path.setAttribute("d", drawn);
        shapes.appendChild(path);
        return id;
    }

    private static String relative(PathIterator path, double x, double y) {
        StringBuilder d = new StringBuilder();
        double[] at = new double[6];
        for (; !path.isDone(); path.next()) {
            int kind = path.currentSegment(at);
            d.append("MLQCZ".charAt(kind));
            int numbers = 2 * (kind == PathIterator.SEG_CLOSE ? 0 : Math.max(1, kind));
            for (int i = 0; i < numbers; i++) {
                d.append(i == 0 ? "" : " ").append(number(at[i] - (i % 2 == 0 ? x : y)));
            }
        }
        return d.toString();
    }

    /** Hundredths of a point are finer than any printer. */
    private static String number(double v) {
        String text = String.format(Locale.ROOT, "%.2f", v);
        return text.endsWith(".00") ? text.substring(0, text.length() - 3) : text;
    }
}
