package scree.core.skin;

import scree.core.image.Point;

/**
 * How a face lies in a picture, from both pupils and the chin: origin midway between the pupils, unit the pupil distance, x
 * along the pupils to the picture's right, y towards the chin. Below the eyes y is scaled so that the chin lies at
 * {@link #USUAL_CHIN}: long and short faces get their zones in the right place.
 *
 * @param rightPupil the sitter's right, on the picture's left
 * @param leftPupil the sitter's left
 */
public record FaceFrame(Point rightPupil, Point leftPupil, Point chin) {
    /** Distance from the pupils to the chin in pupil distances. Derived: mean of drawn adult faces, 1.76–1.98. */
    static final double USUAL_CHIN = 1.85;

    private static final double LEAST_CHIN = 1.2;
    private static final double MOST_CHIN = 2.8;
    private static final double LEAST_UNIT = 20;

    /** @throws IllegalArgumentException when the three points cannot be a face */
    public FaceFrame {
        double unit = rightPupil.distanceTo(leftPupil);
        if (unit < LEAST_UNIT || rightPupil.x() >= leftPupil.x()) {
            throw new IllegalArgumentException(
                    "pupils are %.0f pixels apart: put one point on each pupil, the picture's left one first"
                            .formatted(unit));
        }
        Point middle = middle(rightPupil, leftPupil);
        double along = down(rightPupil, leftPupil, chin.x() - middle.x(), chin.y() - middle.y()) / unit;
        if (along < LEAST_CHIN || along > MOST_CHIN) {
            throw new IllegalArgumentException(
                    "chin lies %.1f pupil distances below the eyes, usual is 1.7 to 2: put the point on the chin's lower edge"
                            .formatted(along));
        }
    }

    /** Returns the places of a centred portrait: a start to be dragged, when nothing is known of the face. */
    public static FaceFrame usualIn(int width, int height) {
        double unit = width * 160.0 / 900;
        double y = 0.39 * height - 0.022 * unit;
        return new FaceFrame(
                new Point(width / 2.0 - unit / 2, y),
                new Point(width / 2.0 + unit / 2, y),
                new Point(width / 2.0, y + USUAL_CHIN * unit));
    }

    /** Returns pixels per pupil distance. */
    public double unit() {
        return rightPupil.distanceTo(leftPupil);
    }

    /** Returns the middle of the face in pixels, below the eyes at the nose's base. */
    public Point centre() {
        return toPicture(0, 0.6);
    }

    /** Returns the pixel of a place on the face. */
    public Point toPicture(double x, double y) {
        double unit = unit();
        double ux = (leftPupil.x() - rightPupil.x()) / unit;
        double uy = (leftPupil.y() - rightPupil.y()) / unit;
        Point middle = middle(rightPupil, leftPupil);
        double stretched = y <= 0 ? y : y <= USUAL_CHIN ? y * chinScale() : y + USUAL_CHIN * (chinScale() - 1);
        return middle.plus(unit * (x * ux - stretched * uy), unit * (x * uy + stretched * ux));
    }

    /** Returns the place on the face of a pixel: the inverse of {@link #toPicture}. */
    public Point toFace(Point pixel) {
        double unit = unit();
        double ux = (leftPupil.x() - rightPupil.x()) / unit;
        double uy = (leftPupil.y() - rightPupil.y()) / unit;
        Point middle = middle(rightPupil, leftPupil);
        double dx = (pixel.x() - middle.x()) / unit;
        double dy = (pixel.y() - middle.y()) / unit;
        double x = dx * ux + dy * uy;
        double stretched = -dx * uy + dy * ux;
        double chin = USUAL_CHIN * chinScale();
        double y = stretched <= 0
                ? stretched
                : stretched <= chin ? stretched / chinScale() : stretched - chin + USUAL_CHIN;
        return new Point(x, y);
    }

    private double chinScale() {
        Point middle = middle(rightPupil, leftPupil);
        return down(rightPupil, leftPupil, chin.x() - middle.x(), chin.y() - middle.y()) / unit() / USUAL_CHIN;
    }

    private static double down(Point right, Point left, double dx, double dy) {
        double unit = right.distanceTo(left);
        return (-dx * (left.y() - right.y()) + dy * (left.x() - right.x())) / unit;
    }

    private static Point middle(Point a, Point b) {
        return new Point((a.x() + b.x()) / 2, (a.y() + b.y()) / 2);
    }
}
