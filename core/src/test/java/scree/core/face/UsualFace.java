package scree.core.face;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import scree.core.image.Point;
import scree.core.plane.Vec;

/** The template's face on a picture, for tests that change one thing about it. */
final class UsualFace {
    static final double UNIT = 200;

    private UsualFace() {}

    static FacePoints points(PointState state) {
        return points(state, (key, p) -> p);
    }

    /** @param change of a place in pupil distances, x to the picture's right */
    static FacePoints points(PointState state, BiFunction<PointKey, Vec, Vec> change) {
        return points(key -> state, change, 0);
    }

    static FacePoints points(
            java.util.function.Function<PointKey, PointState> state,
            BiFunction<PointKey, Vec, Vec> change,
            double roll) {
        double cos = Math.cos(Math.toRadians(roll));
        double sin = Math.sin(Math.toRadians(roll));
        List<FacePoints.Mark> marks = new ArrayList<>();
        for (PointKey key : PointKey.all()) {
            Vec p = change.apply(key, key.landmark().usual(key.side()));
            double x = UNIT * (p.x() * cos - p.y() * sin);
            double y = UNIT * (p.x() * sin + p.y() * cos);
            marks.add(new FacePoints.Mark(new Point(600 + x, 620 + y), state.apply(key)));
        }
        return FacePoints.of(marks);
    }
}
