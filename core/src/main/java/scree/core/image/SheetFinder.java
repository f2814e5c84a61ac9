package scree.core.image;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;

/**
 * Finds a swatch sheet by its four corner squares: dark squares in a white ring, in the proportions of the sheet, the upper left with
 * a light core. Its number is read from the row of stones between the upper two.
 */
public final class SheetFinder {
    private static final int WORKING_SIDE = 1400;
    private static final int MOST_SPOTS = 80;
    private static final double ACROSS = SheetLayout.WIDTH - 2 * SheetLayout.MARK_INSET;
    private static final double DOWN = SheetLayout.HEIGHT - 2 * SheetLayout.MARK_INSET;
    /** Half a side over the distance of the upper squares; a turned square's box is wider. */
    private static final double HALF_SHARE = SheetLayout.MARK_SIDE / 2 / ACROSS;

    /** A turned square's box is wider, blur makes it a little smaller; the card's dots are half as large again. */
    private static final double MOST_WIDER = .32;

    private static final double MOST_NARROWER = .25;
    private static final double SHAPE_SLACK = .25;
    private static final double CORNER_SLACK = .16;
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
        List<Quad> quads = new ArrayList<>();
        spots.stream().filter(Spot::core).forEach(upperLeft -> collect(spots, upperLeft, quads));
        return quads.stream()
                .min(Comparator.comparingDouble(Quad::misfit))
                .<SheetSighting>map(quad -> refined(picture, quad, scale))
                .orElseGet(() -> partial(spots));
    }

    private record Quad(List<Spot> spots, double misfit) {}

    private static void collect(List<Spot> spots, Spot ul, List<Quad> quads) {
        for (Spot ur : spots) {
            double across = ul.centre().distanceTo(ur.centre());
            if (ur == ul || ur.core() || !square(ul.radius() / across) || !alike(ul, ur)) {
                continue;
            }
            for (Spot ll : spots) {
                if (ll == ul
                        || ll == ur
                        || ll.core()
                        || !alike(ul, ll)
                        || !corner(ul.centre(), ur.centre(), ll.centre())) {
                    continue;
                }
                Point guess = ur.centre()
                        .plus(
                                ll.centre().x() - ul.centre().x(),
                                ll.centre().y() - ul.centre().y());
                for (Spot lr : spots) {
                    double miss = lr.centre().distanceTo(guess) / across;
                    if (lr != ul && lr != ur && lr != ll && !lr.core() && alike(ul, lr) && miss < CORNER_SLACK) {
                        double shape = Math.abs(Math.log(ul.centre().distanceTo(ll.centre()) / across * ACROSS / DOWN));
                        quads.add(new Quad(List.of(ul, ur, lr, ll), miss + shape));
                    }
                }
            }
        }
    }

    private static boolean corner(Point ul, Point ur, Point ll) {
        double ax = ur.x() - ul.x();
        double ay = ur.y() - ul.y();
        double dx = ll.x() - ul.x();
        double dy = ll.y() - ul.y();
        double across = Math.hypot(ax, ay);
        double down = Math.hypot(dx, dy);
        double cross = (ax * dy - ay * dx) / (across * down);
        return cross > .9 && fits(across / down, ACROSS / DOWN, SHAPE_SLACK);
    }

    private static boolean square(double share) {
        double wider = Math.log(share / HALF_SHARE);
        return wider < MOST_WIDER && wider > -MOST_NARROWER;
    }

    private static boolean alike(Spot a, Spot b) {
        return fits(a.radius(), b.radius(), .35);
    }

    private static boolean fits(double actual, double wanted, double slack) {
        return Math.abs(Math.log(actual / wanted)) < slack;
    }

    private static SheetSighting.Found refined(Raster picture, Quad quad, double scale) {
        List<Point> marks = quad.spots().stream()
                .map(spot -> Spots.centroid(
                        picture,
                        new Point(
                                (spot.centre().x() + 0.5) * scale - 0.5,
                                (spot.centre().y() + 0.5) * scale - 0.5),
                        spot.radius() * scale * REACH))
                .toList();
        Homography toPicture = Homography.between(SheetLayout.marks(), marks);
        return new SheetSighting.Found(number(picture, toPicture), marks);
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

    /** Tells a half hidden sheet from none: squares of one size at distances that only a sheet has. */
    private static SheetSighting partial(List<Spot> spots) {
        int most = 0;
        for (Spot a : spots) {
            int partners =
                    (int) spots.stream().filter(b -> b != a && belong(a, b)).count();
            most = Math.max(most, partners == 0 ? 0 : Math.min(3, partners + 1));
        }
        return most == 0 ? new SheetSighting.None() : new SheetSighting.Partial(most);
    }

    private static boolean belong(Spot a, Spot b) {
        double half = (a.radius() + b.radius()) / 2;
        double distance = a.centre().distanceTo(b.centre()) / half * SheetLayout.MARK_SIDE / 2;
        return fits(a.radius(), b.radius(), .2)
                && (fits(distance, ACROSS, .14)
                        || fits(distance, DOWN, .14)
                        || fits(distance, Math.hypot(ACROSS, DOWN), .14));
    }
}
