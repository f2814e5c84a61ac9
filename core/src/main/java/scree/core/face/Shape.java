package scree.core.face;

import java.util.Arrays;
import java.util.List;

/**
 * Face shapes as places in the space of six measures: length:width, temple, jaw, chin, lower fullness, jaw angle. Half-way
 * between the verbal definitions and the mean of drawn outlines, docs/method.md; a shape is never a box.
 */
public enum Shape {
    OVAL(1.376, .903, .764, .396, .664, 146),
    ROUND(1.164, .891, .802, .450, .709, 141),
    SQUARE(1.220, .925, .914, .551, .803, 129),
    OBLONG(1.542, .924, .848, .471, .735, 139),
    HEART(1.342, .963, .668, .294, .579, 152),
    DIAMOND(1.383, .798, .675, .305, .589, 156),
    TRIANGLE(1.261, .799, .940, .564, .816, 128);

    private final double[] centre;

    Shape(double... centre) {
        this.centre = centre;
    }

    double centre(int measure) {
        return centre[measure];
    }

    /** Returns where a value lies among faces of all shapes alike: mean and standard deviation of the prototypes. */
    static Level level(int measure, double value) {
        double mean = Arrays.stream(values())
                .mapToDouble(s -> s.centre[measure])
                .average()
                .orElseThrow();
        double variance = Arrays.stream(values())
                .mapToDouble(s -> Math.pow(s.centre[measure] - mean, 2))
                .average()
                .orElseThrow();
        return Level.of(value, mean, Math.sqrt(variance));
    }

    /** Returns what a face of this shape measures. */
    public double at(Measure measure) {
        return centre[List.of(ShapeReading.MODEL).indexOf(measure)];
    }
}
