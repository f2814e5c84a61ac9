package scree.standins.variation;

import scree.core.colour.Srgb;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.plane.Vec;

/** A cheek seen from near with the shadow of a card across it, whose depth and colour are known. */
public final class ShadeOnCheek {
    /** How far the edge is soft, pupil distances. */
    private static final double PENUMBRA = .02;

    private static final double HALF = .42;

    private ShadeOnCheek() {}

    /**
     * Returns the near picture.
     *
     * @param shade factors of linear red, green and blue in the shade
     */
    public static Raster of(Raster portrait, LevelledFace face, double[] shade) {
        Vec middle = face.at(Landmark.CHEEK, Side.LEFT).plus(-.42, .22);
        Point at = face.toPicture(middle);
        int half = (int) (HALF * face.unit());
        int x0 = (int) at.x() - half;
        int y0 = (int) at.y() - half;
        int[] rgb = new int[4 * half * half];
        for (int y = 0; y < 2 * half; y++) {
            for (int x = 0; x < 2 * half; x++) {
                double beyond = (x - half + .3 * (y - half)) / face.unit();
                double in = Math.max(0, Math.min(1, .5 + beyond / PENUMBRA));
                int p = 0;
                for (int c = 0; c < 3; c++) {
                    double lit = Srgb.toLinear(portrait.code(x0 + x, y0 + y, c));
                    double v = lit * (1 + in * (shade[c] - 1));
                    p = p << 8 | (int) Math.round(255 * Srgb.toCode(Math.min(1, v)));
                }
                rgb[y * 2 * half + x] = p;
            }
        }
        return new Raster(2 * half, 2 * half, rgb);
    }
}
