package scree.core.image;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Finds dark spots in a light ring, round or square: local threshold, connected regions, then shape, ring and core checks. */
final class Spots {
    /** A pixel is dark below this share of its neighbourhood's mean. House choice: ink on white is under 0.4. */
    private static final double DARK_SHARE = 0.55;

    private static final int LEAST_SIDE = 5;
    private static final int MOST_SIDE = 60;
    private static final int RING_SAMPLES = 16;
    private static final int LEAST_CONTRAST = 50;

    /**
     * What is looked for.
     *
     * @param ring radius of the light ring in half sides: round a square it runs outside the corners
     * @param inside radius where it has to be dark
     * @param leastFilled share of its box that is dark at least
     * @param leastFilledRound the same with a light core
     * @param neighbourhood the longer side of the picture over the reach of what a pixel is compared with: well past the mark
     */
    enum Mark {
        DOT(1.42, .72, .66, .45, 60),
        /** A square turned by up to 25° fills little more than half of its box. */
        SQUARE(1.72, .72, .54, .42, 32);

        private final double ring;
        private final double inside;
        private final double leastFilled;
        private final double leastFilledRound;
        private final int neighbourhood;

        Mark(double ring, double inside, double leastFilled, double leastFilledRound, int neighbourhood) {
            this.neighbourhood = neighbourhood;
            this.ring = ring;
            this.inside = inside;
            this.leastFilled = leastFilled;
            this.leastFilledRound = leastFilledRound;
        }
    }

    private final Mark mark;
    private final Raster raster;
    private final int[] luma;
    private final boolean[] dark;

    private Spots(Raster raster, Mark mark) {
        this.mark = mark;
        this.raster = raster;
        this.luma = lumaOf(raster);
        this.dark = darkOf(luma, raster.width(), raster.height(), mark.neighbourhood);
    }

    static List<Spot> in(Raster raster, Mark mark) {
        return new Spots(raster, mark).collect();
    }

    /** Returns the centre of darkness within {@code reach} pixels, to a fraction of a pixel. */
    static Point centroid(Raster raster, Point start, double reach) {
        double light = 0;
        int r = (int) Math.ceil(reach);
        int cx = (int) Math.round(start.x());
        int cy = (int) Math.round(start.y());
        for (int y = cy - r; y <= cy + r; y++) {
            for (int x = cx - r; x <= cx + r; x++) {
                light = Math.max(light, raster.luma(x, y));
            }
        }
        double sum = 0;
        double sx = 0;
        double sy = 0;
        for (int y = cy - r; y <= cy + r; y++) {
            for (int x = cx - r; x <= cx + r; x++) {
                double weight = Math.max(0, 0.75 * light - raster.luma(x, y));
                if (Math.hypot(x - start.x(), y - start.y()) <= reach) {
                    sum += weight;
                    sx += weight * x;
                    sy += weight * y;
                }
            }
        }
        return sum == 0 ? start : new Point(sx / sum, sy / sum);
    }

    private List<Spot> collect() {
        int w = raster.width();
        List<Spot> spots = new ArrayList<>();
        boolean[] seen = new boolean[dark.length];
        ArrayDeque<Integer> queue = new ArrayDeque<>();
        for (int start = 0; start < dark.length; start++) {
            if (dark[start] && !seen[start]) {
                Region region = flood(start, w, seen, queue);
                Spot spot = region.round() ? spotOf(region) : null;
                if (spot != null) {
                    spots.add(spot);
                }
            }
        }
        return spots;
    }

    private Region flood(int start, int w, boolean[] seen, ArrayDeque<Integer> queue) {
        Region region = new Region();
        queue.add(start);
        seen[start] = true;
        while (!queue.isEmpty()) {
            int i = queue.poll();
            int x = i % w;
            region.add(x, i / w);
            visit(i - w, seen, queue);
            visit(i + w, seen, queue);
            if (x > 0) {
                visit(i - 1, seen, queue);
            }
            if (x < w - 1) {
                visit(i + 1, seen, queue);
            }
        }
        return region;
    }

    private void visit(int i, boolean[] seen, ArrayDeque<Integer> queue) {
        if (i >= 0 && i < dark.length && dark[i] && !seen[i]) {
            seen[i] = true;
            queue.add(i);
        }
    }

    private Spot spotOf(Region region) {
        double radius = (region.width() + region.height()) / 4.0;
        Point centre = new Point((region.left + region.right) / 2.0, (region.top + region.bottom) / 2.0);
        int ringLow = 255;
        int ringHigh = 0;
        double body = 255;
        double bodySum = 0;
        for (int i = 0; i < RING_SAMPLES; i++) {
            double angle = 2 * Math.PI * i / RING_SAMPLES;
            int ring = around(centre, angle, mark.ring * radius);
            ringLow = Math.min(ringLow, ring);
            ringHigh = Math.max(ringHigh, ring);
            int inside = around(centre, angle, mark.inside * radius);
            body = Math.min(body, inside);
            bodySum += inside;
        }
        double bodyMean = bodySum / RING_SAMPLES;
        double contrast = ringLow - bodyMean;
        if (contrast < LEAST_CONTRAST || ringLow < 0.78 * ringHigh || !neutralRing(centre, mark.ring * radius)) {
            return null;
        }
        boolean core = around(centre, 0, 0) > bodyMean + 0.4 * (ringLow - bodyMean);
        boolean filled =
                region.count >= (core ? mark.leastFilledRound : mark.leastFilled) * region.width() * region.height();
        return filled ? new Spot(centre, radius, core, contrast) : null;
    }

    /** Skin round a mole is not neutral against the card's border, whatever the lamp: keeps eyes and moles out early. */
    private boolean neutralRing(Point centre, double radius) {
        int[] sum = new int[3];
        for (int i = 0; i < RING_SAMPLES; i++) {
            double angle = 2 * Math.PI * i / RING_SAMPLES;
            int x = (int) Math.round(centre.x() + radius * Math.cos(angle));
            int y = (int) Math.round(centre.y() + radius * Math.sin(angle));
            for (int c = 0; c < 3; c++) {
                sum[c] += raster.code(x, y, c);
            }
        }
        int high = Math.max(sum[0], Math.max(sum[1], sum[2]));
        int low = Math.min(sum[0], Math.min(sum[1], sum[2]));
        return low > 0.55 * high;
    }

    private int around(Point centre, double angle, double radius) {
        return raster.luma((int) Math.round(centre.x() + radius * Math.cos(angle)), (int)
                Math.round(centre.y() + radius * Math.sin(angle)));
    }

    private static int[] lumaOf(Raster raster) {
        int[] luma = new int[raster.rgb().length];
        for (int i = 0; i < luma.length; i++) {
            int p = raster.rgb()[i];
            luma[i] = (299 * (p >> 16 & 0xff) + 587 * (p >> 8 & 0xff) + 114 * (p & 0xff)) / 1000;
        }
        return luma;
    }

    private static boolean[] darkOf(int[] luma, int w, int h, int neighbourhood) {
        int[] integral = new int[(w + 1) * (h + 1)]; // 255 × 1400² fits
        for (int y = 0; y < h; y++) {
            int row = 0;
            for (int x = 0; x < w; x++) {
                row += luma[y * w + x];
                integral[(y + 1) * (w + 1) + x + 1] = integral[y * (w + 1) + x + 1] + row;
            }
        }
        boolean[] dark = new boolean[luma.length];
        int reach = Math.max(8, Math.max(w, h) / neighbourhood);
        IntStream.range(0, h).parallel().forEach(y -> {
            int top = Math.max(0, y - reach);
            int bottom = Math.min(h, y + reach + 1);
            for (int x = 0; x < w; x++) {
                int left = Math.max(0, x - reach);
                int right = Math.min(w, x + reach + 1);
                int sum = integral[bottom * (w + 1) + right]
                        - integral[top * (w + 1) + right]
                        - integral[bottom * (w + 1) + left]
                        + integral[top * (w + 1) + left];
                int area = (bottom - top) * (right - left);
                dark[y * w + x] = (double) luma[y * w + x] * area < DARK_SHARE * sum;
            }
        });
        return dark;
    }

    private static final class Region {
        private int left = Integer.MAX_VALUE;
        private int right = Integer.MIN_VALUE;
        private int top = Integer.MAX_VALUE;
        private int bottom = Integer.MIN_VALUE;
        private int count;

        void add(int x, int y) {
            left = Math.min(left, x);
            right = Math.max(right, x);
            top = Math.min(top, y);
            bottom = Math.max(bottom, y);
            count++;
        }

        int width() {
            return right - left + 1;
        }

        int height() {
            return bottom - top + 1;
        }

        boolean round() {
            double ratio = (double) width() / height();
            int side = Math.max(width(), height());
            return side >= LEAST_SIDE && side <= MOST_SIDE && ratio > 0.62 && ratio < 1.6;
        }
    }
}
