package scree.app.place;

import static scree.app.place.ChartLayout.FACE;
import static scree.app.place.ChartLayout.LIST_X;
import static scree.app.place.ChartLayout.MARGIN;
import static scree.app.place.ChartLayout.NOTE;
import static scree.app.place.ChartLayout.NOTES_WIDTH;
import static scree.app.place.ChartLayout.NUMBER_WIDTH;
import static scree.app.place.ChartLayout.SMALL;
import static scree.core.face.Landmark.*;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import scree.app.face.LineDrawing;
import scree.app.look.Margin;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.placement.Family;
import scree.core.placement.Piece;
import scree.core.plane.Vec;

/**
 * The client's own face as A4 pages of lines: zones numbered by order of work, what goes there and why. What does not fit beside the
 * face goes on overleaf; nothing is left out. In points of 1/72 inch.
 */
final class FaceChart {
    static final int WIDTH = 595;
    static final int HEIGHT = 842;
    private static final Color INK = new Color(0x1E2123);
    private static final Color SECOND = new Color(0x484C4F);
    private static final Color SOFT = new Color(0x606467);
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

    private final TakenPlan plan;
    private final Words words;
    private final List<Page> pages;
    private final double scale;
    private final Vec origin;

    FaceChart(TakenPlan plan, Words words) {
        this.plan = plan;
        this.words = words;
        this.pages = ChartLayout.of(words);
        LevelledFace f = plan.level();
        double top = f.at(HAIRLINE).y() - .12;
        double bottom = f.at(CHIN).y() + .5;
        double half = Math.max(
                        f.outward(CHEEK, Side.LEFT).x(),
                        f.outward(CHEEK, Side.RIGHT).x())
                + .08;
        this.scale = Math.min(FACE.getHeight() / (bottom - top), FACE.getWidth() / (2 * half));
        this.origin = new Vec(
                FACE.getCenterX() - f.midline() * scale,
                FACE.getY() + FACE.getHeight() / 2 - (top + bottom) / 2 * scale);
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
            face(g);
            zones(g);
            numbers(g);
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

    // ---- the face ----

    private double[] at(Vec v) {
        return new double[] {origin.x() + v.x() * scale, origin.y() + v.y() * scale};
    }

    private Path2D path(List<Vec> line, boolean closed) {
        Path2D p = new Path2D.Double();
        for (int i = 0; i < line.size(); i++) {
            double[] q = at(line.get(i));
            if (i == 0) {
                p.moveTo(q[0], q[1]);
            } else {
                p.lineTo(q[0], q[1]);
            }
        }
        if (closed) {
            p.closePath();
        }
        return p;
    }

    private void face(Graphics2D g) {
        for (LineDrawing.Line line : LineDrawing.of(plan.level())) {
            g.setColor(
                    switch (line.tone()) {
                        case INK -> INK;
                        case SOFT -> SOFT;
                        case FAINT -> FAINT;
                    });
            g.setStroke(round((float) line.width()));
            Path2D path = path(line.points(), line.filled());
            if (line.filled()) {
                g.fill(path);
            } else {
                g.draw(path);
            }
        }
    }

    static BasicStroke round(float width) {
        return new BasicStroke(width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND);
    }

    // ---- the zones ----

    private void zones(Graphics2D g) {
        for (WorkedZone z : plan.zones()) {
            for (Piece piece : z.zone().pieces()) {
                Path2D edge = path(piece.edge(), true);
                ChartPatterns.draw(g, edge, z.zone().area().family());
                g.setColor(INK);
                g.setStroke(round(z.zone().edited() ? 1.5f : .8f));
                g.draw(edge);
            }
        }
    }

    /** Least way from the middle of one number to the next, points: they are 16 wide. */
    private static final double NUMBERS_APART = 17;

    /** Numbers beside their zones, pushed apart until they can be read. */
    private void numbers(Graphics2D g) {
        Map<Integer, double[]> places = new LinkedHashMap<>();
        for (WorkedZone z : plan.zones()) {
            boolean shadow = z.zone().area().family() == Family.SHADOW;
            Side wanted = shadow ? Side.RIGHT : Side.LEFT;
            if (z.zone().side() == Side.CENTRE || z.zone().side() == wanted) {
                places.putIfAbsent(z.number(), at(z.zone().heart()));
            }
        }
        List<double[]> spots = new ArrayList<>(places.values());
        List<double[]> hearts = spots.stream().map(double[]::clone).toList();
        Margin.apart(spots, NUMBERS_APART, 80);
        int i = 0;
        for (Integer number : places.keySet()) {
            double[] p = spots.get(i);
            double[] heart = hearts.get(i++);
            g.setColor(INK);
            if (Math.hypot(p[0] - heart[0], p[1] - heart[1]) > 9) {
                g.setStroke(round(.7f));
                g.draw(new Line2D.Double(p[0], p[1], heart[0], heart[1]));
            }
            stone(g, number, p[0], p[1]);
        }
    }

    private static void stone(Graphics2D g, int number, double x, double y) {
        Ellipse2D body = new Ellipse2D.Double(-8, -7.2, 16, 14.4);
        AffineTransform turn = AffineTransform.getTranslateInstance(x, y);
        turn.rotate(((number * 37) % 60 - 30) / 90.0);
        Shape stone = turn.createTransformedShape(body);
        g.setColor(Color.WHITE);
        g.fill(stone);
        g.setColor(INK);
        g.setStroke(round(1f));
        g.draw(stone);
        String text = String.valueOf(number);
        double w = ChartFonts.width(ChartFonts.Face.STRONG, 9, text);
        ChartFonts.write(g, ChartFonts.Face.STRONG, 9, x - w / 2, y + 3.1, text);
    }

    // ---- the words ----

    private static void row(Graphics2D g, Placed placed) {
        Row row = placed.row();
        double x = placed.x() + NUMBER_WIDTH;
        double y = placed.y();
        stone(g, row.number(), placed.x() + 8, y - 3);
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
        g.setStroke(round(1.2f));
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
        g.setStroke(round(.8f));
        g.draw(new Line2D.Double(MARGIN, HEIGHT - 46, WIDTH - MARGIN, HEIGHT - 46));
        g.setColor(SECOND);
        double at = HEIGHT - 33;
        for (String line : ChartFonts.lines(ChartFonts.Face.PLAIN, SMALL, WIDTH - 2 * MARGIN, words.foot())) {
            ChartFonts.write(g, ChartFonts.Face.PLAIN, SMALL, MARGIN, at, line);
            at += 11;
        }
    }
}
