package scree.app.card;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.springframework.stereotype.Component;
import scree.core.colour.Srgb;
import scree.core.image.CardLayout;
import scree.core.image.Point;

/** Draws both cards in their true size for printing, one a page, with how to print them. */
@Component
public class CardPdf {
    private static final double MM = 72 / 25.4;
    private static final float CURVE = 0.5523f;
    /** The card's upper left corner on the page in mm. */
    private static final double LEFT = 69;

    private static final double TOP = 38;
    private static final int LINE = 5;
    private static final double MARGIN = 30;
    private static final float SIZE = 9.5f;

    byte[] write(List<String> words) {
        try (PDDocument document = new PDDocument();
                InputStream face = CardPdf.class.getResourceAsStream("/scree/app/place/fonts/plain-latin.ttf")) {
            PDFont font = PDType0Font.load(document, face);
            for (CardLayout.Kind kind : CardLayout.Kind.values()) {
                PDPage page = new PDPage(PDRectangle.A4);
                document.addPage(page);
                try (var ink = new PDPageContentStream(document, page)) {
                    card(ink, kind);
                    text(ink, font, words);
                }
            }
            var bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("the card could not be drawn", e);
        }
    }

    private static void card(PDPageContentStream ink, CardLayout.Kind kind) throws IOException {
        ink.setStrokingColor(0.6f, 0.6f, 0.6f);
        ink.setLineWidth(0.3f);
        ink.addRect(x(0), y(CardLayout.HEIGHT), pt(CardLayout.WIDTH), pt(CardLayout.HEIGHT));
        ink.stroke();
        for (CardLayout.Place p : CardLayout.places(kind)) {
            fill(ink, Srgb.hex(p.field().colour()));
            ink.addRect(x(p.left()), y(p.bottom()), pt(p.right() - p.left()), pt(p.bottom() - p.top()));
            ink.fill();
        }
        List<Point> marks = CardLayout.marks();
        for (int i = 0; i < marks.size(); i++) {
            fill(ink, "#000000");
            disc(ink, marks.get(i), CardLayout.MARK_RADIUS);
            if (i == 0 || kind == CardLayout.Kind.GREY && i == 1) {
                fill(ink, "#ffffff");
                disc(ink, marks.get(i), CardLayout.CORE_RADIUS);
            }
        }
    }

    private static void text(PDPageContentStream ink, PDFont font, List<String> words) throws IOException {
        fill(ink, "#1E2123");
        double at = TOP + CardLayout.HEIGHT + 14;
        for (String line : wrapped(words, font)) {
            ink.beginText();
            ink.setFont(font, SIZE);
            ink.newLineAtOffset(pt(MARGIN), (float) (PDRectangle.A4.getHeight() - at * MM));
            ink.showText(line);
            ink.endText();
            at += LINE;
        }
    }

    /** Breaks the words into lines that fit between the margins. */
    static List<String> wrapped(List<String> words, PDFont font) throws IOException {
        double room = PDRectangle.A4.getWidth() - 2 * pt(MARGIN);
        List<String> lines = new ArrayList<>();
        for (String paragraph : words) {
            StringBuilder line = new StringBuilder();
            for (String word : paragraph.split(" ")) {
                String longer = line.length() == 0 ? word : line + " " + word;
                if (line.length() > 0 && font.getStringWidth(longer) / 1000 * SIZE > room) {
                    lines.add(line.toString());
                    line.setLength(0);
                }
                line.append(line.length() == 0 ? "" : " ").append(word);
            }
            lines.add(line.toString());
        }
        return lines;
    }

    private static void disc(PDPageContentStream ink, Point centre, double radiusMm) throws IOException {
        float cx = x(centre.x());
        float cy = y(centre.y());
        float r = pt(radiusMm);
        float k = CURVE * r;
        ink.moveTo(cx + r, cy);
        ink.curveTo(cx + r, cy + k, cx + k, cy + r, cx, cy + r);
        ink.curveTo(cx - k, cy + r, cx - r, cy + k, cx - r, cy);
        ink.curveTo(cx - r, cy - k, cx - k, cy - r, cx, cy - r);
        ink.curveTo(cx + k, cy - r, cx + r, cy - k, cx + r, cy);
        ink.fill();
    }

    private static void fill(PDPageContentStream ink, String hex) throws IOException {
        int rgb = Integer.parseInt(hex.substring(1), 16);
        ink.setNonStrokingColor((rgb >> 16) / 255f, (rgb >> 8 & 0xff) / 255f, (rgb & 0xff) / 255f);
    }

    private static float x(double mm) {
        return pt(LEFT + mm);
    }

    private static float y(double mm) {
        return (float) (PDRectangle.A4.getHeight() - (TOP + mm) * MM);
    }

    private static float pt(double mm) {
        return (float) (mm * MM);
    }
}
