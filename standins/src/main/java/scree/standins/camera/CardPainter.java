package scree.standins.camera;

import java.util.List;
import java.util.stream.IntStream;
import scree.core.colour.Spectrum;
import scree.core.image.CardLayout;
import scree.core.image.Point;

/** Where the card stands in the scene and what it reflects at each of its millimetres. */
final class CardPainter {
    private static final double CENTRE_X = 2.06;
    private static final double CENTRE_Y = .35;
    private static final double TURN = .05;
    private static final double COS = Math.cos(TURN);
    private static final double SIN = Math.sin(TURN);
    /** Pupil distances per millimetre: a card of 72 mm beside pupils 62 mm apart. */
    private static final double SCALE = 1.16 / CardLayout.WIDTH;

    private static final double CORNER = 2.0;
    private static final List<Point> MARKS = CardLayout.marks();
    private static final double[] DARK = {.035, .035, .035};
    /** Millimetres of the pale line round a field. */
    private static final double LINE = .3;

    /** Places are looked up by whole millimetres. */
    private static final int COLUMNS = (int) Math.ceil(CardLayout.WIDTH);

    private final List<CardLayout.Place> places;
    /** For each square millimetre the places that reach into it. */
    private final int[][] near;

    private final double[][] fieldRaw;
    private final double[] border;
    private final boolean grey;
    private final double covered;

    CardPainter(Camera camera, double[] lamp, Shot shot) {
        this.grey = shot.card() == CardLayout.Kind.GREY;
        this.places = CardLayout.places(shot.card());
        this.covered = shot.covered();
        this.near = near(places);
        this.fieldRaw = places.stream()
                .map(place -> camera.raw(place.field().reflectance(), lamp))
                .toArray(double[][]::new);
        this.border = camera.raw(Spectrum.flat(CardLayout.BORDER_REFLECTANCE), lamp);
    }

    static Point toMillimetres(double x, double y) {
        double dx = x - CENTRE_X;
        double dy = y - CENTRE_Y;
        double u = dx * COS + dy * SIN;
        double v = -dx * SIN + dy * COS;
        return new Point(u / SCALE + CardLayout.WIDTH / 2, v / SCALE + CardLayout.HEIGHT / 2);
    }

    static Point toScene(Point mm) {
        double u = (mm.x() - CardLayout.WIDTH / 2) * SCALE;
        double v = (mm.y() - CardLayout.HEIGHT / 2) * SCALE;
        return new Point(CENTRE_X + u * COS - v * SIN, CENTRE_Y + u * SIN + v * COS);
    }

    /** Returns raw reflectance at a place of the scene, or null beside the card. */
    double[] at(double x, double y) {
        return on(toMillimetres(x, y));
    }

    /** Returns raw reflectance at a millimetre of the card, or null beside it. */
    double[] on(Point mm) {
        if (!inside(mm)) {
            return null;
        }
        if (mm.y() > CardLayout.HEIGHT * (1 - covered) - .05 * mm.x() && covered > 0) {
            return DARK;
        }
        for (int i = 0; i < MARKS.size(); i++) {
            Point mark = MARKS.get(i);
            if (Math.abs(mark.x() - mm.x()) < CardLayout.MARK_RADIUS
                    && Math.abs(mark.y() - mm.y()) < CardLayout.MARK_RADIUS
                    && mark.distanceTo(mm) < CardLayout.MARK_RADIUS) {
                boolean core = mark.distanceTo(mm) < CardLayout.CORE_RADIUS && (i == 0 || grey && i == 1);
                return core ? border : DARK;
            }
        }
        return field(mm);
    }

    private static int[][] near(List<CardLayout.Place> places) {
        int[][] near = new int[COLUMNS * (int) Math.ceil(CardLayout.HEIGHT)][];
        for (int k = 0; k < near.length; k++) {
            int x = k % COLUMNS;
            int y = k / COLUMNS;
            near[k] = IntStream.range(0, places.size())
                    .filter(i -> places.get(i).left() - LINE <= x + 1
                            && places.get(i).right() + LINE >= x)
                    .filter(i ->
                            places.get(i).top() - LINE <= y + 1 && places.get(i).bottom() + LINE >= y)
                    .toArray();
        }
        return near;
    }

    private double[] field(Point mm) {
        for (int i : near[(int) mm.y() * COLUMNS + (int) mm.x()]) {
            CardLayout.Place p = places.get(i);
            double dx = Math.max(p.left() - mm.x(), mm.x() - p.right());
            double dy = Math.max(p.top() - mm.y(), mm.y() - p.bottom());
            if (Math.max(dx, dy) >= LINE) {
                continue;
            }
            double qx = Math.max(0, dx + 1.6);
            double qy = Math.max(0, dy + 1.6);
            double d = Math.sqrt(qx * qx + qy * qy) - 1.6;
            if (Math.max(dx, dy) < 0 && d < 0) {
                return fieldRaw[i];
            }
            if (d < LINE) {
                return new double[] {border[0] * .9, border[1] * .9, border[2] * .9};
            }
        }
        return border;
    }

    /** Returns whether none of a pixel's nine places can lie on the card. */
    static boolean clearOf(double x, double y, double unit) {
        Point mm = toMillimetres(x, y);
        double pixel = 1 / (unit * SCALE);
        return mm.x() < -pixel
                || mm.y() < -pixel
                || mm.x() > CardLayout.WIDTH + pixel
                || mm.y() > CardLayout.HEIGHT + pixel;
    }

    private static boolean inside(Point mm) {
        double dx = Math.max(Math.max(CORNER - mm.x(), mm.x() - (CardLayout.WIDTH - CORNER)), 0);
        double dy = Math.max(Math.max(CORNER - mm.y(), mm.y() - (CardLayout.HEIGHT - CORNER)), 0);
        return dx * dx + dy * dy < CORNER * CORNER;
    }

    /** Returns light left by the card's soft shadow on the wall. */
    static double wallShadow(double x, double y) {
        Point mm = toMillimetres(x - .07, y - .09);
        double dx = Math.abs(mm.x() - CardLayout.WIDTH / 2) - CardLayout.WIDTH / 2;
        double dy = Math.abs(mm.y() - CardLayout.HEIGHT / 2) - CardLayout.HEIGHT / 2;
        double d = Math.max(dx, dy) * SCALE;
        return 1 - .30 * Curves.step(.12, -.10, d);
    }

    /** Returns light on the card itself: it leans a little. */
    static double light(double x, double y) {
        return 1 - .012 * (x - CENTRE_X) - .008 * (y - CENTRE_Y);
    }
}
