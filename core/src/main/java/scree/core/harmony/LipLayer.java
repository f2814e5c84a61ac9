package scree.core.harmony;

import java.util.Optional;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;
import scree.core.judge.LaidProduct;

/**
 * A thin layer over a lip that turns its hue: a cool stain cools, a golden one warms.
 *
 * @param coats of the layer
 * @param turn degrees of hue, minus is cooler
 * @param result colour of the lip then
 */
public record LipLayer(double coats, double turn, Lab result) {
    private static final double STEP = .05;
    private static final double MOST = 1;
    /** A layer that turns less than this is not worth it. House choice: hardly seen. */
    private static final double LEAST_TURN = 3;

    /** How wanted turns are counted: degrees for each step of cooler or warmer. House choice. */
    public static final double STEP_DEGREES = 10;

    /**
     * Returns the thinnest layer that turns a lip as far as wanted, or as far as it goes; empty when it turns the other way.
     *
     * @param wanted degrees, minus is cooler
     */
    public static Optional<LipLayer> of(LaidProduct layer, Lab lip, double wanted) {
        Spectrum under = LeastSlope.spectrumOf(lip).orElseThrow();
        LipLayer last = null;
        for (int i = 1; i * STEP <= MOST + 1e-9; i++) {
            Lab result = layer.laidOn(under, i * STEP, 0).toLab();
            double turn = turn(result.hueDegrees() - lip.hueDegrees());
            if (turn * Math.signum(wanted) < 0) {
                return Optional.ofNullable(last);
            }
            last = new LipLayer(i * STEP, turn, result);
            if (Math.abs(turn) >= Math.abs(wanted)) {
                break;
            }
        }
        return last == null || Math.abs(last.turn()) < LEAST_TURN ? Optional.empty() : Optional.of(last);
    }

    private static double turn(double degrees) {
        return ((degrees + 180) % 360 + 360) % 360 - 180;
    }
}
