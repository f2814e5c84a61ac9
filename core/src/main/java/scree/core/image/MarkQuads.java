package scree.core.image;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiPredicate;

/**
 * Finds four corner marks of one print among spots: the upper left has a light core, sides in the print's proportions, nearly a right
 * angle and not mirrored, the fourth near the parallelogram of the other three. Holds for a print turned in the picture and tilted by up
 * to about 25°.
 *
 * @param across distance of the upper marks in millimetres
 * @param down distance of the left marks
 * @param reach half a mark's side or its radius
 */
record MarkQuads(double across, double down, double reach) {
    /** Tilt shortens a side to cos 25° = 0.9 or so: house choice. */
    private static final double SHAPE_SLACK = 0.22;

    /** How far the fourth mark may lie from the parallelogram of the other three, in widths of the print. */
    private static final double CORNER_SLACK = 0.16;
    /** Sine of the corner: near 1 is a right angle, below 0 mirrored. */
    private static final double LEAST_SINE = 0.9;

    /** Four marks, and how far they are from the print's shape. */
    record Quad(Spot upperLeft, Spot upperRight, Spot lowerRight, Spot lowerLeft, double misfit) {
        List<Spot> spots() {
            return List.of(upperLeft, upperRight, lowerRight, lowerLeft);
        }

        /** Returns the marks' centres in the whole picture, to a fraction of a pixel. */
        List<Point> centres(Raster picture, double scale, double reach) {
            return spots().stream()
                    .map(spot -> Spots.centroid(
                            picture,
                            new Point(
                                    (spot.centre().x() + 0.5) * scale - 0.5,
                                    (spot.centre().y() + 0.5) * scale - 0.5),
                            spot.radius() * scale * reach))
                    .toList();
        }
    }

    /**
     * Returns all quads.
     *
     * @param size whether a mark has the right size for its distance to the upper right one: radius over distance, and what it should be
     */
    List<Quad> in(List<Spot> spots, BiPredicate<Double, Double> size) {
        List<Quad> quads = new ArrayList<>();
        for (Spot upperLeft : spots) {
            if (upperLeft.core()) {
                collect(spots, upperLeft, size, quads);
            }
        }
        return quads;
    }

    private void collect(List<Spot> spots, Spot ul, BiPredicate<Double, Double> size, List<Quad> quads) {
        for (Spot ur : spots) {
            double width = ul.centre().distanceTo(ur.centre());
            if (ur == ul || !size.test(ul.radius() / width, reach / across)) {
                continue;
            }
            for (Spot ll : spots) {
                if (ll == ul || ll == ur || ll.core() || !corner(ul.centre(), ur.centre(), ll.centre())) {
                    continue;
                }
                Point guess = ur.centre()
                        .plus(
                                ll.centre().x() - ul.centre().x(),
                                ll.centre().y() - ul.centre().y());
                for (Spot lr : spots) {
                    double miss = lr.centre().distanceTo(guess) / width;
                    if (lr != ul && lr != ur && lr != ll && !lr.core() && miss < CORNER_SLACK) {
                        double shape = Math.abs(Math.log(ul.centre().distanceTo(ll.centre()) / width * across / down));
                        quads.add(new Quad(ul, ur, lr, ll, miss + shape));
                    }
                }
            }
        }
    }

    private boolean corner(Point ul, Point ur, Point ll) {
        double ax = ur.x() - ul.x();
        double ay = ur.y() - ul.y();
        double dx = ll.x() - ul.x();
        double dy = ll.y() - ul.y();
        double width = Math.hypot(ax, ay);
        double height = Math.hypot(dx, dy);
        double cross = (ax * dy - ay * dx) / (width * height);
        return cross > LEAST_SINE && fits(width / height, across / down, SHAPE_SLACK);
    }

    static boolean fits(double actual, double wanted, double slack) {
        return Math.abs(Math.log(actual / wanted)) < slack;
    }

    /** Tells a half hidden print from none: returns how many marks of one size lie at distances that only it has, at most three. */
    int partial(List<Spot> spots, boolean fromCore, double sizeSlack, double distanceSlack) {
        int most = 0;
        for (Spot a : spots) {
            if (a.core() || !fromCore) {
                int partners = (int) spots.stream()
                        .filter(b -> b != a && belong(a, b, sizeSlack, distanceSlack))
                        .count();
                most = Math.max(most, partners == 0 ? 0 : Math.min(3, partners + 1));
            }
        }
        return most;
    }

    private boolean belong(Spot a, Spot b, double sizeSlack, double distanceSlack) {
        double radius = (a.radius() + b.radius()) / 2;
        double distance = a.centre().distanceTo(b.centre()) / radius * reach;
        return fits(a.radius(), b.radius(), sizeSlack)
                && (fits(distance, across, distanceSlack)
                        || fits(distance, down, distanceSlack)
                        || fits(distance, Math.hypot(across, down), distanceSlack));
    }
}
