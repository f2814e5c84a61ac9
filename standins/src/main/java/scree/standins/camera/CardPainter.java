package scree.standins.camera;

import java.util.List;
import scree.core.colour.Spectrum;
import scree.core.image.CardLayout;
import scree.core.image.Point;

/** Where the card stands in the scene and what it reflects at each of its millimetres. */
final class CardPainter {
    private static final double CENTRE_X = 2.06;
    private static final double CENTRE_Y = .35;
    private static final double TURN = .05;
    /** Pupil distances per millimetre: a card of 72 mm beside pupils 62 mm apart. */
    private static final double SCALE = 1.16 / CardLayout.WIDTH;

    private static final double CORNER = 2.0;
    private static final double[] DARK = {.035, .035, .035};

    private final List<CardLayout.Place> places;
    private final double[][] fieldRaw;
    private final double[] border;
    private final boolean grey;
    private final double covered;

    CardPainter(Camera camera, double[] lamp, Shot shot) {
        this.grey = shot.card() == CardLayout.Kind.GREY;
        this.places = CardLayout.places(shot.card());
        this.covered = shot.covered();
        this.fieldRaw = places.stream()
                .map(place -> camera.raw(place.field().reflectance(), lamp))
                .toArray(double[][]::new);
        this.border = camera.raw(Spectrum.flat(CardLayout.BORDER_REFLECTANCE), lamp);
    }

    static Point toMillimetres(double x, double y) {
        double dx = x - CENTRE_X;
        double dy = y - CENTRE_Y;
        double u = dx * Math.cos(TURN) + dy * Math.sin(TURN);
        double v = -dx * Math.sin(TURN) + dy * Math.cos(TURN);
        return new Point(u / SCALE + CardLayout.WIDTH / 2, v / SCALE + CardLayout.HEIGHT / 2);
    }

    static Point toScene(Point mm) {
        double u = (mm.x() - CardLayout.WIDTH / 2) * SCALE;
        double v = (mm.y() - CardLayout.HEIGHT / 2) * SCALE;
        return new Point(
                CENTRE_X + u * Math.cos(TURN) - v * Math.sin(TURN), CENTRE_Y + u * Math.sin(TURN) + v * Math.cos(TURN));
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
        double nearest = Double.MAX_VALUE;
        int mark = -1;
        List<Point> marks = CardLayout.marks();
        for (int i = 0; i < marks.size(); i++) {
            double d = marks.get(i).distanceTo(mm);
            if (d < nearest) {
                nearest = d;
                mark = i;
            }
        }
        if (nearest < CardLayout.MARK_RADIUS) {
            boolean core = nearest < CardLayout.CORE_RADIUS && (mark == 0 || grey && mark == 1);
            return core ? border : DARK;
        }
        return field(mm);
    }

    private double[] field(Point mm) {
        for (int i = 0; i < places.size(); i++) {
            CardLayout.Place p = places.get(i);
            double dx = Math.max(p.left() - mm.x(), mm.x() - p.right());
            double dy = Math.max(p.top() - mm.y(), mm.y() - p.bottom());
            double qx = Math.max(0, dx + 1.6);
            double qy = Math.max(0, dy + 1.6);
            double d = Math.hypot(qx, qy) - 1.6;
            if (Math.max(dx, dy) < 0 && d < 0) {
                return fieldRaw[i];
            }
            if (Math.max(dx, dy) < .3 && d < .3) {
                return new double[] {border[0] * .9, border[1] * .9, border[2] * .9};
            }
        }
        return border;
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
