package scree.app.place;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;

/** Scree's own type for drawn pages. Text is painted as outlines, so that every viewer shows the same. */
final class ChartFonts {
    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);

    /** One face with its fall-back for letters outside the first file. */
    enum Face {
        PLAIN("plain"),
        STRONG("strong"),
        VOICE("voice");

        private final Font latin;
        private final Font extended;

        Face(String file) {
            this.latin = load(file + "-latin.ttf");
            this.extended = load(file + "-latin-ext.ttf");
        }

        Font at(float size, String text) {
            return (latin.canDisplayUpTo(text) < 0 || extended.canDisplayUpTo(text) >= 0 ? latin : extended)
                    .deriveFont(size);
        }
    }

    private ChartFonts() {}

    private static Font load(String file) {
        try (InputStream in = ChartFonts.class.getResourceAsStream("fonts/" + file)) {
            return Font.createFont(Font.TRUETYPE_FONT, in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (FontFormatException e) {
            throw new IllegalStateException("the shipped font " + file + " is broken", e);
        }
    }

    static double width(Face face, float size, String text) {
        return vector(face, size, text).getLogicalBounds().getWidth();
    }

    static void write(Graphics2D g, Face face, float size, double x, double y, String text) {
        Shape outline = vector(face, size, text).getOutline((float) x, (float) y);
        g.fill(outline);
    }

    private static GlyphVector vector(Face face, float size, String text) {
        return face.at(size, text).createGlyphVector(EXACT, text);
    }

    /** Breaks a text into lines no wider than {@code width}. */
    static List<String> lines(Face face, float size, double width, String text) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && width(face, size, longer) > width) {
                lines.add(line.toString());
                line = new StringBuilder(word);
            } else {
                line = new StringBuilder(longer);
            }
        }
        lines.add(line.toString());
        return lines;
    }
}
