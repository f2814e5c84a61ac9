package scree.core.placement;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import scree.core.colour.Spectrum;
import scree.core.cover.CoverPlan;
import scree.core.cover.Layer;
import scree.core.image.Raster;

/**
 * Covers a mark in a picture. What a plan's films do to skin that holds so much of the mark is laid on the picture's own pixels, so the mark
 * goes while light and relief, which move all channels alike, stay. Derived and checked film by film on simulated patches, docs/method.md.
 */
final class CoverPaint {
    private static final int SHARES = 21;
    private static final int AMOUNTS = 9;
    private static final double BLUR_RELIEF = 2.5;
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
    /** Less of it is not seen. */
    private static final float HARDLY = 1e-3f;

    private final Covered covered;
    private final MadeUp.Light light;
    private final MarkGrid grid;
    /** How much of what lies there already gives way, 0 to 1. */
    private final Blocks blends;
    /** By what each channel of the bare picture is multiplied. */
    private final Blocks[] changes = new Blocks[3];

    /**
     * Works out how a mark is covered.
     *
     * @param bare picture without anything on
     * @param base what the base does to each channel of clear skin: beside the mark nothing else is to be seen
     * @param open where skin is, or null for everywhere
     */
    CoverPaint(Covered covered, Raster bare, double[] base, Canvas.Room open, MadeUp.Light light) {
        this.covered = covered;
        this.light = light;
        this.grid = new MarkGrid(covered, bare, open);
        this.blends = grid.sheet();
        Arrays.setAll(changes, c -> grid.sheet());
        if (grid.tells()) {
            work(covered.plan().place().baseCoats() == 0 ? new double[] {1, 1, 1} : base);
        }
    }

    /** What the plan does to a ground that holds some share of the mark, by amounts of what is laid under and over the base. */
    private float[] table() {
        CoverPlan<?> plan = covered.plan();
        float[] t = new float[AMOUNTS * AMOUNTS * SHARES * 3];
        for (int k = 0; k < SHARES; k++) {
            Spectrum ground = between(MarkShare.LEAST + (MarkShare.MOST - MarkShare.LEAST) * k / (SHARES - 1));
            double[] bare = MadeUp.shown(ground, light);
            for (int i = 0; i < AMOUNTS; i++) {
                Spectrum under = laid(plan.under(), i / (AMOUNTS - 1.0), ground);
                Spectrum based = plan.place().based(under);
                for (int j = 0; j < AMOUNTS; j++) {
                    Spectrum all = laid(plan.over(), j / (AMOUNTS - 1.0), based);
                    double[] seen = MadeUp.shown(all, light);
                    for (int c = 0; c < 3; c++) {
                        t[((i * AMOUNTS + j) * SHARES + k) * 3 + c] = (float) Math.log(seen[c] / bare[c]);
                    }
                }
            }
        }
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

    private void work(double[] base) {
        MarkShare mark = new MarkShare(grid, covered);
        float[] share = mark.share;
        float[] table = table();
        double[] clear = at(table, 0, 0, 0);
        float[] fine = new float[grid.w * grid.h];
        for (int i = 0; i < fine.length; i++) {
            fine[i] = (float) (mark.relief[i] - share[i] * mark.vLight);
        }
        float[] coarse = Arrays.copyOf(fine, fine.length);
        SoftBlur.of(coarse, grid.w, grid.h, BLUR_RELIEF * Math.max(.6, grid.radius / MarkShare.AT_RADIUS) / grid.step);
        float[] where = Arrays.copyOf(share, share.length);
        SoftBlur.of(where, grid.w, grid.h, grid.radius / WHERE_BLURRED / grid.step);
        double fill = FILLED * Math.min(1, covered.plan().microns() / FILLED_AT);
        for (int i = 0; i < share.length; i++) {
            // a zone's plan fades into what lies there else, which may be another zone's
            double from = covered.spread() == Covered.SPOT ? SPOT_BLENDS_FROM : ZONE_BLENDS_FROM;
            blends.amounts[i] =
                    (float) ((1 - smooth((grid.away[i] - from) / BLENDS_OVER)) * Math.pow(grid.skin[i], NEAR_LASHES));
            // a hand lays it where the mark is and lets it run out where that ends
            double there = Math.max(0, Math.min(1, where[i] / ALL_OF_IT));
            double under =
                    there * (1 - smooth((grid.away[i] - CORRECTOR_EDGE + CORRECTOR_FEATHER / 2) / CORRECTOR_FEATHER));
            double over = there * (1 - smooth((grid.away[i] - COVER_EDGE + COVER_FEATHER / 2) / COVER_FEATHER));
            if (covered.spread() > Covered.SPOT) {
                over = there * (1 - smooth((share[i] - NO_SKIN_FROM) / (MarkShare.MOST - NO_SKIN_FROM)));
                under = over;
            }
            double[] change = at(table, under, over, share[i]);
            double filled = -fill * over * (fine[i] - coarse[i]);
            for (int c = 0; c < 3; c++) {
                changes[c].amounts[i] = (float) (base[c] * Math.exp(change[c] - clear[c] + filled));
            }
        }
    }

    /** Returns what it may change: left, top, right, bottom, px. */
    int[] box() {
        return grid.box();
    }

    /**
     * Lays it on the picture's own pixels, whose light and relief stay.
     *
     * @param picture bare
     * @param worn linear picture with the base on, changed where the mark is covered
     */
    void over(Raster picture, float[] worn) {
        int wide = grid.w * grid.step;
        IntStream.range(0, grid.tells() ? grid.h * grid.step : 0).parallel().forEach(y -> {
            float[] blend = new float[wide];
            blends.row(y, 0, blend, 0, wide);
            float[][] change = new float[3][wide];
            for (int c = 0; c < 3; c++) {
                changes[c].row(y, 0, change[c], 0, wide);
            }
            for (int x = 0; x < wide; x++) {
                if (blend[x] > HARDLY) {
                    int p = grid.pixel(x, y);
                    int bare = picture.rgb()[p];
                    for (int c = 0; c < 3; c++) {
                        float covered = MadeUp.linear(bare >> 16 - 8 * c & 255) * change[c][x];
                        worn[3 * p + c] += blend[x] * (covered - worn[3 * p + c]);
                    }
                }
            }
        });
    }

    private static double smooth(double x) {
        double t = Math.max(0, Math.min(1, x));
        return t * t * (3 - 2 * t);
    }

    /** Trilinear in logarithms. */
    private static double[] at(float[] table, double under, double over, double share) {
        double u = Math.max(0, Math.min(1, under)) * (AMOUNTS - 1);
        double o = Math.max(0, Math.min(1, over)) * (AMOUNTS - 1);
        double s = (Math.max(MarkShare.LEAST, Math.min(MarkShare.MOST, share)) - MarkShare.LEAST)
                / (MarkShare.MOST - MarkShare.LEAST)
                * (SHARES - 1);
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
