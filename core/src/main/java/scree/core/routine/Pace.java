package scree.core.routine;

import java.util.List;
import java.util.Map;

/**
 * How fast an artist's hands are against the catalogue.
 *
 * @param all for steps of which nothing is known; 1.5 for a lesson, where doing goes with showing
 * @param own by step, from the last times it was done
 */
public record Pace(double all, Map<StepCode, Double> own) {
    /** The catalogue counts as so many times done, and so many last ones are counted: one slow day does not upset a plan. House choices. */
    private static final int VOTES = 2;

    private static final int LAST = 5;

    /** What lies outside is no pace: steps that were tapped through, or a tablet that was left lying. House choices. */
    private static final double LEAST = .5;

    private static final double MOST = 2;

    public Pace {
        own = Map.copyOf(own);
    }

    public static Pace usual() {
        return new Pace(1, Map.of());
    }

    double of(StepCode code) {
        return own.getOrDefault(code, all);
    }

    /**
     * Returns the pace that a record tells.
     *
     * @param ratios minutes that were taken over minutes of the catalogue, the last first; below a half and above twice they count for nothing
     */
    public static double told(List<Double> ratios) {
        List<Double> last =
                ratios.stream().filter(r -> r >= LEAST && r <= MOST).limit(LAST).toList();
        return (VOTES + last.stream().mapToDouble(Double::doubleValue).sum()) / (VOTES + last.size());
    }
}
