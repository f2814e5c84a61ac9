package scree.core.placement;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import scree.core.colour.Spectrum;
import scree.core.cover.CoverPlan;
import scree.core.cover.Layer;
import scree.core.image.Point;

/**
 * Covers a mark pixel by pixel. How much of the mark lies in a pixel is told from its colour against the skin round it, beside the two
 * colours that were read; the films go over just that, so the mark goes while light and relief, which move all channels alike, stay.
 * Derived and checked film by film on simulated patches, docs/method.md.
 */
final class CoverPaint {
    /** Spread of relief in chroma and in luminance, ln. House choices, on patches with 3.5 % relief and 4 % mottle. */
    private static final double RELIEF_CHROMA = .012;

    private static final double RELIEF_LIGHT = .020;
    private static final double LEAST = -.3;
    private static final double MOST = 1.9;
    private static final int SHARES = 21;
    private static final int AMOUNTS = 9;
    /** Blurs for a mark of this many pixels' radius; they grow with it. */
    private static final double AT_RADIUS = 27;

    private static final double BLUR_CHROMA = .7;
    private static final double BLUR_LIGHT = 2.4;
    private static final double BLUR_RELIEF = 2.5;
    private static final double BLUR_SKIN = 1.25;
    /** A corrector's edge lies at the mark's, a cover's a quarter farther; each feathered. House choices, from rings and halos computed. */
    private static final double CORRECTOR_EDGE = 1;

    private static final double CORRECTOR_FEATHER = .3;
    private static final double COVER_EDGE = 1.25;
    private static final double COVER_FEATHER = .6;
    /** Fine relief is filled by half under a film of this thickness, µm. House choice. */
    private static final double FILLED_AT = 40;

    private static final double FILLED = .5;
    /** Where a zone's mark holds this much of what was read, all of the plan is laid. House choice. */
    private static final double ALL_OF_IT = .9;

    /** What holds more of the mark than this beside a zone is a lash, a brow or a shadow's edge: nothing is laid there. House choice. */
    private static final double NO_SKIN_FROM = 1.3;

    /** Where a plan's picture gives way to what lies beside it. House choices. */
    private static final double SPOT_BLENDS_FROM = 1.6;

    private static final double ZONE_BLENDS_FROM = 1.35;
    private static final double BLENDS_OVER = .75;
    /** How fast a plan ends towards eyes and lips. House choice. */
    private static final double NEAR_LASHES = 4;

    private static final double WHERE_BLURRED = 7;
    /** Parts of a mark's radius that are told apart; more cost time and show nothing. House choice. */
    private static final double FINE = 10;

    private static final double DARK = 1e-4;

    private final Covered covered;
    private final MadeUp.Light light;
    private final int width;
    private final int left;
    private final int top;
    private final int w;
    private final int h;
    private final double radius;
    private final float[] away;
    private final int wide;
    private final int high;
    private final int step;
    private final float[] small;
    private final float[] skinHere;

    private CoverPaint(Covered covered, MadeUp.Light light, int width, int height) {
        this.covered = covered;
        this.light = light;
        this.width = width;
        List<Point> line = covered.outline();
        this.radius = (1 + covered.spread()) * halfWidth(line);
        int margin = (int) Math.ceil(2.4 * radius) + 3;
        this.left = (int) Math.max(0, line.stream().mapToDouble(Point::x).min().orElse(0) - margin);
        this.top = (int) Math.max(0, line.stream().mapToDouble(Point::y).min().orElse(0) - margin);
        int right =
                (int) Math.min(width, line.stream().mapToDouble(Point::x).max().orElse(0) + margin);
        int bottom =
                (int) Math.min(height, line.stream().mapToDouble(Point::y).max().orElse(0) + margin);
        this.wide = Math.max(0, right - left);
        this.high = Math.max(0, bottom - top);
        this.step = Math.max(1, (int) (radius / FINE));
        this.w = wide / step;
        this.h = high / step;
        this.away = new float[w * h];
        this.small = new float[3 * w * h];
        this.skinHere = new float[w * h];
    }

    /** Shrinks what is looked at: a mark is told by parts of its radius, not by pixels. */
    private void shrink(float[] bare, float[] open) {
        float share = 1f / (step * step);
        IntStream.range(0, h).parallel().forEach(y -> {
            for (int x = 0; x < w; x++) {
                int i = y * w + x;
                for (int dy = 0; dy < step; dy++) {
                    int from = (y * step + dy + top) * width + x * step + left;
                    for (int dx = 0; dx < step; dx++) {
                        int p = from + dx;
                        small[3 * i] += bare[3 * p] * share;
                        small[3 * i + 1] += bare[3 * p + 1] * share;
                        small[3 * i + 2] += bare[3 * p + 2] * share;
                        skinHere[i] += (open == null ? 1 : open[p]) * share;
                    }
                }
            }
        });
    }

    /**
     * Covers a mark in a picture.
     *
     * @param bare linear picture without anything on
     * @param based the same with the base on, changed where the mark is covered
     * @param base what the base does to each channel of clear skin: beside the mark nothing else is to be seen
     * @param open where skin is, 0 to 1 by pixel, or null for everywhere
     */
    static void over(
            Covered covered,
            float[] bare,
            float[] based,
            double[] base,
            float[] open,
            MadeUp.Light light,
            int width,
            int height) {
        CoverPaint paint = new CoverPaint(covered, light, width, height);
        if (paint.w > 4 && paint.h > 4 && paint.radius > 1.5) {
            paint.cover(bare, based, base, open);
        }
    }

    /** Half the width of a long shape, the radius of a round one. */
    private static double halfWidth(List<Point> line) {
        double area = 0;
        double round = 0;
        for (int i = 0; i < line.size(); i++) {
            Point a = line.get(i);
            Point b = line.get((i + 1) % line.size());
            area += a.x() * b.y() - b.x() * a.y();
            round += Math.hypot(b.x() - a.x(), b.y() - a.y());
        }
        return round == 0 ? 0 : Math.abs(area) / round;
    }

    private void cover(float[] bare, float[] based, double[] base, float[] open) {
        shrink(bare, open);
        distances();
        double[] z = MadeUp.shown(covered.plan().place().zone(), MadeUp.Light.DAYLIGHT);
        double[] s = MadeUp.shown(covered.plan().place().surround(), MadeUp.Light.DAYLIGHT);
        double[] v = {Math.log(z[0] / s[0]), Math.log(z[1] / s[1]), Math.log(z[2] / s[2])};
        double vLight = (v[0] + v[1] + v[2]) / 3;
        double[] vHue = {v[0] - vLight, v[1] - vLight, v[2] - vLight};
        float[] share = new float[w * h];
        float[] relief = new float[w * h];
        for (int round = 0; round < 2; round++) { // the second time skin is what held none of the mark
            shares(vLight, vHue, share, relief, round == 0 ? null : share.clone());
        }
        paint(bare, based, base, share, relief, vLight);
    }

    /** Fills in how far each pixel is from the mark's middle line: 1 at its edge. */
    private void distances() {
        List<Point> line = covered.outline();
        IntStream.range(0, h).parallel().forEach(y -> {
            for (int x = 0; x < w; x++) {
                double px = (x + .5) * step + left;
                double py = (y + .5) * step + top;
                double near = Double.MAX_VALUE;
                boolean inside = false;
                for (int i = 0; i < line.size(); i++) {
                    Point a = line.get(i);
                    Point b = line.get((i + 1) % line.size());
                    double dx = b.x() - a.x();
                    double dy = b.y() - a.y();
                    double t = Math.max(
                            0,
                            Math.min(1, ((px - a.x()) * dx + (py - a.y()) * dy) / Math.max(1e-9, dx * dx + dy * dy)));
                    double ox = px - a.x() - t * dx;
                    double oy = py - a.y() - t * dy;
                    near = Math.min(near, ox * ox + oy * oy);
                    if (a.y() > py != b.y() > py && px < a.x() + (py - a.y()) / (b.y() - a.y()) * dx) {
                        inside = !inside;
                    }
                }
                double own = radius / (1 + covered.spread());
                double far = Math.sqrt(near);
                away[y * w + x] = (float) ((own + (inside ? -far : far)) / radius);
            }
        });
    }

    private void shares(double vLight, double[] vHue, float[] share, float[] relief, float[] before) {
        float[][] skin = skin(before);
        double[] own = covered.spread() == Covered.SPOT ? null : ownSkin(vLight, vHue);
        double scale = Math.max(.6, radius / AT_RADIUS) / step;
        double hue2 = vHue[0] * vHue[0] + vHue[1] * vHue[1] + vHue[2] * vHue[2];
        float[] byHue = new float[w * h];
        float[] byLight = new float[w * h];
        for (int i = 0; i < share.length; i++) {
            int p = 3 * i;
            double[] d = new double[3];
            for (int c = 0; c < 3; c++) {
                d[c] = Math.log(Math.max(DARK, small[p + c])) - Math.log(Math.max(DARK, skin[c][i]));
            }
            double all = (d[0] + d[1] + d[2]) / 3;
            relief[i] = (float) all;
            byLight[i] = (float) all;
            if (own != null) { // where a zone's mark runs on, the skin round it holds some of it too
                for (int c = 0; c < 3; c++) {
                    d[c] = Math.log(Math.max(DARK, small[p + c])) - own[c];
                }
                all = (d[0] + d[1] + d[2]) / 3;
            }
            byHue[i] = hue2 < 1e-9
                    ? 0
                    : (float) (((d[0] - all) * vHue[0] + (d[1] - all) * vHue[1] + (d[2] - all) * vHue[2]) / hue2);
        }
        SoftBlur.of(byHue, w, h, BLUR_CHROMA * scale);
        SoftBlur.of(byLight, w, h, Math.max(1, BLUR_LIGHT * scale));
        double sureHue = hue2 / (RELIEF_CHROMA * RELIEF_CHROMA);
        double sureLight = vLight * vLight / (RELIEF_LIGHT * RELIEF_LIGHT);
        double weight = sureHue / Math.max(1e-9, sureHue + sureLight);
        for (int i = 0; i < share.length; i++) {
            double light = Math.abs(vLight) > 1e-3 ? byLight[i] / vLight : 0;
            share[i] = (float) Math.max(LEAST, Math.min(MOST, weight * byHue[i] + (1 - weight) * light));
        }
    }

    /** Returns, as logarithms, what clear skin would be in the picture: what was read as the mark, less what it parts by. */
    private double[] ownSkin(double vLight, double[] vHue) {
        double[] sum = new double[3];
        int n = 0;
        for (int i = 0; i < away.length; i++) {
            if (away[i] <= 1 / (1 + covered.spread())) {
                for (int c = 0; c < 3; c++) {
                    sum[c] += small[3 * i + c];
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
        float[] weight = new float[w * h];
        for (int i = 0; i < weight.length; i++) {
            double outside = away[i] > 1.45 ? 1 : 0;
            double clear = before == null ? 1 : Math.max(0, 1 - 2 * Math.max(0, before[i]));
            double onSkin = skinHere[i];
            weight[i] = (float) (outside * clear * onSkin * onSkin + 1e-6);
        }
        double sigma = BLUR_SKIN * radius / step;
        float[] sum = weight.clone();
        SoftBlur.of(sum, w, h, sigma);
        float[][] skin = new float[3][w * h];
        for (int c = 0; c < 3; c++) {
            for (int i = 0; i < weight.length; i++) {
                skin[c][i] = small[3 * i + c] * weight[i];
            }
            SoftBlur.of(skin[c], w, h, sigma);
            for (int i = 0; i < weight.length; i++) {
                skin[c][i] /= Math.max(1e-7f, sum[i]);
            }
        }
        return skin;
    }

    /** What the plan does to a ground that holds some share of the mark, by amounts of what is laid under and over the base. */
    private float[] table() {
        CoverPlan<?> plan = covered.plan();
        float[] t = new float[AMOUNTS * AMOUNTS * SHARES * 3];
        IntStream.range(0, SHARES).parallel().forEach(k -> {
            Spectrum ground = between(LEAST + (MOST - LEAST) * k / (SHARES - 1));
            double[] bare = MadeUp.shown(ground, light);
            for (int i = 0; i < AMOUNTS; i++) {
                Spectrum under = laid(plan.under(), i / (AMOUNTS - 1.0), ground);
                Spectrum based = plan.place()
                        .base()
                        .coat()
                        .worn(plan.place().baseCoats())
                        .over(under);
                for (int j = 0; j < AMOUNTS; j++) {
                    Spectrum all = laid(plan.over(), j / (AMOUNTS - 1.0), based);
                    double[] seen = MadeUp.shown(all, light);
                    for (int c = 0; c < 3; c++) {
                        t[((i * AMOUNTS + j) * SHARES + k) * 3 + c] = (float) Math.log(seen[c] / bare[c]);
                    }
                }
            }
        });
        return t;
    }

    private Spectrum between(double share) {
        Spectrum zone = covered.plan().place().zone();
        Spectrum surround = covered.plan().place().surround();
        double[] bands = new double[Spectrum.BANDS];
        for (int i = 0; i < bands.length; i++) {
            double ln = (1 - share) * Math.log(surround.at(i)) + share * Math.log(zone.at(i));
            bands[i] = Math.max(1e-3, Math.min(.98, Math.exp(ln)));
        }
        return Spectrum.of(bands);
    }

    private static Spectrum laid(List<? extends Layer<?>> layers, double share, Spectrum ground) {
        Spectrum on = ground;
        for (Layer<?> l : layers) {
            on = l.ware().coat().worn(l.amount() * share).over(on);
        }
        return on;
    }

    private void paint(float[] bare, float[] based, double[] base, float[] share, float[] relief, double vLight) {
        float[] table = table();
        double[] clear = at(table, 0, 0, 0);
        double[] baseOf = covered.plan().place().baseCoats() == 0 ? new double[] {1, 1, 1} : base;
        float[] fine = new float[w * h];
        for (int i = 0; i < fine.length; i++) {
            fine[i] = (float) (relief[i] - share[i] * vLight);
        }
        float[] coarse = Arrays.copyOf(fine, fine.length);
        SoftBlur.of(coarse, w, h, BLUR_RELIEF * Math.max(.6, radius / AT_RADIUS) / step);
        float[] where = Arrays.copyOf(share, share.length);
        SoftBlur.of(where, w, h, radius / WHERE_BLURRED / step);
        double fill = FILLED * Math.min(1, covered.plan().microns() / FILLED_AT);
        float[] blends = new float[w * h];
        float[][] changes = new float[3][w * h];
        for (int i = 0; i < share.length; i++) {
            // a zone's plan fades into what lies there else, which may be another zone's
            double from = covered.spread() == Covered.SPOT ? SPOT_BLENDS_FROM : ZONE_BLENDS_FROM;
            blends[i] = (float) ((1 - smooth((away[i] - from) / BLENDS_OVER)) * Math.pow(skinHere[i], NEAR_LASHES));
            // a hand lays it where the mark is and lets it run out where that ends
            double there = Math.max(0, Math.min(1, where[i] / ALL_OF_IT));
            double under = there * (1 - smooth((away[i] - CORRECTOR_EDGE + CORRECTOR_FEATHER / 2) / CORRECTOR_FEATHER));
            double over = there * (1 - smooth((away[i] - COVER_EDGE + COVER_FEATHER / 2) / COVER_FEATHER));
            if (covered.spread() > Covered.SPOT) {
                over = there * (1 - smooth((share[i] - NO_SKIN_FROM) / (MOST - NO_SKIN_FROM)));
                under = over;
            }
            double[] change = at(table, under, over, share[i]);
            double filled = -fill * over * (fine[i] - coarse[i]);
            for (int c = 0; c < 3; c++) {
                changes[c][i] = (float) (change[c] - clear[c] + Math.log(baseOf[c]) + filled);
            }
        }
        lay(bare, based, blends, changes);
    }

    /** Lays the changes on the picture's own pixels, whose light and relief stay. */
    private void lay(float[] bare, float[] based, float[] blends, float[][] changes) {
        IntStream.range(0, h * step).parallel().forEach(y -> {
            for (int x = 0; x < w * step; x++) {
                float blend = between(blends, x, y);
                if (blend > 1e-3) {
                    int p = 3 * ((y + top) * width + x + left);
                    for (int c = 0; c < 3; c++) {
                        double covered = bare[p + c] * Math.exp(between(changes[c], x, y));
                        based[p + c] += (float) (blend * (covered - based[p + c]));
                    }
                }
            }
        });
    }

    /** Returns a value of the small grid at a pixel, bilinear. */
    private float between(float[] grid, int x, int y) {
        if (step == 1) {
            return grid[y * w + x];
        }
        float gx = Math.max(0, Math.min(w - 1.001f, (x + .5f) / step - .5f));
        float gy = Math.max(0, Math.min(h - 1.001f, (y + .5f) / step - .5f));
        int i = (int) gy * w + (int) gx;
        float fx = gx - (int) gx;
        float fy = gy - (int) gy;
        return (1 - fy) * ((1 - fx) * grid[i] + fx * grid[i + 1])
                + fy * ((1 - fx) * grid[i + w] + fx * grid[i + w + 1]);
    }

    private static double smooth(double x) {
        double t = Math.max(0, Math.min(1, x));
        return t * t * (3 - 2 * t);
    }

    /** Trilinear in logarithms. */
    private static double[] at(float[] table, double under, double over, double share) {
        double u = Math.max(0, Math.min(1, under)) * (AMOUNTS - 1);
        double o = Math.max(0, Math.min(1, over)) * (AMOUNTS - 1);
        double s = (Math.max(LEAST, Math.min(MOST, share)) - LEAST) / (MOST - LEAST) * (SHARES - 1);
        int i = Math.min(AMOUNTS - 2, (int) u);
        int j = Math.min(AMOUNTS - 2, (int) o);
        int k = Math.min(SHARES - 2, (int) s);
        double[] sum = new double[3];
        for (int corner = 0; corner < 8; corner++) {
            int di = corner & 1;
            int dj = corner >> 1 & 1;
            int dk = corner >> 2;
            double weight =
                    (di == 1 ? u - i : 1 - u + i) * (dj == 1 ? o - j : 1 - o + j) * (dk == 1 ? s - k : 1 - s + k);
            int at = (((i + di) * AMOUNTS + j + dj) * SHARES + k + dk) * 3;
            for (int c = 0; c < 3; c++) {
                sum[c] += weight * table[at + c];
            }
        }
        return sum;
    }
}
