package scree.core.placement;

import scree.core.cover.Place;

/**
 * How much of a mark each part of a picture holds, told from its colour against the skin round it beside the two colours that were read.
 * Hue and light are weighed by how much skin's own relief spreads in each.
 */
final class MarkShare {
    /** Least and most that is told; 1 is the mark as read. */
    static final double LEAST = -.3;

    static final double MOST = 1.9;
    /** Blurs for a mark of this many pixels' radius; they grow with it. */
    static final double AT_RADIUS = 27;
    /** Spread of relief in chroma and in luminance, ln. House choices, on patches with 3.5 % relief and 4 % mottle. */
    private static final double RELIEF_CHROMA = .012;

    private static final double RELIEF_LIGHT = .020;
    private static final double BLUR_CHROMA = .7;
    private static final double BLUR_LIGHT = 2.4;
    private static final double BLUR_SKIN = 1.25;
    /** From so many radii on there is skin without the mark. House choice. */
    private static final double CLEAR_FROM = 1.45;

    private static final double DARK = 1e-4;

    /** Share of the mark. */
    final float[] share;
    /** What light and relief do, ln against the skin round it. */
    final float[] relief;
    /** By how much the mark's light parts from the skin's, ln. */
    final double vLight;

    private final MarkGrid grid;
    private final Covered covered;
    private final double[] vHue;

    MarkShare(MarkGrid grid, Covered covered) {
        this.grid = grid;
        this.covered = covered;
        Place<?> place = covered.plan().place();
        double[] z = MadeUp.shown(place.zone(), MadeUp.Light.DAYLIGHT);
        double[] s = MadeUp.shown(place.surround(), MadeUp.Light.DAYLIGHT);
        double[] v = {Math.log(z[0] / s[0]), Math.log(z[1] / s[1]), Math.log(z[2] / s[2])};
        this.vLight = (v[0] + v[1] + v[2]) / 3;
        this.vHue = new double[] {v[0] - vLight, v[1] - vLight, v[2] - vLight};
        this.share = new float[grid.w * grid.h];
        this.relief = new float[grid.w * grid.h];
        for (int round = 0; round < 2; round++) { // the second time skin is what held none of the mark
            tell(round == 0 ? null : share.clone());
        }
    }

    private void tell(float[] before) {
        float[][] skin = skin(before);
        double[] own = covered.spread() == Covered.SPOT ? null : ownSkin();
        double scale = Math.max(.6, grid.radius / AT_RADIUS) / grid.step;
        double hue2 = vHue[0] * vHue[0] + vHue[1] * vHue[1] + vHue[2] * vHue[2];
        float[] byHue = new float[grid.w * grid.h];
        float[] byLight = new float[grid.w * grid.h];
        for (int i = 0; i < share.length; i++) {
            int p = 3 * i;
            double[] d = new double[3];
            for (int c = 0; c < 3; c++) {
                d[c] = Math.log(Math.max(DARK, grid.light[p + c])) - Math.log(Math.max(DARK, skin[c][i]));
            }
            double all = (d[0] + d[1] + d[2]) / 3;
            relief[i] = (float) all;
            byLight[i] = (float) all;
            if (own != null) { // where a zone's mark runs on, the skin round it holds some of it too
                for (int c = 0; c < 3; c++) {
                    d[c] = Math.log(Math.max(DARK, grid.light[p + c])) - own[c];
                }
                all = (d[0] + d[1] + d[2]) / 3;
            }
            byHue[i] = hue2 < 1e-9
                    ? 0
                    : (float) (((d[0] - all) * vHue[0] + (d[1] - all) * vHue[1] + (d[2] - all) * vHue[2]) / hue2);
        }
        SoftBlur.of(byHue, grid.w, grid.h, BLUR_CHROMA * scale);
        SoftBlur.of(byLight, grid.w, grid.h, Math.max(1, BLUR_LIGHT * scale));
        double sureHue = hue2 / (RELIEF_CHROMA * RELIEF_CHROMA);
        double sureLight = vLight * vLight / (RELIEF_LIGHT * RELIEF_LIGHT);
        double weight = sureHue / Math.max(1e-9, sureHue + sureLight);
        for (int i = 0; i < share.length; i++) {
            double light = Math.abs(vLight) > 1e-3 ? byLight[i] / vLight : 0;
            share[i] = (float) Math.max(LEAST, Math.min(MOST, weight * byHue[i] + (1 - weight) * light));
        }
    }

    /** Returns, as logarithms, what clear skin would be in the picture: what was read as the mark, less what it parts by. */
    private double[] ownSkin() {
        double[] sum = new double[3];
        int n = 0;
        for (int i = 0; i < grid.away.length; i++) {
            if (grid.away[i] <= 1 / (1 + covered.spread())) {
                for (int c = 0; c < 3; c++) {
                    sum[c] += grid.light[3 * i + c];
                }
                n++;
            }
        }
        for (int c = 0; c < 3; c++) {
            sum[c] = Math.log(Math.max(DARK, sum[c] / Math.max(1, n))) - vLight - vHue[c];
        }
        return sum;
    }

    /** Returns the light that skin would send back here: blurred from outside the mark. */
    private float[][] skin(float[] before) {
        float[] weight = new float[grid.w * grid.h];
        for (int i = 0; i < weight.length; i++) {
            double outside = grid.away[i] > CLEAR_FROM ? 1 : 0;
            double clear = before == null ? 1 : Math.max(0, 1 - 2 * Math.max(0, before[i]));
            double onSkin = grid.skin[i];
            weight[i] = (float) (outside * clear * onSkin * onSkin + 1e-6);
        }
        double sigma = BLUR_SKIN * grid.radius / grid.step;
        float[] sum = weight.clone();
        SoftBlur.of(sum, grid.w, grid.h, sigma);
        float[][] skin = new float[3][grid.w * grid.h];
        for (int c = 0; c < 3; c++) {
            for (int i = 0; i < weight.length; i++) {
                skin[c][i] = grid.light[3 * i + c] * weight[i];
            }
            SoftBlur.of(skin[c], grid.w, grid.h, sigma);
            for (int i = 0; i < weight.length; i++) {
                skin[c][i] /= Math.max(1e-7f, sum[i]);
            }
        }
        return skin;
    }
}
