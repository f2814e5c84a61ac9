package scree.core.image;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Finds a card by its four corner dots: dark round spots in a white ring, four of them in the card's proportions, the upper
 * left (and on the grey card the upper right) with a white core; then checks that the greys fall from light to dark. Works
 * for a card turned in the picture and tilted by up to about 25°.
 */
public final class CardFinder {
    /** Working size; a dot of 2.3 mm then still has a radius of about four pixels beside a face that fills the frame. */
    private static final int WORKING_SIDE = 1400;

    private static final double ACROSS = CardLayout.WIDTH - 2 * CardLayout.MARK_INSET;
    private static final double DOWN = CardLayout.HEIGHT - 2 * CardLayout.MARK_INSET;
    /** Dot radius over the distance of the upper dots. */
    private static final double RADIUS_SHARE = CardLayout.MARK_RADIUS / ACROSS;
    /** Tilt shortens a side to cos 25° = 0.9 or so, blur widens a dot: house choice. */
    private static final double SHAPE_SLACK = 0.22;

    private static final double RADIUS_SLACK = 0.45;
    /** How far the fourth dot may lie from the parallelogram of the other three, in card widths. */
    private static final double CORNER_SLACK = 0.16;

    private static final int MOST_SPOTS = 60;

    private CardFinder() {}

    /** Looks for one card; of several the best fitting one is taken. */
    public static CardSighting find(Raster picture) {
        Raster small = picture.shrunkTo(WORKING_SIDE);
        double scale = (double) picture.width() / small.width();
        List<Spot> spots = Spots.in(small, Spots.Mark.DOT).stream()
                .sorted(Comparator.comparingDouble(Spot::contrast).reversed())
                .limit(MOST_SPOTS)
                .toList();
        return bestQuad(small, spots)
                .<CardSighting>map(quad -> refined(picture, quad, scale))
                .orElseGet(() -> partial(spots));
    }

    private record Quad(Spot upperLeft, Spot upperRight, Spot lowerRight, Spot lowerLeft, double misfit) {
        List<Spot> spots() {
            return List.of(upperLeft, upperRight, lowerRight, lowerLeft);
        }

        CardLayout.Kind kind() {
            return upperRight.core() ? CardLayout.Kind.GREY : CardLayout.Kind.COLOUR;
        }
    }

    private static Optional<Quad> bestQuad(Raster small, List<Spot> spots) {
        List<Quad> quads = new ArrayList<>();
        for (Spot upperLeft : spots) {
            if (upperLeft.core()) {
                collectQuads(spots, upperLeft, quads);
            }
        }
        return quads.stream().filter(quad -> greysFall(small, quad)).min(Comparator.comparingDouble(Quad::misfit));
    }

    private static void collectQuads(List<Spot> spots, Spot ul, List<Quad> quads) {
        for (Spot ur : spots) {
            double across = ul.centre().distanceTo(ur.centre());
            if (ur == ul || !fits(ul.radius() / across, RADIUS_SHARE, RADIUS_SLACK)) {
                continue;
            }
            for (Spot ll : spots) {
                if (ll == ul || ll == ur || ll.core() || !isCorner(ul.centre(), ur.centre(), ll.centre())) {
                    continue;
                }
                Point guess = ur.centre()
                        .plus(
                                ll.centre().x() - ul.centre().x(),
                                ll.centre().y() - ul.centre().y());
                for (Spot lr : spots) {
                    double miss = lr.centre().distanceTo(guess) / across;
                    if (lr != ul && lr != ur && lr != ll && !lr.core() && miss < CORNER_SLACK) {
                        double shape = Math.abs(Math.log(ul.centre().distanceTo(ll.centre()) / across * ACROSS / DOWN));
                        quads.add(new Quad(ul, ur, lr, ll, miss + shape));
                    }
                }
            }
        }
    }

    private static boolean isCorner(Point ul, Point ur, Point ll) {
        double ax = ur.x() - ul.x();
        double ay = ur.y() - ul.y();
        double dx = ll.x() - ul.x();
        double dy = ll.y() - ul.y();
        double across = Math.hypot(ax, ay);
        double down = Math.hypot(dx, dy);
        double cross = (ax * dy - ay * dx) / (across * down); // above 0: not mirrored; near 1: a right angle
        return cross > 0.9 && fits(across / down, ACROSS / DOWN, SHAPE_SLACK);
    }

    private static boolean fits(double actual, double wanted, double slack) {
        return Math.abs(Math.log(actual / wanted)) < slack;
    }

    private static boolean greysFall(Raster small, Quad quad) {
        List<Point> marks = quad.spots().stream().map(Spot::centre).toList();
        Homography map = Homography.between(CardLayout.marks(), marks);
        double last = 256;
        double first = 0;
        for (CardLayout.Place place : CardLayout.places(quad.kind())) {
            if (place.field().grey()) {
                Point p = map.map((place.left() + place.right()) / 2, (place.top() + place.bottom()) / 2);
                int luma = small.luma((int) Math.round(p.x()), (int) Math.round(p.y()));
                if (luma > last + 12) { // a covered field may break the order a little; the sampler tells fields apart
                    return false;
                }
                first = Math.max(first, luma);
                last = luma;
            }
        }
        return first - last > 60;
    }

    private static CardSighting.Found refined(Raster picture, Quad quad, double scale) {
        List<Point> marks = quad.spots().stream()
                .map(spot -> Spots.centroid(
                        picture,
                        new Point(
                                (spot.centre().x() + 0.5) * scale - 0.5,
                                (spot.centre().y() + 0.5) * scale - 0.5),
                        spot.radius() * scale * 1.35))
                .toList();
        return new CardSighting.Found(quad.kind(), marks);
    }

    /** Tells a half hidden card from none: dots of one size, one with a core, at distances that only a card has. */
    private static CardSighting partial(List<Spot> spots) {
        int seen = 0;
        for (Spot cored : spots) {
            if (cored.core()) {
                long partners = spots.stream()
                        .filter(other -> other != cored && belongTogether(cored, other))
                        .count();
                seen = (int) Math.max(seen, partners == 0 ? 0 : Math.min(3, partners + 1));
            }
        }
        return seen == 0 ? new CardSighting.None() : new CardSighting.Partial(seen);
    }

    private static boolean belongTogether(Spot a, Spot b) {
        double radius = (a.radius() + b.radius()) / 2;
        double distance = a.centre().distanceTo(b.centre()) / radius * CardLayout.MARK_RADIUS;
        boolean sameSize = fits(a.radius(), b.radius(), 0.25);
        return sameSize
                && (fits(distance, ACROSS, 0.12)
                        || fits(distance, DOWN, 0.12)
                        || fits(distance, Math.hypot(ACROSS, DOWN), 0.12));
    }
}
