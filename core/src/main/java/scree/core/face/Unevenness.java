package scree.core.face;

/**
 * A difference between left and right that is seen at talking distance.
 *
 * @param side where it is higher, or wider, or where the middle leans to; the sitter's own
 * @param difference in pupil distances, above 0
 * @param percent 2 |l − r| / (l + r) for half widths, else 0
 */
public record Unevenness(Kind kind, Side side, double difference, double percent, double grade) {
    /** What differs; thresholds in pupil distances (63 mm), about what viewers notice. House choice after viewer studies. */
    public enum Kind {
        EYE_HEIGHT(.03, .87),
        LID_HEIGHT(.03, 1.60),
        BROW_HEIGHT(.05, 1.28),
        MOUTH_HEIGHT(.05, 1.51),
        NOSE_TIP(.055, 1.16),
        CHIN(.065, 1.67),
        CHEEK_WIDTH(.08, 1.62),
        JAW_WIDTH(.08, 2.46);

        private final double from;
        private final double unit;

        /** @param unit standard deviation of the difference for each unit of a point's doubt, level and midline included; derived */
        Kind(double from, double unit) {
            this.from = from;
            this.unit = unit;
        }

        double from() {
            return from;
        }

        double unit() {
            return unit;
        }
    }

    public Finding.Strength strength() {
        return grade < .5 ? Finding.Strength.TOUCH : grade < .8 ? Finding.Strength.PLAIN : Finding.Strength.CLEAR;
    }
}
