package scree.core.image;

/** A place in a picture in pixels, or on the card in millimetres; y grows downwards. */
public record Point(double x, double y) {
    public double distanceTo(Point other) {
        double dx = x - other.x;
        double dy = y - other.y;
        return Math.sqrt(dx * dx + dy * dy);
    }

    public Point plus(double dx, double dy) {
        return new Point(x + dx, y + dy);
    }
}
