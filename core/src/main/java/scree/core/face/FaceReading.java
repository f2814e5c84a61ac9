package scree.core.face;

import java.util.List;

/**
 * All that is read from the points of one face.
 *
 * @param shape as a blend
 * @param findings strongest first; those that cannot be told yet last
 */
public record FaceReading(Measures measures, ShapeReading shape, List<Finding> findings, Balance balance) {
    public FaceReading {
        findings = List.copyOf(findings);
    }

    /** Reads a face. Pure: equal points give an equal reading. */
    public static FaceReading of(FacePoints points) {
        return of(points, null);
    }

    /** Reads a face, holding on to the name shown before within a small margin, so that it does not flicker in a drag. */
    public static FaceReading of(FacePoints points, ShapeReading.Name before) {
        Measures measures = Measures.of(points);
        return new FaceReading(
                measures, ShapeReading.of(measures, points, before), Findings.of(measures, points), Balance.of(points));
    }
}
