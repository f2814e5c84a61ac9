package scree.core.face;

import java.util.List;

/**
 * What can be found on a face by measuring. Centre and spread are of adults of many origins, rounded from calliper surveys
 * (Farkas 1994 and the respirator survey of 2005) where one exists, else from drawings; sources and trust in docs/method.md.
 */
public enum Trait {
    FOREHEAD(Measure.UPPER_THIRD, .30, .03),
    MIDFACE(Measure.MIDDLE_THIRD, .35, .02),
    LOWER_FACE(Measure.LOWER_THIRD, .36, .02),
    EYES_APART(Measure.EYE_SPACING, 1.05, .085),
    NOSE_WIDTH(Measure.NOSE_WIDTH, 1.02, .10),
    NOSE_LENGTH(Measure.NOSE_LENGTH, .447, .022),
    MOUTH_WIDTH(Measure.MOUTH_WIDTH, .83, .06),
    /** Only low is named: the smaller of the grades of ratio and height. */
    UPPER_LIP(Measure.LIP_RATIO, .89, .18),
    BROW_ARCH(Measure.ARCH_PLACE, .66, .07),
    EYE_TILT(Measure.EYE_TILT, 3.0, 2.2),
    CHIN_LENGTH(Measure.CHIN_LENGTH, .685, .03),
    /** Mean of four z values, unit spread 0.8; only with the jaw line placed. */
    JAW(Measure.JAW_TO_CHEEK, 0, .8);

    /** Returns whether it is told from heights, which a nodding head shows wrongly. */
    boolean byHeight() {
        return switch (this) {
            case FOREHEAD, MIDFACE, LOWER_FACE, NOSE_LENGTH, CHIN_LENGTH, EYE_TILT -> true;
            case EYES_APART, NOSE_WIDTH, MOUTH_WIDTH, UPPER_LIP, BROW_ARCH, JAW -> false;
        };
    }

    private final Measure measure;
    private final double centre;
    private final double spread;

    Trait(Measure measure, double centre, double spread) {
        this.measure = measure;
        this.centre = centre;
        this.spread = spread;
    }

    public Measure measure() {
        return measure;
    }

    double centre() {
        return centre;
    }

    double spread() {
        return spread;
    }

    static List<Landmark> jawLine() {
        return List.of(Landmark.CHIN, Landmark.JAW, Landmark.JAW_MID, Landmark.CHIN_SIDE);
    }
}
