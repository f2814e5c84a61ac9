package scree.app.place;

import static scree.app.place.ChartLayout.FACE;
import static scree.app.place.ChartLayout.LIST_X;
import static scree.app.place.ChartLayout.MARGIN;
import static scree.app.place.ChartLayout.NOTE;
import static scree.app.place.ChartLayout.NOTES_WIDTH;
import static scree.app.place.ChartLayout.NUMBER_WIDTH;
import static scree.app.place.ChartLayout.SMALL;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.util.List;

/**
 * The client's own face as A4 pages of lines: zones numbered by order of work, what goes there and why. What does not fit beside the
 * face goes on overleaf; nothing is left out. In points of 1/72 inch.
 */
final class FaceChart {
    static final int WIDTH = 595;
    static final int HEIGHT = 842;
    private static final Color INK = FaceDrawing.INK;
    private static final Color SECOND = new Color(0x484C4F);
    private static final Color FAINT = new Color(0x9A9A9A);
    private static final Color EARTH = new Color(0x5A4A38);

    /** What the chart says beside the drawing. */
    record Words(String title, String line, String aim, List<Row> rows, List<String> cautions, String foot) {}

    /** One number's line. */
    record Row(int number, String area, String product, String why) {}

    /** A row with its place on a page. */
    record Placed(Row row, double x, double y) {}

    /** A caution with its place on a page. */
    record Noted(String caution, double y) {}

    /** What stands on one page beside the head and the foot. */
    record Page(List<Placed> rows, List<Noted> cautions) {}

    private final FaceDrawing face;
    private final Words words;
    private final List<Page> pages;

    FaceChart(TakenPlan plan, Words words) {
        this.words = words;
        this.pages = ChartLayout.of(words);
        this.face = new FaceDrawing(plan, FACE, family -> true);
    }

    /** Returns what a reader calls the file. */
    String title() {
        return words.title() + ", " + words.line();
    }

    /** Returns what stands on each page; the face is on the first. */
    List<Page> pages() {
        return pages;
    }

    /** @param page 0 for the one with the face */
    void paint(Graphics2D g, int page) {
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(Color.WHITE);
        g.fill(new Rectangle2D.Double(0, 0, WIDTH, HEIGHT));
        head(g, page);
        if (page == 0) {
            face.paint(g, null);
        }
        pages.get(page).rows().forEach(r -> row(g, r));
        double width = page == 0 ? NOTES_WIDTH : ChartLayout.OVERLEAF_NOTES_WIDTH;
        pages.get(page).cautions().forEach(c -> caution(g, c, width));
        foot(g);
    }

    private void head(Graphics2D g, int page) {
        g.setColor(INK);
        ChartFonts.write(g, ChartFonts.Face.VOICE, 25, MARGIN, 58, words.title());
        g.setColor(SECOND);
        ChartFonts.write(g, ChartFonts.Face.PLAIN, 10.5f, MARGIN, 76, words.line());
        ChartFonts.write(g, ChartFonts.Face.PLAIN, 10.5f, page == 0 ? LIST_X : MARGIN, 104, words.aim());
        if (pages.size() > 1) {
            String of = (page + 1) + " / " + pages.size();
            double wide = ChartFonts.width(ChartFonts.Face.PLAIN, 10.5f, of);
            ChartFonts.write(g, ChartFonts.Face.PLAIN, 10.5f, WIDTH - MARGIN - wide, 76, of);
        }
        g.setColor(INK);
        g.setStroke(new BasicStroke(1.6f));
        g.draw(new Line2D.Double(MARGIN, 88, WIDTH - MARGIN, 88));
    }

    private static void row(Graphics2D g, Placed placed) {
        Row row = placed.row();
        double x = placed.x() + NUMBER_WIDTH;
        double y = placed.y();
        FaceDrawing.stone(g, row.number(), placed.x() + 8, y - 3);
        g.setColor(INK);
        ChartFonts.write(g, ChartFonts.Face.STRONG, 10, x, y, row.area());
        g.setColor(SECOND);
        for (String line : ChartLayout.lines(row.product())) {
            y += 10.8;
            ChartFonts.write(g, ChartFonts.Face.PLAIN, SMALL, x, y, line);
        }
        for (String line : ChartLayout.lines(row.why())) {
            y += 10.4;
            ChartFonts.write(g, ChartFonts.Face.PLAIN, SMALL, x, y, line);
        }
    }

    private static void caution(Graphics2D g, Noted noted, double width) {
        double y = noted.y();
        g.setColor(EARTH);
        g.setStroke(FaceDrawing.round(1.2f));
        g.draw(new Ellipse2D.Double(MARGIN, y - 8.5, 10, 9));
        g.draw(new Line2D.Double(MARGIN + 5, y - 8.5, MARGIN + 6.5, y - 4));
        g.draw(new Line2D.Double(MARGIN + 6.5, y - 4, MARGIN + 4.5, y + .5));
        g.setColor(INK);
        for (String line : ChartFonts.lines(ChartFonts.Face.PLAIN, NOTE, width, noted.caution())) {
            ChartFonts.write(g, ChartFonts.Face.PLAIN, NOTE, MARGIN + 17, y, line);
            y += 12;
        }
    }

    private void foot(Graphics2D g) {
        g.setColor(FAINT);
        g.setStroke(FaceDrawing.round(.8f));
        g.draw(new Line2D.Double(MARGIN, HEIGHT - 46, WIDTH - MARGIN, HEIGHT - 46));
        g.setColor(SECOND);
        double at = HEIGHT - 33;
        for (String line : ChartFonts.lines(ChartFonts.Face.PLAIN, SMALL, WIDTH - 2 * MARGIN, words.foot())) {
            ChartFonts.write(g, ChartFonts.Face.PLAIN, SMALL, MARGIN, at, line);
            at += 11;
        }
    }
}
