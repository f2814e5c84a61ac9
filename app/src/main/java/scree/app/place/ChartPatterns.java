package scree.app.place;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import scree.core.placement.Family;

/** The patterns that tell families apart on a face chart, as lines and points of ink. */
final class ChartPatterns {
    private ChartPatterns() {}

    /** The family's pattern as lines within the zone, the same as on the screen. */
    static void draw(Graphics2D g, Path2D edge, Family family) {
        Shape before = g.getClip();
        g.clip(edge);
        g.setColor(new Color(0x6E7275));
        g.setStroke(FaceDrawing.round(.6f));
        Rectangle2D b = edge.getBounds2D();
        switch (family) {
            case SHADOW -> hatch(g, b, 4.2, 1);
            case SUN -> hatch(g, b, 5.2, -1);
            case COLOUR -> waves(g, b);
            default -> points(g, b, family);
        }
        g.setClip(before);
    }

    private static void hatch(Graphics2D g, Rectangle2D b, double step, int lean) {
        double high = b.getHeight();
        for (double x = b.getMinX() - high; x < b.getMaxX() + high; x += step) {
            g.draw(new Line2D.Double(x, b.getMinY(), x + lean * high, b.getMaxY()));
        }
    }

    private static void waves(Graphics2D g, Rectangle2D b) {
        for (double y = b.getMinY(); y < b.getMaxY() + 5; y += 5) {
            Path2D wave = new Path2D.Double();
            wave.moveTo(b.getMinX(), y);
            for (double x = b.getMinX(); x < b.getMaxX(); x += 8) {
                wave.curveTo(x + 2, y - 3, x + 2, y - 3, x + 4, y);
                wave.curveTo(x + 6, y + 3, x + 6, y + 3, x + 8, y);
            }
            g.draw(wave);
        }
    }

    private static void points(Graphics2D g, Rectangle2D b, Family family) {
        double step = family == Family.POWDER ? 3.4 : 4.8;
        boolean odd = false;
        for (double y = b.getMinY(); y < b.getMaxY(); y += step, odd = !odd) {
            for (double x = b.getMinX() + (odd ? step / 2 : 0); x < b.getMaxX(); x += step) {
                if (family == Family.SHEEN) {
                    g.draw(new Line2D.Double(x - 1.1, y, x + 1.1, y));
                    g.draw(new Line2D.Double(x, y - 1.1, x, y + 1.1));
                } else {
                    double r = family == Family.POWDER ? .4 : .65;
                    g.fill(new Ellipse2D.Double(x - r, y - r, 2 * r, 2 * r));
                }
            }
        }
    }
}
