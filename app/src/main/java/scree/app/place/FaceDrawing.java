package scree.app.place;

import static scree.core.face.Landmark.CHEEK;
import static scree.core.face.Landmark.CHIN;
import static scree.core.face.Landmark.HAIRLINE;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import scree.app.face.LineDrawing;
import scree.app.look.Margin;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.image.Point;
import scree.core.placement.Family;
import scree.core.placement.Piece;
import scree.core.plane.Vec;

/** The client's own face in lines with the zones of a plan and their numbers, within a box of a page. In points of 1/72 inch. */
final class FaceDrawing {
    static final Color INK = new Color(0x1E2123);
    private static final Color SOFT = new Color(0x606467);
    private static final Color FAINT = new Color(0x9A9A9A);

    private final TakenPlan plan;
    private final Predicate<Family> shown;
    private final double scale;
    private final Vec origin;
    private final Rectangle2D box;

    /** @param shown zones of which families are drawn */
    FaceDrawing(TakenPlan plan, Rectangle2D box, Predicate<Family> shown) {
        this.plan = plan;
        this.box = box;
        this.shown = shown;
        LevelledFace f = plan.level();
        double top = f.at(HAIRLINE).y() - .12;
        double bottom = f.at(CHIN).y() + .5;
        double half = Math.max(
                        f.outward(CHEEK, Side.LEFT).x(),
                        f.outward(CHEEK, Side.RIGHT).x())
                + .08;
        this.scale = Math.min(box.getHeight() / (bottom - top), box.getWidth() / (2 * half));
        this.origin = new Vec(
                box.getCenterX() - f.midline() * scale, box.getY() + box.getHeight() / 2 - (top + bottom) / 2 * scale);
    }

    /** Draws on a line drawing, or on the faded picture where one is given. */
    void paint(Graphics2D g, BufferedImage picture) {
        if (picture == null) {
            face(g);
        } else {
            picture(g, picture);
        }
        zones(g);
        numbers(g);
    }

    /** Whiter by this share, so that patterns and numbers are read on any skin. House choice. */
    private static final int FADED = 108;

    private void picture(Graphics2D g, BufferedImage picture) {
        Point zero = plan.level().toPicture(new Vec(0, 0));
        Point right = plan.level().toPicture(new Vec(1, 0));
        Point down = plan.level().toPicture(new Vec(0, 1));
        AffineTransform toPicture = new AffineTransform(
                right.x() - zero.x(),
                right.y() - zero.y(),
                down.x() - zero.x(),
                down.y() - zero.y(),
                zero.x(),
                zero.y());
        AffineTransform toPage = new AffineTransform(scale, 0, 0, scale, origin.x(), origin.y());
        Shape clip = g.getClip();
        g.clip(box);
        try {
            toPage.concatenate(toPicture.createInverse());
        } catch (NoninvertibleTransformException flat) {
            throw new IllegalStateException("a face without width was planned", flat);
        }
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        g.drawImage(picture, toPage, null);
        g.setColor(new Color(255, 255, 255, FADED));
        g.fill(box);
        g.setClip(clip);
    }

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

    private List<WorkedZone> zones() {
        return plan.zones().stream()
                .filter(z -> shown.test(z.zone().area().family()))
                .toList();
    }

    private void zones(Graphics2D g) {
        for (WorkedZone z : zones()) {
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
        for (WorkedZone z : zones()) {
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

    static void stone(Graphics2D g, int number, double x, double y) {
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
}
