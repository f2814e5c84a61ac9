package scree.app.base;

import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import scree.core.skin.MatchTarget;

/**
 * What an artist asked of the base of one sitting.
 *
 * @param powder strength of the powder model, 1 as it is
 * @param primerAt when primer or cream was laid, or null
 */
public record BaseSetting(
        MatchTarget.School school,
        boolean freckles,
        boolean heavyContour,
        boolean lightCollar,
        double powder,
        OffsetDateTime primerAt,
        int primerMinutes) {
    static final int PRIMER_MINUTES = 5;

    static BaseSetting usual() {
        return new BaseSetting(MatchTarget.School.JAW_TO_NECK, false, false, false, 1, null, PRIMER_MINUTES);
    }

    /** Returns seconds until the skin is dry enough for powder, 0 when it is or nothing was laid. */
    public long primerSecondsLeft(Instant now) {
        if (primerAt == null) {
            return 0;
        }
        Instant dry = primerAt.toInstant().plus(Duration.ofMinutes(primerMinutes));
        return Math.max(0, Duration.between(now, dry).toSeconds());
    }

    BaseSetting with(MatchTarget.School other) {
        return new BaseSetting(other, freckles, heavyContour, lightCollar, powder, primerAt, primerMinutes);
    }

    BaseSetting with(Ask ask, boolean value) {
        return new BaseSetting(
                school,
                ask == Ask.FRECKLES ? value : freckles,
                ask == Ask.HEAVY_CONTOUR ? value : heavyContour,
                ask == Ask.LIGHT_COLLAR ? value : lightCollar,
                powder,
                primerAt,
                primerMinutes);
    }

    BaseSetting withPowder(double strength) {
        return new BaseSetting(school, freckles, heavyContour, lightCollar, strength, primerAt, primerMinutes);
    }

    BaseSetting withPrimer(OffsetDateTime at, int minutes) {
        return new BaseSetting(school, freckles, heavyContour, lightCollar, powder, at, minutes);
    }

    /** What can be asked with yes or no. */
    public enum Ask {
        FRECKLES,
        HEAVY_CONTOUR,
        LIGHT_COLLAR
    }

    boolean asks(Ask ask) {
        return switch (ask) {
            case FRECKLES -> freckles;
            case HEAVY_CONTOUR -> heavyContour;
            case LIGHT_COLLAR -> lightCollar;
        };
    }
}
