package scree.standins.camera;

import java.util.List;
import scree.core.colour.Table;
import scree.core.face.FacePoints;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.image.Point;
import scree.core.mesh.FaceSearch;
import scree.core.mesh.HeadMesh;
import scree.core.plane.Vec;

/** What a browser finds of a face whose points are known: the usual mesh, as wide as its pupils and as long as its chin. */
public final class StandInSearch {
    private static final Table USUAL = Table.beside(HeadMesh.class, "canonical.csv");
    private static final int CHIN = 152;
    /** The mesh's chin lies so far above the true one. */
    private static final double CHIN_ABOVE = .115;

    private StandInSearch() {}

    /**
     * Returns the mesh.
     *
     * @param yawDegrees by which it seems turned, positive with the nose to the picture's left
     */
    public static HeadMesh mesh(FacePoints points, double yawDegrees) {
        LevelledFace face = LevelledFace.of(points);
        double stretch = face.at(Landmark.CHIN).y() / (USUAL.numbers(CHIN, 2)[1] + CHIN_ABOVE);
        double yaw = Math.toRadians(yawDegrees);
        double[] xyz = new double[3 * HeadMesh.POINTS];
        for (int i = 0; i < HeadMesh.POINTS; i++) {
            double[] p = USUAL.numbers(i, 2);
            double x = p[0] * Math.cos(yaw) + p[2] * Math.sin(yaw);
            Point pixel = face.toPicture(new Vec(x, p[1] > .1 ? p[1] * stretch : p[1]));
            xyz[3 * i] = pixel.x();
            xyz[3 * i + 1] = pixel.y();
            xyz[3 * i + 2] = points.unit() * (p[2] * Math.cos(yaw) - p[0] * Math.sin(yaw));
        }
        return HeadMesh.of(xyz);
    }

    /** Returns a search that surely found it. */
    public static FaceSearch of(FacePoints points, double yawDegrees) {
        return new FaceSearch(
                new FaceSearch.Seen(.9, .98, 2 * points.unit()), null, .5, List.of(mesh(points, yawDegrees)));
    }

    /** Returns the same as a browser writes it. */
    public static String text(FacePoints points, double yawDegrees) {
        return "{\"faces\":[{\"box\":0.9,\"face\":0.98,\"size\":%d}],\"onItsHead\":0.5,\"looks\":[{\"mirrored\":false,\"points\":\"%s\"}]}"
                .formatted(Math.round(2 * points.unit()), mesh(points, yawDegrees));
    }
}
