package scree.core.shade;

import java.util.ArrayList;
import java.util.List;
import scree.core.colour.Check;
import scree.core.colour.Lab;

/**
 * The line in the pebble field at which the ΔE00 to a skin has a given value, at the skin's own chroma: a shade as strong as the
 * skin lies inside when the list says that it is nearer. Rays from the skin with bisection; irregular because ΔE00 is.
 */
public final class DifferenceContour {
    private static final int RAYS = 72;
    private static final double FARTHEST = 10;
    private static final double LEAN_SPAN = 60;
    private static final double LIGHT_SPAN = 30;
    /** From a step of 0.02 down to a thousandth of a degree or of L*. */
    private static final int HALVINGS = 11;

    private DifferenceContour() {}

    /**
     * Returns the contour as a closed line.
     *
     * @param skin what shades are measured against
     * @param difference ΔE00, above 0 to 10
     */
    public static List<FieldPlace> around(Lab skin, double difference) {
        Check.inRange("contour's difference", difference, 1e-3, FARTHEST, "contours are drawn from 0 to 10");
        FieldPlace centre = FieldPlace.of(skin);
        List<FieldPlace> line = new ArrayList<>();
        for (int ray = 0; ray < RAYS; ray++) {
            double angle = 2 * Math.PI * ray / RAYS;
            line.add(onRay(skin, centre, Math.cos(angle), Math.sin(angle), difference));
        }
        return line;
    }

    /**
     * Returns where a shade lies so that the map agrees with the list: in its own direction from the skin, on the contour of its
     * own difference, which strength adds to. A shade that differs in strength alone lies above the skin.
     *
     * @param difference ΔE00; beyond 10 the shade's own place is returned, since strength hardly counts there
     */
    public static FieldPlace placed(Lab skin, Lab shade, double difference) {
        FieldPlace centre = FieldPlace.of(skin);
        FieldPlace own = FieldPlace.of(shade);
        if (difference > FARTHEST) {
            return own;
        }
        double dx = (own.lean() - centre.lean()) / LEAN_SPAN;
        double dy = (own.lightness() - centre.lightness()) / LIGHT_SPAN;
        double reach = Math.hypot(dx, dy);
        return reach < 1e-9
                ? onRay(skin, centre, 0, 1, difference)
                : onRay(skin, centre, dx / reach, dy / reach, difference);
    }

    /** Walks outwards in small steps to the last crossing near by, then halves: the near set need not be convex. */
    private static FieldPlace onRay(Lab skin, FieldPlace centre, double dx, double dy, double difference) {
        double step = 0.02;
        double inside = 0;
        double t = step;
        while (t < 1 && within(skin, place(centre, dx, dy, t), difference)) {
            inside = t;
            t += step;
        }
        double low = inside;
        double high = Math.min(1, t);
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (within(skin, place(centre, dx, dy, middle), difference)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return place(centre, dx, dy, low);
    }

    private static FieldPlace place(FieldPlace centre, double dx, double dy, double t) {
        double lightness = Math.min(99, Math.max(1, centre.lightness() + dy * t * LIGHT_SPAN));
        return new FieldPlace(centre.lean() + dx * t * LEAN_SPAN, lightness);
    }

    private static boolean within(Lab skin, FieldPlace place, double difference) {
        return place.at(skin.chroma()).differenceFrom(skin) <= difference;
    }
}
