package scree.core.light;

import scree.core.colour.Check;
import scree.core.colour.Table;

/**
 * Tells a lamp's colour temperature from the colour card. A camera takes the lamp's colour out of the picture, but the estimated
 * response keeps the lamp's shape: a regression on its 20 components, fitted on 900 captures by tuning cameras
 * ({@code ./scree bench derive}); on evaluation cameras it is right to about 20 mired, 600 K at 5500 K.
 */
public final class LampGuess {
    private static final double[] WEIGHTS =
            Table.beside(LampGuess.class, "lamp_guess.csv").numbers(0, 1);
    private static final double LEAST_MIRED = 100;
    private static final double MOST_MIRED = 420;
    /** One standard deviation. Derived on evaluation cameras, docs/method.md. */
    public static final double DOUBT_MIRED = 22;

    private LampGuess() {}

    /**
     * Returns K, 2400 to 10000.
     *
     * @param components of the response, from a colour card
     */
    public static double kelvin(double[] components) {
        Check.inRange(
                "number of components", components.length, WEIGHTS.length - 1, WEIGHTS.length - 1, "use a colour card");
        double mired = WEIGHTS[0];
        for (int i = 0; i < components.length; i++) {
            mired += WEIGHTS[i + 1] * components[i];
        }
        return 1e6 / Math.min(MOST_MIRED, Math.max(LEAST_MIRED, mired));
    }
}
