package scree.standins.camera;

/**
 * The light of the room: ambient, a key and a fill, as shares that add up to about one on a plane facing the camera.
 *
 * @param ambient share of light from everywhere
 * @param key share of the key, {@code keyX..keyZ} its direction
 * @param fill share of the fill from the other side
 * @param wrap how far the key reaches round edges, 0 for a point, 1 for a wall of window
 * @param shadow strength of the shadows under jaw and hair, 0..1
 * @param sheen strength of shine, 0..1
 */
public record Lighting(
        double ambient,
        double key,
        double keyX,
        double keyY,
        double keyZ,
        double fill,
        double wrap,
        double shadow,
        double sheen) {

    /** The face turned to a wide window, walls light: what the guide asks for before a reading. */
    public static Lighting facingWindow() {
        return new Lighting(0.46, 0.40, -0.20, -0.24, 0.95, 0.14, 0.50, 0.45, 0.24);
    }

    /** A window at the side: good to look at, harder to read. */
    public static Lighting sideWindow() {
        return new Lighting(0.30, 0.60, -0.62, -0.30, 0.72, 0.10, 0.35, 0.9, 1);
    }

    /** A lamp from above. */
    public static Lighting lampAbove() {
        return new Lighting(0.28, 0.66, -0.05, -0.80, 0.60, 0.06, 0.2, 1, 1);
    }
}
