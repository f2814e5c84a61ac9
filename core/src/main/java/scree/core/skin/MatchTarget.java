package scree.core.skin;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import scree.core.colour.Lab;

/**
 * Where a base is matched and how the skin runs there.
 *
 * @param colour the blend that a base has to meet
 * @param cheek start of the measured gradient
 * @param jaw middle
 * @param neck end
 * @param school which place was taken
 */
public record MatchTarget(Lab colour, Lab cheek, Lab jaw, Lab neck, School school) {
    /** Shares of lower cheek, jaw and upper neck in the default blend. House choice: the stripe lies mostly on the jaw. */
    static final double CHEEK_SHARE = 0.25;

    static final double JAW_SHARE = 0.50;
    static final double NECK_SHARE = 0.25;
    /** Samples along the gradient from which nearness is told. */
    private static final int SAMPLES = 13;

    /** Schools of where to match. */
    public enum School {
        /** One colour over face and neck, where people see a mistake first. */
        JAW_TO_NECK,
        /** The outer face; the rest is evened up to it. */
        OUTER_FACE,
        /** Neck and chest, when shoulders show; not on a chest marked by sun. */
        FACE_TO_BODY,
        /** Depth from jaw to neck, undertone from the inner forearm, which sun reaches least. */
        FOREARM
    }

    /** Returns the target, or empty when neither cheek, jaw nor neck was read in light that tells of skin. */
    public static Optional<MatchTarget> from(SkinReading reading, School school) {
        Optional<Lab> outer = reading.tellingColourOf(Zone.OUTER_CHEEK).or(() -> reading.tellingColourOf(Zone.CHEEK));
        Optional<Lab> jaw = reading.tellingColourOf(Zone.JAW).or(() -> reading.tellingColourOf(Zone.CHIN));
        Optional<Lab> neck = reading.tellingColourOf(Zone.NECK);
        Optional<Lab> any = jaw.or(() -> outer).or(() -> neck);
        return any.map(fallback -> {
            Lab c = outer.orElse(fallback);
            Lab j = jaw.orElse(fallback);
            Lab n = neck.orElse(fallback);
            Lab run = Mean.weighted(List.of(c, j, n), List.of(CHEEK_SHARE, JAW_SHARE, NECK_SHARE));
            Lab blend = switch (school) {
                case JAW_TO_NECK -> run;
                case OUTER_FACE -> c;
                case FACE_TO_BODY -> body(reading, n);
                case FOREARM ->
                    reading.tellingColourOf(Zone.FOREARM)
                            .map(arm -> leaningLike(run, arm))
                            .orElse(run);
            };
            return new MatchTarget(blend, c, j, n, school);
        });
    }

    private static Lab body(SkinReading reading, Lab neck) {
        return reading.tellingColourOf(Zone.CHEST)
                .filter(chest -> !MatchPlace.markedBySun(reading))
                .map(chest -> Mean.of(List.of(neck, chest)))
                .orElse(neck);
    }

    /** Depth and strength of one colour, hue lean of another: a lean means the same at every depth, a hue does not. */
    private static Lab leaningLike(Lab depth, Lab undertone) {
        double hue = ReferenceCurve.at(depth.lightness()).hueDegrees() + ReferenceCurve.hueLean(undertone);
        return Lab.ofLch(depth.lightness(), depth.chroma(), hue);
    }

    /** Returns 13 colours along cheek, jaw and neck. */
    public List<Lab> gradient() {
        List<Lab> line = new ArrayList<>();
        for (int i = 0; i < SAMPLES; i++) {
            double t = 2.0 * i / (SAMPLES - 1);
            line.add(t <= 1 ? cheek.towards(jaw, t) : jaw.towards(neck, t - 1));
        }
        return line;
    }
}
