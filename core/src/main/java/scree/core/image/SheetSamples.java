package scree.core.image;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Codes read off a swatch sheet: for every field the bare strips on both sides and the largest even patch of what lies on either half,
 * and the paper beside the card.
 *
 * @param fields in the order of their numbers
 * @param besideCard codes {r, g, b} 0..1 of points of bare paper round the card
 */
public record SheetSamples(List<Field> fields, List<double[]> besideCard) {
    /** Grid of a half in millimetres, and what is left free of the border and the outline. */
    private static final double GRID = .5;

    private static final double MARGIN = 1;
    private static final int COLUMNS = (int) ((SheetLayout.GROUND_WIDTH - 2 * SheetLayout.STRIP) / GRID);
    private static final int ROWS = (int) ((SheetLayout.GROUND_HEIGHT / 2 - 2 * MARGIN) / GRID);
    /** A place is smeared when it differs from the bare ground by this in a channel: three times what print and noise do. */
    private static final double DIFFERS = .028;

    /** Shares of a half: under the first it is bare, over the second it is worth reading. */
    private static final double BARE = .06;

    private static final double INNER = .6;
    private static final double LEAST_SHARE = .15;
    /** Two products in one half: their middles part by this in a channel, and each has this share. */
    private static final double TWO_APART = .09;

    private static final double TWO_SHARE = .22;
    private static final double TRIM = .15;

    public SheetSamples {
        fields = List.copyOf(fields);
        besideCard = List.copyOf(besideCard);
    }

    /**
     * One field.
     *
     * @param leftPaper codes of the bare paper on its left
     */
    public record Field(
            int number,
            double[] leftPaper,
            double[] rightPaper,
            double[] leftPrint,
            double[] rightPrint,
            Patch onPaper,
            Patch onPrint) {
        /** Returns whether nothing lies on it. */
        public boolean empty() {
            return onPaper.share() < BARE && onPrint.share() < BARE;
        }
    }

    /**
     * What lies on one half.
     *
     * @param code median of the inner part of the largest patch; of the bare ground when nothing lies there
     * @param share of the half that is covered, 0..1
     * @param uneven spread of luma over the inner part in codes 0..1
     * @param two whether two colours lie side by side
     * @param supposed whether nothing was seen there and it is supposed to lie as on the other half, as sheer films do
     */
    public record Patch(double[] code, double share, double uneven, boolean two, boolean supposed) {
        /** Returns whether enough lies there to be read. */
        public boolean readable() {
            return share >= LEAST_SHARE;
        }
    }

    /** Reads a sheet that was found. */
    public static SheetSamples of(Raster picture, SheetSighting.Found sheet) {
        Homography map = sheet.toPicture();
        List<Field> fields =
                SheetLayout.fields().stream().map(f -> field(picture, map, f)).toList();
        List<double[]> beside = SheetLayout.besideCard().stream()
                .map(p -> mean(picture, map, p.x() - 1, p.y() - 1, p.x() + 1, p.y() + 1))
                .toList();
        return new SheetSamples(fields, beside);
    }

    private static Field field(Raster picture, Homography map, SheetLayout.Field f) {
        double[] leftPaper = strip(picture, map, f.left(), f.top(), f.border());
        double[] rightPaper = strip(picture, map, f.right() - SheetLayout.STRIP, f.top(), f.border());
        double[] leftPrint = strip(picture, map, f.left(), f.border(), f.bottom());
        double[] rightPrint = strip(picture, map, f.right() - SheetLayout.STRIP, f.border(), f.bottom());
        double[][] paper = half(picture, map, f.left() + SheetLayout.STRIP, f.top() + MARGIN);
        double[][] print = half(picture, map, f.left() + SheetLayout.STRIP, f.border() + MARGIN);
        boolean[] onPaper = differs(paper, leftPaper, rightPaper);
        boolean[] onPrint = differs(print, leftPrint, rightPrint);
        // a sheer film shows over print only; a smear across the border lies alike on both
        boolean supposePaper = share(onPaper) < LEAST_SHARE && share(onPrint) > 2 * LEAST_SHARE;
        boolean supposePrint = share(onPrint) < LEAST_SHARE && share(onPaper) > 2 * LEAST_SHARE;
        return new Field(
                f.number(),
                leftPaper,
                rightPaper,
                leftPrint,
                rightPrint,
                patch(paper, supposePaper ? mirrored(onPrint) : onPaper, middle(leftPaper, rightPaper), supposePaper),
                patch(print, supposePrint ? mirrored(onPaper) : onPrint, middle(leftPrint, rightPrint), supposePrint));
    }

    private static double[] strip(Raster picture, Homography map, double left, double top, double bottom) {
        double room = SheetLayout.STRIP / 4;
        return mean(picture, map, left + room, top + 2, left + SheetLayout.STRIP - room, bottom - 2);
    }

    /** Returns trimmed mean codes of a box of millimetres. */
    private static double[] mean(Raster picture, Homography map, double left, double top, double right, double bottom) {
        int across = (int) Math.ceil((right - left) / .25);
        int down = (int) Math.ceil((bottom - top) / .25);
        double[][] codes = new double[3][across * down];
        for (int i = 0; i < across * down; i++) {
            Point p = map.map(
                    left + (i % across + .5) * (right - left) / across,
                    top + (i / across + .5) * (bottom - top) / down);
            for (int c = 0; c < 3; c++) {
                codes[c][i] = picture.code((int) Math.round(p.x()), (int) Math.round(p.y()), c) / 255.0;
            }
        }
        double[] out = new double[3];
        for (int c = 0; c < 3; c++) {
            Arrays.sort(codes[c]);
            int cut = (int) (TRIM * codes[c].length);
            out[c] = Arrays.stream(codes[c], cut, codes[c].length - cut)
                    .average()
                    .orElseThrow();
        }
        return out;
    }

    /** Returns codes over the grid of a half, each the mean of what lies round it. */
    private static double[][] half(Raster picture, Homography map, double left, double top) {
        double[][] codes = new double[COLUMNS * ROWS][3];
        for (int i = 0; i < codes.length; i++) {
            for (int k = 0; k < 9; k++) {
                Point p = map.map(
                        left + (i % COLUMNS + .5 + (k % 3 - 1) / 3.0) * GRID,
                        top + (i / COLUMNS + .5 + (k / 3 - 1) / 3.0) * GRID);
                for (int c = 0; c < 3; c++) {
                    codes[i][c] += picture.code((int) Math.round(p.x()), (int) Math.round(p.y()), c) / 2295.0;
                }
            }
        }
        return codes;
    }

    /** Tells where something lies; the bare ground beside it changes evenly from left to right. */
    private static boolean[] differs(double[][] half, double[] left, double[] right) {
        boolean[] out = new boolean[half.length];
        for (int i = 0; i < half.length; i++) {
            double t = (i % COLUMNS + .5) / COLUMNS;
            for (int c = 0; c < 3; c++) {
                out[i] |= Math.abs(half[i][c] - left[c] - t * (right[c] - left[c])) > DIFFERS;
            }
        }
        return out;
    }

    private static boolean[] mirrored(boolean[] half) {
        boolean[] out = new boolean[half.length];
        for (int i = 0; i < half.length; i++) {
            out[(ROWS - 1 - i / COLUMNS) * COLUMNS + i % COLUMNS] = half[i];
        }
        return out;
    }

    private static Patch patch(double[][] half, boolean[] smeared, double[] bare, boolean supposed) {
        List<Integer> largest = largest(smeared);
        double share = (double) largest.size() / half.length;
        if (share < BARE) {
            return new Patch(bare, share, 0, false, false);
        }
        int[] depth = depth(largest, half.length);
        List<Integer> inner = largest.stream()
                .sorted(Comparator.comparingInt((Integer i) -> -depth[i]))
                .limit(Math.max(1, Math.round(INNER * largest.size())))
                .toList();
        double[] code = new double[3];
        for (int c = 0; c < 3; c++) {
            code[c] = quantile(half, inner, c, .5);
        }
        double uneven = 0;
        for (int c = 0; c < 3; c++) {
            uneven = Math.max(uneven, quantile(half, inner, c, .85) - quantile(half, inner, c, .15));
        }
        return new Patch(code, share, uneven, two(half, inner), supposed);
    }

    private static double quantile(double[][] half, List<Integer> of, int channel, double at) {
        double[] sorted =
                of.stream().mapToDouble(i -> half[i][channel]).sorted().toArray();
        return sorted[(int) Math.round(at * (sorted.length - 1))];
    }

    private static double share(boolean[] smeared) {
        return (double) largest(smeared).size() / smeared.length;
    }

    /** Returns the places of the largest connected patch. */
    private static List<Integer> largest(boolean[] smeared) {
        List<Integer> best = List.of();
        boolean[] seen = new boolean[smeared.length];
        for (int start = 0; start < smeared.length; start++) {
            if (smeared[start] && !seen[start]) {
                List<Integer> patch = new ArrayList<>();
                ArrayDeque<Integer> queue = new ArrayDeque<>(List.of(start));
                seen[start] = true;
                while (!queue.isEmpty()) {
                    int i = queue.poll();
                    patch.add(i);
                    for (int n : beside(i)) {
                        if (n >= 0 && smeared[n] && !seen[n]) {
                            seen[n] = true;
                            queue.add(n);
                        }
                    }
                }
                best = patch.size() > best.size() ? patch : best;
            }
        }
        return best;
    }

    /** Returns the four places beside one; −1 for those outside. */
    private static int[] beside(int i) {
        int x = i % COLUMNS;
        int y = i / COLUMNS;
        return new int[] {
            x > 0 ? i - 1 : -1, x < COLUMNS - 1 ? i + 1 : -1, y > 0 ? i - COLUMNS : -1, y < ROWS - 1 ? i + COLUMNS : -1
        };
    }

    /** Returns how many steps each place of a patch lies from its edge; the half's own edge counts as inside. */
    private static int[] depth(List<Integer> patch, int size) {
        int[] depth = new int[size];
        boolean[] in = new boolean[size];
        patch.forEach(i -> in[i] = true);
        ArrayDeque<Integer> queue = new ArrayDeque<>();
        for (int i : patch) {
            depth[i] = Integer.MAX_VALUE;
            for (int n : beside(i)) {
                if (n >= 0 && !in[n] && depth[i] != 0) {
                    depth[i] = 0;
                    queue.add(i);
                }
            }
        }
        while (!queue.isEmpty()) {
            int i = queue.poll();
            for (int n : beside(i)) {
                if (n >= 0 && in[n] && depth[n] == Integer.MAX_VALUE) {
                    depth[n] = depth[i] + 1;
                    queue.add(n);
                }
            }
        }
        return depth;
    }

    /** Tells two colours side by side from one uneven coat: parted by the channel that differs most, they keep apart with a gap. */
    private static boolean two(double[][] half, List<Integer> inner) {
        int widest = 0;
        double width = 0;
        for (int c = 0; c < 3; c++) {
            double w = quantile(half, inner, c, .95) - quantile(half, inner, c, .05);
            if (w > width) {
                widest = c;
                width = w;
            }
        }
        if (width < TWO_APART) {
            return false;
        }
        int channel = widest;
        double cut = (quantile(half, inner, channel, .95) + quantile(half, inner, channel, .05)) / 2;
        double between = width / 6;
        long low = inner.stream().filter(i -> half[i][channel] < cut - between).count();
        long high = inner.stream().filter(i -> half[i][channel] > cut + between).count();
        return Math.min(low, high) > TWO_SHARE * inner.size() && low + high > .85 * inner.size();
    }

    private static double[] middle(double[] a, double[] b) {
        return new double[] {(a[0] + b[0]) / 2, (a[1] + b[1]) / 2, (a[2] + b[2]) / 2};
    }
}
