package scree.core.sight;

import scree.core.face.Levelling;
import scree.core.image.Raster;
import scree.core.mesh.HeadMesh;

/** A face that was found in a picture, drawn upright once for everybody who asks the picture about it. Not for several threads. */
public final class SeenFace {
    private final Raster picture;
    private final HeadMesh mesh;
    private final Levelling axes;
    private Raster small;
    private UprightFace upright;
    private SkinMask mask;

    private SeenFace(Raster picture, HeadMesh mesh) {
        this.picture = picture;
        this.mesh = mesh;
        this.axes = Levelling.of(mesh.pupil(true), mesh.pupil(false));
    }

    /** Takes a face as it was found; nothing is drawn before somebody asks. */
    public static SeenFace of(Raster picture, HeadMesh mesh) {
        return new SeenFace(picture, mesh);
    }

    Raster picture() {
        return picture;
    }

    /** Returns the face as the browser found it. */
    public HeadMesh mesh() {
        return mesh;
    }

    Levelling axes() {
        return axes;
    }

    /** Returns the picture shrunk as far as the upright face allows. */
    Raster small() {
        if (small == null) {
            small = UprightFace.shrunk(picture, axes);
        }
        return small;
    }

    UprightFace upright() {
        if (upright == null) {
            upright = UprightFace.of(picture, small(), axes);
        }
        return upright;
    }

    SkinMask mask() {
        if (mask == null) {
            mask = SkinMask.of(upright(), mesh);
        }
        return mask;
    }
}
