package scree.app.correct;

import java.util.ArrayList;
import java.util.List;
import scree.app.look.Figures;
import scree.app.look.Margin;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.cover.CoverPlan;

/**
 * Two plans as cross-sections to scale, beside each other over the same skin.
 *
 * @param mine columns from left to right: the plan, and what it is compared with
 * @param limitY where the film gets thicker than the skin there bears
 */
record StrataView(int width, int height, double skinY, String skin, List<Column> columns, double limitY, String limit) {
    private static final int WIDTH = 460;
    private static final int HEIGHT = 176;
    private static final double SKIN_TOP = 152;
    private static final double TOP = 14;
    /** The scale reaches at least so far, µm, so that thin plans look thin. */
    private static final double LEAST_SCALE = 24;

    private static final double COLUMN = 76;
    private static final double LEFT_COLUMN = 138;
    private static final double RIGHT_COLUMN = 246;
    private static final double LABEL = 17;

    /** A plan's column. */
    record Column(String name, double x, double width, List<Slice> slices, boolean mine) {}

    /**
     * A layer.
     *
     * @param seen colour that is seen with it on
     */
    record Slice(
            String name,
            double y,
            double height,
            String colour,
            String seen,
            String words,
            double labelX,
            double labelY,
            double leaderY,
            String anchor) {}

    static StrataView of(CoverPlan<Pot> mine, String myName, CoverPlan<Pot> other, String otherName, CorrectWords w) {
        double limit = mine.place().bears().microns();
        double most =
                Math.max(LEAST_SCALE, Math.max(limit * 1.12, Math.max(thick(mine), other == null ? 0 : thick(other))));
        double perMicron = (SKIN_TOP - TOP) / most;
        List<Column> columns = new ArrayList<>();
        columns.add(column(mine, myName, LEFT_COLUMN, true, perMicron, w));
        if (other != null) {
            columns.add(column(other, otherName, RIGHT_COLUMN, false, perMicron, w));
        }
        Lab bare = mine.place().zone().toLab();
        return new StrataView(
                WIDTH,
                HEIGHT,
                SKIN_TOP,
                Srgb.hex(bare),
                columns,
                SKIN_TOP - limit * perMicron,
                w.say("correct.limit", Math.round(limit)));
    }

    private static double thick(CoverPlan<Pot> plan) {
        return plan.strata().stream().mapToDouble(CoverPlan.Stratum::microns).sum();
    }

    private static Column column(
            CoverPlan<Pot> plan, String name, double x, boolean mine, double perMicron, CorrectWords w) {
        List<CoverPlan.Stratum<Pot>> strata = plan.strata();
        double[] wanted = strata.stream()
                .mapToDouble(s -> -(SKIN_TOP - (s.from() + s.microns() / 2) * perMicron))
                .toArray(); // upwards, so that the lowest comes first
        double[] labels = new Margin(LABEL, -SKIN_TOP + 4, -TOP).down(wanted);
        List<Slice> slices = new ArrayList<>();
        for (int i = 0; i < strata.size(); i++) {
            CoverPlan.Stratum<Pot> s = strata.get(i);
            double height = s.microns() * perMicron;
            double y = SKIN_TOP - s.from() * perMicron - height;
            String product = s.layer().ware().what().name();
            slices.add(new Slice(
                    product,
                    y,
                    height,
                    Srgb.hex(s.layer().ware().colour()),
                    Srgb.hex(s.seen()),
                    w.say(
                            "correct.slice",
                            product,
                            w.amount(s.layer().amount()),
                            Figures.one(s.microns()),
                            Figures.one(s.left())),
                    mine ? x - 10 : x + COLUMN + 10,
                    -labels[i] + 4,
                    y + height / 2,
                    mine ? "end" : "start"));
        }
        return new Column(name, x, COLUMN, slices, mine);
    }
}
