package scree.app.look;

import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import scree.core.image.Point;

/** A page of A4 drawn in millimetres from its upper left corner, for what has to come out of a printer in its true size. */
public final class MillimetrePage implements Closeable {
    private static final double MM = 72 / 25.4;
    private static final float CURVE = 0.5523f;
    private static final double LINE = 5;

    private final PDPageContentStream ink;

    /** Adds a page to a document. */
    public MillimetrePage(PDDocument document) throws IOException {
        PDPage page = new PDPage(PDRectangle.A4);
        document.addPage(page);
        this.ink = new PDPageContentStream(document, page);
    }

    /** Returns Scree's plain face for a document. */
    public static PDFont plain(PDDocument document) throws IOException {
        try (InputStream face = PrintFaces.open("plain-latin.ttf")) {
            return PDType0Font.load(document, face);
        }
    }

    /** @param hex like #1E2123 */
    public void fill(String hex) throws IOException {
        int rgb = Integer.parseInt(hex.substring(1), 16);
        ink.setNonStrokingColor((rgb >> 16) / 255f, (rgb >> 8 & 0xff) / 255f, (rgb & 0xff) / 255f);
    }

    public void box(double left, double top, double width, double height) throws IOException {
        ink.addRect(x(left), y(top + height), pt(width), pt(height));
        ink.fill();
    }

    /** Draws a thin grey frame. */
    public void frame(double left, double top, double width, double height) throws IOException {
        hair();
        ink.addRect(x(left), y(top + height), pt(width), pt(height));
        ink.stroke();
    }

    /** Draws a thin grey line. */
    public void line(double left, double right, double at) throws IOException {
        hair();
        ink.moveTo(x(left), y(at));
        ink.lineTo(x(right), y(at));
        ink.stroke();
    }

    /** Draws a thin grey outline through points, closed. */
    public void outline(List<Point> points) throws IOException {
        hair();
        ink.moveTo(x(points.get(0).x()), y(points.get(0).y()));
        for (Point p : points) {
            ink.lineTo(x(p.x()), y(p.y()));
        }
        ink.closeAndStroke();
    }

    private void hair() throws IOException {
        ink.setStrokingColor(0.6f, 0.6f, 0.6f);
        ink.setLineWidth(0.3f);
    }

    public void disc(Point centre, double radius) throws IOException {
        round(centre, radius);
        ink.fill();
    }

    /** Draws a thin grey ring. */
    public void ring(Point centre, double radius) throws IOException {
        hair();
        round(centre, radius);
        ink.stroke();
    }

    private void round(Point centre, double radius) throws IOException {
        float cx = x(centre.x());
        float cy = y(centre.y());
        float r = pt(radius);
        float k = CURVE * r;
        ink.moveTo(cx + r, cy);
        ink.curveTo(cx + r, cy + k, cx + k, cy + r, cx, cy + r);
        ink.curveTo(cx - k, cy + r, cx - r, cy + k, cx - r, cy);
        ink.curveTo(cx - r, cy - k, cx - k, cy - r, cx, cy - r);
        ink.curveTo(cx + k, cy - r, cx + r, cy - k, cx + r, cy);
    }

    /** Writes one line; {@code top} is its baseline. */
    public void text(PDFont font, float size, double left, double top, String words) throws IOException {
        ink.beginText();
        ink.setFont(font, size);
        ink.newLineAtOffset(x(left), y(top));
        ink.showText(words);
        ink.endText();
    }

    /** Writes paragraphs between two margins from a height downwards. */
    public void text(PDFont font, float size, double left, double right, double top, List<String> paragraphs)
            throws IOException {
        double at = top;
        for (String line : wrapped(paragraphs, font, size, pt(right - left))) {
            text(font, size, left, at, line);
            at += LINE;
        }
    }

    /** Breaks paragraphs into lines that fit. */
    public static List<String> wrapped(List<String> paragraphs, PDFont font, float size, double room)
            throws IOException {
        List<String> lines = new ArrayList<>();
        for (String paragraph : paragraphs) {
            StringBuilder line = new StringBuilder();
            for (String word : paragraph.split(" ")) {
                String longer = line.length() == 0 ? word : line + " " + word;
                if (line.length() > 0 && font.getStringWidth(longer) / 1000 * size > room) {
                    lines.add(line.toString());
                    line.setLength(0);
                }
                line.append(line.length() == 0 ? "" : " ").append(word);
            }
            lines.add(line.toString());
        }
        return lines;
    }

    @Override
    public void close() throws IOException {
        ink.close();
    }

    private static float x(double mm) {
        return pt(mm);
    }

    private static float y(double mm) {
        return (float) (PDRectangle.A4.getHeight() - mm * MM);
    }

    private static float pt(double mm) {
        return (float) (mm * MM);
    }
}
