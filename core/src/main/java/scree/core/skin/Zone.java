package scree.core.skin;

import scree.core.face.Side;

/**
 * A region whose skin is read. Places are those of a template face in pupil distances; they only start the outline, which
 * anyone may move.
 */
public enum Zone {
    FOREHEAD(0, -0.78, 0.40, 0.15, 0, false, 1.064),
    TEMPLE(0.89, -0.15, 0.05, 0.085, 0, true, 0.87),
    /** The lid between lashes and brow. */
    LID(0.50, -0.185, 0.13, 0.030, 0, true, 0.89),
    UNDER_EYE(0.50, 0.21, 0.15, 0.045, 0, true, 0.99),
    NOSE(0, 0.42, 0.055, 0.16, 0, false, 1.07),
    /** Beside the nostril wing, where redness gathers. */
    AROUND_NOSE(0.40, 0.70, 0.045, 0.07, 20, true, 1.02),
    CHEEK(0.60, 0.56, 0.17, 0.13, 0, true, 1.0),
    OUTER_CHEEK(0.85, 0.44, 0.07, 0.18, 4, true, 0.91),
    JAW(0.62, 1.10, 0.08, 0.19, 28, true, 0.88),
    UPPER_LIP(0, 0.865, 0.17, 0.040, 0, false, 1.0),
    /** Beside and under the mouth's corners. */
    AROUND_MOUTH(0.37, 1.31, 0.06, 0.055, 0, true, 0.89),
    CHIN(0, 1.60, 0.15, 0.09, 0, false, 0.9),
    NECK(0, 2.42, 0.30, 0.15, 0, false, 1.02),
    CHEST(0, 3.45, 0.50, 0.16, 0, false, 1.045),
    /** Inner forearm: sun reaches it least. Not in a portrait; read by the colour meter. */
    FOREARM(0, 0, 0.02, 0.02, 0, false, 1);

    /**
     * White light that a forehead throws back beside its own, of a perfect white's. Derived on the stand-in: 1 % of what fair skin sends
     * back, 6 % on very deep skin. Other renderers shine more: to be checked on people.
     */
    private static final double FOREHEAD_SHINE = 0.0055;

    private final double x;
    private final double y;
    private final double radiusX;
    private final double radiusY;
    private final double leanDegrees;
    private final boolean paired;
    private final double facing;

    Zone(double x, double y, double radiusX, double radiusY, double leanDegrees, boolean paired, double facing) {
        this.x = x;
        this.y = y;
        this.radiusX = radiusX;
        this.radiusY = radiusY;
        this.leanDegrees = leanDegrees;
        this.paired = paired;
        this.facing = facing;
    }

    /** Returns whether it exists on both sides of the face. */
    public boolean paired() {
        return paired;
    }

    /** Returns how far a place, in the units of {@link FaceFrame}, is from the middle of the zone on either side. */
    public double distanceTo(double atX, double atY) {
        return Math.hypot((paired ? Math.abs(atX) : atX) - x, atY - y);
    }

    /** Returns whether a portrait shows it. */
    public boolean inPortrait() {
        return this != FOREARM;
    }

    /**
     * Returns how much light the zone sends back against the cheek when the face is turned to a window: a jaw turns down, a
     * forehead up. Derived on the stand-in's tuning faces, docs/method.md; to be checked on people.
     */
    double facing() {
        return facing;
    }

    /** Returns the zone's linear light as the cheek would send it back: without its usual shine, over {@link #facing}. */
    double evened(double linear) {
        return (this == FOREHEAD ? Math.max(0, linear - FOREHEAD_SHINE) : linear) / facing;
    }

    /** Returns the template's outline on one side; {@code CENTRE} for an unpaired zone. */
    public ZoneOutline template(Side side) {
        int sign = side == Side.RIGHT ? -1 : side == Side.LEFT ? 1 : 0;
        return new ZoneOutline(this, side, sign * x, y, radiusX, radiusY, sign * leanDegrees);
    }
}
