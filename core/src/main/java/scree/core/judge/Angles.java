package scree.core.judge;

/** Degrees on the circle. */
final class Angles {
    private Angles() {}

    /** Returns an angle in −180 (included) to 180. */
    static double wrap(double degrees) {
        return ((degrees + 180) % 360 + 360) % 360 - 180;
    }

    /** Returns the hue of a colour, degrees in −180 to 180. */
    static double hue(scree.core.colour.Lab colour) {
        return Math.toDegrees(Math.atan2(colour.b(), colour.a()));
    }
}
