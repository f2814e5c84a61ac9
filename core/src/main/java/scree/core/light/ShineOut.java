package scree.core.light;

import java.util.Arrays;
import java.util.List;

/**
 * Splits the light that skin sends back into what went through the skin, which has its colour, and what the surface threw back, which is
 * white. On deep skin most of what makes a forehead bright is the second: docs/method.md.
 */
public final class ShineOut {
    private final double[] skin;
    private final double own;
    private final double ownSquared;

    /**
     * @param skin linear {r, g, b} of skin without much shine
     * @throws IllegalArgumentException when it has no light
     */
    public ShineOut(double[] skin) {
        double light = luminance(skin);
        if (!(light > 0)) {
            throw new IllegalArgumentException("skin without light has no colour: take another place");
        }
        this.skin = new double[] {skin[0] / light, skin[1] / light, skin[2] / light};
        this.own = this.skin[0] + this.skin[1] + this.skin[2];
        this.ownSquared = dot(this.skin, this.skin);
    }

    /**
     * Returns the luminance of a pixel without its shine: {@code d} of the least squares of pixel = d · skin + s · white, s ≥ 0.
     *
     * @param pixel linear {r, g, b}
     */
    public double diffuse(double[] pixel) {
        double along = dot(pixel, skin);
        double white = pixel[0] + pixel[1] + pixel[2];
        double determinant = 3 * ownSquared - own * own;
        double shine = determinant > 1e-9 ? (ownSquared * white - own * along) / determinant : 0;
        return shine > 0 ? (3 * along - own * white) / determinant : along / ownSquared;
    }

    /** Returns the median of {@link #diffuse} over pixels, 0 without any. */
    public double median(List<double[]> pixels) {
        double[] d = pixels.stream().mapToDouble(this::diffuse).sorted().toArray();
        return d.length == 0 ? 0 : d[d.length / 2];
    }

    /** Returns the channel medians of pixels. */
    public static double[] middle(List<double[]> pixels) {
        double[] middle = new double[3];
        for (int c = 0; c < 3; c++) {
            int channel = c;
            double[] v = pixels.stream().mapToDouble(p -> p[channel]).toArray();
            Arrays.sort(v);
            middle[c] = v.length == 0 ? 0 : v[v.length / 2];
        }
        return middle;
    }

    /** Returns the luminance of linear sRGB. IEC 61966-2-1. */
    public static double luminance(double[] linear) {
        return 0.2126 * linear[0] + 0.7152 * linear[1] + 0.0722 * linear[2];
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }
}
