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
        EYE_HEIGHT(.03),
        BROW_HEIGHT(.05),
        MOUTH_HEIGHT(.05),
        NOSE_TIP(.055),
        CHIN(.065),
        CHEEK_WIDTH(.08),
        JAW_WIDTH(.08);

        private final double from;

        Kind(double from) {
            this.from = from;
        }

        double from() {
            return from;
        }
    }

    public Finding.Strength strength() {
        return grade < .5 ? Finding.Strength.TOUCH : grade < .8 ? Finding.Strength.PLAIN : Finding.Strength.CLEAR;
    }
}
