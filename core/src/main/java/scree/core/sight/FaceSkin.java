package scree.core.sight;

import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import scree.core.face.EdgeCurve;
import scree.core.face.FacePoints;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.face.PointKey;
import scree.core.face.Side;
import scree.core.image.Bare;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.mesh.HeadMesh;

/** Bare skin of one face: of the cheeks' colour, and inside the face's edge, beyond which blond hair and warm wood pass for skin. */
public final class FaceSkin implements Bare {
    private final SkinMask mask;
    private final Path2D edge;

    private FaceSkin(SkinMask mask, Path2D edge) {
        this.mask = mask;
        this.edge = edge;
    }

    /** Works it out for a face whose points lie on the picture. */
    public static FaceSkin of(Raster picture, HeadMesh mesh, FacePoints points) {
        return of(SeenFace.of(picture, mesh), points);
    }

    /** The same for a face that was looked at before. */
    public static FaceSkin of(SeenFace face, FacePoints points) {
        return new FaceSkin(face.mask(), edge(points));
    }

    private static Path2D edge(FacePoints points) {
        LevelledFace level = LevelledFace.of(points);
        List<Point> line = new ArrayList<>();
        new EdgeCurve(level).line().forEach(v -> line.add(level.toPicture(v)));
        List<Point> top = new ArrayList<>(List.of(
                points.at(new PointKey(Landmark.FOREHEAD_CORNER, Side.RIGHT)).at(),
                points.at(PointKey.of(Landmark.HAIRLINE)).at(),
                points.at(new PointKey(Landmark.FOREHEAD_CORNER, Side.LEFT)).at()));
        Collections.reverse(top);
        line.addAll(top);
        Path2D path = new Path2D.Double();
        for (int i = 0; i < line.size(); i++) {
            if (i == 0) {
                path.moveTo(line.get(i).x(), line.get(i).y());
            } else {
                path.lineTo(line.get(i).x(), line.get(i).y());
            }
        }
        path.closePath();
        return path;
    }

    @Override
    public boolean at(int x, int y) {
        return edge.contains(x, y) && mask.skin(x, y);
    }
}
