package scree.core.judge;

import java.util.List;
import scree.core.colour.CieDe2000;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;
import scree.core.shade.UsualCoat;

/**
 * A marked zone brought to its surround by a corrector and a concealer over it, or by the concealer alone: least material that lands
 * within one ΔE00, then least difference.
 *
 * @param corrector coats of it, 0 for none
 * @param concealer coats of it
 * @param result colour that is seen
 * @param between colour after the corrector alone
 * @param difference ΔE00 to the surround
 * @param looks what one would see
 * @param score the less the better
 */
public record Correction(
        double corrector, double concealer, Lab result, Lab between, double difference, Looks looks, double score) {
    private static final double STEP = .1;
    private static final double LEAST = .2;
    private static final double MOST_CORRECTOR = 1.2;
    private static final double MOST_CONCEALER = 2;
    /** ΔE00 that nobody looks for. */
    private static final double CLOSE = 1;

    private static final double FAR_COSTS = 2;
    private static final double OFF_COSTS = .1;
    private static final double NOT_REACHED = 2;
    private static final double HARDLY = 1e-9;
    /** A greening corrector: redness is asked for first. House choice. */
    private static final double GREENING_A = 5;

    private static final double GREENING_UNDER = 2;
    private static final double REDNESS = 3;

    /** @param corrector or null for the concealer alone */
    public static Correction of(Lab zone, Lab surround, UsualCoat corrector, UsualCoat concealer) {
        Spectrum bare = LeastSlope.spectrumOf(zone).orElseThrow();
        Correction best = null;
        int most = corrector == null ? 0 : steps(MOST_CORRECTOR);
        for (int c = 0; c <= most; c++) {
            double coats = corrector == null ? 0 : coats(c);
            Spectrum under = corrector == null ? bare : corrector.onChart(coats).over(bare);
            for (int k = 0; k <= steps(MOST_CONCEALER); k++) {
                Lab result = concealer.onChart(coats(k)).over(under).toLab();
                double off = CieDe2000.between(result, surround);
                double material = corrector == null ? 0 : corrector.onChart() * coats / concealer.onChart();
                double score = FAR_COSTS * Math.max(0, off - CLOSE) + material + coats(k) + OFF_COSTS * off;
                if (best == null || score < best.score - HARDLY) {
                    best = new Correction(coats, coats(k), result, under.toLab(), off, Looks.FITS, score);
                }
            }
        }
        return best.judged(zone, surround, corrector);
    }

    private static int steps(double most) {
        return (int) Math.round((most - LEAST) / STEP);
    }

    private static double coats(int step) {
        return Math.round((LEAST + step * STEP) * 10) / 10.0;
    }

    private Correction judged(Lab zone, Lab surround, UsualCoat corrector) {
        Looks seen = corrector == null
                ? difference > NOT_REACHED ? Looks.NOT_REACHED : Looks.FITS
                : seen(zone, surround, corrector.product().toLab());
        return new Correction(this.corrector, concealer, result, between, difference, seen, score);
    }

    private Looks seen(Lab zone, Lab surround, Lab product) {
        boolean greens = product.a() < GREENING_A && product.a() < surround.a() - GREENING_UNDER;
        if (greens && zone.a() - surround.a() < REDNESS) {
            return Looks.DIRTY;
        }
        Dosed d = Dosed.of(corrector, between, between, null, surround, 0);
        double deep = RoleSkin.bare(surround).deep();
        Looks worst = Looks.FITS;
        double furthest = HARDLY;
        List<Bound> bounds = List.of(
                Bound.between(Measure.LIGHTER, -12, 2, Looks.TOO_DARK, Looks.TOO_LIGHT),
                Bound.between(Measure.REDDER, -3.5, 6, Looks.DIRTY, Looks.ORANGE),
                Bound.between(Measure.CHROMA, .60 + .1 * deep, 1.6, Looks.ASHY, Looks.ORANGE));
        for (Bound b : bounds) {
            double value = d.of(b.measure());
            if (b.excessUnder(value) > furthest) {
                furthest = b.excessUnder(value);
                worst = b.under();
            }
            if (b.excessOver(value) > furthest) {
                furthest = b.excessOver(value);
                worst = b.over();
            }
        }
        return difference - NOT_REACHED > furthest ? Looks.NOT_REACHED : worst;
    }
}
