package scree.core.judge;

import java.util.Arrays;
import java.util.Optional;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.colour.Xyz;
import scree.core.image.Point;
import scree.core.image.Raster;

/**
 * The shadow of some object across a bare cheek: what shade does to this very skin, sampled beside its edge on either side. Only ratios
 * are taken, so the camera's exposure and balance drop out. Craft rule: in warm light the sample is a limit, not a target.
 *
 * @param lit middle of the lit sample, pixels
 * @param shade middle of the shaded sample
 * @param k luminance that the shade leaves, 0 to 1
 * @param tint colour of the shade beside the light
 * @param hueTurn degrees by which the shade's hue parts from the lit skin's
 */
public record OwnShadow(Point lit, Point shade, double k, RoleWish.Tint tint, double hueTurn) {
    /** Deeper than this no light falls in; lighter is hardly shade. House choices after the craft's 0.55 to 0.7. */
    public static final double DEEPEST = .25;

    public static final double LIGHTEST = .92;
    /** Half a sample's side and its way to the edge, as shares of the picture's longer side. */
    private static final double HALF = .022;

    private static final double AWAY = .042;
    private static final double GRID = .03;
    private static final double MARGIN = .1;
    private static final double LEAST_SKIN_CHROMA = 4;
    private static final double LEAST_HUE = 10;
    private static final double MOST_HUE = 85;
    /** Either sample is one surface: its luminance scatters by no more than this share. */
    private static final double ONE_SURFACE = .12;

    private static final double LIKELY_DEEPEST = .35;
    private static final double LIKELY_LIGHTEST = .85;
    private static final double MOST_TURN = 14;

    /** Why no shadow was read. */
    public enum Refused {
        NOTHING_FOUND,
        NO_SHADE,
        TOO_DARK,
        NOT_SKIN
    }

    /** A mark or a picture in which there is no such shadow. */
    public static final class NoShadow extends RuntimeException {
        private static final long serialVersionUID = 1;
        private final Refused why;

        NoShadow(Refused why) {
            super(why.name());
            this.why = why;
        }

        public Refused why() {
            return why;
        }
    }

    private record Sample(double[] rgb, double scatter) {
        double luminance() {
            return xyz().y();
        }

        Xyz xyz() {
            return Srgb.toXyz(rgb[0], rgb[1], rgb[2]);
        }

        boolean skin() {
            Lab lab = xyz().toLab(Xyz.D65);
            return lab.chroma() > LEAST_SKIN_CHROMA && lab.hueDegrees() > LEAST_HUE && lab.hueDegrees() < MOST_HUE;
        }
    }

    /**
     * Looks for the clearest straight step of luminance between two surfaces of one skin.
     *
     * @throws NoShadow when there is none
     */
    public static OwnShadow find(Raster picture) {
        double size = Math.max(picture.width(), picture.height());
        double[][] ways = {{1, 0}, {0, 1}, {.707, .707}, {.707, -.707}};
        OwnShadow best = null;
        double most = 0;
        for (double y = MARGIN * picture.height(); y < (1 - MARGIN) * picture.height(); y += GRID * size) {
            for (double x = MARGIN * picture.width(); x < (1 - MARGIN) * picture.width(); x += GRID * size) {
                for (double[] way : ways) {
                    for (int sign : new int[] {1, -1}) {
                        Point lit = new Point(x - sign * AWAY * size * way[0], y - sign * AWAY * size * way[1]);
                        Point shade = new Point(x + sign * AWAY * size * way[0], y + sign * AWAY * size * way[1]);
                        double clear = clear(picture, lit, shade, size);
                        if (clear > most) {
                            most = clear;
                            best = between(picture, lit, shade, size).orElse(best);
                        }
                    }
                }
            }
        }
        if (best == null) {
            throw new NoShadow(Refused.NOTHING_FOUND);
        }
        return best;
    }

    /** Returns how clearly a shadow ends between two places, 0 where it does not. */
    private static double clear(Raster picture, Point lit, Point shade, double size) {
        Sample a = sample(picture, lit, size);
        Sample b = sample(picture, shade, size);
        if (a == null
                || b == null
                || a.scatter() > ONE_SURFACE
                || b.scatter() > ONE_SURFACE
                || !a.skin()
                || !b.skin()) {
            return 0;
        }
        double k = b.luminance() / a.luminance();
        double turn = Math.abs(turn(a, b));
        if (k < LIKELY_DEEPEST || k > LIKELY_LIGHTEST || turn > MOST_TURN) {
            return 0;
        }
        return -Math.log(k) / (.04 + a.scatter() + b.scatter()) * (1 - turn / (2 * MOST_TURN));
    }

    private static Optional<OwnShadow> between(Raster picture, Point lit, Point shade, double size) {
        Sample a = sample(picture, lit, size);
        Sample b = sample(picture, shade, size);
        return a == null || b == null ? Optional.empty() : Optional.of(of(lit, shade, a, b));
    }

    private static OwnShadow of(Point lit, Point shade, Sample a, Sample b) {
        Xyz from = a.xyz();
        Xyz to = b.xyz();
        double k = to.y() / from.y();
        RoleWish.Tint tint = new RoleWish.Tint(to.x() / from.x() / k, 1, to.z() / from.z() / k);
        return new OwnShadow(lit, shade, k, tint, turn(a, b));
    }

    private static double turn(Sample a, Sample b) {
        return Angles.wrap(
                Angles.hue(b.xyz().toLab(Xyz.D65)) - Angles.hue(a.xyz().toLab(Xyz.D65)));
    }

    /**
     * Reads where an artist marked it.
     *
     * @throws NoShadow when the shaded mark is not darker, or no shade of that skin
     */
    public static OwnShadow at(Raster picture, Point lit, Point shade) {
        double size = Math.max(picture.width(), picture.height());
        Sample a = sample(picture, lit, size);
        Sample b = sample(picture, shade, size);
        if (a == null || b == null || !a.skin()) {
            throw new NoShadow(Refused.NOT_SKIN);
        }
        OwnShadow read = of(lit, shade, a, b);
        if (read.k() > LIGHTEST) {
            throw new NoShadow(Refused.NO_SHADE);
        }
        if (read.k() < DEEPEST) {
            throw new NoShadow(Refused.TOO_DARK);
        }
        return read;
    }

    /** Medians of a square, with the scatter of its luminance; null where it leaves the picture. */
    private static Sample sample(Raster picture, Point at, double size) {
        int half = Math.max(2, (int) Math.round(HALF * size));
        int x0 = (int) at.x() - half;
        int y0 = (int) at.y() - half;
        if (x0 < 0 || y0 < 0 || x0 + 2 * half >= picture.width() || y0 + 2 * half >= picture.height()) {
            return null;
        }
        int step = Math.max(1, half / 5);
        int n = 2 * half / step + 1;
        double[][] all = new double[3][n * n];
        double[] light = new double[n * n];
        int i = 0;
        for (int dy = 0; dy < n; dy++) {
            for (int dx = 0; dx < n; dx++) {
                for (int c = 0; c < 3; c++) {
                    all[c][i] = Srgb.toLinear(picture.code(x0 + dx * step, y0 + dy * step, c));
                }
                light[i] = all[1][i];
                i++;
            }
        }
        double mean = Arrays.stream(light).average().orElse(1);
        double square =
                Arrays.stream(light).map(v -> (v - mean) * (v - mean)).average().orElse(0);
        double[] middle = new double[3];
        for (int c = 0; c < 3; c++) {
            Arrays.sort(all[c]);
            middle[c] = all[c][all[c].length / 2];
        }
        return new Sample(middle, Math.sqrt(square) / Math.max(1e-4, mean));
    }
}
