package scree.standins.camera;

import java.util.Arrays;

/** What a lens that is a little out of focus does to a picture in linear light. */
final class Blur {
    private Blur() {}

    /** Spreads every plane by a Gaussian of this standard deviation in px; what lies past an edge is as the edge. */
    static void of(float[][] raw, int width, int height, double sigma) {
        int reach = (int) Math.ceil(2.5 * sigma);
        double[] kernel = new double[2 * reach + 1];
        double sum = 0;
        for (int k = -reach; k <= reach; k++) {
            kernel[k + reach] = Math.exp(-k * k / (2 * sigma * sigma));
            sum += kernel[k + reach];
        }
        for (float[] plane : raw) {
            float[] across = new float[plane.length];
            for (int y = 0; y < height; y++) {
                for (int x = 0; x < width; x++) {
                    double v = 0;
                    for (int k = -reach; k <= reach; k++) {
                        v += kernel[k + reach] * plane[y * width + Math.max(0, Math.min(width - 1, x + k))];
                    }
                    across[y * width + x] = (float) (v / sum);
                }
            }
            double[] v = new double[width];
            for (int y = 0; y < height; y++) { // row by row, so that memory is read in order
                Arrays.fill(v, 0);
                for (int k = -reach; k <= reach; k++) {
                    int from = width * Math.max(0, Math.min(height - 1, y + k));
                    for (int x = 0; x < width; x++) {
                        v[x] += kernel[k + reach] * across[from + x];
                    }
                }
                for (int x = 0; x < width; x++) {
                    plane[y * width + x] = (float) (v[x] / sum);
                }
            }
        }
    }
}
