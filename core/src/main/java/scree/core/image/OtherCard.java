package scree.core.image;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Tells a colour card of another layout: many flat patches of one size in even rows, of many colours. Only Scree's own card can be read,
 * and an artist who holds another one is told so. House choices throughout, tried on walls, shelves and twelve sitters.
 */
final class OtherCard {
    private static final int WORKING_SIDE = 480;
    /** Codes that neighbours of one flat patch may differ by, and that a patch may differ by from its first pixel. */
    private static final int STEP = 7;

    private static final int DRIFT = 26;
    /** A patch in shares of the picture's area. */
    private static final double SMALLEST = .0006;

    private static final double LARGEST = .02;
    /** Share of its upright box that a patch fills: a card held a little askew. */
    private static final double FILLED = .62;

    private static final double LONGEST = 2.2;
    private static final int LEAST_PATCHES = 16;
    private static final double ALIKE = 1.8;
    /** Distance to the nearest patch in patch widths. */
    private static final double NEAREST = 1.9;

    private static final int LEAST_HUES = 5;
    private static final double COLOURED = 45;

    private final Raster small;
    private final boolean[] seen;

    private OtherCard(Raster small) {
        this.small = small;
        this.seen = new boolean[small.rgb().length];
    }

    /** One flat patch. */
    private record Patch(double x, double y, int area, int r, int g, int b) {
        double side() {
            return Math.sqrt(area);
        }

        /** Returns one of twelve hues, −1 for a grey. */
        int hue() {
            int high = Math.max(r, Math.max(g, b));
            int low = Math.min(r, Math.min(g, b));
            if (high - low < COLOURED) {
                return -1;
            }
            double at = high == r
                    ? (double) (g - b) / (high - low)
                    : high == g ? 2 + (double) (b - r) / (high - low) : 4 + (double) (r - g) / (high - low);
            return (int) Math.floor((at + 6) % 6 * 2);
        }
    }

    static boolean in(Raster picture) {
        OtherCard search = new OtherCard(picture.shrunkTo(WORKING_SIDE));
        List<Patch> patches = search.patches();
        patches.sort(Comparator.comparingInt(Patch::area));
        for (int from = 0; from + LEAST_PATCHES <= patches.size(); from++) {
            double most = ALIKE * patches.get(from).area();
            List<Patch> alike = patches.subList(from, patches.size()).stream()
                    .takeWhile(p -> p.area() <= most)
                    .toList();
            if (alike.size() >= LEAST_PATCHES && grid(alike)) {
                return true;
            }
        }
        return false;
    }

    private static boolean grid(List<Patch> alike) {
        List<Patch> beside =
                alike.stream().filter(p -> neighbours(p, alike) >= 2).toList();
        return beside.size() >= LEAST_PATCHES
                && beside.stream()
                                .mapToInt(Patch::hue)
                                .filter(h -> h >= 0)
                                .distinct()
                                .count()
                        >= LEAST_HUES;
    }

    private static long neighbours(Patch p, List<Patch> all) {
        return all.stream()
                .filter(q -> q != p && Math.hypot(q.x - p.x, q.y - p.y) < NEAREST * p.side())
                .count();
    }

    private List<Patch> patches() {
        List<Patch> found = new ArrayList<>();
        int all = seen.length;
        for (int i = 0; i < all; i++) {
            if (!seen[i]) {
                Patch patch = flood(i);
                if (patch != null) {
                    found.add(patch);
                }
            }
        }
        return found;
    }

    private Patch flood(int start) {
        int w = small.width();
        int first = small.rgb()[start];
        ArrayDeque<Integer> open = new ArrayDeque<>();
        open.add(start);
        seen[start] = true;
        int n = 0;
        long sumX = 0;
        long sumY = 0;
        int left = w;
        int right = 0;
        int top = small.height();
        int bottom = 0;
        while (!open.isEmpty()) {
            int i = open.poll();
            int x = i % w;
            int y = i / w;
            n++;
            sumX += x;
            sumY += y;
            left = Math.min(left, x);
            right = Math.max(right, x);
            top = Math.min(top, y);
            bottom = Math.max(bottom, y);
            if (x > 0) {
                enter(i, i - 1, first, open);
            }
            if (x < w - 1) {
                enter(i, i + 1, first, open);
            }
            if (y > 0) {
                enter(i, i - w, first, open);
            }
            if (y < small.height() - 1) {
                enter(i, i + w, first, open);
            }
        }
        int wide = right - left + 1;
        int high = bottom - top + 1;
        double share = (double) n / seen.length;
        boolean patch = share >= SMALLEST
                && share <= LARGEST
                && n >= FILLED * wide * high
                && Math.max(wide, high) <= LONGEST * Math.min(wide, high);
        return patch
                ? new Patch((double) sumX / n, (double) sumY / n, n, first >> 16 & 255, first >> 8 & 255, first & 255)
                : null;
    }

    private void enter(int from, int to, int first, ArrayDeque<Integer> open) {
        if (!seen[to] && apart(small.rgb()[from], small.rgb()[to]) <= STEP && apart(first, small.rgb()[to]) <= DRIFT) {
            seen[to] = true;
            open.add(to);
        }
    }

    private static int apart(int p, int q) {
        return Math.max(
                Math.abs((p >> 16 & 255) - (q >> 16 & 255)),
                Math.max(Math.abs((p >> 8 & 255) - (q >> 8 & 255)), Math.abs((p & 255) - (q & 255))));
    }
}
