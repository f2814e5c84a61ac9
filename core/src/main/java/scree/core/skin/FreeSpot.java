package scree.core.skin;

import java.util.ArrayList;
import java.util.List;
import scree.core.colour.Check;
import scree.core.image.Point;

/**
 * A spot that the artist tapped, in the units of {@link FaceFrame}.
 *
 * @param id 1 and up, its own within a sitting
 * @param x −3 to 3
 * @param y −2.5 to 5
 * @param radius 0.01 to 0.6
 */
public record FreeSpot(int id, Kind kind, double x, double y, double radius) {
    private static final int CORNERS = 20;

    public FreeSpot {
        x = Check.inRange("spot's x", x, -3, 3, "tap on the skin in the picture");
        y = Check.inRange("spot's y", y, -2.5, 5, "tap on the skin in the picture");
        radius = Check.inRange("spot's size", radius, 0.01, 0.6, "make it as large as what you see");
    }

    /** What a spot is. */
    public enum Kind {
        BLEMISH(.045),
        SUN_SPOT(.05),
        CAPILLARY(.05),
        SCAR(.06),
        TATTOO(.12),
        PATCH(.12);

        private final double usual;

        Kind(double usual) {
            this.usual = usual;
        }

        /** Returns the radius it starts with, in pupil distances. */
        public double usualRadius() {
            return usual;
        }
    }

    /** Returns its outline in pixels, grown by {@code times}. */
    public List<Point> polygon(FaceFrame face, double times) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < CORNERS; i++) {
            double t = 2 * Math.PI * i / CORNERS;
            points.add(face.toPicture(x + times * radius * Math.cos(t), y + times * radius * Math.sin(t)));
        }
        return points;
    }

    public FreeSpot moved(double toX, double toY) {
        return new FreeSpot(id, kind, toX, toY, radius);
    }

    public FreeSpot sized(double times) {
        return new FreeSpot(id, kind, x, y, Math.min(0.6, Math.max(0.01, radius * times)));
    }
}
