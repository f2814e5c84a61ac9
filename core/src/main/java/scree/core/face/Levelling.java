package scree.core.face;

import scree.core.image.Point;
import scree.core.plane.Vec;

/**
 * The pupils' own axes in a picture: origin midway between them, unit their distance, x to the picture's right, y down the face.
 *
 * @param across unit arrow from the sitter's right pupil to the left, pixels
 * @param unit pixels per pupil distance
 */
public record Levelling(Vec origin, Vec across, double unit) {
    /** Returns the axes of two pupils in pixels. */
    public static Levelling of(Vec right, Vec left) {
        return new Levelling(right.towards(left, .5), left.minus(right).unit(), right.distanceTo(left));
    }

    /** Returns the levelled place of a pixel. */
    public Vec level(Vec pixel) {
        Vec d = pixel.minus(origin).times(1 / unit);
        return new Vec(d.dot(across), d.dot(across.turned()));
    }

    /** Returns the pixel of a levelled place. */
    public Point toPicture(Vec p) {
        Vec at = origin.plus(across.times(p.x() * unit)).plus(across.turned().times(p.y() * unit));
        return new Point(at.x(), at.y());
    }
}
