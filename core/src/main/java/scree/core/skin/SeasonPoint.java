package scree.core.skin;

import java.time.LocalDate;
import java.util.Optional;
import scree.core.colour.Lab;

/**
 * A client's skin on one day, for the season line.
 *
 * @param skin where a base is matched, jaw to neck
 * @param lean hue against usual skin at that depth in degrees, above 0 more golden
 * @param tan of the face over sheltered skin as optical density; null when either was not read
 * @param provisional whether the reading was one
 */
public record SeasonPoint(LocalDate day, Lab skin, double lean, Double tan, boolean provisional) {
    /** Returns the point of a reading, or empty when there is nothing to match on. */
    public static Optional<SeasonPoint> of(LocalDate day, SkinReading reading) {
        return MatchTarget.from(reading, MatchTarget.School.JAW_TO_NECK).map(target -> {
            Optional<Lab> cheek = reading.colourOf(Zone.OUTER_CHEEK).or(() -> reading.colourOf(Zone.CHEEK));
            Optional<Lab> rest = reading.colourOf(Zone.FOREARM).or(() -> reading.colourOf(Zone.NECK));
            Double tan = cheek.isPresent() && rest.isPresent()
                    ? Double.valueOf(Overtone.between(cheek.get(), rest.get()).tan())
                    : null;
            return new SeasonPoint(
                    day,
                    target.colour(),
                    ReferenceCurve.hueLean(target.colour()),
                    tan,
                    reading.trust() == SkinReading.Trust.PROVISIONAL);
        });
    }

    /** Returns whether the face is tanned beyond what is seen at all. */
    public boolean tanned() {
        return tan != null && tan > Overtone.TAN_SEEN;
    }
}
