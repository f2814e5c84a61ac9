package scree.core.face;

import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.RealMatrix;

/** All measures of a face with the doubt that its points bring: first-order error propagation by central differences. */
public final class Measures {
    private static final double NUDGE = .01;
    /** Doubt of a point that a person put or moved. Derived: repeated placing on drawn faces. */
    private static final double BY_HAND = .015;

    private static final double HAIRLINE_BY_HAND = .03;
    private static final double CONFIRMED = .02;
    /** Of an edge that is clear in the picture, across and along it. Derived on photographs: docs/method.md. */
    private static final double SEEN_ACROSS = .03;

    private static final double SEEN_ALONG = .05;

    private final double[] values;
    /** Share of each point coordinate's doubt in each measure: measure × (2 × points). */
    private final double[][] parts;

    private Measures(double[] values, double[][] parts) {
        this.values = values;
        this.parts = parts;
    }

    /** Measures a face from its points. */
    public static Measures of(FacePoints points) {
        LevelledFace face = LevelledFace.of(points.turnedBack());
        EdgeCurve edge = new EdgeCurve(face);
        double[] values = Measure.allOf(face, edge);
        List<PointKey> keys = PointKey.all();
        double[][] parts = new double[values.length][2 * keys.size()];
        for (int p = 0; p < keys.size(); p++) {
            for (int axis = 0; axis < 2; axis++) {
                double dx = axis == 0 ? NUDGE : 0;
                double dy = axis == 1 ? NUDGE : 0;
                double[] up = measured(face.nudged(p, dx, dy), keys.get(p).landmark(), edge);
                double[] down = measured(face.nudged(p, -dx, -dy), keys.get(p).landmark(), edge);
                double sigma =
                        sigma(keys.get(p).landmark(), points.marks().get(p).state(), axis);
                for (int m = 0; m < values.length; m++) {
                    parts[m][2 * p + axis] = (up[m] - down[m]) / (2 * NUDGE) * sigma;
                }
            }
        }
        return new Measures(values, parts);
    }

    /** The edge is worked out anew only where the nudged point moves it: four times as fast. */
    private static double[] measured(LevelledFace nudged, Landmark landmark, EdgeCurve edge) {
        return EdgeCurve.follows(landmark) ? Measure.allOf(nudged) : Measure.allOf(nudged, edge);
    }

    /** Returns the doubt of a point along one axis, one standard deviation in pupil distances. */
    static double sigma(Landmark landmark, PointState state, int axis) {
        return switch (state) {
            case PLACED, MOVED -> landmark == Landmark.HAIRLINE ? HAIRLINE_BY_HAND : BY_HAND;
            case SEEN ->
                axis == 0 == (landmark != Landmark.HAIRLINE && landmark != Landmark.CHIN) ? SEEN_ACROSS : SEEN_ALONG;
            case CONFIRMED -> CONFIRMED;
            case GUESSED -> axis == 0 ? landmark.doubt().x() : landmark.doubt().y();
        };
    }

    public double of(Measure measure) {
        return values[measure.ordinal()];
    }

    /** Returns one standard deviation. */
    public double doubt(Measure measure) {
        double sum = 0;
        for (double part : parts[measure.ordinal()]) {
            sum += part * part;
        }
        return Math.sqrt(sum);
    }

    /** Returns how the doubts of several measures go together. */
    RealMatrix covariance(Measure[] of) {
        RealMatrix s = new Array2DRowRealMatrix(of.length, of.length);
        for (int i = 0; i < of.length; i++) {
            for (int j = 0; j < of.length; j++) {
                double sum = 0;
                double[] a = parts[of[i].ordinal()];
                double[] b = parts[of[j].ordinal()];
                for (int k = 0; k < a.length; k++) {
                    sum += a[k] * b[k];
                }
                s.setEntry(i, j, sum);
            }
        }
        return s;
    }

    /** Returns the landmark whose guessed points bring most doubt to a measure, or null when none of them is a guess. */
    public Landmark toConfirm(Measure measure, FacePoints points) {
        double[] by = new double[Landmark.values().length];
        addDoubt(by, measure, 1, points);
        return most(by);
    }

    /** Adds the doubt that each landmark's guessed points bring to a measure, as variance times a weight. */
    void addDoubt(double[] byLandmark, Measure measure, double weight, FacePoints points) {
        List<PointKey> keys = PointKey.all();
        double[] part = parts[measure.ordinal()];
        for (int p = 0; p < keys.size(); p++) {
            if (!points.marks().get(p).state().settled()) {
                double v = part[2 * p] * part[2 * p] + part[2 * p + 1] * part[2 * p + 1];
                byLandmark[keys.get(p).landmark().ordinal()] += weight * v;
            }
        }
    }

    private static Landmark most(double[] by) {
        int best = -1;
        for (int i = 0; i < by.length; i++) {
            if (by[i] > 0 && (best < 0 || by[i] > by[best])) {
                best = i;
            }
        }
        return best < 0 ? null : Landmark.values()[best];
    }
}
