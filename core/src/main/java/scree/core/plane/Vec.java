package scree.core.plane;

/** A point or arrow in the plane; y grows downwards. The unit is the caller's. */
public record Vec(double x, double y) {
    public Vec plus(double dx, double dy) {
        return new Vec(x + dx, y + dy);
    }

    public Vec plus(Vec other) {
        return new Vec(x + other.x, y + other.y);
    }

    public Vec minus(Vec other) {
        return new Vec(x - other.x, y - other.y);
    }

    public Vec times(double k) {
        return new Vec(x * k, y * k);
    }

    /** Returns the point at share {@code t} of the way to another; past 0 to 1 it lies beyond. */
    public Vec towards(Vec other, double t) {
        return new Vec(x + (other.x - x) * t, y + (other.y - y) * t);
    }

    public double length() {
        return Math.sqrt(x * x + y * y);
    }

    public double distanceTo(Vec other) {
        return minus(other).length();
    }

    /** Returns the same direction with length 1; the zero arrow stays. */
    public Vec unit() {
        double n = length();
        return n == 0 ? this : times(1 / n);
    }

    /** Returns the arrow turned a quarter clockwise as seen on screen: right becomes down. */
    public Vec turned() {
        return new Vec(-y, x);
    }

    public double dot(Vec other) {
        return x * other.x + y * other.y;
    }

    /** Returns the mirror image at the line x = 0. */
    public Vec mirrored() {
        return new Vec(-x, y);
    }
}
