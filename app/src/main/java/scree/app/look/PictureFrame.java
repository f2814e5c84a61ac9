package scree.app.look;

import scree.app.picture.Picture;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.image.Point;
import scree.core.plane.Vec;

/**
 * The part of a picture that is shown, and how large: whole before the face is known, then the face with room around it.
 *
 * @param width of the drawing in px
 * @param scale drawing px per pixel of the picture
 * @param left of the picture in the drawing, 0 or less
 */
public record PictureFrame(
        long id, int width, int height, double scale, double left, double top, int pixelWidth, int pixelHeight) {
    /** Room beside the cheeks, over the hairline and under the chin, in pupil distances. */
    private static final double BESIDE = .62;

    private static final double OVER = .62;
    private static final double UNDER = .78;

    /** Shows the whole picture in a box. */
    public static PictureFrame whole(Picture p, int mostWide, int mostHigh) {
        double scale = Math.min((double) mostWide / p.width(), (double) mostHigh / p.height());
        return new PictureFrame(
                p.id(),
                (int) Math.round(p.width() * scale),
                (int) Math.round(p.height() * scale),
                scale,
                0,
                0,
                p.width(),
                p.height());
    }

    /** Shows the face so that it fills a box. */
    public static PictureFrame face(Picture p, LevelledFace face, int wide, int high) {
        Point top = face.toPicture(
                new Vec(face.midline(), face.at(Landmark.HAIRLINE).y() - OVER));
        Point bottom =
                face.toPicture(new Vec(face.midline(), face.at(Landmark.CHIN).y() + UNDER));
        double half = 0;
        for (scree.core.face.Side side :
                new scree.core.face.Side[] {scree.core.face.Side.RIGHT, scree.core.face.Side.LEFT}) {
            half = Math.max(half, face.outward(Landmark.CHEEK, side).x());
        }
        double scale = Math.min(wide / (2 * (half + BESIDE) * face.unit()), high / Math.abs(bottom.y() - top.y()));
        scale = Math.max(scale, Math.max((double) wide / p.width(), (double) high / p.height()));
        double x = (top.x() + bottom.x()) / 2 * scale - wide / 2.0;
        double y = (top.y() + bottom.y()) / 2 * scale - high / 2.0;
        x = Math.max(0, Math.min(p.width() * scale - wide, x));
        y = Math.max(0, Math.min(p.height() * scale - high, y));
        return new PictureFrame(p.id(), wide, high, scale, -x, -y, p.width(), p.height());
    }

    /** Returns the place of a pixel in the drawing. */
    public double[] at(Point pixel) {
        return new double[] {pixel.x() * scale + left, pixel.y() * scale + top};
    }

    /** Returns the picture's own width in the drawing. */
    public double imageWidth() {
        return pixelWidth * scale;
    }

    /** Returns the picture's own height in the drawing. */
    public double imageHeight() {
        return pixelHeight * scale;
    }
}
