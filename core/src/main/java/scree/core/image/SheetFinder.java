package scree.core.image;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Finds a swatch sheet by its four corner squares: dark squares in a white ring, in the proportions of the sheet, the upper left with
 * a light core. Its number is read from the row of stones between the upper two.
 */
public final class SheetFinder {
    private static final int WORKING_SIDE = 1400;
    private static final int MOST_SPOTS = 80;
    private static final MarkQuads SQUARES = new MarkQuads(
            SheetLayout.WIDTH - 2 * SheetLayout.MARK_INSET,
            SheetLayout.HEIGHT - 2 * SheetLayout.MARK_INSET,
            SheetLayout.MARK_SIDE / 2);
    /** A turned square's box is wider, blur makes it a little smaller; the card's dots are half as large again. */
    private static final double MOST_WIDER = .32;

    private static final double MOST_NARROWER = .25;
    private static final double SAME_SIZE = .35;
    private static final double SAME_SIZE_OF_FEW = .2;
    private static final double SAME_DISTANCE = .14;
    /** Reach of the centre of darkness in half sides of the box: past the corners, short of the print beside. */
    private static final double REACH = 1.5;
    /** A stone is dark below this share of the way from print to paper. */
    private static final double DARK = .5;

    private static final int STONE_SAMPLES = 2;

    private SheetFinder() {}

    /** Looks for one sheet; of several the best fitting one is taken. */
    public static SheetSighting find(Raster picture) {
        Raster small = picture.shrunkTo(WORKING_SIDE);
        double scale = (double) picture.width() / small.width();
        List<Spot> spots = Spots.in(small, Spots.Mark.SQUARE).stream()
                .sorted(Comparator.comparingDouble(Spot::radius).reversed())
                .limit(MOST_SPOTS)
                .toList();
        Optional<MarkQuads.Quad> best = SQUARES.in(spots, SheetFinder::square).stream()
                .filter(SheetFinder::alike)
                .min(Comparator.comparingDouble(MarkQuads.Quad::misfit));
        if (best.isPresent()) {
            List<Point> marks = best.get().centres(picture, scale, REACH);
            return new SheetSighting.Found(number(picture, Homography.between(SheetLayout.marks(), marks)), marks);
        }
        int seen = SQUARES.partial(spots, false, SAME_SIZE_OF_FEW, SAME_DISTANCE);
        return seen == 0 ? new SheetSighting.None() : new SheetSighting.Partial(seen);
    }

    private static boolean square(double share, double wanted) {
        double wider = Math.log(share / wanted);
        return wider < MOST_WIDER && wider > -MOST_NARROWER;
    }

    private static boolean alike(MarkQuads.Quad quad) {
        return !quad.upperRight().core()
                && quad.spots().stream()
                        .allMatch(s -> MarkQuads.fits(quad.upperLeft().radius(), s.radius(), SAME_SIZE));
    }

    private static OptionalInt number(Raster picture, Homography toPicture) {
        double half = SheetLayout.MARK_SIDE / 2;
        List<Point> marks = SheetLayout.marks();
        double print = luma(picture, toPicture, marks.get(1));
        double paper = (luma(picture, toPicture, marks.get(0).plus(2 * half, 0))
                        + luma(picture, toPicture, marks.get(1).plus(-2 * half, 0)))
                / 2;
        List<Point> stones = SheetLayout.stones();
        boolean[] dark = new boolean[stones.size()];
        for (int i = 0; i < dark.length; i++) {
            dark[i] = luma(picture, toPicture, stones.get(i)) < print + DARK * (paper - print);
        }
        return SheetLayout.number(dark);
    }

    /** Returns the mean luma within half a millimetre or so of a place. */
    private static double luma(Raster picture, Homography toPicture, Point mm) {
        double sum = 0;
        int n = 0;
        for (int dy = -STONE_SAMPLES; dy <= STONE_SAMPLES; dy++) {
            for (int dx = -STONE_SAMPLES; dx <= STONE_SAMPLES; dx++) {
                Point p = toPicture.map(mm.x() + dx * .25, mm.y() + dy * .25);
                sum += picture.luma((int) Math.round(p.x()), (int) Math.round(p.y()));
                n++;
            }
        }
        return sum / n;
    }
}
