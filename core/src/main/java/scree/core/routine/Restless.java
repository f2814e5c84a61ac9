package scree.core.routine;

import java.util.EnumMap;
import java.util.Map;

/**
 * What an artist would call restless in going from one job to the next: another tool, back to a layer that was done, up and down the face.
 * In hundredths, so that equal orders are equal. House choices, set by reading orders; docs/method.md.
 */
final class Restless {
    private static final int OTHER_TOOL = 200;
    private static final int BACK = 600;
    private static final int ON = 100;
    /** A step of height, within a layer and between layers, and most of the latter. */
    private static final int HEIGHT = 50;

    private static final int HEIGHT_BETWEEN = 25;
    private static final int MOST_BETWEEN = 200;
    /** Against the direction of the work, from this much on. */
    private static final int AGAINST = 150;

    private static final double NOTICED = .4;
    /** Half a minute with idle hands. */
    static final int IDLE = 60;
    /** A chore, and more of it the earlier it comes: late, unless a wait wants it. */
    static final int CHORE = 200;

    static final int CHORE_EARLY = 12;
    /** A layer begun before a lower one that is open, by rank. */
    static final int AHEAD = 25;
    /** A pair turned against the order that was there before. */
    static final int TURNED = 150;

    private static final int RANK = 100;
    private static final int BEFORE_ALL = -1;
    private static final int CHORES = 30;
    private static final int ELSE = 40;
    private static final int AT_THE_END = 60;
    private static final int NO_BASE = 5;

    private final Jobs jobs;
    private final Needs needs;
    private final OrderSchool school;
    private final boolean upwards;
    private final int[][] change;
    private final Map<WorkLayer, Integer> ranks = new EnumMap<>(WorkLayer.class);

    Restless(Jobs jobs, Needs needs, OrderSchool school) {
        this.jobs = jobs;
        this.needs = needs;
        this.school = school;
        this.upwards = needs.blends(Needs.Blend.BOTTOM_UP);
        for (WorkLayer layer : WorkLayer.values()) {
            ranks.put(layer, rankOf(layer));
        }
        this.change = new int[jobs.n][jobs.n];
        for (int a = 0; a < jobs.n; a++) {
            for (int b = 0; b < jobs.n; b++) {
                change[a][b] = a == b ? 0 : between(jobs.last(a), jobs.first(b));
            }
        }
    }

    /** Returns the cost of one job right after another. */
    int change(int from, int to) {
        return change[from][to];
    }

    /** Returns the place of a job's layer, in hundredths. */
    int rank(int job) {
        return ranks.get(jobs.first(job).layer());
    }

    boolean chore(int job) {
        return jobs.first(job).layer() == WorkLayer.CHORE;
    }

    boolean look(int job) {
        return jobs.first(job).layer() == WorkLayer.LOOK;
    }

    /** Returns the cost of a sequence without its idle time. */
    int of(int[] sequence) {
        int cost = 0;
        int last = -1;
        for (int k = 0; k < sequence.length; k++) {
            int i = sequence[k];
            if (chore(i)) {
                cost += CHORE + CHORE_EARLY * (sequence.length - k);
            } else {
                cost += last < 0 ? 0 : change[last][i];
                last = i;
            }
        }
        return cost;
    }

    private int rankOf(WorkLayer layer) {
        return switch (layer) {
            case SAFE -> BEFORE_ALL * RANK;
            case LOOK -> AT_THE_END * RANK;
            case CHORE -> CHORES * RANK;
            case EYE_DRY -> lids();
            default -> RANK * school.rank(layer, ELSE);
        };
    }

    /** Lids belong before the base, right after it, or before the brows: by the artist's way and by fall-out. */
    private int lids() {
        Needs.Eyes eyes = needs.finish().eyes();
        if (eyes.first() || eyes.falls() && school != OrderSchool.BASE_FIRST) {
            return RANK * school.rank(WorkLayer.EYE_DRY);
        }
        return eyes.falls()
                ? RANK * school.rank(WorkLayer.BASE, NO_BASE) + RANK / 2
                : RANK * school.rank(WorkLayer.BROW) - RANK / 2;
    }

    private int between(Step x, Step y) {
        int cost = otherTool(x, y) ? OTHER_TOOL : 0;
        int from = ranks.get(x.layer());
        int to = ranks.get(y.layer());
        double down = y.height() - x.height();
        if (to == from) {
            boolean against = down < 0 != upwards && Math.abs(down) > NOTICED;
            return cost + (int) Math.round(HEIGHT * Math.abs(down)) + (against ? AGAINST : 0);
        }
        cost += to < from ? BACK : ON;
        return cost + (int) Math.round(Math.min(MOST_BETWEEN, HEIGHT_BETWEEN * Math.abs(down)));
    }

    private boolean otherTool(Step x, Step y) {
        Tool a = x.code().tool();
        Tool b = y.code().tool();
        boolean oneBrush = needs.way().oneBrush() && creamBrush(x) && creamBrush(y);
        return a != b && a != Tool.NONE && b != Tool.NONE && !oneBrush;
    }

    private static boolean creamBrush(Step s) {
        return s.layer().colours() && !s.powder() && s.code().tool().name().endsWith("BRUSH");
    }
}
