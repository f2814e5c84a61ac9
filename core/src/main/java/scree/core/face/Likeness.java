package scree.core.face;

import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * How far two faces lie apart, for asking whether two pictures show one person. Measures that bone and cartilage make, so that a smile, drawn
 * brows and full lips count for nothing; their differences are held against the doubts that the points bring, together with how these go
 * together (Mahalanobis 1936). Skin is held against its own doubt and a summer's tan. It answers "plainly another" or nothing: who somebody is
 * it never says.
 *
 * @param face root mean square of the differences in doubts; about ⅔ for two pictures of one person
 * @param skin difference of depth beyond a tan, in doubts; 0 where either was not read
 */
public record Likeness(double face, double skin) {
    private static final Measure[] FIRM = {
        Measure.EYE_SPACING,
        Measure.NOSE_WIDTH,
        Measure.NOSE_LENGTH,
        Measure.EYE_TILT,
        Measure.CHIN_LENGTH,
        Measure.MIDDLE_THIRD,
        Measure.LENGTH_TO_WIDTH,
        Measure.TEMPLE_TO_CHEEK,
        Measure.JAW_TO_CHEEK,
        Measure.LOWER_FULLNESS
    };

    /** From here on it is asked. Derived on drawn faces: two guesses of one lie nearer in all but one of two thousand; held against others in the bench. */
    private static final double FACE_ASKED = 1.3;
    /** Three doubts, as any measurement calls an outlier. */
    private static final double SKIN_ASKED = 3;
    /** L* between a winter's and a summer's skin of one person. House choice: the widest of the seasons seen. */
    private static final double TAN = 6;

    private static final double SYMMETRIC = 1e-9;
    private static final double POSITIVE = 1e-15;

    /**
     * A depth as it was read.
     *
     * @param lightness L* of the skin
     * @param within doubt of it, L*, above 0
     */
    public record Depth(double lightness, double within) {}

    /**
     * Compares two faces, each with the states of its points.
     *
     * @param skin of the first, null where it was not read
     * @param otherSkin of the other, null where it was not read
     */
    public static Likeness of(FacePoints one, FacePoints other, Depth skin, Depth otherSkin) {
        Measures a = Measures.of(one);
        Measures b = Measures.of(other);
        RealVector off = new ArrayRealVector(FIRM.length);
        for (int i = 0; i < FIRM.length; i++) {
            off.setEntry(i, a.of(FIRM[i]) - b.of(FIRM[i]));
        }
        RealMatrix doubt = a.covariance(FIRM).add(b.covariance(FIRM));
        RealVector weighed = new CholeskyDecomposition(doubt, SYMMETRIC, POSITIVE)
                .getSolver()
                .solve(off);
        return new Likeness(Math.sqrt(off.dotProduct(weighed) / FIRM.length), apart(skin, otherSkin));
    }

    private static double apart(Depth one, Depth other) {
        if (one == null || other == null) {
            return 0;
        }
        double beyond = Math.max(0, Math.abs(one.lightness() - other.lightness()) - TAN);
        return beyond / Math.hypot(one.within(), other.within());
    }

    /** Returns whether the two are plainly not one person. */
    public boolean plainlyOther() {
        return face >= FACE_ASKED || skin >= SKIN_ASKED;
    }
}
