package scree.core.face;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import scree.core.plane.Normal;

/** Names what stands out: grade Φ((|x − centre| − 1.25 SD) / width), so that a face gets two or three findings, not ten. */
final class Findings {
    /** One person in ten lies beyond on either side. House choice. */
    private static final double FROM = 1.25;

    private static final double SOFT = .4;
    private static final double LEAST_GRADE = .3;
    private static final double MOST_DOUBT = .7;
    private static final double LIP_HEIGHT = .132;
    private static final double LIP_HEIGHT_SPREAD = .022;

    private Findings() {}

    static List<Finding> of(Measures m, FacePoints points) {
        List<Finding> found = new ArrayList<>();
        for (Trait t : Trait.values()) {
            if (t.byHeight() && !points.turn().heightsTold()) {
                continue; // the page says that the head nods
            }
            Finding f = switch (t) {
                case UPPER_LIP -> lip(m, points);
                case JAW -> jaw(m, points);
                default -> plain(t, m, points);
            };
            if (f != null) {
                found.add(f);
            }
        }
        found.sort(Comparator.comparing(Finding::told).reversed().thenComparing(f -> -f.grade()));
        return found;
    }

    private static Finding plain(Trait t, Measures m, FacePoints points) {
        return graded(t, m.of(t.measure()), m.doubt(t.measure()), t.centre(), t.spread(), m, points);
    }

    private static Finding graded(
            Trait t, double value, double doubt, double centre, double spread, Measures m, FacePoints points) {
        Landmark confirm = m.toConfirm(t.measure(), points);
        if (doubt > MOST_DOUBT * spread && confirm != null) {
            return new Finding(t, value > centre, 0, value, doubt, confirm);
        }
        double grade = grade(Math.abs(value - centre), doubt, spread);
        return grade < LEAST_GRADE ? null : new Finding(t, value > centre, grade, value, doubt, null);
    }

    private static double grade(double off, double doubt, double spread) {
        return Normal.below((off - FROM * spread) / Math.hypot(doubt, SOFT * spread));
    }

    private static Finding lip(Measures m, FacePoints points) {
        Finding ratio = plain(Trait.UPPER_LIP, m, points);
        if (ratio == null || ratio.high() || !ratio.told()) {
            return null;
        }
        double height = m.of(Measure.UPPER_LIP);
        double grade =
                height > LIP_HEIGHT ? 0 : grade(LIP_HEIGHT - height, m.doubt(Measure.UPPER_LIP), LIP_HEIGHT_SPREAD);
        double both = Math.min(grade, ratio.grade());
        return both < LEAST_GRADE
                ? null
                : new Finding(Trait.UPPER_LIP, false, both, ratio.value(), ratio.doubt(), null);
    }

    /** Strong or soft from four measures at once; centres from drawings. */
    private static Finding jaw(Measures m, FacePoints points) {
        for (Landmark l : Trait.jawLine()) {
            if (!points.settled(l)) {
                return new Finding(Trait.JAW, false, 0, 0, 1, l);
            }
        }
        double z = ((m.of(Measure.JAW_TO_CHEEK) - .79) / .07
                        + (m.of(Measure.LOWER_FULLNESS) - .70) / .06
                        - (m.of(Measure.JAW_ANGLE) - 142) / 8
                        + (m.of(Measure.JAW_CORNER) - 35) / 9)
                / 4;
        double doubt = Math.sqrt(square(m.doubt(Measure.JAW_TO_CHEEK) / .07)
                        + square(m.doubt(Measure.LOWER_FULLNESS) / .06)
                        + square(m.doubt(Measure.JAW_ANGLE) / 8)
                        + square(m.doubt(Measure.JAW_CORNER) / 9))
                / 4;
        double grade = grade(Math.abs(z), doubt, Trait.JAW.spread());
        return grade < LEAST_GRADE ? null : new Finding(Trait.JAW, z > 0, grade, z, doubt, null);
    }

    private static double square(double v) {
        return v * v;
    }
}
