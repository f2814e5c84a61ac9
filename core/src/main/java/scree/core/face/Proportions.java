package scree.core.face;

import static scree.core.face.Landmark.*;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How a face divides: three thirds in height, five eye widths across, and four widths against the cheeks. Nothing is ideal; a
 * face is only described.
 *
 * @param heights y of hairline, between the brows, under the nose, chin, in the levelled face
 * @param columns x of right cheek, outer and inner corner of the right eye, inner and outer of the left, left cheek
 * @param widths at temples, cheeks, jaw and chin as shares of the cheeks'
 */
public record Proportions(List<Double> heights, List<Double> columns, Map<Landmark, Double> widths) {
    /** Where a face is measured across, from above. */
    public static final List<Landmark> ACROSS = List.of(TEMPLE, CHEEK, JAW, CHIN_SIDE);

    public static Proportions of(LevelledFace face) {
        Map<Landmark, Double> widths = new EnumMap<>(Landmark.class);
        for (Landmark l : ACROSS) {
            widths.put(l, across(face, l) / across(face, CHEEK));
        }
        return new Proportions(
                List.of(
                        face.at(HAIRLINE).y(),
                        face.at(GLABELLA).y(),
                        face.at(SUBNASALE).y(),
                        face.at(CHIN).y()),
                List.of(
                        face.at(CHEEK, Side.RIGHT).x(),
                        face.at(EYE_OUT, Side.RIGHT).x(),
                        face.at(EYE_IN, Side.RIGHT).x(),
                        face.at(EYE_IN, Side.LEFT).x(),
                        face.at(EYE_OUT, Side.LEFT).x(),
                        face.at(CHEEK, Side.LEFT).x()),
                widths);
    }

    private static double across(LevelledFace face, Landmark pair) {
        return face.at(pair, Side.LEFT).x() - face.at(pair, Side.RIGHT).x();
    }

    /** Returns the three heights from above as shares of the face's, sum 1. */
    public List<Double> thirds() {
        return parts(heights, heights.get(heights.size() - 1) - heights.get(0));
    }

    /** Returns the five parts across in widths of an eye; 1 each would be a face of five eyes. */
    public List<Double> fifths() {
        double eye = (columns.get(2) - columns.get(1) + columns.get(4) - columns.get(3)) / 2;
        return parts(columns, eye);
    }

    private static List<Double> parts(List<Double> lines, double unit) {
        List<Double> parts = new ArrayList<>();
        for (int i = 1; i < lines.size(); i++) {
            parts.add((lines.get(i) - lines.get(i - 1)) / unit);
        }
        return parts;
    }
}
