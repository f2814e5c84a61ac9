package scree.core.light;

/** Figures of a light with the range that is good to decide in; the judge and every scale that shows them ask here. */
public enum LightRange {
    /** Colour temperature, kelvin. Craft rule: daylight by a window. */
    KELVIN(5000, 6500),
    /** Distance from daylight's curve, green above 0. House choice: the least tint that an eye names on skin. */
    DUV(-0.006, 0.006),
    /** At the face, lux. Craft rule: bright enough to see, no sun on the skin. */
    LUX(300, 2000),
    /** ln right/left of the light on the cheeks. Derived: simulated rooms in the calibration study. */
    SLANT(-0.10, 0.10),
    /**
     * ln forehead/chin of the light, shine taken out, over {@link #ABOVE_BY_A_WINDOW}. Derived: windows −0.26 to 0.21 over two sets of
     * sitters, a lamp above from 0.38; below the lower end it comes from the floor.
     */
    ABOVE(-0.35, 0.26),
    /** ln of the light beside over under the nose. Derived: windows to 0.47, a lamp above from 0.8. */
    UNDER_NOSE(-1, 0.65);

    /** ln(forehead / chin) of the light by a window, shine taken out: the middle of what was measured, 0.05 to 0.47. */
    public static final double ABOVE_BY_A_WINDOW = 0.26;

    /** Past it the light stands higher than the eyes, though not yet too high. Derived: the most that a window showed. */
    public static final double STANDS_HIGH = 0.21;

    private final double from;
    private final double to;

    LightRange(double from, double to) {
        this.from = from;
        this.to = to;
    }

    public double from() {
        return from;
    }

    public double to() {
        return to;
    }

    public boolean good(double figure) {
        return figure >= from && figure <= to;
    }
}
