package scree.app.face;

import java.util.ArrayList;
import java.util.List;
import scree.app.look.Lines;
import scree.core.face.Measure;
import scree.core.face.Shape;

/** Where a shape's stone lies in the shape picture: longer faces higher, wider jaws further right; and its outline. */
record ShapePlace(Shape shape, double x, double y, String outline) {
    static final List<ShapePlace> ALL = List.of(
            place(Shape.OBLONG, 318, 52),
            place(Shape.OVAL, 206, 70),
            place(Shape.DIAMOND, 62, 62),
            place(Shape.HEART, 122, 122),
            place(Shape.ROUND, 236, 140),
            place(Shape.SQUARE, 340, 138),
            place(Shape.TRIANGLE, 424, 92));

    private static ShapePlace place(Shape shape, double x, double y) {
        double length = shape.at(Measure.LENGTH_TO_WIDTH);
        double t = shape.at(Measure.TEMPLE_TO_CHEEK);
        double j = shape.at(Measure.JAW_TO_CHEEK);
        double c = shape.at(Measure.CHIN_TO_CHEEK);
        double half = 19;
        double tall = half * length;
        List<double[]> line = new ArrayList<>();
        double[][] right = {
            {.45 * t, -.97},
            {t * .86, -.78},
            {t, -.45},
            {1, -.02},
            {(1 + j) / 2 + .02, .30},
            {j, .58},
            {c + (j - c) * .35, .84}
        };
        line.add(new double[] {0, -tall});
        for (double[] p : right) {
            line.add(new double[] {p[0] * half, p[1] * tall});
        }
        line.add(new double[] {0, tall});
        for (int i = right.length - 1; i >= 0; i--) {
            line.add(new double[] {-right[i][0] * half, right[i][1] * tall});
        }
        return new ShapePlace(shape, x, y, Lines.closedSmooth(line));
    }
}
