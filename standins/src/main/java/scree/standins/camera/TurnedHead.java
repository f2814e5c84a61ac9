package scree.standins.camera;

import java.util.ArrayList;
import java.util.List;
import scree.core.face.FacePoints;
import scree.core.face.PointKey;
import scree.core.image.Point;
import scree.core.image.Raster;

/**
 * A head turned over its own relief, seen from far away: the picture and where its points lie now. Not pretty at the head's rim, where
 * nothing is known of what comes into sight.
 *
 * @param picture the whole picture, its background drawn along
 * @param points the true places
 */
public record TurnedHead(Raster picture, FacePoints points) {
    /** About what a head turns: half way through it, so that the middle of the face moves least. */
    private static final double AXIS = .45;

    private static final int ROUNDS = 12;
    private static final double SOFT = .06;

    static TurnedHead of(Raster picture, Relief relief, FacePoints points, double yawDegrees, double pitchDegrees) {
        Relief soft = relief.blurred(SOFT);
        double yaw = Math.toRadians(yawDegrees);
        double pitch = Math.toRadians(pitchDegrees);
        Frame frame = relief.frame;
        int[] rgb = new int[picture.rgb().length];
        for (int py = 0; py < frame.height(); py++) {
            for (int px = 0; px < frame.width(); px++) {
                double x = frame.x(px);
                double y = frame.y(py);
                double sx = x;
                double sy = y;
                for (int round = 0; round < ROUNDS; round++) { // where does what is seen here come from?
                    double z = height(soft, sx, sy);
                    sy = .5 * sy + .5 * (y - z * Math.sin(pitch)) / Math.cos(pitch);
                    sx = .5 * sx + .5 * (x - z * Math.sin(yaw)) / Math.cos(yaw);
                }
                rgb[py * frame.width() + px] = picture.between(frame.px(sx), frame.py(sy));
            }
        }
        List<FacePoints.Mark> marks = new ArrayList<>();
        for (PointKey key : PointKey.all()) {
            FacePoints.Mark mark = points.at(key);
            double x = frame.x(0) + mark.at().x() / frame.unit();
            double y = frame.y(0) + mark.at().y() / frame.unit();
            double z = height(soft, x, y);
            Point there = new Point(
                    frame.px(x * Math.cos(yaw) + z * Math.sin(yaw)),
                    frame.py(y * Math.cos(pitch) + z * Math.sin(pitch)));
            marks.add(new FacePoints.Mark(there, mark.state()));
        }
        return new TurnedHead(new Raster(picture.width(), picture.height(), rgb), FacePoints.of(marks));
    }

    private static double height(Relief relief, double x, double y) {
        Frame frame = relief.frame;
        int px = (int) Math.max(0, Math.min(frame.width() - 1.0, Math.round(frame.px(x))));
        int py = (int) Math.max(0, Math.min(frame.height() - 1.0, Math.round(frame.py(y))));
        return relief.z[py * frame.width() + px] - AXIS;
    }
}
