package scree.core.skin;

import java.util.ArrayList;
import java.util.List;
import scree.core.colour.Check;
import scree.core.face.Side;
import scree.core.image.Point;

/**
 * A rounded outline on the face, in the units of {@link FaceFrame}.
 *
 * @param x centre, −3 to 3
 * @param y centre, −2.5 to 5
 * @param radiusX 0.02 to 1.5
 * @param radiusY 0.02 to 1.5
 * @param leanDegrees turn, clockwise
 */
public record ZoneOutline(
        Zone zone, Side side, double x, double y, double radiusX, double radiusY, double leanDegrees) {
    private static final int CORNERS = 40;
    /** A little squarer than an ellipse: fills a cheek better. House choice, for looks. */
    private static final double SQUARENESS = 2.5;

    /** Radii of what is drawn by hand, in pupil distances. House choices: enough pixels to read; within the face. */
    private static final double LEAST_DRAWN = 0.025;

    private static final double MOST_DRAWN = 1.5;

    public ZoneOutline {
        x = Check.inRange("zone's x", x, -3, 3, "drag it back on to the picture");
        y = Check.inRange("zone's y", y, -2.5, 5, "drag it back on to the picture");
        radiusX = Check.inRange("zone's width", radiusX, 0.02, 1.5, "make it smaller than the face");
        radiusY = Check.inRange("zone's height", radiusY, 0.02, 1.5, "make it smaller than the face");
        leanDegrees = Check.inRange("zone's turn", leanDegrees, -180, 180, "turn it by half a circle at most");
        if (zone.paired() == (side == Side.CENTRE)) {
            throw new IllegalArgumentException("%s has no side %s".formatted(zone, side));
        }
    }

    /** Returns the outline dragged and scaled by hand, never smaller or larger than a hand would draw one. */
    public ZoneOutline moved(FaceFrame frame, double dx, double dy, double scale) {
        Point centre = frame.toFace(frame.toPicture(x, y).plus(dx, dy));
        return new ZoneOutline(
                zone, side, centre.x(), centre.y(), drawn(radiusX * scale), drawn(radiusY * scale), leanDegrees);
    }

    private static double drawn(double radius) {
        return Math.min(MOST_DRAWN, Math.max(LEAST_DRAWN, radius));
    }

    /** Returns the template's outlines of all zones that a portrait shows, both sides. */
    public static List<ZoneOutline> templates() {
        List<ZoneOutline> all = new ArrayList<>();
        for (Zone zone : Zone.values()) {
            if (!zone.inPortrait()) {
                continue;
            }
            if (zone.paired()) {
                all.add(zone.template(Side.RIGHT));
                all.add(zone.template(Side.LEFT));
            } else {
                all.add(zone.template(Side.CENTRE));
            }
        }
        return List.copyOf(all);
    }

    /** Returns the outline as a polygon in pixels. */
    public List<Point> polygon(FaceFrame face) {
        List<Point> points = new ArrayList<>();
        double cos = Math.cos(Math.toRadians(leanDegrees));
        double sin = Math.sin(Math.toRadians(leanDegrees));
        for (int i = 0; i < CORNERS; i++) {
            double t = 2 * Math.PI * i / CORNERS;
            double u = radiusX * power(Math.cos(t));
            double v = radiusY * power(Math.sin(t));
            points.add(face.toPicture(x + u * cos - v * sin, y + u * sin + v * cos));
        }
        return points;
    }

    /** Returns whether a place in the units of {@link FaceFrame} lies within. */
    public boolean holds(double atX, double atY) {
        double cos = Math.cos(Math.toRadians(leanDegrees));
        double sin = Math.sin(Math.toRadians(leanDegrees));
        double u = ((atX - x) * cos + (atY - y) * sin) / radiusX;
        double v = ((atY - y) * cos - (atX - x) * sin) / radiusY;
        return Math.pow(Math.abs(u), SQUARENESS) + Math.pow(Math.abs(v), SQUARENESS) <= 1;
    }

    private static double power(double v) {
        return Math.signum(v) * Math.pow(Math.abs(v), 2 / SQUARENESS);
    }
}
