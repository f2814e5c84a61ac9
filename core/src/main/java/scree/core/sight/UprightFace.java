package scree.core.sight;

import scree.core.face.Levelling;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.plane.Vec;

/** A face turned upright and scaled to 100 pixels per pupil distance, 380 × 500, the pupils' middle at (190, 230). */
final class UprightFace {
    static final double SCALE = 100;
    static final int WIDTH = 380;
    static final int HEIGHT = 500;
    private static final double LARGE = 1.5;
    private static final double MIDDLE_X = 190;
    private static final double MIDDLE_Y = 230;

    private final Raster raster;
    private final SkinFeatures features;
    private final Levelling axes;

    private UprightFace(Raster raster, Levelling axes) {
        this.raster = raster;
        this.features = SkinFeatures.of(raster);
        this.axes = axes;
    }

    /** Returns a large picture shrunk, so that no pixel is passed over when the face is drawn. */
    static Raster shrunk(Raster picture, Levelling axes) {
        double scale = axes.unit() / SCALE;
        return scale > LARGE
                ? picture.shrunkTo((int) Math.round(Math.max(picture.width(), picture.height()) / scale))
                : picture;
    }

    /** Draws it. */
    static UprightFace of(Raster picture, Raster source, Levelling axes) {
        double ratio = (double) source.width() / picture.width();
        int[] rgb = new int[WIDTH * HEIGHT];
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                Point p = axes.toPicture(new Vec((x - MIDDLE_X) / SCALE, (y - MIDDLE_Y) / SCALE));
                rgb[y * WIDTH + x] = source.between((p.x() + .5) * ratio - .5, (p.y() + .5) * ratio - .5);
            }
        }
        return new UprightFace(new Raster(WIDTH, HEIGHT, rgb), axes);
    }

    Raster raster() {
        return raster;
    }

    SkinFeatures features() {
        return features;
    }

    Levelling axes() {
        return axes;
    }

    /** Returns the pixel of a levelled place. */
    static Vec pixel(Vec levelled) {
        return new Vec(MIDDLE_X + SCALE * levelled.x(), MIDDLE_Y + SCALE * levelled.y());
    }

    /** Returns the pixel of a place of the picture. */
    Vec pixelOf(Vec picture) {
        return pixel(axes.level(picture));
    }

    /** Returns whether the picture itself reaches as far as a levelled place. */
    static boolean inside(Raster picture, Levelling axes, Vec levelled) {
        Point p = axes.toPicture(levelled);
        return p.x() >= 0 && p.y() >= 0 && p.x() <= picture.width() - 1.0 && p.y() <= picture.height() - 1.0;
    }
}
