package scree.core.image;

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

    private static final MarkQuads DOTS = new MarkQuads(
            CardLayout.WIDTH - 2 * CardLayout.MARK_INSET,
            CardLayout.HEIGHT - 2 * CardLayout.MARK_INSET,
            CardLayout.MARK_RADIUS);
    /** Blur widens a dot: house choice. */
    private static final double RADIUS_SLACK = 0.45;

    private static final double SAME_SIZE = 0.25;
    private static final double SAME_DISTANCE = 0.12;
    private static final double REACH = 1.35;
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
        Optional<MarkQuads.Quad> best =
                DOTS.in(spots, (share, wanted) -> MarkQuads.fits(share, wanted, RADIUS_SLACK)).stream()
                        .filter(quad -> greysFall(small, quad))
                        .min(Comparator.comparingDouble(MarkQuads.Quad::misfit));
        if (best.isPresent()) {
            return new CardSighting.Found(kind(best.get()), best.get().centres(picture, scale, REACH));
        }
        int seen = DOTS.partial(spots, true, SAME_SIZE, SAME_DISTANCE);
        if (seen > 0) {
            return new CardSighting.Partial(seen);
        }
        return OtherCard.in(small) ? new CardSighting.Other() : new CardSighting.None();
    }

    private static CardLayout.Kind kind(MarkQuads.Quad quad) {
        return quad.upperRight().core() ? CardLayout.Kind.GREY : CardLayout.Kind.COLOUR;
    }

    private static boolean greysFall(Raster small, MarkQuads.Quad quad) {
        List<Point> marks = quad.spots().stream().map(Spot::centre).toList();
        Homography map = Homography.between(CardLayout.marks(), marks);
        double last = 256;
        double first = 0;
        for (CardLayout.Place place : CardLayout.places(kind(quad))) {
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
}
