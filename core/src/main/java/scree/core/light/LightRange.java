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
     * ln forehead/chin of the light. Derived on tuning sitters: window −0.04 to 0.18, side window to 0.33, lamp above from 0.66;
     * below the lower end it comes from the floor.
     */
    ABOVE(-0.20, 0.30);

    /** Past it the light stands higher than the eyes, though not yet too high. House choice: a tenth more on the forehead. */
    public static final double STANDS_HIGH = 0.10;

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
