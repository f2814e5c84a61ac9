package scree.core.shade;

import java.util.ArrayList;
import java.util.List;
import scree.core.colour.Check;
import scree.core.colour.Lab;

/**
 * The line in the pebble field at which the smallest ΔE00 to any colour of a skin's gradient has a given value: each place is
 * taken at the chroma of the gradient's colour it is compared with, so the line tells hue and depth apart from strength. Rays
 * from the gradient's middle with bisection; irregular because skin is.
 */
public final class DifferenceContour {
    private static final int RAYS = 72;
    private static final double LEAN_SPAN = 60;
    /** From a step of 0.02 down to a thousandth of a degree or of L*. */
    private static final int HALVINGS = 11;

    private DifferenceContour() {}

    /**
     * Returns the contour as a closed line.
     *
     * @param gradient one or more colours of the skin
     * @param difference ΔE00, above 0 to 10
     */
    public static List<FieldPlace> around(List<Lab> gradient, double difference) {
        Check.inRange("contour's difference", difference, 1e-3, 10, "contours are drawn from 0 to 10");
        Lab middle = gradient.get(gradient.size() / 2);
        FieldPlace centre = FieldPlace.of(middle);
        List<FieldPlace> line = new ArrayList<>();
        for (int ray = 0; ray < RAYS; ray++) {
            double angle = 2 * Math.PI * ray / RAYS;
            line.add(onRay(gradient, centre, Math.cos(angle), Math.sin(angle), difference));
        }
        return line;
    }

    /** Walks outwards in small steps to the last crossing near by, then halves: the near set need not be convex. */
    private static FieldPlace onRay(List<Lab> gradient, FieldPlace centre, double dx, double dy, double difference) {
        double step = 0.02;
        double inside = 0;
        double t = step;
        while (t < 1 && within(gradient, place(centre, dx, dy, t), difference)) {
            inside = t;
            t += step;
        }
        double low = inside;
        double high = Math.min(1, t);
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (within(gradient, place(centre, dx, dy, middle), difference)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return place(centre, dx, dy, low);
    }

    private static FieldPlace place(FieldPlace centre, double dx, double dy, double t) {
        double lightness = Math.min(99, Math.max(1, centre.lightness() + dy * t * 30));
        return new FieldPlace(centre.lean() + dx * t * LEAN_SPAN, lightness);
    }

    /** Returns whether any colour of the gradient is that near; asks no further than it has to. */
    private static boolean within(List<Lab> gradient, FieldPlace place, double difference) {
        for (Lab skin : gradient) {
            if (place.at(skin.chroma()).differenceFrom(skin) <= difference) {
                return true;
            }
        }
        return false;
    }

    /** Returns the smallest difference of a place from the gradient. */
    static double nearest(List<Lab> gradient, FieldPlace place) {
        double least = Double.POSITIVE_INFINITY;
        for (Lab skin : gradient) {
            least = Math.min(least, place.at(skin.chroma()).differenceFrom(skin));
        }
        return least;
    }
}
