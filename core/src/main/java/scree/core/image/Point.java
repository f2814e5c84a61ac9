package scree.core.image;

/**
 * A place in a picture in pixels, or on the card in millimetres; y grows downwards. Always a number within {@link #FARTHEST} of
 * the picture's corner, so that no area or loop over it can run away.
 */
public record Point(double x, double y) {
    /** House limit: a hundred times the largest picture that is read. */
    static final double FARTHEST = 1e6;

    /** @throws IllegalArgumentException for what is no number, or nowhere near a picture */
    public Point {
        if (!(Math.abs(x) <= FARTHEST) || !(Math.abs(y) <= FARTHEST)) {
            throw new IllegalArgumentException(
                    "the place %s, %s lies nowhere near the picture: put it back on the picture".formatted(x, y));
        }
    }

    public double distanceTo(Point other) {
        double dx = x - other.x;
        double dy = y - other.y;
        return Math.sqrt(dx * dx + dy * dy);
    }

    public Point plus(double dx, double dy) {
        return new Point(x + dx, y + dy);
    }
}
