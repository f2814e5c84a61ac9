package scree.core.image;

import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.Arrays;
import java.util.List;

/**
 * The pixels of a zone, each told apart: skin that counts, or why it was left out.
 *
 * @param at places in the raster's array
 * @param kind one of {@link Kind} by ordinal, per pixel
 */
record SortedPixels(int[] at, byte[] kind) {
    private static final int BRIGHTEST = 251;
    private static final int DARKEST = 12;
    /** Robust deviations beyond which a pixel is no longer the same skin. House choice: pores and freckles stay inside. */
    private static final double SHINE_AT = 2.2;

    private static final double SHADOW_AT = 2.6;
    private static final double LEAST_DEVIATION = 3;

    /** What a pixel is. */
    enum Kind {
        SKIN,
        /** Much lighter than the rest. */
        SHINE,
        /** Much darker: hair, lashes, folds. */
        SHADOW,
        /** Clipped or nearly black. */
        CLIPPED,
        /** Lips, brows, eyes or nostrils, and whatever else is no bare skin. */
        FEATURE;

        private static final Kind[] ALL = values();
    }

    /** Sorts a polygon's pixels, thinned to {@code most}; features are outlines that never count, nor does what is not bare. */
    static SortedPixels in(Raster picture, List<Point> polygon, List<List<Point>> features, Bare bare, int most) {
        int[] at = PolygonPixels.in(picture, polygon, most);
        byte[] kind = new byte[at.length];
        int[] lumas = new int[at.length];
        int clean = 0;
        Path2D without = without(polygon, features);
        for (int i = 0; i < at.length; i++) {
            int p = picture.rgb()[at[i]];
            int high = Math.max(p >> 16 & 0xff, Math.max(p >> 8 & 0xff, p & 0xff));
            int x = at[i] % picture.width();
            int y = at[i] / picture.width();
            if (without != null && without.contains(x, y) || !bare.at(x, y)) {
                kind[i] = (byte) Kind.FEATURE.ordinal();
            } else if (high > BRIGHTEST || high < DARKEST) {
                kind[i] = (byte) Kind.CLIPPED.ordinal();
            } else {
                lumas[clean++] = luma(p);
            }
        }
        if (clean > 0) {
            robust(picture, at, kind, Arrays.copyOf(lumas, clean));
        }
        return new SortedPixels(at, kind);
    }

    Kind kindOf(int i) {
        return Kind.ALL[kind[i]];
    }

    private static Path2D without(List<Point> polygon, List<List<Point>> features) {
        Rectangle2D reach = path(polygon).getBounds2D();
        Path2D all = null;
        for (List<Point> feature : features) {
            Path2D one = path(feature);
            if (one.getBounds2D().intersects(reach)) {
                all = all == null ? new Path2D.Double(Path2D.WIND_NON_ZERO) : all;
                all.append(one, false);
            }
        }
        return all;
    }

    private static Path2D path(List<Point> polygon) {
        Path2D path = new Path2D.Double(Path2D.WIND_NON_ZERO);
        for (int i = 0; i < polygon.size(); i++) {
            Point p = polygon.get(i);
            if (i == 0) {
                path.moveTo(p.x(), p.y());
            } else {
                path.lineTo(p.x(), p.y());
            }
        }
        if (!polygon.isEmpty()) {
            path.closePath();
        }
        return path;
    }

    private static void robust(Raster picture, int[] at, byte[] kind, int[] lumas) {
        Arrays.sort(lumas);
        double median = lumas[lumas.length / 2];
        double deviation = Math.max(LEAST_DEVIATION, 0.7413 * (lumas[lumas.length * 3 / 4] - lumas[lumas.length / 4]));
        for (int i = 0; i < at.length; i++) {
            if (kind[i] == Kind.SKIN.ordinal()) {
                double off = (luma(picture.rgb()[at[i]]) - median) / deviation;
                if (off > SHINE_AT) {
                    kind[i] = (byte) Kind.SHINE.ordinal();
                } else if (off < -SHADOW_AT) {
                    kind[i] = (byte) Kind.SHADOW.ordinal();
                }
            }
        }
    }

    static int luma(int p) {
        return (299 * (p >> 16 & 0xff) + 587 * (p >> 8 & 0xff) + 114 * (p & 0xff)) / 1000;
    }
}
