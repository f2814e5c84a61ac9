package scree.app.base;

import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import scree.app.method.Method;
import scree.app.method.Setting;
import scree.core.skin.MatchTarget;

/**
 * What an artist asked of the base of one sitting.
 *
 * @param freckles whether they are to show; null as the intake says
 * @param heavyContour whether a cream contour goes over it; null as Place plans
 * @param powder strength of the powder model, 1 as it is
 * @param primerAt when primer or cream was laid, or null
 */
public record BaseSetting(
        MatchTarget.School school,
        Boolean freckles,
        Boolean heavyContour,
        boolean lightCollar,
        double powder,
        OffsetDateTime primerAt,
        int primerMinutes) {
    static BaseSetting usual() {
        return of(Method.usual());
    }

    /** Returns what a base starts from by a method. */
    static BaseSetting of(Method method) {
        return new BaseSetting(
                method.of(Setting.MATCH_AREA, MatchTarget.School.class),
                null,
                null,
                false,
                method.amount(Setting.POWDER_STRENGTH),
                null,
                method.whole(Setting.PRIMER_MINUTES));
    }

    /** Returns the same with what other stages say where the artist said nothing. */
    BaseSetting or(boolean frecklesKept, boolean creamPlanned) {
        return new BaseSetting(
                school,
                freckles == null ? Boolean.valueOf(frecklesKept) : freckles,
                heavyContour == null ? Boolean.valueOf(creamPlanned) : heavyContour,
                lightCollar,
                powder,
                primerAt,
                primerMinutes);
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
                ask == Ask.FRECKLES ? Boolean.valueOf(value) : freckles,
                ask == Ask.HEAVY_CONTOUR ? Boolean.valueOf(value) : heavyContour,
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
